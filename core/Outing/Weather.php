<?php

declare(strict_types=1);

namespace RushHold\Outing;

use RushHold\Document\Reader;
use RushHold\Rush\Sky;

/** The weather of an hour. */
final readonly class Weather
{
    /** @param  ?float  $visibilityM  null: the air is taken as clear */
    public function __construct(
        public Sky $sky,
        public ?float $temperatureC = null,
        public ?float $windMps = null,
        public ?float $visibilityM = null,
        public bool $isMadeUp = false,
    ) {}

    public static function read(Reader $hour): self
    {
        return new self(
            $hour->choice('sky', Sky::class),
            $hour->optional('temperature_c', -60.0, 60.0, '°C'),
            $hour->optional('wind_mps', 0.0, 60.0, 'm/s'),
            $hour->optional('visibility_m', 10.0, 200_000.0, 'm'),
            $hour->has('made_up') && $hour->flag('made_up'),
        );
    }
}
