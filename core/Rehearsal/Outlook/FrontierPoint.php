<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Outlook;

use RushHold\Planning\Exposure\ExposureSettings;
use RushHold\Rehearsal\Estimate\Margin;
use RushHold\Rehearsal\Estimate\Tally;

/** One exposure of the frontier: what it costs in ISO and what it brings in sharp frames. */
final readonly class FrontierPoint
{
    /**
     * @param  float  $stillShare  share of frames whose blur stays within what counts as sharp, by the plan's own formulas
     * @param  Tally  $tally  what became of the frames of the passes played
     * @param  Margin  $margin  over the hold as it is, on the very same passes
     * @param  bool  $isHere  whether this is the hold as it is
     */
    public function __construct(
        public ExposureSettings $settings,
        public float $stillShare,
        public Tally $tally,
        public Margin $margin,
        public bool $isHere,
    ) {}
}
