<?php

declare(strict_types=1);

namespace RushHold\Outing;

/** How long one walks from a spot to ground that stays dry, and how that is known. */
final readonly class WayOff
{
    /**
     * @param  ?string  $spot  the spot that is that ground, by its id; null where it is none
     * @param  WayKnown  $known  how the minutes are known
     */
    public function __construct(public float $minutes, public ?string $spot, public WayKnown $known) {}
}
