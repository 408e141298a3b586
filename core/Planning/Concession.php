<?php

declare(strict_types=1);

namespace RushHold\Planning;

/** Something that was asked for and had to give way, with its price. */
final readonly class Concession
{
    /**
     * @param  string  $step  aperture, standard, shutter, light, depth, limit or overexposure
     * @param  float  $costStops  stops of light it gains; for "light" and "overexposure" the stops still missing or too many
     * @param  float  $costMm  blur it allows beyond what was asked, in mm on the sensor
     */
    public function __construct(
        public string $step,
        public string $what,
        public string $why,
        public float $costStops = 0.0,
        public float $costMm = 0.0,
    ) {}

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['step' => $this->step, 'what' => $this->what, 'why' => $this->why, 'cost_stops' => $this->costStops, 'cost_mm' => $this->costMm];
    }
}
