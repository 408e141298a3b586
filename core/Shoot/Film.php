<?php

declare(strict_types=1);

namespace RushHold\Shoot;

use RushHold\Optics\Sensor;

/** How many pixels a frame is drawn with, and how far they lie apart on the sensor. */
final readonly class Film
{
    private function __construct(public int $width, public int $height, public float $pitchMm) {}

    /** The sensor with so many million pixels, its sides whole blocks of the file. */
    public static function of(Sensor $sensor, float $megapixels): self
    {
        $width = (int) round(sqrt(($megapixels * 1e6 * $sensor->widthMm) / $sensor->heightMm) / 16) * 16;
        $height = (int) round(($width * $sensor->heightMm) / $sensor->widthMm / 16) * 16;

        return new self($width, $height, $sensor->widthMm / $width);
    }

    public function px(float $mm): float
    {
        return $mm / $this->pitchMm;
    }
}
