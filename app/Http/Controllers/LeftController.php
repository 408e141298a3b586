<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\Body;
use App\Models\Gear;
use App\Models\Left;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use RushHold\Card\CameraState;
use RushHold\Document\DocumentChecker;
use RushHold\Faults\NumberOutOfRange;
use RushHold\Faults\UnknownChoice;

/** How a body was left, typed or set from a card. */
final readonly class LeftController extends Controller
{
    /** The first day of the century: what is told to have been left before is a clock that has not been set. */
    private const FIRST_MS = 946_684_800_000;

    public function __construct(private DocumentChecker $checker) {}

    public function show(Gear $gear): JsonResponse
    {
        return new JsonResponse(self::shape(Left::query()->where('gear_id', $gear->id)->first()));
    }

    /** Takes how it was left, unless something later is known: what was set offline may arrive after it. */
    public function update(Request $request, Gear $gear): JsonResponse
    {
        if ($gear->type !== 'body') {
            throw UnknownChoice::of('gear', $gear->type, ['a body']);
        }
        $body = Body::of($request);
        $document = $body->object('left');
        CameraState::fromArray($this->checker->check($document, 'left', 'left'));
        $by = $body->text('by');
        $told = $body->whole('at');
        if ($told < self::FIRST_MS) {
            throw NumberOutOfRange::of('at', (float) $told, (float) self::FIRST_MS, null, 'ms');
        }
        $at = Carbon::createFromTimestampMs(min($told, (int) now()->getPreciseTimestamp(3)));
        $left = DB::transaction(function () use ($gear, $request, $document, $by, $at): Left {
            // the body is there to be locked when nothing is known of it yet
            Gear::query()->whereKey($gear->id)->lockForUpdate()->first();
            /** @var Left $now */
            $now = Left::query()->where('gear_id', $gear->id)->lockForUpdate()->first() ?? new Left(['gear_id' => $gear->id, 'user_id' => $this->user($request)->id]);
            if (! $now->exists || $now->left_at <= $at) {
                $now->fill(['document' => $document, 'by' => $by, 'left_at' => $at])->save();
            }

            return $now;
        });

        return new JsonResponse(self::shape($left));
    }

    /** @return array<string, mixed> */
    private static function shape(?Left $left): array
    {
        return ['left' => $left === null ? null : ['state' => $left->document, 'by' => $left->by, 'at' => $left->left_at->toIso8601ZuluString('millisecond')]];
    }
}
