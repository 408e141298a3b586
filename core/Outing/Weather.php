<?php

declare(strict_types=1);

namespace RushHold\Outing;

use RushHold\Document\Reader;
use RushHold\Guard;
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
        $number = static fn (string $name, float $least, float $most, string $unit): ?float => $hour->has($name)
            ? Guard::between($hour->path($name), $hour->number($name), $least, $most, $unit)
            : null;

        return new self(
            $hour->choice('sky', Sky::class),
            $number('temperature_c', -60.0, 60.0, '°C'),
            $number('wind_mps', 0.0, 60.0, 'm/s'),
            $number('visibility_m', 10.0, 200_000.0, 'm'),
            $hour->has('made_up') && $hour->flag('made_up'),
        );
    }
}
