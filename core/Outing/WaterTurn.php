<?php

declare(strict_types=1);

namespace RushHold\Outing;

/** A high or a low water: when it turns, and how high it stands then. */
final readonly class WaterTurn
{
    /**
     * @param  bool  $isReckoned  whether nobody has typed it, so that it is only as tides usually go on
     * @param  ?float  $againS  when the clocks show the time that was typed a second time, where they go back that night
     */
    public function __construct(
        public float $atS,
        public TurnKind $kind,
        public float $heightM,
        public bool $isReckoned = false,
        public ?float $againS = null,
    ) {}

    /** The same when its time comes for the second time. */
    public function later(): self
    {
        return new self($this->againS ?? $this->atS, $this->kind, $this->heightM, $this->isReckoned);
    }
}
