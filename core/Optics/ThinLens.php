<?php

declare(strict_types=1);

namespace RushHold\Optics;

use RushHold\Guard;

/**
 * A lens of one focal length as the thin-lens formulas see it: distances run from its front principal plane.
 *
 * Source of the formulas: geometrical optics of the thin lens, docs/model.md, Optics.
 */
final readonly class ThinLens
{
    private function __construct(public float $focalMm) {}

    /** @throws \RushHold\Faults\NumberOutOfRange unless the focal length is above 0 mm */
    public static function ofFocalLength(float $focalMm): self
    {
        return new self(Guard::above('focal_mm', $focalMm, 0.0, 'mm'));
    }

    /**
     * Size on the sensor over size in the world, m = f/(s−f), for a subject at $distanceM metres.
     *
     * @throws \RushHold\Faults\NumberOutOfRange when the subject is inside the focal length
     */
    public function magnification(float $distanceM): float
    {
        return $this->focalMm / ($this->mm('distance_m', $distanceM) - $this->focalMm);
    }

    /** The nearest distance of focus, in metres, that still keeps infinity within the limit: H = f²/(N·c) + f. */
    public function hyperfocalM(float $fNumber, float $cocMm): float
    {
        return ($this->focalMm ** 2 / (self::fNumber($fNumber) * self::coc($cocMm)) + $this->focalMm) / 1000;
    }

    /**
     * What is sharp to within a blur of $cocMm when focused at $distanceM.
     * Near = s(H−f)/(H+s−2f), far = s(H−f)/(H−s), infinite from the hyperfocal distance on.
     */
    public function depthOfField(float $fNumber, float $distanceM, float $cocMm): DepthOfField
    {
        $s = $this->mm('distance_m', $distanceM);
        $f = $this->focalMm;
        $h = $this->hyperfocalM($fNumber, $cocMm) * 1000;

        return new DepthOfField(
            nearM: ($s * ($h - $f)) / ($h + $s - 2 * $f) / 1000,
            farM: $s >= $h ? INF : ($s * ($h - $f)) / ($h - $s) / 1000,
            hyperfocalM: $h / 1000,
        );
    }

    /**
     * Diameter on the sensor, in mm, of a point at $subjectM when the lens is focused at $focusM:
     * c = f²·|s−q| / (N·s·(q−f)).
     */
    public function blurDiscMm(float $fNumber, float $subjectM, float $focusM): float
    {
        $s = $this->mm('subject_m', $subjectM);
        $q = $this->mm('focus_m', $focusM);

        return ($this->focalMm ** 2 * abs($s - $q)) / (self::fNumber($fNumber) * $s * ($q - $this->focalMm));
    }

    /**
     * The f-number, and where to focus, that just keeps everything from $nearM to $farM within $cocMm:
     * q = 2nF/(n+F), N = f²·q·(1/n − 1/F) / (2c(q−f)).
     */
    public function cover(float $nearM, float $farM, float $cocMm): SpreadCover
    {
        $near = $this->mm('near_m', $nearM);
        $far = Guard::between('far_m', $farM, $nearM, 1e7, 'm') * 1000;
        $q = (2 * $near * $far) / ($near + $far);
        $fNumber =
            ($this->focalMm ** 2 * $q * (1 / $near - 1 / $far)) / (2 * self::coc($cocMm) * ($q - $this->focalMm));

        return new SpreadCover($fNumber, $q / 1000);
    }

    private function mm(string $field, float $distanceM): float
    {
        return Guard::above($field, $distanceM, $this->focalMm / 1000, 'm') * 1000;
    }

    private static function fNumber(float $fNumber): float
    {
        return Guard::above('f_number', $fNumber, 0.0);
    }

    private static function coc(float $cocMm): float
    {
        return Guard::above('coc_mm', $cocMm, 0.0, 'mm');
    }
}
