<?php

declare(strict_types=1);

namespace RushHold\Shoot;

use RushHold\Rush\Posture;

/**
 * The shape of a subject, going to the right, in units of its width: how far each place is inside (above 0) or outside. It is drawn from
 * ellipses, as a child draws.
 */
final class Outline
{
    /** Places it is reckoned at, to a unit; and how far beyond the shape. */
    private const STEPS = 96;

    private const MARGIN = 0.25;

    /** Half the sides of a rectangle inside an ellipse, to its half axes. */
    private const WITHIN = 0.62;

    /** @var array<string, self> */
    private static array $drawn = [];

    /**
     * @param  float  $height  of it, in units of its width
     * @param  array{float, float, float, float}  $patch  a piece that is all body: middle (right, down) from the middle of all, half its sides
     * @param  list<float>  $inside  row by row
     */
    private function __construct(
        public float $height,
        public array $patch,
        private int $columns,
        private int $rows,
        private array $inside,
    ) {}

    public static function of(Posture $posture): self
    {
        return self::$drawn[$posture->value] ??= self::drawn(self::parts($posture));
    }

    /** How far inside, in units of the width; from the middle of it, to the right and downwards. */
    public function inside(float $x, float $y): float
    {
        $column = max(0.0, min($this->columns - 1.001, ($x + 0.5 + self::MARGIN) * self::STEPS));
        $row = max(0.0, min($this->rows - 1.001, ($y + $this->height / 2 + self::MARGIN) * self::STEPS));
        [$left, $top] = [(int) $column, (int) $row];
        [$right, $below] = [$column - $left, $row - $top];
        $at = $top * $this->columns + $left;
        $upper = $this->inside[$at] + $right * ($this->inside[$at + 1] - $this->inside[$at]);
        $at += $this->columns;
        $lower = $this->inside[$at] + $right * ($this->inside[$at + 1] - $this->inside[$at]);

        return $upper + $below * ($lower - $upper);
    }

    /** @return non-empty-list<array{float, float, float, float, float}> middle (right, down), half length, half breadth, turn in degrees */
    private static function parts(Posture $posture): array
    {
        return match ($posture) {
            Posture::Flying => [
                [0.0, 0.0, 0.28, 0.1, -4],
                [0.25, -0.045, 0.075, 0.055, 0],
                [0.34, -0.04, 0.05, 0.016, 6],
                [-0.08, -0.2, 0.24, 0.07, 62],
                [0.06, -0.17, 0.2, 0.06, 118],
                [-0.32, 0.03, 0.14, 0.03, -12],
            ],
            Posture::Winged => [
                [0.0, 0.0, 0.5, 0.06, 0],
                [0.0, 0.02, 0.14, 0.03, 50],
                [-0.42, -0.08, 0.1, 0.03, 60],
            ],
            Posture::Perched, Posture::Afloat, Posture::Small => [
                [-0.05, 0.05, 0.33, 0.19, -22],
                [0.24, -0.16, 0.13, 0.12, 0],
                [0.37, -0.14, 0.08, 0.025, 8],
                [-0.36, 0.19, 0.16, 0.045, -30],
            ],
            Posture::Stalking => [
                [-0.05, 0.0, 0.33, 0.17, -20],
                [0.26, -0.34, 0.28, 0.05, -70],
                [0.36, -0.62, 0.12, 0.07, 5],
                [-0.04, 0.5, 0.4, 0.03, 88],
                [0.1, 0.5, 0.4, 0.03, 92],
            ],
            Posture::FourLegged => [
                [0.0, -0.02, 0.34, 0.17, -4],
                [0.34, -0.2, 0.13, 0.1, 20],
                [0.3, -0.36, 0.14, 0.035, 100],
                [0.24, 0.22, 0.2, 0.045, 60],
                [-0.27, 0.2, 0.22, 0.06, 120],
                [-0.12, 0.22, 0.18, 0.045, 75],
            ],
            Posture::Upright, Posture::Tumbling, Posture::InWater => [
                [0.0, -0.1, 0.5, 0.26, 90],
                [0.02, -0.85, 0.2, 0.2, 0],
                [0.18, 0.65, 0.5, 0.12, 80],
                [-0.2, 0.65, 0.5, 0.12, 105],
                [0.26, -0.25, 0.32, 0.08, 40],
            ],
            Posture::Seated, Posture::Mounted, Posture::Rolling => [
                [0.0, 0.12, 0.5, 0.1, -3],
                [-0.02, -0.1, 0.2, 0.1, 80],
                [0.03, -0.32, 0.075, 0.075, 0],
                [0.14, -0.1, 0.26, 0.02, -40],
            ],
        };
    }

    /** @param  non-empty-list<array{float, float, float, float, float}>  $parts */
    private static function drawn(array $parts): self
    {
        $top = $bottom = 0.0;
        $ellipses = [];
        foreach ($parts as [$x, $y, $long, $short, $degrees]) {
            [$cos, $sin] = [cos(deg2rad($degrees)), sin(deg2rad($degrees))];
            $reach = hypot($long * $sin, $short * $cos);
            [$top, $bottom] = [min($top, $y - $reach), max($bottom, $y + $reach)];
            $ellipses[] = [$x, $y, $long, $short, $cos, $sin];
        }
        [$height, $middle] = [$bottom - $top, ($top + $bottom) / 2];
        $columns = (int) ceil((1 + 2 * self::MARGIN) * self::STEPS) + 1;
        $rows = (int) ceil(($height + 2 * self::MARGIN) * self::STEPS) + 1;
        $inside = [];
        for ($row = 0; $row < $rows; $row++) {
            $y = $row / self::STEPS - self::MARGIN - $height / 2 + $middle;
            for ($column = 0; $column < $columns; $column++) {
                $x = $column / self::STEPS - self::MARGIN - 0.5;
                $most = -INF;
                foreach ($ellipses as [$middleX, $middleY, $long, $short, $cos, $sin]) {
                    [$dx, $dy] = [$x - $middleX, $y - $middleY];
                    $along = ($cos * $dx + $sin * $dy) / $long;
                    $across = ($cos * $dy - $sin * $dx) / $short;
                    $radius = hypot($along, $across);
                    // how far from the border, by how steeply the radius grows there
                    $slope = $radius < 1e-6 ? 1 / $short : hypot($along / $long, $across / $short) / $radius;
                    $most = max($most, (1 - $radius) / $slope);
                }
                $inside[] = $most;
            }
        }

        [$x, $y, $long, $short, $cos, $sin] = $ellipses[0];
        $patch = [
            $x,
            $y - $middle,
            self::WITHIN * hypot($long * $cos, $short * $sin),
            self::WITHIN * hypot($long * $sin, $short * $cos),
        ];

        return new self($height, $patch, $columns, $rows, $inside);
    }
}
