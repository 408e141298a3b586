<?php

declare(strict_types=1);

namespace Tests\Support;

use Random\Engine\Mt19937;
use Random\Randomizer;
use RushHold\Kit\AfArea;
use RushHold\Rush\KindId;
use RushHold\Rush\Schools;

/** Situations drawn by chance from a seed: the same each time. */
final class Drawn
{
    /** A value between two others, evenly on a logarithmic scale. */
    private static function between(Randomizer $dice, float $least, float $most): float
    {
        return $least * ($most / $least) ** ($dice->getInt(0, 10000) / 10000);
    }

    public static function oneOf(Randomizer $dice, array $choices): mixed
    {
        return $choices[$dice->getInt(0, count($choices) - 1)];
    }

    private static function someOf(Randomizer $dice, array $choices): array
    {
        return array_values(array_filter($choices, fn () => $dice->getInt(0, 1) === 1));
    }

    /** Any rush that the format allows, sensible or not. */
    public static function rush(Randomizer $dice): array
    {
        $near = self::between($dice, 0.2, 300);
        $work = $near * self::between($dice, 1, 4);
        $schools = [];
        // each question by itself, so that a new one leaves what is drawn otherwise as it was
        foreach (Schools::answers() as $question => $answers) {
            $chance = crc32("{$question} {$near}");
            if ($chance % 5 === 0) {
                $schools[$question] = $answers[intdiv($chance, 5) % count($answers)];
            }
        }

        return [
            'format' => 'rush/1',
            'name' => 'drawn',
            'subject' => [
                'kind' => self::oneOf($dice, KindId::cases())->value,
                'length_m' => self::between($dice, 0.005, 30),
                'detection' => self::oneOf($dice, ['none', 'animal', 'bird', 'person', 'vehicle']),
                'detail' => self::oneOf($dice, ['low', 'medium', 'high']),
                'limb_speed_mps' => self::between($dice, 0.01, 60),
                'count' => $dice->getInt(1, 30),
                'depth_spread_m' => self::oneOf($dice, [0, 0, self::between($dice, 0.01, 20)]),
            ],
            'motion' => [
                'speed_mps' => self::oneOf($dice, [0, self::between($dice, 0.01, 200)]),
                'bearing_deg' => self::oneOf($dice, [0, 90, 180, $dice->getInt(0, 180)]),
                'pattern' => self::oneOf($dice, ['still', 'steady', 'accelerating', 'stop-start', 'erratic', 'sudden']),
                'acceleration_mps2' => self::oneOf($dice, [0, -9, 12]),
                'route' => self::oneOf($dice, ['known', 'unknown']),
            ],
            'distance' => ['near_m' => $near, 'work_m' => $work, 'far_m' => $work * self::between($dice, 1, 8)],
            'clutter' => [
                'foreground' => self::oneOf($dice, ['none', 'sparse', 'dense']),
                'background' => self::oneOf($dice, ['clean', 'moderate', 'busy']),
                'background_gap_m' => self::oneOf($dice, [0, self::between($dice, 0.1, 500)]),
                'foliage_moving' => $dice->getInt(0, 1) === 1,
                'crossers' => self::oneOf($dice, ['none', 'occasional', 'frequent']),
                'separation' => self::oneOf($dice, ['clear', 'similar']),
                'obstacle_width_m' => self::oneOf($dice, [0, self::between($dice, 0.002, 5)]),
            ] + ($dice->getInt(0, 2) === 0 ? ['obstacle_distance_m' => self::between($dice, 0.1, 2000)] : []),
            'light' => [
                'ev100' => $dice->getInt(-60, 180) / 10,
                'direction' => self::oneOf($dice, ['front', 'side', 'back']),
            ],
            'intent' => [
                'follow' => self::oneOf($dice, ['this-one', 'nearest', 'whoever-enters']),
                'limbs' => self::oneOf($dice, ['freeze', 'may-blur']),
                'style' => self::oneOf($dice, ['freeze', 'freeze', 'pan-blur']),
                'entry' => self::oneOf($dice, ['any', 'left', 'right', 'below']),
            ],
            'photographer' => [
                'skill' => self::oneOf($dice, ['new', 'settled', 'expert']),
                'support' => self::oneOf($dice, ['handheld', 'braced', 'monopod', 'gimbal', 'locked']),
                'panning' => $dice->getInt(0, 1) === 1,
                'manual_skill' => $dice->getInt(0, 10) / 10,
                'schools' => (object) $schools,
            ],
            'standard' => self::oneOf($dice, ['share', 'detail', 'pixel']),
            'iso_ceiling' => self::oneOf($dice, [100, 1600, 6400, 51200]),
        ];
    }

    /** Any kit that the format allows. */
    public static function kit(Randomizer $dice): array
    {
        $areas = AfArea::all();
        $offered = self::someOf($dice, $areas) ?: [self::oneOf($dice, $areas)];
        $focal = round(self::between($dice, 14, 1200), 1);
        $zoom = $dice->getInt(0, 1) === 1;
        $closest = ($focal / 1000) * self::between($dice, 2, 12);
        $small = $dice->getInt(0, 1) === 1;

        return [
            'format' => 'kit/1',
            'body' => [
                'sensor_width_mm' => $small ? 17.3 : 36,
                'sensor_height_mm' => $small ? 13 : 24,
                'pixels_wide' => $dice->getInt(2000, 12000),
                'fps' => $dice->getInt(1, 60),
                'af_lag_s' => $dice->getInt(0, 30) / 100,
                'shortest_shutter_s' => 1 / self::oneOf($dice, [1000, 4000, 8000, 32000]),
                'af_sensor' => self::oneOf($dice, ['on-image', 'line', 'cross']),
                'areas' => $offered,
                'modes' => array_values(
                    array_unique([
                        self::oneOf($dice, ['single', 'continuous', 'manual', 'single-with-override']),
                        ...self::someOf($dice, [
                            'single',
                            'continuous',
                            'auto-switch',
                            'manual',
                            'single-with-override',
                        ]),
                    ]),
                ),
                'detects' => self::someOf($dice, ['animal', 'bird', 'person', 'vehicle']),
                'eye_detection_areas' => self::someOf($dice, $offered),
                'stay_levels_s' => self::oneOf($dice, [[], [0.2], [0, 0.5, 1], [0, 0.1, 0.3, 0.6, 1.2]]),
                'has_pace' => $dice->getInt(0, 1) === 1,
                'has_pick' => $dice->getInt(0, 1) === 1,
            ],
            'lens' => [
                'focal_mm' => $focal,
                'focal_min_mm' => $zoom ? $focal / 3 : $focal,
                'focal_max_mm' => $focal,
                'widest_f' => self::oneOf($dice, [1.4, 2.8, 4, 6.3, 11]),
                'closest_m' => $closest,
                'stabiliser_stops' => $dice->getInt(0, 8),
                'limiter_m' => self::oneOf($dice, [
                    [],
                    [[$closest, null]],
                    [[$closest, null], [$closest * 3, null], [$closest, $closest * 3]],
                ]),
                'zoom' => $zoom,
            ],
            'converter' => self::oneOf($dice, [1, 1, 1.4, 2]),
        ];
    }

    public static function dice(int $seed): Randomizer
    {
        return new Randomizer(new Mt19937($seed));
    }
}
