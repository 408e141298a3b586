<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Assumption;
use RushHold\Assumptions;
use RushHold\Hold\Hold;
use RushHold\Hold\StabiliserUse;

/** Writes a plan as plan/1. */
final class PlanDocument
{
    /** @return array<string, mixed> */
    public static function of(Plan $plan): array
    {
        $workings = (new Workings($plan))->all();

        return [
            'format' => 'plan/1',
            'hold' => self::hold($plan)->toArray(),
            'numbers' => self::numbers($plan),
            'areas' => [],
            'reasons' => array_map(static fn (Reason $reason): array => $reason->toArray(), [...$plan->draft->reasons, self::focalReason($plan)]),
            'concessions' => array_map(static fn (Concession $concession): array => $concession->toArray(), $plan->draft->concessions),
            'cautions' => Cautions::for($plan->situation->rush),
            'assumptions' => self::assumptions($plan->situation->assumptions, Workings::assumptionNames($workings)),
            'workings' => array_map(static fn (Working $working): array => $working->toArray(), $workings),
        ];
    }

    private static function hold(Plan $plan): Hold
    {
        return new Hold(
            $plan->draft->focusMode ?? throw new \LogicException('A plan needs its focus mode chosen.'),
            $plan->draft->technique,
            $plan->draft->stabiliser ?? StabiliserUse::Off,
            $plan->situation->kit->lens->focalMm,
            $plan->settings->shutterS,
            $plan->settings->fNumber,
            $plan->settings->iso,
        );
    }

    private static function focalReason(Plan $plan): Reason
    {
        $kit = $plan->situation->kit;

        return new Reason('focal_mm', $kit->lens->zoom ? 'The zoom stays where you have it.' : 'Your lens has this one focal length.', [
            'focal_mm' => $kit->lens->focalMm, 'effective_focal_mm' => $kit->focalMm(),
        ]);
    }

    /** @return array<string, mixed> */
    private static function numbers(Plan $plan): array
    {
        $situation = $plan->situation;
        $finite = static fn (?float $number): ?float => $number !== null && is_finite($number) ? $number : null;

        return [
            'blur_mm' => [
                'limit' => $plan->blur->limitMm, 'motion' => $plan->blur->motionMm, 'shake' => $plan->blur->shakeMm, 'defocus' => $plan->blur->defocusMm,
                'diffraction' => $plan->blur->diffractionMm, 'shimmer' => $plan->blur->shimmerMm, 'total' => $plan->blur->totalMm(),
            ],
            'depth' => ['near_m' => $plan->depth->nearM, 'far_m' => $finite($plan->depth->farM), 'depth_m' => $finite($plan->depth->depthM())],
            'lag_error_m' => $plan->frameBlur->lagErrorM,
            'subject_fraction_of_frame' => $plan->subjectFraction(),
            'light_shortfall_stops' => $plan->settings->shortfallStops,
            'hyperfocal_m' => $plan->depth->hyperfocalM,
            'magnification' => $situation->magnification,
            'subject_px' => $plan->subjectFraction() * $situation->kit->body->sensor->pixelsWide,
            'residual_speed_mps' => $situation->residual->totalMps(),
            'pan_rate_deg_s' => rad2deg($situation->rush->travel->panRateRadS($situation->rush->workM)),
            'frame_crossing_s' => $finite($plan->frameCrossingS()),
            'required_shutter_s' => $finite($plan->settings->requiredShutterS),
            'exact_iso' => $plan->settings->exactIso,
            'effective_focal_mm' => $situation->kit->focalMm(),
            'pixel_mm' => $situation->kit->body->sensor->pitchMm(),
        ];
    }

    /**
     * @param  list<string>  $names
     * @return list<array<string, mixed>>
     */
    private static function assumptions(Assumptions $assumptions, array $names): array
    {
        $known = array_intersect_key(Assumptions::all(), array_flip($names));

        return array_values(array_map(static fn (Assumption $one): array => [
            'name' => $one->name, 'value' => $assumptions->value($one->name), 'default' => $one->default, 'unit' => $one->unit,
            'least' => $one->least, 'most' => $one->most, 'meaning' => $one->meaning, 'origin' => $one->origin,
        ], $known));
    }
}
