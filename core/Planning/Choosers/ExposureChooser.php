<?php

declare(strict_types=1);

namespace RushHold\Planning\Choosers;

use RushHold\Optics\Exposure;
use RushHold\Optics\StopScale;
use RushHold\Planning\Concession;
use RushHold\Planning\Exposure\Concessions;
use RushHold\Planning\Exposure\ExposureCandidate;
use RushHold\Planning\Exposure\ExposureSearch;
use RushHold\Planning\Exposure\ExposureSettings;
use RushHold\Planning\Exposure\GiveWay;
use RushHold\Planning\Exposure\PlannedBlur;
use RushHold\Planning\HoldDraft;
use RushHold\Planning\Reason;
use RushHold\Planning\Situation;
use RushHold\Rush\SchoolAnswer;

/** Shutter, aperture and ISO, which cannot be decided apart: the least ISO that keeps all blur within the standard. */
final class ExposureChooser implements Chooser
{
    /** A shutter faster by this factor, half a stop, than the budget asks for is said to be bought with spare light. */
    private const MUCH_FASTER = 1.4;

    public function choose(Situation $situation, HoldDraft $draft): void
    {
        $blur = PlannedBlur::of($situation, $draft);
        $search = new ExposureSearch($situation, $blur);
        [$wantedF, $code, $school] = $this->wantedAperture($situation, $search);
        $streakS = $situation->streakShutterS($situation->rush->intent->streak);
        [$found, $concessions] =
            $streakS === null
                ? (new GiveWay($situation, $blur, $search, $wantedF, $school !== null))->settle()
                : $this->panBlur($situation, $search, $blur, $wantedF, $streakS);
        $settings = ExposureSettings::lit(
            $situation,
            $found->fNumber,
            $found->shutterS,
            $found->standard,
            $found->requiredS,
            $found->iso,
        );

        $draft->settings = $settings;
        $draft->concessions = [
            ...$draft->concessions,
            ...$concessions,
            ...(new Concessions($situation, $blur))->light($settings),
        ];
        $draft->reasons[] = $this->shutterReason($situation, $blur, $settings, $streakS);
        $draft->reasons[] = $this->apertureReason(
            $situation,
            $blur,
            $settings,
            $wantedF,
            $settings->fNumber < $wantedF * 0.99 && ! self::gaveWay($concessions) ? 'not-spare' : $code,
            $school,
        );
        $draft->reasons[] = $this->isoReason($situation, $settings, $search);
    }

    /** @return array{float, string, ?SchoolAnswer} f-number to start from, the code of why, and the school */
    private function wantedAperture(Situation $situation, ExposureSearch $search): array
    {
        $kit = $situation->kit;
        $school = $situation->rush->photographer->schools->answerTo('aperture');
        $gains = $kit->lens->zoom || $kit->converter > 1;
        if ($school === null ? ! $gains : $school->answer !== 'one-stop-down') {
            return [$search->fNumbers[0], $school !== null && $gains ? 'school-open' : 'open', $school];
        }

        $byThirds = min(3, count($search->fNumbers) - 1);
        $mostF = $situation->assumptions->value('lens.stop_most_f') * 1.01;
        while ($school === null && $byThirds > 0 && $search->fNumbers[$byThirds] > $mostF) {
            $byThirds--;
        }

        return [
            $search->fNumbers[$byThirds],
            match (true) {
                $byThirds === 0 => 'open-diffracts',
                $kit->converter > 1 => 'stop-for-converter',
                $kit->lens->zoom => 'stop-for-zoom',
                default => 'school-stop',
            },
            $school,
        ];
    }

    /** @param  list<Concession>  $concessions */
    private static function gaveWay(array $concessions): bool
    {
        foreach ($concessions as $concession) {
            if ($concession->step === 'aperture') {
                return true;
            }
        }

        return false;
    }

    /** @return array{ExposureCandidate, list<Concession>} */
    private function panBlur(
        Situation $situation,
        ExposureSearch $search,
        PlannedBlur $blur,
        float $wantedF,
        float $streakS,
    ): array {
        $standard = $situation->rush->standard;
        $limitMm = $situation->limitMm($standard);
        $found = null;
        foreach ($search->fNumbers as $fNumber) {
            if ($fNumber >= $wantedF) {
                $shutterS = StopScale::shutterAtMost($streakS, $search->shortestS);
                $found = $search->with($fNumber, $shutterS, $standard, $blur->requiredShutterS($fNumber, $limitMm));
                if (! $search->tooBright($found)) {
                    break;
                }
            }
        }
        $found ??= $search->with($search->fNumbers[0], $streakS, $standard, null);
        $found = $search->tooBright($found)
            ? $search->at($found->fNumber, $streakS, $standard, $found->requiredS)
            : $found;
        $limit = (new Concessions($situation, $blur))->limit(
            Concessions::STREAK,
            $found->fNumber,
            $found->shutterS,
            $standard,
        );

        return [$found, $limit->costMm > 0 ? [$limit] : []];
    }

    private function shutterReason(
        Situation $situation,
        PlannedBlur $blur,
        ExposureSettings $settings,
        ?float $streakS,
    ): Reason {
        $limitMm = $situation->limitMm($settings->standard);
        $floorS = $situation->assumptions->value($situation->floorName());
        $required = $settings->requiredShutterS;
        $numbers = [
            'required_shutter_s' => $required,
            'blur_rate_mm_s' => $blur->rateMmS(),
            'residual_speed_mps' => $blur->residual->totalMps(),
            'custom_shutter_s' => $floorS,
            'limit_mm' => $limitMm,
            'shutter_s' => $settings->shutterS,
            'sharp_share' => $blur->sharpShare(
                $settings->fNumber,
                $settings->shutterS,
                $situation->sharpMm($settings->standard),
            ),
            'sure' => $situation->rush->sure?->value,
            ...$this->atRest($situation, $blur, $settings),
            'moved_by' => match (true) {
                $blur->residual->totalMps() <= 0.0 => 'hands',
                ! $situation->rush->moves() => 'sway',
                $situation->rush->photographer->panning => 'pan',
                default => 'passing',
            },
        ];
        if ($streakS !== null) {
            return new Reason(
                'shutter_s',
                'streak',
                $numbers + [
                    'streak_share' => $situation->streakShare($situation->rush->intent->streak),
                    'streak' => $situation->rush->intent->streak->value,
                    'pan_rate_deg_s' => rad2deg($situation->rush->travel->panRateRadS($situation->rush->workM)),
                ],
            );
        }

        return match (true) {
            $required === null => new Reason('shutter_s', 'no-budget', $numbers),
            $settings->shutterS < $required / self::MUCH_FASTER => new Reason(
                'shutter_s',
                'spare-light',
                $numbers + ['spare_stops' => $this->spentStops($situation, $settings, $required)],
            ),
            $settings->shutterS <= $required * 1.01 => new Reason('shutter_s', 'budget', $numbers),
            $settings->shutterS <= $situation->kit->body->shortestShutterS * 1.001 => new Reason(
                'shutter_s',
                'shortest',
                $numbers,
            ),
            default => new Reason('shutter_s', 'too-dark', $numbers),
        };
    }

    /** @return array{}|array{rest_mps: ?float, burst_mps: float, rest_shutter_s: ?float} what would do while it still rests */
    private function atRest(Situation $situation, PlannedBlur $blur, ExposureSettings $settings): array
    {
        return $situation->rush->springs()
            ? [
                'rest_mps' => $situation->rush->restMps,
                'burst_mps' => $situation->rush->travel->speedMps,
                'rest_shutter_s' => $blur->restShutterS($settings->fNumber, $situation->limitMm($settings->standard)),
            ]
            : [];
    }

    /** Stops of light that the shutter costs over the one the budget asks for; what lies under the lowest ISO costs nothing. */
    private function spentStops(Situation $situation, ExposureSettings $settings, float $requiredS): float
    {
        $needed = Exposure::iso($situation->rush->ev100, $settings->fNumber, min($requiredS, 3600.0));

        return log($settings->exactIso / max($situation->assumptions->value('camera.base_iso'), $needed), 2);
    }

    private function apertureReason(
        Situation $situation,
        PlannedBlur $blur,
        ExposureSettings $settings,
        float $wantedF,
        string $code,
        ?SchoolAnswer $school,
    ): Reason {
        $stopped = $settings->fNumber > $wantedF * 1.01;
        $lagMm = $blur->lagMm($wantedF);
        $groupMm = $blur->groupMm($wantedF);
        $code = match (true) {
            ! $stopped => $settings->fNumber < $wantedF * 0.99 && $code !== 'not-spare' ? 'dark' : $code,
            $groupMm > $lagMm && $groupMm > 0 => 'group',
            $settings->exactIso <= $situation->assumptions->value('camera.base_iso') * ExposureSearch::SIXTH &&
                $lagMm < $situation->limitMm($settings->standard) / 2 => 'bright',
            default => 'lag',
        };

        return new Reason(
            'f_number',
            $code,
            [
                'wanted_f' => $wantedF,
                'lag_mm' => $blur->lagMm($settings->fNumber),
                'group_mm' => $blur->groupMm($settings->fNumber),
                'f_number' => $settings->fNumber,
                'widest_f' => $situation->fNumbers()[0],
                'shutter_s' => $settings->shutterS,
                'wanted_lag_mm' => $lagMm,
                'wanted_group_mm' => $groupMm,
                ...$code === 'group'
                    ? ['spread_m' => $situation->rush->subject->depthSpreadM, 'focus_m' => $blur->groupFocusM()]
                    : [],
            ],
            $stopped ? null : $school,
        );
    }

    private function isoReason(Situation $situation, ExposureSettings $settings, ExposureSearch $search): Reason
    {
        return new Reason(
            'iso',
            match (true) {
                $settings->shortfallStops > 0 => 'too-dark',
                $settings->exactIso < $search->baseIso => 'lowest',
                default => 'needs',
            },
            [
                'exact_iso' => $settings->exactIso,
                'iso_ceiling' => $situation->rush->isoCeiling,
                'ev100' => $situation->rush->ev100,
                'f_number' => $settings->fNumber,
                'shutter_s' => $settings->shutterS,
                'shortfall_stops' => $settings->shortfallStops,
                'base_iso' => $search->baseIso,
            ],
        );
    }
}
