<?php

declare(strict_types=1);

namespace RushHold\Shoot;

use RushHold\Sharpness\BlurFound;

/** Everything that blurs one layer of a frame, in pixels: discs, lines and bells, one after the other. */
final class Smear
{
    /** Points a disc's fading is tabled at, and up to which z = πdf. */
    private const STEPS = 8192;

    private const FURTHEST = 1200.0;

    /** @var ?list<float> */
    private static ?array $table = null;

    /** @var list<array{float, float}> each line as a way across and down */
    private readonly array $ways;

    /**
     * @param  float  $discPx  diameter, by a lens that is focused elsewhere
     * @param  float  $bellPx  spread (σ) of diffraction and air
     * @param  list<array{float, float}>  $lines  length in px, direction in degrees from the rows clockwise on the screen
     */
    public function __construct(
        public readonly float $discPx,
        public readonly float $bellPx,
        public readonly array $lines,
    ) {
        $this->ways = array_map(
            static fn (array $line): array => [$line[0] * cos(deg2rad($line[1])), $line[0] * sin(deg2rad($line[1]))],
            $lines,
        );
    }

    /** The same in a picture so many times as large. */
    public function times(float $times): self
    {
        return new self(
            $this->discPx * $times,
            $this->bellPx * $times,
            array_map(static fn (array $line): array => [$line[0] * $times, $line[1]], $this->lines),
        );
    }

    /** What a wave keeps of its strength, with its sign. */
    public function keeps(float $across, float $down): float
    {
        $square = $across * $across + $down * $down;
        $keeps = exp(-2 * M_PI ** 2 * $this->bellPx ** 2 * $square) * self::disc(M_PI * $this->discPx * sqrt($square));
        foreach ($this->ways as [$right, $below]) {
            $z = M_PI * ($across * $right + $down * $below);
            $keeps *= abs($z) < 1e-9 ? 1.0 : sin($z) / $z;
        }

        return $keeps;
    }

    /** As a meter would tell it: the disc and the line of the same spread. */
    public function found(): BlurFound
    {
        $all = $this->bellPx ** 2 + $this->discPx ** 2 / 16;
        $cosine = $sine = 0.0;
        foreach ($this->lines as [$length, $degrees]) {
            $all += $length ** 2 / 24;
            $cosine += ($length ** 2 / 24) * cos(2 * deg2rad($degrees));
            $sine += ($length ** 2 / 24) * sin(2 * deg2rad($degrees));
        }
        $swing = hypot($cosine, $sine);

        return new BlurFound(
            4 * sqrt(max(0.0, $all - $swing)),
            sqrt(24 * $swing),
            fmod(rad2deg(atan2($sine, $cosine)) / 2 + 180, 180),
            0.0,
            INF,
        );
    }

    /** 2J₁(z)/z. */
    private static function disc(float $z): float
    {
        $table = self::$table ??= self::table();
        $at = min(self::STEPS - 2, ($z / self::FURTHEST) * self::STEPS);
        $before = (int) $at;

        return $table[$before] + ($at - $before) * ($table[$before + 1] - $table[$before]);
    }

    /** @return list<float> by the integral of J₁: 2J₁(z)/z = (2/π)·∫ sin²u·cos(z·cos u) du from 0 to π */
    private static function table(): array
    {
        $points = 512;
        $table = [];
        for ($step = 0; $step < self::STEPS; $step++) {
            $z = ($step * self::FURTHEST) / self::STEPS;
            $sum = 0.0;
            for ($point = 0; $point < $points; $point++) {
                $u = (($point + 0.5) * M_PI) / $points;
                $sum += sin($u) ** 2 * cos($z * cos($u));
            }
            $table[] = (2 * $sum) / $points;
        }

        return $table;
    }
}
