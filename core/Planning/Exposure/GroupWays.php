<?php

declare(strict_types=1);

namespace RushHold\Planning\Exposure;

use RushHold\Faults\Fault;
use RushHold\Optics\DepthOfField;
use RushHold\Optics\ThinLens;
use RushHold\Planning\Plan;

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
        $this->depth = $plan->situation->optic->depthOfField(
            $plan->settings->fNumber,
            $plan->situation->rush->workM,
            $this->limitMm,
        );
        $this->spreadM = $plan->situation->rush->subject->depthSpreadM;
        $this->workM = $plan->situation->rush->workM;
    }

    /** @return list<GroupWay> empty for a single subject or one plane */
    public function all(): array
    {
        if ($this->spreadM <= 0) {
            return [];
        }
        $needed = $this->neededF($this->plan->situation->optic, $this->workM);
        if ($needed <= $this->plan->settings->fNumber * 1.02) {
            return [$this->stopDown($needed)];
        }

        return [
            $this->stopDown($needed),
            $this->shorter(),
            $this->stepBack(),
            $this->fewer(),
            new GroupWay(GroupWay::LINE_UP),
        ];
    }

    /** f-number that just keeps both ends within the limit. */
    private function neededF(ThinLens $optic, float $workM): float
    {
        try {
            return $optic->cover(
                max($workM - $this->spreadM / 2, ($optic->focalMm / 1000) * 1.01),
                $workM + $this->spreadM / 2,
                $this->limitMm,
            )->fNumber;
        } catch (Fault) {
            return INF;
        }
    }

    private function stopDown(float $needed): GroupWay
    {
        $now = $this->plan->settings->fNumber;
        $smallest =
            $this->plan->situation->assumptions->value('lens.smallest_f') * $this->plan->situation->kit->converter;
        $stops = max(0.0, 2 * log($needed / $now, 2));

        return new GroupWay(
            GroupWay::STOP_DOWN,
            ['f_number' => $needed, 'stops' => $stops],
            ['now_f' => $now, 'smallest_f' => $smallest],
        );
    }

    private function shorter(): GroupWay
    {
        $now = $this->plan->situation->optic->focalMm;
        $pixels = $this->plan->situation->kit->body->sensor->pixelsWide;
        $focal = $this->search(
            1.0,
            $now,
            fn (float $mm): bool => $this->neededF(ThinLens::ofFocalLength($mm), $this->workM) <=
                $this->plan->settings->fNumber,
        );

        return new GroupWay(
            GroupWay::SHORTER,
            ['focal_mm' => $focal, 'pixels_across' => ($focal / $now) * $pixels],
            ['now_mm' => $now, 'pixels_wide' => $pixels],
        );
    }

    private function stepBack(): GroupWay
    {
        $optic = $this->plan->situation->optic;
        $far =
            1 /
            $this->search(
                1 / ($this->workM * 200),
                1 / $this->workM,
                fn (float $inverse): bool => $this->neededF($optic, 1 / $inverse) <= $this->plan->settings->fNumber,
            );

        return new GroupWay(GroupWay::STEP_BACK, ['distance_m' => $far, 'size' => $this->workM / $far]);
    }

    private function fewer(): GroupWay
    {
        $count = $this->plan->situation->rush->subject->count;
        $sharp = 0;
        for ($at = 0; $at < min($count, 200); $at++) {
            $distance =
                $this->workM -
                $this->spreadM / 2 +
                ($count > 1 ? ($this->spreadM * $at) / (min($count, 200) - 1) : $this->spreadM / 2);
            $sharp += $distance >= $this->depth->nearM && $distance <= $this->depth->farM ? 1 : 0;
        }

        return new GroupWay(
            GroupWay::FEWER,
            ['sharp' => (float) $sharp, 'count' => (float) $count],
            ['depth_m' => $this->depth->depthM()],
        );
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
