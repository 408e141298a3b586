<?php

declare(strict_types=1);

namespace RushHold\Hold;

/** A hold, field by field: the names of its fields, and values that can be compared. {@see \RushHold\Wording\HoldWords} says them in words. */
final class HoldFields
{
    /** Fields in the order of the plan, each a path into hold/1, with the names they have everywhere. */
    public const FIELDS = [
        'focus_mode' => 'focus',
        'manual_technique' => 'technique',
        'area.pattern' => 'area',
        'area.place' => 'place',
        'detection.subject' => 'detection',
        'detection.eye' => 'eyes',
        'tuning.stay' => 'stay',
        'tuning.pace' => 'pace',
        'tuning.pick' => 'pick',
        'aim' => 'aim',
        'frame' => 'frame',
        'drive.fps' => 'drive',
        'drive.burst' => 'burst',
        'stabiliser' => 'stabiliser',
        'limiter_m' => 'limiter',
        'focal_mm' => 'focal length',
        'shutter_s' => 'shutter',
        'f_number' => 'aperture',
        'iso' => 'ISO',
        'scheme' => 'buttons',
    ];

    /** Those that are read first. */
    private const FIRST = ['shutter_s', 'f_number', 'iso'];

    /** Fields that change by steps of light or zoom with every small change of the rush. */
    public const GRADUAL = ['focal_mm', 'shutter_s', 'f_number', 'iso', 'area.place'];

    /** @return list<string> the fields in the order a person reads them */
    public static function asRead(): array
    {
        return [...self::FIRST, ...array_values(array_diff(array_keys(self::FIELDS), self::FIRST))];
    }

    /** @return array<string, bool|float|int|string|null> one comparable value for each field */
    public static function values(Hold $hold): array
    {
        return [
            'focus_mode' => $hold->focusMode->value,
            'manual_technique' => $hold->manualTechnique?->value,
            'area.pattern' => $hold->area->value,
            'area.place' => sprintf('%.2f, %.2f', $hold->place->x, $hold->place->y),
            'detection.subject' => $hold->detection->value,
            'detection.eye' => $hold->eye,
            'tuning.stay' => $hold->stay,
            'tuning.pace' => $hold->pace,
            'tuning.pick' => $hold->pick?->value,
            'aim' => $hold->aim->value,
            'frame' => $hold->frame->value,
            'drive.fps' => $hold->fps,
            'drive.burst' => $hold->burst->value,
            'stabiliser' => $hold->stabiliser->value,
            'limiter_m' => $hold->limiterM === null ? null : sprintf('%s–%s', $hold->limiterM[0], $hold->limiterM[1] ?? '∞'),
            'focal_mm' => $hold->focalMm,
            'shutter_s' => $hold->shutterS,
            'f_number' => $hold->fNumber,
            'iso' => $hold->iso,
            'scheme' => $hold->scheme->value,
        ];
    }

    /** @return list<string> fields whose values differ */
    public static function differences(Hold $a, Hold $b): array
    {
        $before = self::values($a);
        $after = self::values($b);

        return array_values(
            array_filter(
                array_keys(self::FIELDS),
                static fn (string $field): bool => $before[$field] !== $after[$field],
            ),
        );
    }
}
