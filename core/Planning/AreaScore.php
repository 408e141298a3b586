<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Kit\AfArea;

/** How well one AF area would do in a situation. */
final readonly class AreaScore
{
    public float $score;

    /**
     * @param  float  $onTarget  chance that the area lies on the target when the frame is taken
     * @param  float  $width  share of the frame
     * @param  float  $height  share of the frame
     * @param  float  $detection  chance that detection finds the subject in this area
     * @param  array<string, float>  $hazards  mean count of wrong things that take the focus, by cause
     */
    public function __construct(
        public AfArea $area,
        public float $onTarget,
        public float $width,
        public float $height,
        public float $detection,
        public array $hazards,
    ) {
        $this->score = $onTarget * exp(-array_sum($hazards));
    }

    /** What costs this area most, in words with its share: "slips off 24 % of the time". */
    public function weakness(): string
    {
        $losses = ['slip' => 1 - $this->onTarget] + array_map(static fn (float $mean): float => 1 - exp(-$mean), $this->hazards);
        arsort($losses);
        $worst = array_key_first($losses);
        $percent = self::percent($losses[$worst]);

        return $losses[$worst] < 0.005 ? 'nothing to be said against it' : match ($worst) {
            'slip' => "your aim is off it {$percent} of the time",
            'front' => "something in front takes it {$percent} of the time",
            'behind' => "the background takes it {$percent} of the time",
            'pass' => "somebody passing takes it {$percent} of the time",
            'foliage' => "moving leaves take it {$percent} of the time",
            'self' => "a nearer part of it takes the focus {$percent} of the time",
            'group' => "another one beside it takes it {$percent} of the time",
            'unseen' => "you miss the one you want {$percent} of the time",
            'side' => "it looks where nothing comes from {$percent} of the time",
            'pinpoint' => "a pinpoint on a mover finds nothing to hold on {$percent} of the time",
            'plain' => "it finds nothing to hold on {$percent} of the time",
            'no-eye' => "it finds the body, not the eye, {$percent} of the time",
            'tiny' => "it passes over so small a subject {$percent} of the time",
            'start' => "you start it on the wrong thing {$percent} of the time",
            'sensor' => "the AF points miss it {$percent} of the time",
            default => "it fails {$percent} of the time",
        };
    }

    /** A chance as a person says it: "94 %", "under 1 %". */
    public static function percent(float $share): string
    {
        $percent = $share * 100;

        return match (true) {
            $percent < 0.95 => 'under 1 %',
            $percent > 99.05 => 'over 99 %',
            default => sprintf('%.0f %%', $percent),
        };
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'pattern' => $this->area->value, 'score' => $this->score, 'why' => ucfirst($this->weakness()).'.',
            'on_target' => $this->onTarget, 'width' => $this->width, 'height' => $this->height,
        ];
    }
}
