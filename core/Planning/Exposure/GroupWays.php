<?php

declare(strict_types=1);

namespace RushHold\Planning\Exposure;

use RushHold\Faults\Fault;
use RushHold\Optics\DepthOfField;
use RushHold\Optics\ThinLens;
use RushHold\Planning\AreaScore;
use RushHold\Planning\Plan;
use RushHold\Wording\Units;

/** The ways out for a group that is deeper than the depth of field, each with its own numbers. */
final readonly class GroupWays
{
    private float $limitMm;

    private float $spreadM;

    private float $workM;

    private DepthOfField $depth;

    /** Reckons with the standard asked for, not with a softer one that had to do. */
    public function __construct(private Plan $plan)
    {
        $this->limitMm = $plan->situation->limitMm($plan->situation->rush->standard);
        $this->depth = $plan->situation->optic->depthOfField($plan->settings->fNumber, $plan->situation->rush->workM, $this->limitMm);
        $this->spreadM = $plan->situation->rush->subject->depthSpreadM;
        $this->workM = $plan->situation->rush->workM;
    }

    /** @return list<array{way: string, what: string, why: string, numbers: array<string, float>}> empty for a single subject or one plane */
    public function all(): array
    {
        if ($this->spreadM <= 0) {
            return [];
        }
        $needed = $this->neededF($this->plan->situation->optic, $this->workM);
        $enough = $needed <= $this->plan->settings->fNumber * 1.02;

        return array_values(array_filter([
            $this->stopDown($needed),
            $enough ? null : $this->shorter(),
            $enough ? null : $this->stepBack(),
            $enough ? null : $this->fewer(),
            $enough ? null : ['way' => 'line-up', 'what' => 'wait until they line up', 'why' => 'Side by side at the same distance their depth costs nothing.', 'numbers' => []],
        ]));
    }

    /** f-number that just keeps both ends within the limit. */
    private function neededF(ThinLens $optic, float $workM): float
    {
        try {
            return $optic->cover(max($workM - $this->spreadM / 2, $optic->focalMm / 1000 * 1.01), $workM + $this->spreadM / 2, $this->limitMm)->fNumber;
        } catch (Fault) {
            return INF;
        }
    }

    /** @return array{way: string, what: string, why: string, numbers: array<string, float>} */
    private function stopDown(float $needed): array
    {
        $now = $this->plan->settings->fNumber;
        $stops = 2 * log($needed / $now, 2);
        $smallest = $this->plan->situation->assumptions->value('lens.smallest_f') * $this->plan->situation->kit->converter;

        return [
            'way' => 'stop-down', 'what' => sprintf('f/%s covers all of them', Units::figures($needed)),
            'why' => match (true) {
                ! is_finite($needed) || $needed > $smallest * 1.03 => sprintf('That is past the f/%s your lens has.', Units::figures($smallest)),
                $stops <= 0.05 => sprintf('f/%s does it.', Units::figures($now)),
                default => sprintf('%s stops more light than f/%s, or as many in ISO.', Units::figures($stops, 2), Units::figures($now)),
            },
            'numbers' => ['f_number' => $needed, 'stops' => max(0.0, $stops)],
        ];
    }

    /** @return array{way: string, what: string, why: string, numbers: array<string, float>} */
    private function shorter(): array
    {
        $now = $this->plan->situation->optic->focalMm;
        $focal = $this->search(1.0, $now, fn (float $mm): bool => $this->neededF(ThinLens::ofFocalLength($mm), $this->workM) <= $this->plan->settings->fNumber);
        $across = $focal / $now * $this->plan->situation->kit->body->sensor->pixelsWide;

        return [
            'way' => 'shorter', 'what' => sprintf('%s mm instead of %s', Units::figures($focal), Units::figures($now)),
            'why' => sprintf('Cropped to the same picture it leaves %s of %s pixels across.', number_format($across, 0, '.', ' '), number_format($this->plan->situation->kit->body->sensor->pixelsWide, 0, '.', ' ')),
            'numbers' => ['focal_mm' => $focal, 'pixels_across' => $across],
        ];
    }

    /** @return array{way: string, what: string, why: string, numbers: array<string, float>} */
    private function stepBack(): array
    {
        $optic = $this->plan->situation->optic;
        $far = 1 / $this->search(1 / ($this->workM * 200), 1 / $this->workM, fn (float $inverse): bool => $this->neededF($optic, 1 / $inverse) <= $this->plan->settings->fNumber);

        return [
            'way' => 'step-back', 'what' => sprintf('step back to %s', $this->plan->situation->units->length($far)),
            'why' => sprintf('They come out %s of the size they have now.', AreaScore::percent($this->workM / $far)),
            'numbers' => ['distance_m' => $far, 'size' => $this->workM / $far],
        ];
    }

    /** @return array{way: string, what: string, why: string, numbers: array<string, float>} */
    private function fewer(): array
    {
        $count = $this->plan->situation->rush->subject->count;
        $sharp = 0;
        for ($at = 0; $at < min($count, 200); $at++) {
            $distance = $this->workM - $this->spreadM / 2 + ($count > 1 ? $this->spreadM * $at / (min($count, 200) - 1) : $this->spreadM / 2);
            $sharp += $distance >= $this->depth->nearM && $distance <= $this->depth->farM ? 1 : 0;
        }
        $depth = $this->plan->situation->units->length($this->depth->depthM());

        return [
            'way' => 'fewer', 'what' => sprintf('%d of %d are sharp now', $sharp, $count),
            'why' => sprintf('Spread evenly, those within %s of depth; focus on the one that matters.', $depth),
            'numbers' => ['sharp' => (float) $sharp, 'count' => (float) $count],
        ];
    }

    /**
     * The largest value between two bounds for which it works, by halving.
     *
     * @param  \Closure(float): bool  $works
     */
    private function search(float $least, float $most, \Closure $works): float
    {
        for ($step = 0; $step < 40; $step++) {
            $middle = sqrt($least * $most);
            [$least, $most] = $works($middle) ? [$middle, $most] : [$least, $middle];
        }

        return $least;
    }
}
