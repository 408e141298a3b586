<?php

declare(strict_types=1);

namespace RushHold\Planning\Routine;

use RushHold\Planning\Situation;

/** Where what comes on is picked up: a few seconds of its way before the frame is wanted, within its range. */
final readonly class PickUp
{
    /**
     * @param  float  $fromM  where it is picked up, in metres
     * @param  float  $untilS  how long it then takes to where the frame is wanted, in seconds; 0 for what does not come on
     */
    private function __construct(public float $fromM, public float $untilS) {}

    public static function of(Situation $situation): self
    {
        $rush = $situation->rush;
        $closing = $rush->springs() ? 0.0 : max(0.0, $rush->travel->closingMps());
        $fromM = min($rush->farM, $rush->workM + $closing * $situation->assumptions->value('routine.lead'));

        return new self($fromM, $closing > 0 ? ($fromM - $rush->workM) / $closing : 0.0);
    }
}
