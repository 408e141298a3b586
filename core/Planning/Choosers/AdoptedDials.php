<?php

declare(strict_types=1);

namespace RushHold\Planning\Choosers;

use RushHold\Hold\Dials;
use RushHold\Hold\Hold;
use RushHold\Optics\Exposure;
use RushHold\Optics\SharpnessStandard;
use RushHold\Optics\StopScale;
use RushHold\Planning\AreaScore;
use RushHold\Planning\Concession;
use RushHold\Planning\Exposure\ExposureSearch;
use RushHold\Planning\Exposure\ExposureSettings;
use RushHold\Planning\Exposure\FrameBlur;
use RushHold\Planning\Exposure\LightConcessions;
use RushHold\Planning\HoldDraft;
use RushHold\Planning\Plan;
use RushHold\Planning\Situation;
use RushHold\Wording\Units;

/**
 * Puts the dials a person has taken from a rehearsal in the place of those the choosers before it have set, and says so beside
 * what the numbers say. A dial the kit does not have is left alone.
 */
final readonly class AdoptedDials implements Chooser
{
    /** @param  'area'|'exposure'|'tuning'  $part  which dials have been chosen just before */
    public function __construct(private string $part) {}

    public function choose(Situation $situation, HoldDraft $draft): void
    {
        if ($situation->dials->areNone()) {
            return;
        }
        match ($this->part) {
            'area' => $this->area($situation, $draft),
            'exposure' => $this->exposure($situation, $draft),
            'tuning' => $this->tuning($situation, $draft),
        };
    }

    private function area(Situation $situation, HoldDraft $draft): void
    {
        $taken = $situation->dials->area;
        foreach ($draft->areaScores as $score) {
            if ($score->area === $taken) {
                $before = $draft->area;
                $draft->area = $taken;
                $this->said($draft, 'area.pattern', sprintf('You took the %s from a rehearsal; by the numbers it keeps the right thing %s of the time. ', $taken->words(), AreaScore::percent($score->score)), $before === $taken);
            }
        }
    }

    private function exposure(Situation $situation, HoldDraft $draft): void
    {
        $dials = $situation->dials;
        $was = $draft->settings;
        if ($was === null || ($dials->shutterS === null && $dials->fNumber === null)) {
            return;
        }
        $body = $situation->kit->body;
        $widest = StopScale::fNumbers($situation->kit->widestF(), $situation->kit->widestF())[0];
        $fNumber = $dials->fNumber === null ? $was->fNumber : max($widest, $dials->fNumber);
        $shutterS = $dials->shutterS === null ? $was->shutterS : max($body->shortestShutterS, $dials->shutterS);
        $blur = FrameBlur::of($situation, $draft);
        $taken = self::settings($situation, $fNumber, $shutterS, $was->standard, $blur->requiredShutterS($fNumber, $situation->limitMm($was->standard)));
        $draft->settings = $taken;
        $draft->concessions = $this->concessions($situation, $draft, $taken, $blur);
        if ($dials->shutterS !== null) {
            $this->said($draft, 'shutter_s', sprintf('You took %s from a rehearsal. ', Units::shutter($shutterS)), abs($shutterS / $was->shutterS - 1) < 1e-6);
        }
        if ($dials->fNumber !== null) {
            $this->said($draft, 'f_number', sprintf('You took f/%s from a rehearsal. ', Units::figures($fNumber, 2)), abs($fNumber / $was->fNumber - 1) < 1e-6);
        }
        $this->said($draft, 'iso', sprintf('With these, EV %s needs ISO %.0f. ', Units::figures($situation->rush->ev100), $taken->exactIso), true);
    }

    /** @return list<Concession> what gives way with these, instead of what had given way without them */
    private function concessions(Situation $situation, HoldDraft $draft, ExposureSettings $taken, FrameBlur $blur): array
    {
        $limitMm = $situation->limitMm($taken->standard);
        $totalMm = $blur->budget($taken->fNumber, $taken->shutterS, $taken->standard)->totalMm();

        return [
            ...array_values(array_filter($draft->concessions, static fn (Concession $one): bool => $one->step === 'standard')),
            ...($totalMm > $limitMm * 1.005 ? [new Concession('limit', sprintf('%s of blur instead of %s', Units::blur($totalMm), Units::blur($limitMm)), 'With shutter and aperture as you took them.', 0.0, $totalMm - $limitMm)] : []),
            ...LightConcessions::dark($situation, $taken->exactIso, $taken->shortfallStops),
            ...LightConcessions::bright($situation, $taken->fNumber, $taken->shutterS, $taken->exactIso),
        ];
    }

    /** Exposure of a hold with these dials turned. */
    public static function exposureOf(Plan $plan, Hold $hold, Dials $dials): ExposureSettings
    {
        return self::settings($plan->situation, $dials->fNumber ?? $hold->fNumber, $dials->shutterS ?? $hold->shutterS, $plan->settings->standard, null);
    }

    /** Shutter and aperture as given, ISO as the light asks, under the ceiling. */
    private static function settings(Situation $situation, float $fNumber, float $shutterS, SharpnessStandard $standard, ?float $requiredS): ExposureSettings
    {
        $exact = Exposure::iso($situation->rush->ev100, $fNumber, $shutterS);
        $base = (int) $situation->assumptions->value('camera.base_iso');
        $ceiling = $situation->rush->isoCeiling;
        $over = $exact > $ceiling * ExposureSearch::SIXTH;

        return new ExposureSettings(
            $fNumber, $shutterS, $over ? StopScale::isoAtMost($ceiling, $base) : max($base, StopScale::isoNear($exact)), $standard,
            $requiredS, $exact, $over ? log($exact / $ceiling, 2) : 0.0,
        );
    }

    private function tuning(Situation $situation, HoldDraft $draft): void
    {
        $levels = $situation->kit->body->stayLevelsS;
        if ($situation->dials->stay !== null && $levels !== []) {
            $before = $draft->stayLevel;
            $draft->stayLevel = min(count($levels) - 1, $situation->dials->stay);
            $this->said($draft, 'tuning.stay', sprintf('You took level %d from a rehearsal; it waits %s. ', $draft->stayLevel, Units::time($levels[$draft->stayLevel])), $before === $draft->stayLevel);
        }
        if ($situation->dials->pace !== null && $situation->kit->body->hasPace) {
            $before = $draft->pace;
            $draft->pace = $situation->dials->pace;
            $this->said($draft, 'tuning.pace', sprintf('You took %d from a rehearsal. ', $draft->pace), $before === $draft->pace);
        }
    }

    /** Sets what was taken before the reason the numbers gave. */
    private function said(HoldDraft $draft, string $field, string $words, bool $same): void
    {
        foreach ($draft->reasons as $at => $reason) {
            if ($reason->field === $field) {
                $draft->reasons[$at] = $reason->after($words.($same ? '' : 'The plan would have it otherwise: '));
            }
        }
    }
}
