<?php

declare(strict_types=1);

namespace RushHold\Wording;

use RushHold\Kit\Kit;

/** What a body, a lens and a converter can do together, as a person reads it. */
final readonly class Reach
{
    public function __construct(private Kit $kit, private Units $units = Units::Metric) {}

    /** How large it draws at its closest focus, from the sensor's size to the subject's: m = f / (s − f), thin lens, times the converter. */
    public function closestMagnification(): float
    {
        $focalM = $this->kit->lens->focalMaxMm / 1000;

        return ($this->kit->converter * $focalM) / max(1e-6, $this->kit->lens->closestM - $focalM);
    }

    /** Angle across the frame at this focal length with the converter, in degrees. */
    public function acrossDeg(float $focalMm): float
    {
        return rad2deg(2 * atan($this->kit->body->sensor->widthMm / (2 * $focalMm * $this->kit->converter)));
    }

    /** Which AF points are left: all, centre, or none. */
    public function points(float $dimF): string
    {
        $f = $this->kit->widestF();

        return match (true) {
            ! $this->kit->body->focusesAt($f) => 'none',
            $this->kit->body->isTooDim($f, $this->kit->body->outerPointsF ?? $dimF) => 'centre',
            default => 'all',
        };
    }

    /**
     * @param  float  $dimF  f-number from which a reflex body loses its outer points, when the body has not told its own
     * @return list<array{name: string, value: string, note: string}>
     */
    public function lines(float $dimF): array
    {
        $kit = $this->kit;
        $ends = array_unique([$kit->lens->focalMinMm, $kit->lens->focalMaxMm]);
        $with =
            implode(' – ', array_map(static fn (float $mm): string => Units::figures($mm * $kit->converter), $ends)).
            ' mm';
        $across =
            implode(' – ', array_map(fn (float $mm): string => Units::figures($this->acrossDeg($mm), 2), $ends)).'°';
        $points = $this->points($dimF);

        return [
            ['name' => 'focal length', 'value' => $with, 'note' => $across.' across the frame'],
            [
                'name' => 'widest aperture',
                'value' => 'f/'.Units::figures($kit->widestF(), 2),
                'note' => $kit->converter > 1
                        ? sprintf(
                            '%s stops less light than the lens alone',
                            Units::figures(2 * log($kit->converter, 2), 2),
                        )
                        : 'as marked',
            ],
            [
                'name' => 'closest focus',
                'value' => $this->units->length($kit->lens->closestM),
                'note' => sprintf(
                    'draws at most 1:%s, by the thin-lens rule',
                    Units::figures(1 / $this->closestMagnification(), 2),
                ),
            ],
            [
                'name' => 'AF points',
                'value' => ['all' => 'all', 'centre' => 'the centre only', 'none' => 'none: by hand'][$points],
                'note' => match ($points) {
                    'all' => $kit->body->isReflex()
                        ? 'the lens is bright enough for the outer ones'
                        : 'measured on the sensor',
                    'centre' => sprintf(
                        'the outer ones need f/%s or brighter',
                        Units::figures($kit->body->outerPointsF ?? $dimF, 2),
                    ),
                    default => sprintf(
                        'it gives up beyond f/%s',
                        Units::figures($kit->body->centrePointsF ?? $dimF, 2),
                    ),
                },
            ],
        ];
    }
}
