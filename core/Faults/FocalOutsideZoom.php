<?php

declare(strict_types=1);

namespace RushHold\Faults;

/** A focal length the lens does not reach. */
final class FocalOutsideZoom extends Fault
{
    public static function at(float $focalMm, float $leastMm, float $mostMm): self
    {
        $range = sprintf('%s to %s mm', self::plain($leastMm), self::plain($mostMm));

        return new self(
            'lens.focal_mm',
            $focalMm,
            $range,
            sprintf('lens.focal_mm is %s; it must be %s.', self::plain($focalMm), $range),
        );
    }
}
