<?php

declare(strict_types=1);

namespace RushHold\Wording\Plan;

use RushHold\Assumptions\Assumption;
use RushHold\Assumptions\Assumptions;
use RushHold\Hold\HoldFields;
use RushHold\Optics\StopScale;
use RushHold\Planning\Choosers\PlaceChooser;
use RushHold\Planning\Explore\TippingPoint;
use RushHold\Planning\Explore\TippingPoints;
use RushHold\Planning\Exposure\GroupWays;
use RushHold\Planning\Plan;
use RushHold\Planning\Reason;
use RushHold\Rush\Crossers;
use RushHold\Rush\Foreground;
use RushHold\Rush\Streak;
use RushHold\Wording\AreaWords;
use RushHold\Wording\CautionWords;
use RushHold\Wording\ConcessionWords;
use RushHold\Wording\OddsWords;
use RushHold\Wording\Reasons\ReasonWords;
use RushHold\Wording\RoutineWords;
use RushHold\Wording\TippingWords;
use RushHold\Wording\Units;
use RushHold\Wording\WayWords;

/** Writes a plan as plan/1. */
final class PlanDocument
{
    /**
     * @param  list<TippingPoint>  $tips  what would change the answer; none when nobody has searched for it
     * @return array<string, mixed>
     */
    public static function of(Plan $plan, array $tips, Units $units = Units::Metric): array
    {
        $workings = (new Workings($plan))->all();
        $told = self::tips($tips, $units);
        $reasons = new ReasonWords($units);

        return [
            'format' => 'plan/1',
            'hold' => $plan->hold->toArray(),
            'numbers' => self::numbers($plan),
            'odds' => OddsWords::document($plan->odds()),
            'streaks' => self::streaks($plan),
            'areas' => array_map(AreaWords::document(...), $plan->draft->areaScores),
            'reasons' => array_map(
                static fn (Reason $one): array => $reasons->document($one, $told['flips'][$one->field] ?? null),
                $plan->draft->reasons,
            ),
            'routine' => (new RoutineWords($units))->document($plan),
            'concessions' => array_map((new ConcessionWords($units))->document(...), $plan->draft->concessions),
            'cautions' => CautionWords::for($plan->situation),
            'assumptions' => self::assumptions($plan, Workings::assumptionNames($workings)),
            'workings' => array_map(static fn (Working $working): array => $working->toArray(), $workings),
            'pane' => self::pane($plan),
            'hand' => $plan->draft->hand?->toArray(),
            'ways_out' => array_map((new WayWords($units))->document(...), (new GroupWays($plan))->all()),
            'tipping' => $told['tipping'],
        ];
    }

    /**
     * What would change the answer, apart from the plan: the search for it costs more than the plan itself.
     *
     * @param  list<TippingPoint>  $tips
     * @return array{tipping: list<array<string, mixed>>, flips: array<string, string>} flips by field of the hold
     */
    public static function tips(array $tips, Units $units): array
    {
        $words = new TippingWords($units);
        $flips = [];
        foreach (array_keys(HoldFields::FIELDS) as $field) {
            $nearest = TippingPoints::nearest($tips, $field);
            if ($nearest !== null) {
                $flips[$field] = $words->flip($nearest, $field);
            }
        }

        return ['tipping' => array_map($words->document(...), $tips), 'flips' => $flips];
    }

    /** @return array<string, mixed> the frame at true proportions, all in shares of its width and height from the top left */
    public static function pane(Plan $plan): array
    {
        $situation = $plan->situation;
        $framing = $situation->framing;
        $place = $plan->hold->place;
        [$aimX, $aimY] = PlaceChooser::aimOffset($situation, $plan->hold->aim);
        [$bodyX, $bodyY] = PlaceChooser::bodyAt($situation, $plan->draft, $place);
        [$areaWidth, $areaHeight] = PlaceChooser::box($plan->draft->areaScore());
        $crossing = $situation->rush->travel->crossingMps();
        $ahead = max(0.0, ($framing->way() > 0 ? 1 - $bodyX : $bodyX) - $framing->widthShare() / 2);
        $roomS = $crossing > 0 ? ($ahead * $framing->frameWidthM) / $crossing : INF;

        return [
            'posture' => $framing->posture->value,
            'end_on' => $framing->isEndOn,
            'way' => $framing->way(),
            'frame_width_m' => $framing->frameWidthM,
            'frame_height_m' => $framing->frameHeightM,
            'subject' => [
                'x' => $bodyX,
                'y' => $bodyY,
                'width' => $framing->widthShare(),
                'height' => $framing->heightShare(),
            ],
            'area' => ['x' => $place->x, 'y' => $place->y, 'width' => $areaWidth, 'height' => $areaHeight],
            'aim' => ['x' => $bodyX + $aimX, 'y' => $bodyY + $aimY],
            'on_head' => $plan->hold->aim->isOnHead(),
            'place' => $place->words(),
            'wander' => [
                'x' => $situation->wander->sidewaysM / $framing->frameWidthM,
                'y' => $situation->wander->upwardsM / $framing->frameHeightM,
            ],
            'room' => $ahead,
            'room_s' => is_finite($roomS) ? $roomS : null,
            'obstacle_m' => $situation->rush->clutter->foreground === Foreground::None &&
                $situation->rush->clutter->crossers === Crossers::None
                    ? null
                    : $situation->obstacleM(),
        ];
    }

    /** @return list<array{streak: string, share: float, shutter_s: float, sharp: float}> what each length of streak would bring */
    private static function streaks(Plan $plan): array
    {
        $situation = $plan->situation;
        $told = [];
        foreach (Streak::cases() as $streak) {
            $atMostS = $situation->streakShutterS($streak);
            if ($atMostS !== null) {
                $shutterS = StopScale::shutterAtMost($atMostS, $situation->kit->body->shortestShutterS);
                $told[] = [
                    'streak' => $streak->value,
                    'share' => $situation->streakShare($streak),
                    'shutter_s' => $shutterS,
                    'sharp' => $plan->frameBlur->sharpShare(
                        $plan->settings->fNumber,
                        $shutterS,
                        $situation->sharpMm($plan->settings->standard),
                    ),
                ];
            }
        }

        return $told;
    }

    /** @return array<string, mixed> */
    private static function numbers(Plan $plan): array
    {
        $situation = $plan->situation;
        $finite = static fn (?float $number): ?float => $number !== null && is_finite($number) ? $number : null;

        return [
            'blur_mm' => [
                'limit' => $plan->blur->limitMm,
                'motion' => $plan->blur->motionMm,
                'shake' => $plan->blur->shakeMm,
                'defocus' => $plan->blur->defocusMm,
                'diffraction' => $plan->blur->diffractionMm,
                'shimmer' => $plan->blur->shimmerMm,
                'total' => $plan->blur->totalMm(),
            ],
            'depth' => [
                'near_m' => $plan->depth->nearM,
                'far_m' => $finite($plan->depth->farM),
                'depth_m' => $finite($plan->depth->depthM()),
            ],
            'lag_error_m' => $plan->frameBlur->lagErrorM,
            'subject_fraction_of_frame' => $plan->subjectFraction(),
            'light_shortfall_stops' => $plan->settings->shortfallStops,
            'hyperfocal_m' => $plan->depth->hyperfocalM,
            'magnification' => $situation->magnification,
            'subject_px' => $plan->subjectFraction() * $situation->kit->body->sensor->pixelsWide,
            'residual_speed_mps' => $plan->frameBlur->residual->totalMps(),
            'pan_rate_deg_s' => rad2deg($situation->rush->travel->panRateRadS($situation->rush->workM)),
            'frame_crossing_s' => $finite($plan->frameCrossingS()),
            'required_shutter_s' => $finite($plan->settings->requiredShutterS),
            'exact_iso' => $plan->settings->exactIso,
            'effective_focal_mm' => $situation->kit->focalMm(),
            'shimmer_reach_m' => $finite($situation->seeing->reachM($plan->blur->limitMm)),
            'contrast' => $situation->contrast,
            'pixel_mm' => $situation->kit->body->sensor->pitchMm(),
        ];
    }

    /**
     * @param  list<string>  $cited  names of those that its workings show
     * @return list<array<string, mixed>>
     */
    private static function assumptions(Plan $plan, array $cited): array
    {
        $known = array_intersect_key(Assumptions::all(), array_flip([...$plan->restsOn, ...$cited]));
        $assumptions = $plan->situation->assumptions;

        return array_values(
            array_map(
                static fn (Assumption $one): array => [
                    'name' => $one->name,
                    'value' => $assumptions->value($one->name),
                    'default' => $one->default,
                    'unit' => $one->unit,
                    'least' => $one->least,
                    'most' => $one->most,
                    'meaning' => $one->meaning,
                    'origin' => $one->origin,
                ],
                $known,
            ),
        );
    }
}
