<?php

declare(strict_types=1);

namespace RushHold\Outing;

/** A while in which a spot is open, shut or not known. */
final readonly class WaterStretch
{
    /**
     * @param  bool  $fromReckoned  whether its begin rests on a water that nobody has typed
     * @param  bool  $untilReckoned  whether its end does
     */
    public function __construct(
        public SpotState $state,
        public Stretch $stretch,
        public bool $fromReckoned = false,
        public bool $untilReckoned = false,
    ) {}
}
