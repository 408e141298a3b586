<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Documents\SchemaChecker;
use RushHold\Assumptions\Assumptions;
use RushHold\Dialect\BodyProfile;
use RushHold\Hold\Aim;
use RushHold\Hold\AreaPlace;
use RushHold\Hold\Burst;
use RushHold\Hold\Hold;
use RushHold\Hold\Pick;
use RushHold\Hold\Scheme;
use RushHold\Hold\StabiliserUse;
use RushHold\Kit\AfArea;
use RushHold\Kit\Detection;
use RushHold\Kit\FocusMode;
use RushHold\Kit\Kit;
use RushHold\Planning\Plan;
use RushHold\Planning\Planner;
use RushHold\Rush\Rush;
use RushHold\Wording\Plan\PlanDocument;
use RushHold\Wording\Units;

/** Documents to test with. */
final class Documents
{
    /** A darting bird of three seconds behind posts, with others passing: everything of a rehearsal is at work. */
    public const DARTING = [
        'motion' => ['pattern' => 'erratic', 'speed_mps' => 6],
        'distance' => ['near_m' => 12, 'work_m' => 24, 'far_m' => 60],
        'clutter' => [
            'foreground' => 'sparse',
            'background' => 'busy',
            'background_gap_m' => 12,
            'obstacle_width_m' => 0.1,
            'crossers' => 'occasional',
        ],
    ];

    /**
     * @param  array<string, mixed>  $own
     * @return array<string, mixed>
     */
    public static function rush(array $own = []): array
    {
        return self::merged(
            [
                'format' => 'rush/1',
                'name' => 'Terns over the bar',
                'subject' => [
                    'kind' => 'seabird',
                    'length_m' => 0.36,
                    'detection' => 'bird',
                    'detail' => 'medium',
                    'limb_speed_mps' => 6.0,
                    'count' => 1,
                    'depth_spread_m' => 0,
                ],
                'motion' => [
                    'speed_mps' => 9,
                    'bearing_deg' => 70,
                    'pattern' => 'steady',
                    'acceleration_mps2' => 0,
                    'route' => 'unknown',
                ],
                'distance' => ['near_m' => 14, 'work_m' => 18, 'far_m' => 40],
                'clutter' => [
                    'foreground' => 'none',
                    'background' => 'clean',
                    'background_gap_m' => 200,
                    'foliage_moving' => false,
                    'crossers' => 'none',
                    'separation' => 'clear',
                    'obstacle_width_m' => 0,
                ],
                'light' => ['ev100' => 13, 'direction' => 'front'],
                'intent' => [
                    'follow' => 'this-one',
                    'limbs' => 'may-blur',
                    'style' => 'freeze',
                    'entry' => 'any',
                ],
                'photographer' => [
                    'skill' => 'settled',
                    'support' => 'handheld',
                    'panning' => true,
                    'manual_skill' => 0.3,
                    'schools' => new \stdClass(),
                ],
                'standard' => 'detail',
                'iso_ceiling' => 6400,
            ],
            $own,
        );
    }

    /**
     * @param  array<string, mixed>  $own
     * @return array<string, mixed>
     */
    public static function kit(array $own = []): array
    {
        return self::merged(
            [
                'format' => 'kit/1',
                'body' => [
                    'sensor_width_mm' => 36,
                    'sensor_height_mm' => 24,
                    'pixels_wide' => 8256,
                    'fps' => 20,
                    'af_lag_s' => 0.06,
                    'shortest_shutter_s' => 0.000125,
                    'af_sensor' => 'on-image',
                    'areas' => ['spot', 'single-point', 'whole-frame', 'lock-on'],
                    'modes' => ['single', 'continuous', 'auto-switch', 'manual', 'single-with-override'],
                    'detects' => ['bird'],
                    'eye_detection_areas' => ['whole-frame'],
                    'stay_levels_s' => [0, 0.1, 0.3, 0.6, 1.2],
                    'has_pace' => true,
                    'has_pick' => true,
                ],
                'lens' => [
                    'focal_mm' => 500,
                    'focal_min_mm' => 500,
                    'focal_max_mm' => 500,
                    'widest_f' => 5.6,
                    'closest_m' => 3.6,
                    'stabiliser_stops' => 4,
                    'limiter_m' => [[3.6, null], [8, null]],
                    'zoom' => false,
                ],
                'converter' => 1.0,
            ],
            $own,
        );
    }

    /**
     * @param  array<string, mixed>  $rush
     * @param  array<string, mixed>  $kit
     */
    public static function plan(array $rush = [], array $kit = [], array $assumed = []): Plan
    {
        return Planner::standard()->plan(
            self::rushOf($rush),
            Kit::fromArray(self::kit($kit)),
            Assumptions::with($assumed),
        );
    }

    /**
     * A hold, usual in everything but what is given by the names of its constructor.
     *
     * @param  array<string, mixed>  $own
     */
    public static function hold(array $own = []): Hold
    {
        return new Hold(
            ...[
                'focusMode' => FocusMode::Continuous,
                'manualTechnique' => null,
                'area' => AfArea::ZoneWide,
                'place' => new AreaPlace(0.5, 0.5),
                'detection' => Detection::Bird,
                'eye' => false,
                'stay' => 2,
                'pace' => 1,
                'pick' => Pick::Auto,
                'aim' => Aim::Eye,
                'fps' => 12.0,
                'burst' => Burst::Short,
                'stabiliser' => StabiliserUse::Panning,
                'limiterM' => [8.0, null],
                'focalMm' => 500.0,
                'shutterS' => 1 / 2000,
                'fNumber' => 5.6,
                'iso' => 800,
                'scheme' => Scheme::Thumb,
                ...$own,
            ],
        );
    }

    /**
     * A plan as plan/1, tipping points included.
     *
     * @return array<string, mixed>
     */
    public static function written(Plan $plan, Units $units = Units::Metric): array
    {
        return PlanDocument::of($plan, Planner::standard()->tips($plan), $units);
    }

    /** @param  array<string, mixed>  $own */
    public static function rushOf(array $own = []): Rush
    {
        $rush = self::rush($own);
        $rush['photographer']['schools'] = (array) $rush['photographer']['schools'];

        return Rush::fromArray($rush);
    }

    /**
     * Like a deep merge, but a list is taken whole.
     *
     * @param  array<string, mixed>  $base
     * @param  array<string, mixed>  $own
     * @return array<string, mixed>
     */
    private static function merged(array $base, array $own): array
    {
        foreach ($own as $key => $value) {
            $base[$key] =
                is_array($value) && is_array($base[$key] ?? null) && ! array_is_list($value)
                    ? self::merged($base[$key], $value)
                    : $value;
        }

        return $base;
    }

    /** @return array<string, mixed> the body of a demo sheet */
    public static function demoBody(string $name): array
    {
        return (new SchemaChecker(__DIR__.'/../../schemas'))->read(
            (string) file_get_contents(__DIR__.'/../../database/demo/'.$name.'.json'),
            'kit-file',
        )['body'];
    }

    public static function demoSheet(string $name): BodyProfile
    {
        return BodyProfile::read(self::demoBody($name));
    }
}
