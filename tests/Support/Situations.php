<?php

declare(strict_types=1);

namespace Tests\Support;

use RushHold\Kit\Kit;
use RushHold\Planning\Plan;
use RushHold\Planning\Planner;
use RushHold\Rush\Catalogue;
use RushHold\Rush\KindId;
use RushHold\Rush\Rush;

/** Situations that are judged: kits and rushes by name, their plans, and what stands against them. */
final class Situations
{
    public const EVERY_AREA = [
        'spot',
        'single-point',
        'point-plus',
        'zone-small',
        'zone-wide',
        'zone-tall',
        'zone-large',
        'whole-frame',
        'lock-on',
    ];

    /** What stands in the way of a plan's meeting what practitioners would accept; empty when nothing does. */
    public static function objections(array $document, array $expect): array
    {
        $found = [];
        foreach ($expect as $path => $rules) {
            $ofPlan = preg_match('/^(numbers|odds|pane)\.|^concessions$/', $path) === 1;
            $value = $ofPlan ? $document : $document['hold'];
            foreach (explode('.', $path) as $key) {
                $value = $value[$key] ?? null;
            }
            foreach ($rules as $rule => $bound) {
                $holds = match ($rule) {
                    'one_of' => in_array(
                        is_int($value) ? (float) $value : $value,
                        array_map(static fn (mixed $one): mixed => is_int($one) ? (float) $one : $one, $bound),
                        true,
                    ),
                    'none_of' => ! in_array($value, $bound, true),
                    'min' => $value !== null && $value >= $bound,
                    'max' => $value !== null && $value <= $bound,
                    'min_items' => is_array($value) && count($value) >= $bound,
                };
                if (! $holds) {
                    $found[] = "{$path} is ".json_encode($value).", {$rule} ".json_encode($bound);
                }
            }
        }

        return $found;
    }

    /** Kits of invented makers that differ in what they can do. */
    public static function kit(string $name): array
    {
        $all = [
            'areas' => self::EVERY_AREA,
            'detects' => ['animal', 'bird', 'person', 'vehicle'],
            'eye_detection_areas' => ['single-point', 'point-plus', 'whole-frame', 'lock-on'],
        ];
        $zoom = [
            'focal_mm' => 200,
            'focal_min_mm' => 70,
            'focal_max_mm' => 200,
            'widest_f' => 2.8,
            'closest_m' => 1.2,
            'limiter_m' => [[1.2, null], [3, null]],
            'zoom' => true,
        ];
        $reflex = [
            'sensor_width_mm' => 23.5,
            'sensor_height_mm' => 15.6,
            'pixels_wide' => 5568,
            'fps' => 8,
            'af_sensor' => 'line',
            'detects' => [],
            'eye_detection_areas' => [],
            'areas' => ['single-point', 'point-plus', 'zone-large', 'whole-frame'],
            'has_pace' => false,
            'has_pick' => false,
        ];

        return Documents::kit(
            match ($name) {
                'long' => ['body' => $all],
                'zoom' => ['body' => $all, 'lens' => $zoom],
                'macro' => [
                    'body' => $all,
                    'lens' => [
                        'focal_mm' => 100,
                        'focal_min_mm' => 100,
                        'focal_max_mm' => 100,
                        'widest_f' => 2.8,
                        'closest_m' => 0.3,
                        'limiter_m' => [],
                    ],
                ],
                'reflex' => ['body' => $reflex],
                'reflex with converter' => ['body' => $reflex, 'converter' => 2],
                'slow' => ['body' => ['fps' => 3, 'shortest_shutter_s' => 0.00025] + $all],
                'doubled' => ['body' => $all, 'converter' => 2],
                'far' => ['body' => $all, 'lens' => ['closest_m' => 6, 'limiter_m' => [[6, null], [15, null]]]],
                'plain' => [
                    'body' => [
                        'areas' => ['single-point', 'whole-frame'],
                        'modes' => ['single', 'continuous'],
                        'detects' => [],
                        'eye_detection_areas' => [],
                        'stay_levels_s' => [],
                        'has_pace' => false,
                        'has_pick' => false,
                    ],
                    'lens' => ['stabiliser_stops' => 0],
                ],
            },
        );
    }

    /** A rush about a kind, usual in size and speed. */
    public static function rush(string $kind, array $own): array
    {
        $usual = Catalogue::kind(KindId::from($kind));

        return Documents::rush(
            array_replace_recursive(
                [
                    'subject' => [
                        'kind' => $kind,
                        'length_m' => $usual->lengthM->typical,
                        'detection' => $usual->detection->value,
                        'limb_speed_mps' => $usual->limbMps->typical,
                    ],
                    'motion' => ['speed_mps' => $usual->speedMps->typical],
                    'iso_ceiling' => 12800,
                ],
                $own,
            ),
        );
    }

    public static function document(array $rush, array $kit): array
    {
        return (array) json_decode((string) json_encode(Documents::written(self::plan($rush, $kit))), true);
    }

    public static function plan(array $rush, array $kit): Plan
    {
        $rush['photographer']['schools'] = (array) $rush['photographer']['schools'];

        return Planner::standard()->plan(Rush::fromArray($rush), Kit::fromArray($kit));
    }
}
