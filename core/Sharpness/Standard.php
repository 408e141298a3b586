<?php

declare(strict_types=1);

namespace RushHold\Sharpness;

use RushHold\Kit\Kit;
use RushHold\Log\FrameFacts;
use RushHold\Optics\SharpnessStandard;

/** How many pixels of blur a frame may have, and how large a pixel is on the sensor. */
final readonly class Standard
{
    /** Of a picture that has been made smaller nobody can ask for less than this, in px: as of the pixels of a sensor. */
    private const LEAST_PX = 2.0;

    /** Less blur than this cannot be measured, so that no rush can ask for less of a small picture, in px. */
    public const MEASURABLE_PX = 1.0;

    /**
     * @param  float  $limitPx  the largest blur that counts as sharp
     * @param  ?float  $pitchMm  from pixel to pixel on the sensor, null when nobody knows the sensor
     * @param  float  $floorPx  what the body blurs at its sharpest, which is no fault of the frame
     */
    public function __construct(
        public float $limitPx,
        public ?float $pitchMm,
        public float $floorPx = 0.0,
    ) {}

    /** The same for a body that blurs so much of its own, in px. */
    public function over(float $floorPx): self
    {
        return new self($this->limitPx, $this->pitchMm, $floorPx);
    }

    /** By the kit the frame was taken with, and by what its plan counts as sharp. */
    public static function of(Kit $kit, float $limitMm, int $width, int $height): self
    {
        $pitchMm = max($kit->body->sensor->widthMm, $kit->body->sensor->heightMm) / max(1, $width, $height);

        return new self(max(self::MEASURABLE_PX, $limitMm / $pitchMm), $pitchMm);
    }

    /**
     * By the file alone: fine detail on the whole picture, whatever the sensor; its size from how finely its pixels lie, or from both
     * focal lengths, if it tells them.
     */
    public static function ofFile(FrameFacts $facts, int $width, int $height): self
    {
        $diagonalPx = hypot($width, $height);
        $share = (float) SharpnessStandard::Detail->statedMm() / SharpnessStandard::DIAGONAL_MM;
        $pitchMm = match (true) {
            $facts->sensorWidthMm !== null => $facts->sensorWidthMm / max(1, $width),
            $facts->focalMm !== null && $facts->focalIn35Mm !== null => (SharpnessStandard::DIAGONAL_MM *
                $facts->focalMm) /
                $facts->focalIn35Mm /
                $diagonalPx,
            default => null,
        };

        return new self(max(self::LEAST_PX, $share * $diagonalPx), $pitchMm);
    }
}
