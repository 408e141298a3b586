<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RequestBody;
use App\Log\Bursts\LogActs;
use App\Log\Bursts\LogShapes;
use App\Log\Counts\Promises;
use App\Log\Counts\Tallies;
use App\Log\Frames\FramePictures;
use App\Log\Frames\Relooks;
use App\Models\BurstRecord;
use App\Models\FrameRecord;
use App\Models\RushRecord;
use App\Problems\Problem;
use App\Problems\ProblemException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use RushHold\Document\Reader;
use RushHold\Faults\NumberOutOfRange;
use RushHold\Faults\TextOutOfBounds;
use RushHold\Faults\UnknownChoice;
use RushHold\Sharpness\FrameVerdict;
use RushHold\Sharpness\Turn;

/** Bursts: looked at, given their rush, touched on their subject, split and joined. */
final readonly class BurstController extends Controller
{
    /** Bursts before one, and bursts after it, that are told as next to it. */
    private const NEAR = 12;

    public function __construct(
        private LogActs $acts,
        private LogShapes $shapes,
        private Relooks $relooks,
        private FramePictures $pictures,
        private Promises $promises,
        private Tallies $tallies,
    ) {}

    public function show(Request $request, BurstRecord $burst): JsonResponse
    {
        $user = $this->user($request);
        $look = $this->relooks->last($burst);
        $from = $request->query('from', '0');
        if (! is_string($from) || preg_match('/^\d{1,6}$/', $from) !== 1) {
            throw TextOutOfBounds::of('from', mb_strcut(is_string($from) ? $from : '', 0, 40), 'a whole number from 0 to 999999');
        }

        return new JsonResponse([
            'burst' => $this->shapes->burst($user, $burst, (int) $from),
            'look' => $look?->counted(),
            'undo' => $this->acts->next($user, true)?->words,
            'redo' => $this->acts->next($user, false)?->words,
        ]);
    }

    /** The bursts before and after it, the nearest first. */
    public function near(Request $request, BurstRecord $burst): JsonResponse
    {
        $user = $this->user($request);
        $at = [$burst->began_at->format('Y-m-d H:i:s.v'), $burst->id];
        $near = [];
        foreach (['<' => 'desc', '>' => 'asc'] as $than => $way) {
            $side = $user->bursts()->whereRaw("(began_at, id) {$than} (?, ?)", $at)->limit(self::NEAR);
            foreach ($side->orderBy('began_at', $way)->orderBy('id', $way)->get() as $one) {
                $apart = abs((float) $burst->began_at->diffInMilliseconds($one->began_at));
                $near[] = [$apart, ['id' => $one->id, 'clock' => $one->clock, 'frames' => $one->frames]];
            }
        }
        usort($near, static fn (array $one, array $other): int => $one[0] <=> $other[0]);

        return new JsonResponse(['bursts' => array_column($near, 1)]);
    }

    /** Which rush it was taken for; null takes that back. */
    public function rush(Request $request, BurstRecord $burst): JsonResponse
    {
        $user = $this->user($request);
        $id = RequestBody::of($request)->optionalText('rush_id', 26);
        $rush = $id === null ? null : $user->rushes()->with(RushRecord::WITH_KIT)->find($id);
        if ($id !== null && $rush === null) {
            throw UnknownChoice::of('rush_id', $id, ['the id of a rush of yours']);
        }
        // what its plan promises is told as it stands now, whatever becomes of the plan later
        $promise = $rush === null ? null : $this->promises->of($rush, $user)?->id;
        $this->acts->do($user, $id === null ? 'rush taken off' : 'rush given', $burst->id, [
            $burst->id => ['rush_id' => $id, 'promise_id' => $promise],
        ], []);
        // the plan may put the subject elsewhere than the middle, where nobody has said
        if ($id !== null && $burst->frames()->whereIn('found_by', ['middle', 'plan'])->exists()) {
            $this->relooks->begin($user, $burst->id);
        }

        return $this->show($request, $burst->refresh());
    }

    /** Where the subject is in one frame, as shares of its sides as it is looked at; the others are looked through for it. */
    public function subject(Request $request, BurstRecord $burst): JsonResponse
    {
        $user = $this->user($request);
        $body = RequestBody::of($request);
        $frame = $this->frame($burst, $body->text('frame', 26), 'frame');
        if ($frame->file_id === null) {
            throw new ProblemException(
                new Problem(
                    'file-gone',
                    409,
                    'Its file is gone',
                    "The file of {$frame->name} is no longer kept, so nothing more can be measured in it.",
                ),
            );
        }
        $box = Reader::of(Reader::plain($body->object('box')), 'box');
        [$x, $y, $w, $h] = array_map(
            static function (string $side) use ($box): float {
                $share = $box->number($side);
                $least = in_array($side, ['w', 'h'], true) ? 0.002 : 0.0;

                return $share >= $least && $share <= 1
                    ? $share
                    : throw NumberOutOfRange::of('box.'.$side, $share, $least, 1);
            },
            ['x', 'y', 'w', 'h'],
        );
        $back = (new Turn($frame->facts()->orientation))->back();
        [$oneX, $oneY] = $back->place($x, $y);
        [$otherX, $otherY] = $back->place(min(1.0, $x + $w), min(1.0, $y + $h));
        $subject = [
            'frame' => $frame->id,
            'x' => (int) round(min($oneX, $otherX) * $frame->width),
            'y' => (int) round(min($oneY, $otherY) * $frame->height),
            'w' => max(1, (int) round(abs($otherX - $oneX) * $frame->width)),
            'h' => max(1, (int) round(abs($otherY - $oneY) * $frame->height)),
        ];
        $this->acts->do($user, 'subject touched', $burst->id, [
            $burst->id => ['subject' => $subject],
        ], []);

        return $this->show($request, $burst->refresh());
    }

    /** From this frame on it is another burst. */
    public function split(Request $request, BurstRecord $burst): JsonResponse
    {
        $user = $this->user($request);
        $from = $this->frame($burst, RequestBody::of($request)->text('frame', 26), 'frame');
        $ids = array_map(static fn (FrameRecord $frame): string => $frame->id, $burst->inOrder());
        $at = (int) array_search($from->id, $ids, true);
        if ($at === 0) {
            throw UnknownChoice::of('frame', $from->id, ['a frame after the first of its burst']);
        }
        $new = strtolower((string) Str::ulid());
        $this->acts->do(
            $user,
            'burst split',
            $burst->id,
            [
                $new => ['rush_id' => $burst->rush_id, 'promise_id' => $burst->promise_id, 'by_hand' => true, 'subject' => null] + self::whole($burst),
                $burst->id => ['by_hand' => true],
            ],
            array_fill_keys(array_slice($ids, $at), ['burst_id' => $new]),
        );

        return $this->show($request, $burst->refresh());
    }

    /** Takes the frames of another burst into this one. */
    public function join(Request $request, BurstRecord $burst): JsonResponse
    {
        $user = $this->user($request);
        $id = RequestBody::of($request)->text('with', 26);
        $other = $user->bursts()->find($id);
        if ($other === null || $other->id === $burst->id) {
            throw UnknownChoice::of('with', $id, ['the id of another burst of yours']);
        }
        $this->acts->do(
            $user,
            'bursts joined',
            $burst->id,
            [$burst->id => ['by_hand' => true], $other->id => null],
            array_fill_keys($other->frames()->pluck('id')->all(), ['burst_id' => $burst->id]),
        );

        return $this->show($request, $burst->refresh());
    }

    /** Takes the machine's verdict on every frame nobody has judged. */
    public function agree(Request $request, BurstRecord $burst): JsonResponse
    {
        $user = $this->user($request);
        $open = [];
        foreach ($burst->inOrder() as $frame) {
            if ($frame->eye === null && $frame->verdict !== FrameVerdict::Unclear) {
                $open[$frame->id] = ['eye' => $frame->verdict->value];
            }
        }
        if ($open !== []) {
            $words = sprintf('%d %s judged as measured', count($open), count($open) === 1 ? 'frame' : 'frames');
            $this->acts->do($user, $words, $burst->id, [], $open);
        }

        return $this->show($request, $burst->refresh());
    }

    /** Deletes it with its frames and their pictures, for good. */
    public function destroy(Request $request, BurstRecord $burst): Response
    {
        $user = $this->user($request);
        $frames = $burst->inOrder();
        DB::transaction(function () use ($user, $burst): void {
            $user->inTurn();
            $this->tallies->forget($burst);
            $burst->frames()->delete();
            $burst->delete();
        });
        $this->pictures->delete($frames);

        return response()->noContent();
    }

    /** @return array<string, mixed> what a burst that is split off takes along */
    private static function whole(BurstRecord $burst): array
    {
        return array_intersect_key($burst->toArray(), array_flip(['body', 'lens', 'began_at', 'ended_at', 'clock']));
    }

    private function frame(BurstRecord $burst, string $id, string $field): FrameRecord
    {
        return $burst->frames()->find($id) ?? throw UnknownChoice::of($field, $id, ['the id of a frame of this burst']);
    }
}
