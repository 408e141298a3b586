<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Documents\JsonText;
use App\Models\PlanRecord;
use App\Models\RushRecord;
use App\Undo\History;
use RushHold\Wording\Units;

/** A rush as the API shows it. */
final class RushResource
{
    /**
     * One line of the list, with the three settings of its plan.
     *
     * @param  \stdClass  $row  id, name, kind, updated_at and settings as they are kept
     * @return array<string, mixed>
     */
    public static function row(\stdClass $row, string $kit): array
    {
        return [
            'id' => $row->id,
            'name' => $row->name,
            'kind' => $row->kind,
            // 2026-11-25 06:00:00.123456 as 2026-11-25T06:00:00.123Z
            'updated_at' => substr($row->updated_at, 0, 10).'T'.substr($row->updated_at, 11, 12).'Z',
            'kit' => $kit,
            'settings' => $row->settings === null ? null : json_decode($row->settings),
        ];
    }

    /** All a page shows of it; rush and plan go out as they are kept. */
    public static function whole(RushRecord $rush, PlanRecord $plan, Units $units, History $history): JsonText
    {
        return JsonText::object(
            [
                'id' => $rush->id,
                'updated_at' => $rush->updated_at->toIso8601ZuluString('millisecond'),
                'kit_id' => $rush->kit_id,
                'focal_mm' => $rush->focal_mm,
                'rush' => JsonText::orNull($rush->getRawOriginal('document')),
                'dials' => $rush->dials ?? new \stdClass(),
                'plan' => $plan->text($units),
                'fault' => $plan->fault,
                'rehearsed' => self::rehearsed($rush, $plan),
            ] + $history->undoState($rush),
        );
    }

    /** @return ?array<string, mixed> what the last rehearsal told, and whether the rush has changed since */
    public static function rehearsed(RushRecord $rush, PlanRecord $plan): ?array
    {
        $last = $rush->rehearsal;
        $told = $last->document ?? null;

        return $last === null || $told === null
            ? null
            : [
                'at' => $last->made_at->toIso8601ZuluString(),
                'stale' => $last->fingerprint !== $plan->fingerprint,
                'keeper' => $told->keeper ?? null,
                'frames' => $told->frames ?? null,
                'sharp_least' => $told->sharp_least ?? null,
                'sharp_most' => $told->sharp_most ?? null,
            ];
    }
}
