<?php

declare(strict_types=1);

namespace RushHold\Planning\Exposure;

use RushHold\Optics\Diffraction;
use RushHold\Optics\SharpnessStandard;
use RushHold\Planning\Concession;
use RushHold\Planning\Situation;

/** Every concession there is: what an exposure could not have of what was asked, however the exposure was come by. */
final readonly class Concessions
{
    public const NO_ROOM = 'no_room';

    public const LOWER_ISO = 'lower_iso';

    public const EVEN_SO = 'even_so';

    public const CUSTOM = 'custom';

    public const SHORTEST = 'shortest';

    public const STREAK = 'streak';

    public const ADOPTED = 'adopted';

    public const LIGHT = 'light';

    public function __construct(private Situation $situation, private PlannedBlur $blur) {}

    /** The extra stop of aperture, or some of it, for light. */
    public function aperture(ExposureCandidate $was, ExposureCandidate $given): Concession
    {
        return new Concession(
            'aperture',
            self::LIGHT,
            ['f_number' => $given->fNumber, 'was_f_number' => $was->fNumber],
            log($was->iso / $given->iso, 2),
            max(0.0, $this->blur->lagMm($given->fNumber) - $this->blur->lagMm($was->fNumber)),
        );
    }

    /** A softer standard, because no aperture leaves room for the one asked for. */
    public function noRoom(SharpnessStandard $was, SharpnessStandard $given, ExposureCandidate $least): Concession
    {
        $sensor = $this->situation->kit->body->sensor;

        return new Concession(
            'standard',
            self::NO_ROOM,
            ['standard' => $given->value, 'was_standard' => $was->value] + $this->worst($least->fNumber),
            0.0,
            $given->limitMm($sensor) - $was->limitMm($sensor),
        );
    }

    /** A softer standard, because light runs short. */
    public function standard(ExposureCandidate $was, ExposureCandidate $given): Concession
    {
        return new Concession(
            'standard',
            $given->iso < $was->iso ? self::LOWER_ISO : self::EVEN_SO,
            [
                'standard' => $given->standard->value,
                'was_standard' => $was->standard->value,
                'shutter_s' => $given->shutterS,
                'was_shutter_s' => $was->shutterS,
                'iso' => $given->iso,
                'was_iso' => $was->iso,
            ],
            max(0.0, log($was->iso / $given->iso, 2)),
            max(0.0, $this->totalMm($given) - $this->situation->limitMm($was->standard)),
        );
    }

    /** A shutter slower than the motion asks for, down to custom's. */
    public function shutter(ExposureCandidate $was, ExposureCandidate $given, float $floorS): Concession
    {
        return new Concession(
            'shutter',
            self::CUSTOM,
            ['shutter_s' => $given->shutterS, 'was_shutter_s' => $was->shutterS, 'floor_s' => $floorS],
            log($was->iso / $given->iso, 2),
            max(0.0, $this->totalMm($given) - $this->situation->limitMm($was->standard)),
        );
    }

    /** Depth that no aperture and no standard brings. */
    public function depth(ExposureCandidate $least): Concession
    {
        $limitMm = $this->situation->limitMm($least->standard);
        $depth = $this->situation->optic->depthOfField($least->fNumber, $this->situation->rush->workM, $limitMm);

        return new Concession(
            'depth',
            self::NO_ROOM,
            ['depth_m' => $depth->depthM(), 'f_number' => $least->fNumber] + $this->worst($least->fNumber),
            0.0,
            $this->blur->fixedMm($least->fNumber) - $limitMm,
        );
    }

    /** More blur than the standard allows, because the body has no faster shutter. */
    public function shortestShutter(ExposureCandidate $found, float $requiredS): Concession
    {
        return $this->limit(self::SHORTEST, $found->fNumber, $found->shutterS, $found->standard, [
            'required_shutter_s' => $requiredS,
            'shutter_s' => $found->shutterS,
        ]);
    }

    /**
     * More blur than the standard allows, for another cause.
     *
     * @param  self::*  $cause
     * @param  array<string, float|string>  $figures  beside the blur and its limit
     */
    public function limit(
        string $cause,
        float $fNumber,
        float $shutterS,
        SharpnessStandard $standard,
        array $figures = [],
    ): Concession {
        $limitMm = $this->situation->limitMm($standard);
        $totalMm = $this->blur->budget($fNumber, $shutterS, $standard)->totalMm();

        return new Concession(
            'limit',
            $cause,
            ['total_mm' => $totalMm, 'limit_mm' => $limitMm] + $figures,
            0.0,
            $totalMm - $limitMm,
        );
    }

    /**
     * Too little light at the ceiling, or too much at the lowest ISO.
     *
     * @return list<Concession>
     */
    public function light(ExposureSettings $settings): array
    {
        $found = [];
        if ($settings->shortfallStops > 0.0) {
            $rush = $this->situation->rush;
            $found[] = new Concession(
                'light',
                self::LIGHT,
                ['ev100' => $rush->ev100, 'exact_iso' => $settings->exactIso, 'iso_ceiling' => $rush->isoCeiling],
                $settings->shortfallStops,
            );
        }
        $base = $this->situation->assumptions->value('camera.base_iso');
        if ($settings->exactIso * ExposureSearch::SIXTH < $base) {
            $found[] = new Concession(
                'overexposure',
                self::LIGHT,
                ['f_number' => $settings->fNumber, 'shutter_s' => $settings->shutterS, 'base_iso' => $base],
                log($base / $settings->exactIso, 2),
            );
        }

        return $found;
    }

    private function totalMm(ExposureCandidate $found): float
    {
        return $this->blur->budget($found->fNumber, $found->shutterS, $found->standard)->totalMm();
    }

    /** @return array{worst: string, worst_mm: float} which of the terms that no shutter mends is the largest */
    private function worst(float $fNumber): array
    {
        $terms = [
            'lag' => $this->blur->lagMm($fNumber),
            'group' => $this->blur->groupMm($fNumber),
            'diffraction' => Diffraction::fwhmMm($fNumber),
            'shimmer' => $this->blur->shimmerMm,
        ];
        arsort($terms);

        return ['worst' => array_key_first($terms), 'worst_mm' => reset($terms)];
    }
}
