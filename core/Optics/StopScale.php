<?php

declare(strict_types=1);

namespace RushHold\Optics;

/**
 * The third-stops a camera has, by the values engraved on it (1/3200, f/5.6, ISO 1250).
 *
 * Engraved values stray from exact thirds by up to 2 %; everything is reckoned with the engraved ones.
 */
final class StopScale
{
    /** Denominators of the shutters faster than 1/3 s. */
    private const SHUTTER_FRACTIONS = [
        64000,
        50000,
        40000,
        32000,
        25000,
        20000,
        16000,
        12800,
        10000,
        8000,
        6400,
        5000,
        4000,
        3200,
        2500,
        2000,
        1600,
        1250,
        1000,
        800,
        640,
        500,
        400,
        320,
        250,
        200,
        160,
        125,
        100,
        80,
        60,
        50,
        40,
        30,
        25,
        20,
        15,
        13,
        10,
        8,
        6,
        5,
        4,
    ];

    private const SLOW_SHUTTERS = [
        0.3,
        0.4,
        0.5,
        0.6,
        0.8,
        1.0,
        1.3,
        1.6,
        2.0,
        2.5,
        3.2,
        4.0,
        5.0,
        6.0,
        8.0,
        10.0,
        13.0,
        15.0,
        20.0,
        25.0,
        30.0,
    ];

    private const F_NUMBERS = [
        0.95,
        1.0,
        1.1,
        1.2,
        1.4,
        1.6,
        1.8,
        2.0,
        2.2,
        2.5,
        2.8,
        3.2,
        3.5,
        4.0,
        4.5,
        5.0,
        5.6,
        6.3,
        7.1,
        8.0,
        9.0,
        10.0,
        11.0,
        13.0,
        14.0,
        16.0,
        18.0,
        20.0,
        22.0,
        25.0,
        29.0,
        32.0,
        36.0,
        40.0,
        45.0,
        51.0,
        57.0,
        64.0,
    ];

    private const ISOS = [
        25,
        32,
        40,
        50,
        64,
        80,
        100,
        125,
        160,
        200,
        250,
        320,
        400,
        500,
        640,
        800,
        1000,
        1250,
        1600,
        2000,
        2500,
        3200,
        4000,
        5000,
        6400,
        8000,
        10000,
    ];

    /** How near a lens's widest aperture must come to an engraved value to be called by it. */
    private const SAME_STOP = 1.03;

    /** @var array<int|string, non-empty-list<float>> by the body's shortest */
    private static array $shutters = [];

    /** @var ?list<int> */
    private static ?array $isos = null;

    /** @return non-empty-list<float> shutters in seconds, fastest first, none faster than the body has */
    public static function shutters(float $shortestS): array
    {
        return self::$shutters[(string) $shortestS] ??= self::shuttersFrom($shortestS);
    }

    /** @return non-empty-list<float> */
    private static function shuttersFrom(float $shortestS): array
    {
        $all = [
            ...array_map(static fn (int $part): float => 1 / $part, self::SHUTTER_FRACTIONS),
            ...self::SLOW_SHUTTERS,
        ];
        $kept = array_values(
            array_filter($all, static fn (float $shutter): bool => $shutter >= $shortestS * (1 - 1e-9)),
        );

        return $kept === [] ? [30.0] : $kept;
    }

    /** The longest shutter of the scale that is not longer than $atMostS; the body's shortest when even that is too long. */
    public static function shutterAtMost(float $atMostS, float $shortestS): float
    {
        $shutters = self::shutters($shortestS);
        [$low, $high] = [0, count($shutters) - 1];
        while ($low < $high) {
            $middle = intdiv($low + $high + 1, 2);
            [$low, $high] = $shutters[$middle] > $atMostS * (1 + 1e-9) ? [$low, $middle - 1] : [$middle, $high];
        }

        return $shutters[$low];
    }

    /**
     * The f-numbers of a lens, widest first: its own widest (by the engraved name where one is near), then the third-stops below.
     *
     * @return non-empty-list<float>
     */
    public static function fNumbers(float $widest, float $smallest): array
    {
        $kept = array_values(
            array_filter(
                self::F_NUMBERS,
                static fn (float $stop): bool => $stop > $widest / self::SAME_STOP &&
                    $stop <= max($smallest, $widest) * self::SAME_STOP,
            ),
        );

        return $kept === [] || $kept[0] > $widest * self::SAME_STOP ? [$widest, ...$kept] : $kept;
    }

    /** The engraved ISO nearest to an exact one. */
    public static function isoNear(float $exact): int
    {
        [$best, $least] = [100, INF];
        foreach (self::isos() as $iso) {
            $apart = max($iso / $exact, $exact / $iso);
            if ($apart < $least) {
                [$best, $least] = [$iso, $apart];
            }
        }

        return $best;
    }

    /** The largest engraved ISO that is not above the ceiling; the lowest the camera has when the ceiling is below that. */
    public static function isoAtMost(float $ceiling, int $base): int
    {
        $best = $base;
        foreach (self::isos() as $iso) {
            if ($iso >= $base && $iso <= $ceiling) {
                $best = $iso;
            }
        }

        return $best;
    }

    /** @return list<int> the engraved series, 25 to 10,240,000; from 12800 on it doubles exactly */
    public static function isos(): array
    {
        if (self::$isos === null) {
            self::$isos = self::ISOS;
            for ($round = 1; $round <= 512; $round *= 2) {
                array_push(self::$isos, 12800 * $round, 16000 * $round, 20000 * $round);
            }
        }

        return self::$isos;
    }
}
