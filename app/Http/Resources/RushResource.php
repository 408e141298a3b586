<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\History\History;
use App\Models\Plan;
use App\Models\Rush;

/** A rush as the API shows it. */
final class RushResource
{
    /** @return array<string, mixed> one line of the list, with the three settings of its plan */
    public static function row(Rush $rush): array
    {
        return [
            'id' => $rush->id, 'name' => $rush->name, 'kind' => $rush->getAttribute('kind'), 'updated_at' => $rush->updated_at->toIso8601ZuluString('millisecond'),
            'kit' => $rush->kit->name(),
            'settings' => $rush->plan?->settings,
        ];
    }

    /** @return array<string, mixed> */
    public static function whole(Rush $rush, Plan $plan, History $history): array
    {
        return [
            'id' => $rush->id, 'updated_at' => $rush->updated_at->toIso8601ZuluString('millisecond'),
            'kit_id' => $rush->kit_id, 'focal_mm' => $rush->focal_mm, 'rush' => $rush->document,
            'dials' => $rush->dials ?? new \stdClass, 'plan' => $plan->document, 'fault' => $plan->fault, 'rehearsed' => self::rehearsed($rush, $plan),
        ] + $history->marks($rush);
    }

    /** @return ?array<string, mixed> what the last rehearsal told, and whether the rush has changed since */
    public static function rehearsed(Rush $rush, Plan $plan): ?array
    {
        $last = $rush->rehearsal;
        $told = $last->document ?? null;

        return $last === null || $told === null ? null : [
            'at' => $last->made_at->toIso8601ZuluString(), 'stale' => $last->mark !== $plan->mark,
            'keeper' => $told->keeper ?? null, 'frames' => $told->frames ?? null, 'sharp_least' => $told->sharp_least ?? null, 'sharp_most' => $told->sharp_most ?? null,
        ];
    }
}
