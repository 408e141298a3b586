<?php

declare(strict_types=1);

namespace RushHold\Optics;

/** How sharp is sharp: the largest blur on the sensor that still counts. Ordered from strict to lenient by {@see softer()}. */
enum SharpnessStandard: string
{
    /** Good on a screen or a page: 0.030 mm on a sensor of 43.27 mm diagonal, in proportion on others. */
    case Share = 'share';

    /** Feathers and stitching hold up in a large print: 0.015 mm on a sensor of 43.27 mm diagonal, in proportion on others. */
    case Detail = 'detail';

    /** Sharp at full magnification: two pixel pitches. */
    case Pixel = 'pixel';

    /** Diagonal of a sensor in mm at which the blur of a standard is stated: 36 × 24 mm. */
    public const DIAGONAL_MM = 43.27;

    /** The largest blur in mm at that diagonal; null where it follows from the pixels instead. */
    public function statedMm(): ?float
    {
        return match ($this) {
            self::Share => 0.03,
            self::Detail => 0.015,
            self::Pixel => null,
        };
    }

    /** The largest blur in mm on this sensor. */
    public function limitMm(Sensor $sensor): float
    {
        $stated = $this->statedMm();

        return $stated === null ? 2 * $sensor->pitchMm() : ($stated * $sensor->diagonalMm()) / self::DIAGONAL_MM;
    }

    /** The next standard that allows more blur on this sensor, or null when there is none. */
    public function softer(Sensor $sensor): ?self
    {
        foreach ([self::Detail, self::Share] as $next) {
            if ($next !== $this && $next->limitMm($sensor) > $this->limitMm($sensor)) {
                return $next;
            }
        }

        return null;
    }

    /** As the sentence of a rush says it. */
    public function words(): string
    {
        return match ($this) {
            self::Share => 'sharp for sharing',
            self::Detail => 'fine detail',
            self::Pixel => 'pixel sharpness',
        };
    }

    /** What it means, for whoever picks it. */
    public function note(): string
    {
        return match ($this) {
            self::Share => '30 µm on full frame: a screen, a page',
            self::Detail => '15 µm on full frame: a large print',
            self::Pixel => 'two pixels: full magnification',
        };
    }
}
