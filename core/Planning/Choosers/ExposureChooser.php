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
use RushHold\Planning\Exposure\FrameBlur;
use RushHold\Planning\Exposure\GiveWay;
use RushHold\Planning\HoldDraft;
use RushHold\Planning\Reason;
use RushHold\Planning\Situation;
use RushHold\Rush\Style;
use RushHold\Wording\Units;

/** Shutter, aperture and ISO, which cannot be decided apart: the least ISO that keeps all blur within the standard. */
final class ExposureChooser implements Chooser
{
    public function choose(Situation $situation, HoldDraft $draft): void
    {
        $blur = FrameBlur::of($situation, $draft);
        $search = new ExposureSearch($situation, $blur);
        [$wantedF, $apertureWhy, $school] = $this->wantedAperture($situation, $search);
        $streakS = $this->streakShutterS($situation);
        [$found, $concessions] = $streakS === null
            ? (new GiveWay($situation, $blur, $search, $wantedF))->settle()
            : $this->panBlur($situation, $search, $blur, $wantedF, $streakS);
        $settings = ExposureSettings::lit($situation, $found->fNumber, $found->shutterS, $found->standard, $found->requiredS, $found->iso);

        $draft->settings = $settings;
        $draft->concessions = [...$draft->concessions, ...$concessions, ...(new Concessions($situation, $blur))->light($settings)];
        $draft->reasons[] = $this->shutterReason($situation, $blur, $settings, $streakS);
        $draft->reasons[] = $this->apertureReason($situation, $blur, $settings, $wantedF, $apertureWhy, $school);
        $draft->reasons[] = $this->isoReason($situation, $settings, $search);
    }

    /** @return array{float, string, ?string} f-number to start from, why, and the school */
    private function wantedAperture(Situation $situation, ExposureSearch $search): array
    {
        $kit = $situation->kit;
        $picked = $situation->rush->photographer->schools->on('aperture');
        $stopDown = $picked === 'one-stop-down' || ($picked === null && ($kit->lens->zoom || $kit->converter > 1));
        if (! $stopDown) {
            $zoom = $picked !== null && ($kit->lens->zoom || $kit->converter > 1);

            return [
                $search->fNumbers[0],
                $zoom ? 'Wide open by your school: the stop of light it keeps costs this lens some of its sharpness.' : 'Wide open, for light and a quiet background.',
                $picked === null ? null : 'aperture: wide open',
            ];
        }

        return [
            $search->fNumbers[min(3, count($search->fNumbers) - 1)],
            sprintf('One stop down from f/%s: %s.', $search->fNumbers[0], match (true) {
                $kit->converter > 1 => 'a lens with a converter gains from it',
                $kit->lens->zoom => 'zooms gain from it',
                default => 'your school pays a stop of light for it',
            }),
            $picked === null ? null : 'aperture: one stop down',
        ];
    }

    /** Shutter in seconds that lets the background streak, or null when the rush does not ask for it or nothing is panned. */
    private function streakShutterS(Situation $situation): ?float
    {
        $rush = $situation->rush;
        $rate = $situation->optic->focalMm * $rush->travel->panRateRadS($rush->workM);
        if ($rush->intent->style !== Style::PanBlur || ! $rush->photographer->panning || $rate <= 0) {
            return null;
        }

        return $situation->assumptions->value('pan.streak') * $situation->kit->body->sensor->widthMm / $rate;
    }

    /** @return array{ExposureCandidate, list<Concession>} */
    private function panBlur(Situation $situation, ExposureSearch $search, FrameBlur $blur, float $wantedF, float $streakS): array
    {
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
        $found = $search->tooBright($found) ? $search->at($found->fNumber, $streakS, $standard, $found->requiredS) : $found;
        $limit = (new Concessions($situation, $blur))->limit(Concessions::STREAK, $found->fNumber, $found->shutterS, $standard);

        return [$found, $limit->costMm > 0 ? [$limit] : []];
    }

    private function shutterReason(Situation $situation, FrameBlur $blur, ExposureSettings $settings, ?float $streakS): Reason
    {
        $limitMm = $situation->limitMm($settings->standard);
        $floorS = $situation->assumptions->value($situation->floorName());
        $numbers = [
            'required_shutter_s' => $settings->requiredShutterS, 'blur_rate_mm_s' => $blur->rateMmS(),
            'residual_speed_mps' => $blur->residual->totalMps(), 'custom_shutter_s' => $floorS, 'limit_mm' => $limitMm,
        ];
        if ($streakS !== null) {
            return new Reason('shutter_s', fn (): string => sprintf(
                'Slow enough to streak the background over %s %% of the frame while you turn %s° a second with it.',
                Units::figures($situation->assumptions->value('pan.streak') * 100), Units::figures(rad2deg($situation->rush->travel->panRateRadS($situation->rush->workM))),
            ), $numbers);
        }

        return new Reason('shutter_s', fn (): string => $this->shutterWhy($situation, $blur, $settings, $limitMm).$this->custom($situation, $settings, $floorS), $numbers);
    }

    private function shutterWhy(Situation $situation, FrameBlur $blur, ExposureSettings $settings, float $limitMm): string
    {
        $required = $settings->requiredShutterS;
        if ($required === null) {
            return 'Depth and focus lag have eaten the blur budget, so motion alone is held to the limit.';
        }
        $speed = $situation->units->speed($blur->residual->totalMps(), 2);
        $motion = match (true) {
            $blur->residual->totalMps() <= 0.0 => 'Only your hands move the picture, which',
            $situation->rush->photographer->panning => sprintf('Your pan leaves %s of its motion, which', $speed),
            default => sprintf('You hold still, so its %s', $speed),
        };
        $drift = sprintf('%s crosses the sensor at %s mm a second', $motion, Units::figures($blur->rateMmS(), 2));
        if ($settings->shutterS < $required / 1.4) {
            $spent = log($settings->exactIso / max($situation->assumptions->value('camera.base_iso'), Exposure::iso($situation->rush->ev100, $settings->fNumber, min($required, 3600.0))), 2);

            return sprintf('The %s budget would allow %s; ', Units::blur($limitMm), Units::shutter($required)).($spent < 0.2
                ? 'there is light for more at no cost.'
                : sprintf('%s stops of spare light buy %s against its twitches.', Units::figures($spent, 2), Units::shutter($settings->shutterS)));
        }
        if ($settings->shutterS > $required * 1.01) {
            return sprintf('%s; the budget asks for %s and this is what %s gives.', $drift, Units::shutter($required), $settings->shutterS <= $situation->kit->body->shortestShutterS * 1.001 ? 'the body' : 'the light');
        }

        return sprintf('%s; %s of blur allows %s.', $drift, Units::blur($limitMm), Units::shutter($required));
    }

    private function apertureReason(Situation $situation, FrameBlur $blur, ExposureSettings $settings, float $wantedF, string $why, ?string $school): Reason
    {
        $numbers = ['wanted_f' => $wantedF, 'lag_mm' => $blur->lagMm($settings->fNumber), 'group_mm' => $blur->groupMm($settings->fNumber)];
        $stopped = $settings->fNumber > $wantedF * 1.01;

        return new Reason('f_number', fn (): string => match (true) {
            $stopped => $this->stoppedDown($situation, $blur, $settings, $wantedF),
            $settings->fNumber < $wantedF * 0.99 => sprintf('Opened from f/%s because light runs short.', $wantedF),
            default => $why,
        }, $numbers, $stopped ? null : $school);
    }

    private function stoppedDown(Situation $situation, FrameBlur $blur, ExposureSettings $settings, float $wantedF): string
    {
        $group = $blur->groupMm($wantedF);
        $lag = $blur->lagMm($wantedF);

        return match (true) {
            $group > $lag && $group > 0 => sprintf(
                'The group is %s deep: focus at %s, and f/%s holds its ends to %s where f/%s would blur them %s.',
                $situation->units->length($situation->rush->subject->depthSpreadM), $situation->units->length($blur->groupFocusM()),
                $settings->fNumber, Units::blur($blur->groupMm($settings->fNumber)), $wantedF, Units::blur($group),
            ),
            $settings->exactIso <= $situation->assumptions->value('camera.base_iso') * ExposureSearch::SIXTH && $lag < $situation->limitMm($settings->standard) / 2 => sprintf(
                'Stopped down because f/%s would be too bright at %s and the lowest ISO.', $wantedF, Units::shutter($settings->shutterS),
            ),
            default => sprintf('Stopped down because at f/%s the focus lag alone would blur %s.', $wantedF, Units::blur($lag)),
        };
    }

    /** Custom beside the physics, and by how much they part. */
    private function custom(Situation $situation, ExposureSettings $settings, float $floorS): string
    {
        $required = $settings->requiredShutterS;
        $stops = $required === null || ! is_finite($required) ? 0.0 : log($floorS / $required, 2);

        return match (true) {
            abs(log($settings->shutterS / $floorS, 2)) < 0.05 => sprintf(' That is custom\'s %s.', Units::shutter($floorS)),
            abs($stops) < 0.35 => sprintf(' Custom says %s, much the same.', Units::shutter($floorS)),
            $stops > 0 => sprintf(' Custom says %s, %s stops too slow for this.', Units::shutter($floorS), Units::figures($stops, 2)),
            ! is_finite($required ?? 0.0) => sprintf(' Custom says %s.', Units::shutter($floorS)),
            default => sprintf(' Custom says %s; the numbers allow %s stops more.', Units::shutter($floorS), Units::figures(-$stops, 2)),
        };
    }

    private function isoReason(Situation $situation, ExposureSettings $settings, ExposureSearch $search): Reason
    {
        return new Reason('iso', fn (): string => sprintf('EV %s at f/%s and %s needs ISO %.0f.', Units::figures($situation->rush->ev100), $settings->fNumber, Units::shutter($settings->shutterS), $settings->exactIso).match (true) {
            $settings->shortfallStops > 0 => sprintf(' Your ceiling of %.0f leaves it %s stops dark.', $situation->rush->isoCeiling, Units::figures($settings->shortfallStops, 2)),
            $settings->exactIso < $search->baseIso => sprintf(' %.0f is the lowest the body has.', $search->baseIso),
            default => '',
        }, ['exact_iso' => $settings->exactIso, 'iso_ceiling' => $situation->rush->isoCeiling]);
    }
}
