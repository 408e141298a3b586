<?php

declare(strict_types=1);

namespace RushHold\Planning\Adopted;

use RushHold\Hold\Dials;
use RushHold\Hold\Hold;
use RushHold\Optics\Exposure;
use RushHold\Optics\SharpnessStandard;
use RushHold\Optics\StopScale;
use RushHold\Planning\Concession;
use RushHold\Planning\Exposure\Concessions;
use RushHold\Planning\Exposure\ExposureSettings;
use RushHold\Planning\Exposure\PlannedBlur;
use RushHold\Planning\HoldDraft;
use RushHold\Planning\Plan;
use RushHold\Planning\Situation;

/** Shutter and aperture, within what body and lens have; the ISO follows. */
final readonly class AdoptedExposure implements AdoptedDial
{
    public function adopt(Situation $situation, HoldDraft $draft): void
    {
        $dials = $situation->dials;
        $was = $draft->settings;
        if ($was === null || ($dials->shutterS === null && $dials->fNumber === null)) {
            return;
        }
        $widest = StopScale::fNumbers($situation->kit->widestF(), $situation->kit->widestF())[0];
        $fNumber = $dials->fNumber === null ? $was->fNumber : max($widest, $dials->fNumber);
        $shutterS =
            $dials->shutterS === null ? $was->shutterS : max($situation->kit->body->shortestShutterS, $dials->shutterS);
        $blur = PlannedBlur::of($situation, $draft);
        $adopted = self::settings(
            $situation,
            $fNumber,
            $shutterS,
            $was->standard,
            $blur->requiredShutterS($fNumber, $situation->limitMm($was->standard)),
        );
        $draft->settings = $adopted;
        $draft->concessions = self::concessions($situation, $draft, $adopted, $blur);
        if ($dials->shutterS !== null) {
            $draft->adopted('shutter_s', ['shutter_s' => $shutterS], abs($shutterS / $was->shutterS - 1) < 1e-6);
        }
        if ($dials->fNumber !== null) {
            $draft->adopted('f_number', ['f_number' => $fNumber], abs($fNumber / $was->fNumber - 1) < 1e-6);
        }
        $draft->adopted('iso', ['ev100' => $situation->rush->ev100, 'exact_iso' => $adopted->exactIso], true);
    }

    /** Exposure of a hold with these dials turned. */
    public static function of(Plan $plan, Hold $hold, Dials $dials): ExposureSettings
    {
        return self::settings(
            $plan->situation,
            $dials->fNumber ?? $hold->fNumber,
            $dials->shutterS ?? $hold->shutterS,
            $plan->settings->standard,
            null,
        );
    }

    /** @return list<Concession> what gives way with these, instead of what had given way without them; a softer standard stays */
    private static function concessions(
        Situation $situation,
        HoldDraft $draft,
        ExposureSettings $adopted,
        PlannedBlur $blur,
    ): array {
        $priced = new Concessions($situation, $blur);
        $limit = $priced->limit(Concessions::ADOPTED, $adopted->fNumber, $adopted->shutterS, $adopted->standard);

        return [
            ...array_values(
                array_filter($draft->concessions, static fn (Concession $one): bool => $one->step === 'standard'),
            ),
            ...$limit->costMm >
            $situation->limitMm($adopted->standard) * $situation->assumptions->value('exposure.tolerance')
                ? [$limit]
                : [],
            ...$priced->light($adopted),
        ];
    }

    /** Shutter and aperture as given, ISO as the light asks, under the ceiling. */
    private static function settings(
        Situation $situation,
        float $fNumber,
        float $shutterS,
        SharpnessStandard $standard,
        ?float $requiredS,
    ): ExposureSettings {
        return ExposureSettings::lit(
            $situation,
            $fNumber,
            $shutterS,
            $standard,
            $requiredS,
            Exposure::iso($situation->rush->ev100, $fNumber, $shutterS),
        );
    }
}
