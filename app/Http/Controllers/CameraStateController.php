<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\SchemaChecker;
use App\Http\Requests\RequestBody;
use App\Models\CameraStateRecord;
use App\Models\GearRecord;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use RushHold\Card\CameraState;
use RushHold\Faults\NumberOutOfRange;

/** How a body was left, typed or set from a card. */
final readonly class CameraStateController extends Controller
{
    /** The first day of the century: what is told to have been left before is a clock that has not been set. */
    private const FIRST_MS = 946_684_800_000;

    public function __construct(private SchemaChecker $checker) {}

    public function show(GearRecord $gear): JsonResponse
    {
        return new JsonResponse(self::shape(CameraStateRecord::query()->where('gear_id', $gear->id)->first()));
    }

    /** Takes how it was left, unless something later is known: what was set offline may arrive after it. */
    public function update(Request $request, GearRecord $gear): JsonResponse
    {
        $gear->asBody();
        $body = RequestBody::of($request);
        $document = $body->object('state');
        CameraState::fromArray($this->checker->check($document, 'camera-state', 'state'));
        $by = $body->text('by');
        $told = $body->whole('at');
        if ($told < self::FIRST_MS) {
            throw NumberOutOfRange::of('at', (float) $told, (float) self::FIRST_MS, null, 'ms');
        }
        $at = Carbon::createFromTimestampMs(min($told, (int) now()->getPreciseTimestamp(3)));
        $left = DB::transaction(function () use ($gear, $request, $document, $by, $at): CameraStateRecord {
            // the body is there to be locked when nothing is known of it yet
            GearRecord::query()->whereKey($gear->id)->lockForUpdate()->first();
            /** @var CameraStateRecord $now */
            $now =
                CameraStateRecord::query()->where('gear_id', $gear->id)->lockForUpdate()->first() ??
                new CameraStateRecord(['gear_id' => $gear->id, 'user_id' => $this->user($request)->id]);
            if (! $now->exists || $now->left_at <= $at) {
                $now->fill(['document' => $document, 'by' => $by, 'left_at' => $at])->save();
            }

            return $now;
        });

        return new JsonResponse(self::shape($left));
    }

    /** @return array<string, mixed> */
    private static function shape(?CameraStateRecord $left): array
    {
        return [
            'camera_state' => $left === null
                    ? null
                    : [
                        'state' => $left->document,
                        'by' => $left->by,
                        'at' => $left->left_at->toIso8601ZuluString('millisecond'),
                    ],
        ];
    }
}
