<?php

declare(strict_types=1);

namespace RushHold\Sharpness;

/**
 * How a file must be turned to be looked at, as EXIF numbers it: 1 as it lies, 2 mirrored left to right, 3 upside down, 4 mirrored top to
 * bottom, 5 to 8 lying on a side, of which 6 and 8 are turned a quarter to the right and to the left.
 */
final readonly class Turn
{
    /** Which number undoes each. */
    private const BACK = [1 => 1, 2 => 2, 3 => 3, 4 => 4, 5 => 5, 6 => 8, 7 => 7, 8 => 6];

    private int $number;

    /** @param  int  $orientation  1 to 8; whatever else a file says is as it lies */
    public function __construct(int $orientation)
    {
        $this->number = isset(self::BACK[$orientation]) ? $orientation : 1;
    }

    /** From what is looked at to the file. */
    public function back(): self
    {
        return new self(self::BACK[$this->number]);
    }

    /** Whether width and height change places. */
    public function isOnItsSide(): bool
    {
        return $this->number >= 5;
    }

    /** @return array{float, float} a step to the right and downwards in the file, as it is seen */
    public function step(float $right, float $down): array
    {
        return match ($this->number) {
            2 => [-$right, $down],
            3 => [-$right, -$down],
            4 => [$right, -$down],
            5 => [$down, $right],
            6 => [-$down, $right],
            7 => [-$down, -$right],
            8 => [$down, -$right],
            default => [$right, $down],
        };
    }

    /** @return array{float, float} a place in the file as it is seen, both as shares of the sides */
    public function place(float $x, float $y): array
    {
        [$right, $down] = $this->step($x - 0.5, $y - 0.5);

        return [0.5 + $right, 0.5 + $down];
    }

    /** A direction in the file as it is seen, from the rows clockwise, 0 to 180. */
    public function direction(float $degrees): float
    {
        [$right, $down] = $this->step(cos(deg2rad($degrees)), sin(deg2rad($degrees)));

        return fmod(rad2deg(atan2($down, $right)) + 360, 180);
    }

    /**
     * A box in a picture of this size as it is seen.
     *
     * @return array{x: float, y: float, w: float, h: float} its left upper corner and its sides, as shares of the sides
     */
    public function box(Box $box, int $width, int $height): array
    {
        [$x, $y] = $this->place($box->x / max(1, $width), $box->y / max(1, $height));
        [$right, $bottom] = $this->place(
            ($box->x + $box->width) / max(1, $width),
            ($box->y + $box->height) / max(1, $height),
        );

        return ['x' => min($x, $right), 'y' => min($y, $bottom), 'w' => abs($right - $x), 'h' => abs($bottom - $y)];
    }
}
