<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\GearRecord;
use App\Models\KitRecord;
use App\Models\User;

/** What a new account begins with: a typical body and lens, to be typed over with one's own numbers. */
final class StarterKit
{
    public const DEMO_EMAIL = 'demo@inlet.example';

    public const ALL_AREAS = [
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

    public function give(User $user): KitRecord
    {
        $body = $this->gear($user, 'body', 'My body', self::body());
        $lens = $this->gear($user, 'lens', 'my 400 mm f/5.6', self::prime(400, 5.6, 3.5, 4));

        return $this->kit($user, $body, $lens);
    }

    /** @param  array<string, mixed>  $document */
    public function gear(User $user, string $type, string $name, array $document): GearRecord
    {
        $gear = $user
            ->gear()
            ->make(['type' => $type, 'name' => $name, 'document' => (object) $document, 'revision' => 1]);
        $gear->save();

        return $gear;
    }

    public function kit(User $user, GearRecord $body, GearRecord $lens, ?GearRecord $converter = null): KitRecord
    {
        return $user
            ->kits()
            ->create(['body_id' => $body->id, 'lens_id' => $lens->id, 'converter_id' => $converter?->id]);
    }

    /**
     * A typical body with everything on the main sensor.
     *
     * @param  array<string, mixed>  $own  what this one has otherwise
     * @return array<string, mixed>
     */
    public static function body(array $own = []): array
    {
        return $own + [
            'sensor_width_mm' => 36,
            'sensor_height_mm' => 24,
            'pixels_wide' => 6000,
            'fps' => 12,
            'af_lag_s' => 0.06,
            'shortest_shutter_s' => 0.000125,
            'af_sensor' => 'on-image',
            'areas' => self::ALL_AREAS,
            'modes' => ['single', 'continuous', 'auto-switch', 'manual', 'single-with-override'],
            'detects' => ['animal', 'bird', 'person', 'vehicle'],
            'eye_detection_areas' => ['single-point', 'point-plus', 'whole-frame', 'lock-on'],
            'stay_levels_s' => [0, 0.1, 0.3, 0.6, 1.2],
            'has_pace' => true,
            'has_pick' => true,
        ];
    }

    /** @return array<string, mixed> */
    public static function prime(
        float $focalMm,
        float $widestF,
        float $closestM,
        float $stops,
        float $limiterM = 8,
    ): array {
        return [
            'focal_mm' => $focalMm,
            'focal_min_mm' => $focalMm,
            'focal_max_mm' => $focalMm,
            'widest_f' => $widestF,
            'closest_m' => $closestM,
            'stabiliser_stops' => $stops,
            'limiter_m' => [[$closestM, null], [$limiterM, null]],
            'zoom' => false,
        ];
    }

    /** @return array<string, mixed> */
    public static function zoom(
        float $fromMm,
        float $toMm,
        float $setMm,
        float $widestF,
        float $closestM,
        float $stops,
        float $limiterM,
    ): array {
        return ['focal_mm' => $setMm, 'focal_min_mm' => $fromMm, 'focal_max_mm' => $toMm, 'zoom' => true] +
            self::prime($toMm, $widestF, $closestM, $stops, $limiterM);
    }
}
