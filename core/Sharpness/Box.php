<?php

declare(strict_types=1);

namespace RushHold\Sharpness;

/** A rectangle in a picture, in pixels as the file lies. */
final readonly class Box
{
    public function __construct(public int $x, public int $y, public int $width, public int $height) {}

    /** @return array{x: int, y: int, width: int, height: int} */
    public function toArray(): array
    {
        return ['x' => $this->x, 'y' => $this->y, 'width' => $this->width, 'height' => $this->height];
    }

    public function middleX(): float
    {
        return $this->x + $this->width / 2;
    }

    public function middleY(): float
    {
        return $this->y + $this->height / 2;
    }

    /** Round the same middle, each side so many times as long. */
    public function grown(float $times): self
    {
        return self::round($this->middleX(), $this->middleY(), $this->width * $times, $this->height * $times);
    }

    /** Round the same middle, no side shorter or longer than this. */
    public function between(int $least, int $most): self
    {
        return self::round(
            $this->middleX(),
            $this->middleY(),
            max($least, min($most, $this->width)),
            max($least, min($most, $this->height)),
        );
    }

    public function holds(float $x, float $y): bool
    {
        return $x >= $this->x && $x < $this->x + $this->width && $y >= $this->y && $y < $this->y + $this->height;
    }

    /** Moved as little as brings all of it inside, as far as there is room. */
    public function inside(int $width, int $height): self
    {
        $wide = min($this->width, $width);
        $high = min($this->height, $height);

        return new self(
            max(0, min($width - $wide, $this->x)),
            max(0, min($height - $high, $this->y)),
            $wide,
            $high,
        );
    }

    /** Round this middle, moved inside the picture as far as it must be. */
    public static function around(float $middleX, float $middleY, int $side, int $width, int $height): self
    {
        return self::round($middleX, $middleY, $side, $side)->inside($width, $height);
    }

    private static function round(float $middleX, float $middleY, float $width, float $height): self
    {
        return new self(
            (int) round($middleX - $width / 2),
            (int) round($middleY - $height / 2),
            (int) round($width),
            (int) round($height),
        );
    }
}
