<?php

declare(strict_types=1);

namespace RushHold\Outing;

/** The hold of one expected rush in one moment. */
final readonly class HoldStep
{
    /**
     * @param  float  $fromS  from when within its five minutes it may happen, in Unix seconds
     * @param  float  $untilS  until when: not beyond its hours, nor beyond the outing
     * @param  Moment  $planFor  the moment its hold was planned for: the first of its hours that a plan cannot tell from its own
     * @param  ?PlannedHold  $planned  null where the lens cannot focus on it
     * @param  float  $share  share of frames, or of passes, that come out sharp and not too dark
     * @param  float  $worth  sharp frames an hour here is good for, times how much they matter
     */
    public function __construct(
        public Moment $moment,
        public float $fromS,
        public float $untilS,
        public Moment $planFor,
        public ?PlannedHold $planned,
        public float $share,
        public float $worth,
    ) {}

    /** Sharp frames these five minutes are good for, times how much they matter. */
    public function brings(): float
    {
        return ($this->worth * ($this->untilS - $this->fromS)) / 3600;
    }
}
