<?php

declare(strict_types=1);

namespace RushHold\Rush;

use RushHold\Document\Reader;

/** The air between camera and subject, and what it lies over; whatever nobody has said is null. */
final readonly class Air
{
    /**
     * @param  ?Ground  $ground  null: no shimmer is reckoned
     * @param  ?float  $sunDeg  altitude of the sun; null: as the light and the sky have it
     * @param  ?float  $heightM  of the line of sight over the ground
     * @param  ?float  $visibilityM  null: the air is taken as clear
     */
    private function __construct(
        public ?Ground $ground,
        public ?Sky $sky,
        public ?float $sunDeg,
        public ?float $windMps,
        public ?float $heightM,
        public ?float $visibilityM,
    ) {}

    /** Of which nobody has said anything. */
    public static function unknown(): self
    {
        return new self(null, null, null, null, null, null);
    }

    public static function of(
        ?Ground $ground,
        ?Sky $sky = null,
        ?float $sunDeg = null,
        ?float $windMps = null,
        ?float $heightM = null,
        ?float $visibilityM = null,
    ): self {
        return new self($ground, $sky, $sunDeg, $windMps, $heightM, $visibilityM);
    }

    /** The same under another sky, with the sun at an altitude. */
    public function under(Sky $sky, ?float $sunDeg): self
    {
        return new self($this->ground, $sky, $sunDeg, $this->windMps, $this->heightM, $this->visibilityM);
    }

    /** @return array<string, mixed> as a rush/1 has it: what somebody has said */
    public function toArray(): array
    {
        return array_filter(
            [
                'ground' => $this->ground?->value,
                'sky' => $this->sky?->value,
                'sun_deg' => $this->sunDeg,
                'wind_mps' => $this->windMps,
                'height_m' => $this->heightM,
                'visibility_m' => $this->visibilityM,
            ],
            static fn (mixed $value): bool => $value !== null,
        );
    }

    public static function read(Reader $air): self
    {
        return new self(
            $air->has('ground') ? $air->choice('ground', Ground::class) : null,
            $air->has('sky') ? $air->choice('sky', Sky::class) : null,
            $air->optional('sun_deg', -90.0, 90.0, '°'),
            $air->optional('wind_mps', 0.0, 60.0, 'm/s'),
            $air->optional('height_m', 0.1, 500.0, 'm'),
            $air->optional('visibility_m', 10.0, 200_000.0, 'm'),
        );
    }
}
