<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Scene;

/** Chance that remembers: numbers that wander about zero with a given spread and forget themselves in a given time. */
final class Noise
{
    /**
     * A wandering number, rough like an aim: what it was counts e^(−t/τ) after t seconds (Uhlenbeck and Ornstein 1930).
     *
     * @param  list<float>  $normals  one a step
     * @return list<float>
     */
    public static function rough(float $spread, float $forgetsS, array $normals): array
    {
        $keeps = exp(-Scene::STEP_S / $forgetsS);
        $new = $spread * sqrt(1 - $keeps * $keeps);
        $now = $spread * ($normals[0] ?? 0.0);
        $out = [];
        foreach ($normals as $normal) {
            $now = $keeps * $now + $new * $normal;
            $out[] = $now;
        }

        return $out;
    }

    /**
     * A wandering number, smooth like a body: the same, smoothed once more.
     *
     * @param  list<float>  $normals
     * @return list<float>
     */
    public static function smooth(float $spread, float $forgetsS, array $normals): array
    {
        $keeps = exp(-Scene::STEP_S / $forgetsS);
        $rest = 1 - $keeps;
        // the spread of noise smoothed twice by the same filter, turned round
        $new = $spread / sqrt(($rest ** 4 * (1 + $keeps ** 2)) / (1 - $keeps ** 2) ** 3);
        $once = $twice = $spread * ($normals[0] ?? 0.0);
        $out = [];
        foreach ($normals as $normal) {
            $once = $keeps * $once + $rest * $new * $normal;
            $twice = $keeps * $twice + $rest * $once;
            $out[] = $twice;
        }

        return $out;
    }

    /**
     * How far a smoothly wandering speed has carried something that comes back to its way in $returnsS.
     *
     * @param  list<float>  $normals
     * @return list<float>
     */
    public static function carried(float $spreadMps, float $forgetsS, float $returnsS, array $normals): array
    {
        $metres = 0.0;
        $keeps = exp(-Scene::STEP_S / $returnsS);
        $out = [];
        foreach (self::smooth($spreadMps, $forgetsS, $normals) as $speed) {
            $metres = $metres * $keeps + $speed * Scene::STEP_S;
            $out[] = $metres;
        }

        return $out;
    }
}
