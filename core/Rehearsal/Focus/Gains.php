<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Focus;

use RushHold\Rehearsal\Scene\Scene;

/**
 * How much of each new measurement a tracking filter believes: as a best fit while it knows little, fading into a fixed memory.
 *
 * Polynomial filters of expanding and fading memory (Morrison 1969; Brookner 1998). Of the first degree they take the speed as
 * constant and trail behind a change of it by change·memory² in place; of the second they follow an even change without trailing,
 * and believe more of the noise.
 */
final readonly class Gains
{
    /** Measurements until the memory counts as full. */
    public const FULL = 90;

    /**
     * @param  list<float>  $place
     * @param  list<float>  $speed  per step
     * @param  list<float>  $change  per step squared, doubled
     */
    private function __construct(public array $place, public array $speed, public array $change) {}

    public static function of(float $memoryS, bool $changing): self
    {
        $keeps = exp(-Scene::STEP_S / $memoryS);
        $fading = $changing
            ? [1 - $keeps ** 3, 1.5 * (1 - $keeps) ** 2 * (1 + $keeps), 0.5 * (1 - $keeps) ** 3]
            : [1 - $keeps ** 2, (1 - $keeps) ** 2, 0.0];
        $place = $speed = $change = [];
        for ($n = 0; $n < self::FULL; $n++) {
            $expanding = self::expanding($n, $changing);
            $place[] = max($fading[0], $expanding[0]);
            $speed[] = max($fading[1], $expanding[1]);
            $change[] = 2 * max($fading[2], $expanding[2]);
        }

        return new self($place, $speed, $change);
    }

    /** @return array{float, float, float} of the best fit to the measurements 0 to n */
    private static function expanding(int $n, bool $changing): array
    {
        if ($n === 0) {
            return [1.0, 0.0, 0.0];
        }
        if ($n === 1 || ! $changing) {
            $below = ($n + 1) * ($n + 2);

            return [(2 * (2 * $n + 1)) / $below, 6 / $below, 0.0];
        }
        $below = ($n + 1) * ($n + 2) * ($n + 3);

        return [(3 * (3 * $n ** 2 + 3 * $n + 2)) / $below, (18 * (2 * $n + 1)) / $below, 30 / $below];
    }
}
