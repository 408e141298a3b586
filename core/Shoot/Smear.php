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

    /** J₁(z)/z up to z = 3, by powers of (z/3)². */
    private const NEAR = [0.5, -0.56249985, 0.21093573, -0.03954289, 0.00443319, -0.00031761, 0.00001109];

    /** Beyond, √z·J₁(z) as a wave: how strong and how far turned, by powers of 3/z. */
    private const STRENGTH = [0.79788456, 0.00000156, 0.01659667, 0.00017105, -0.00249511, 0.00113653, -0.00020033];

    private const TURNED = [-2.35619449, 0.12499612, 0.00005650, -0.00637879, 0.00074348, 0.00079824, -0.00029166];

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

    /** @return list<float> 2J₁(z)/z to 1e-7 (Abramowitz and Stegun 1964, formulas 9.4.4 and 9.4.6) */
    private static function table(): array
    {
        $table = [];
        for ($step = 0; $step < self::STEPS; $step++) {
            $z = ($step * self::FURTHEST) / self::STEPS;
            if ($z < 3) {
                $table[] = 2 * self::powers(self::NEAR, ($z / 3) ** 2);
            } else {
                $angle = $z + self::powers(self::TURNED, 3 / $z);
                $table[] = (2 * self::powers(self::STRENGTH, 3 / $z) * cos($angle)) / $z ** 1.5;
            }
        }

        return $table;
    }

    /** @param  list<float>  $of  what stands before each power of $x, from the lowest */
    private static function powers(array $of, float $x): float
    {
        return array_reduce(array_reverse($of), static fn (float $sum, float $one): float => $sum * $x + $one, 0.0);
    }
}
