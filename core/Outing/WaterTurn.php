<?php

declare(strict_types=1);

namespace RushHold\Outing;

/** A high or a low water: when it turns, and how high it stands then. */
final readonly class WaterTurn
{
    /** @param  bool  $isReckoned  whether nobody has typed it, so that it is only as tides usually go on */
    public function __construct(
        public float $atS,
        public TurnKind $kind,
        public float $heightM,
        public bool $isReckoned = false,
    ) {}
}
