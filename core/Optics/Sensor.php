<?php

declare(strict_types=1);

namespace RushHold\Optics;

use RushHold\Guard;

/** The sensor's size and how finely it samples. */
final readonly class Sensor
{
    private function __construct(
        public float $widthMm,
        public float $heightMm,
        public int $pixelsWide,
        private float $pitchMm,
    ) {}

    /** @throws \RushHold\Faults\NumberOutOfRange unless all three are above zero */
    public static function of(float $widthMm, float $heightMm, int $pixelsWide): self
    {
        Guard::above('body.pixels_wide', $pixelsWide, 0.0);
        Guard::above('body.sensor_width_mm', $widthMm, 0.0, 'mm');

        return new self(
            $widthMm,
            Guard::above('body.sensor_height_mm', $heightMm, 0.0, 'mm'),
            $pixelsWide,
            $widthMm / $pixelsWide,
        );
    }

    /** The same sensor with the camera turned a quarter about the lens. */
    public function turned(): self
    {
        return new self(
            $this->heightMm,
            $this->widthMm,
            max(1, (int) round($this->heightMm / $this->pitchMm)),
            $this->pitchMm,
        );
    }

    public function diagonalMm(): float
    {
        return hypot($this->widthMm, $this->heightMm);
    }

    /** Distance from pixel to pixel in mm. */
    public function pitchMm(): float
    {
        return $this->pitchMm;
    }
}
