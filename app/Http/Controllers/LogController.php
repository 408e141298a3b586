<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CountedBy;
use App\Http\Requests\RequestBody;
use App\Limits\Quota;
use App\Log\Bursts\BurstKeeper;
use App\Log\Bursts\LogActs;
use App\Log\Bursts\LogShapes;
use App\Log\Counts\Counting;
use App\Log\Counts\CountShapes;
use App\Log\Counts\Tallies;
use App\Log\Frames\FramePictures;
use App\Log\Intake\Intakes;
use App\Log\Yours\Learning;
use App\Models\BurstRecord;
use App\Models\FrameRecord;
use App\Models\User;
use App\Shoot\DemoShoot;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use RushHold\Faults\TextOutOfBounds;
use RushHold\Outing\LocalDay;

/** The log as a whole: its bursts, what is being taken in, what was done last. */
final readonly class LogController extends Controller
{
    /** Bursts of a page. */
    private const PAGE = 24;

    /** Pieces let go in one request. */
    private const LET_GO = 2000;

    public function __construct(
        private Intakes $intakes,
        private LogActs $acts,
        private LogShapes $shapes,
        private Quota $quota,
        private FramePictures $pictures,
        private BurstKeeper $bursts,
        private CountShapes $counts,
    ) {}

    /** A page of bursts, the latest first. */
    public function index(Request $request): JsonResponse
    {
        $user = $this->user($request);
        $before = $request->query('before');
        $where = CountedBy::where(CountedBy::asked($request));
        $telling = $this->telling($user, $request->query('of'), $request->query('beside') !== null);
        $found = $this->page(
            $user,
            $where,
            $telling,
            $before === null ? null : self::cursor($before),
        );
        $page = $found->take(self::PAGE);
        $last = $page->last();

        return new JsonResponse([
            'as_of' => self::asOf(),
            'where' => $this->counts->where($user, $where),
            'bursts' => $this->shapes->bursts($user, $page),
            'next' => $found->count() > self::PAGE && $last !== null
                ? $last->began_at->format('Y-m-d H:i:s.v').' '.$last->id
                : null,
            'room' => $this->quota->ofTable($user, 'frames'),
        ] + $this->state($user));
    }

    /** What is being taken in. */
    public function intake(Request $request): JsonResponse
    {
        return new JsonResponse($this->state($this->user($request)));
    }

    public function cancel(Request $request): JsonResponse
    {
        $user = $this->user($request);
        $this->intakes->cancel($user);

        return new JsonResponse($this->state($user));
    }

    /** Whether a file has been taken in before, so that it need not be sent. */
    public function known(Request $request, string $hash): JsonResponse
    {
        return new JsonResponse(['known' => $this->user($request)->frames()->where('hash', $hash)->exists()]);
    }

    public function undo(Request $request): JsonResponse
    {
        return $this->turned($this->user($request), true);
    }

    public function redo(Request $request): JsonResponse
    {
        return $this->turned($this->user($request), false);
    }

    /** How often the person and the machine have said the same, and what each said where they did not. */
    public function agreement(Request $request): JsonResponse
    {
        $pairs = [];
        foreach (Tallies::of($this->user($request), Tallies::EYES)->get() as $row) {
            $pairs[] = ['eye' => (string) $row->one, 'verdict' => (string) $row->other, 'count' => (int) $row->frames];
        }

        return new JsonResponse(['pairs' => $pairs]);
    }

    /** Lets the pieces of frames taken before a day go; all of each, reduced, and what was seen of it, stay. */
    public function letGo(Request $request): JsonResponse
    {
        $user = $this->user($request);
        $day = RequestBody::of($request)->text('before', 10);
        LocalDay::of($day, 'UTC', 'before');
        /** @var Collection<int, FrameRecord> $frames */
        $frames = $user
            ->frames()
            ->where('held_by', $user->id)
            ->whereNotNull('crop')
            ->where('taken_at', '<', $day.' 00:00:00.000')
            ->limit(self::LET_GO)
            ->get();
        // asked of the disk before anybody is held up
        $bytes = $frames->mapWithKeys(
            fn (FrameRecord $frame): array => [$frame->id => $this->pictures->bytesOf($frame, FramePictures::PIECE)],
        );
        DB::transaction(function () use ($user, $frames, $bytes): void {
            $user->inTurn();
            foreach ($frames as $frame) {
                $left = max(0, $frame->picture_bytes - (int) $bytes[$frame->id]);
                $frame->fill(['crop' => null, 'picture_bytes' => $left])->save();
            }
            $this->bursts->recountAll(array_values($frames->pluck('burst_id')->unique()->all()));
        });
        $freed = (int) $bytes->sum();
        $this->pictures->delete($frames, [FramePictures::PIECE]);

        return new JsonResponse([
            'frames' => $frames->count(),
            'bytes' => $freed,
            'more' => $frames->count() === self::LET_GO,
        ]);
    }

    /**
     * @param  array<string, string>  $where  value of each dimension that is to be so
     * @param  ?list<string>  $among  ids they are among
     * @param  ?array{string, string}  $before  moment and id of the last burst of the page before
     * @return Collection<int, BurstRecord> the bursts of a page, and one more where there is another page
     */
    private function page(User $user, array $where, ?array $among, ?array $before): Collection
    {
        // bursts that are to be like something are found by what they have been counted as, which is ordered by each
        [$ids, $id] = $where === []
            ? [DB::table('bursts')->where('user_id', $user->id), 'id']
            : [Counting::of($user, $where)->counted(), 'burst_id'];
        $ids->orderByDesc('began_at')
            ->orderByDesc($id)
            ->limit(self::PAGE + 1);
        if ($among !== null) {
            $ids->whereIn($id, $among);
        }
        if ($before !== null) {
            $ids->whereRaw("(began_at, {$id}) < (?, ?)", $before);
        }
        /** @var Collection<int, BurstRecord> $found */
        $found = $user->bursts()->whereKey($ids->pluck($id)->all())->get();

        return $found
            ->sort(
                static fn (BurstRecord $a, BurstRecord $b): int => $b->began_at <=> $a->began_at ?: $b->id <=> $a->id,
            )
            ->values();
    }

    /**
     * The bursts that a figure of one's own is told from, or those with frames that were kept out of it.
     *
     * @return ?list<string> their ids; null where no figure is asked for
     */
    private function telling(User $user, mixed $figure, bool $keptOut): ?array
    {
        if (! is_string($figure)) {
            return null;
        }
        $row = Learning::rows($user)->where('name', $figure)->first(['bursts', 'kept_out']);
        $ids = json_decode((string) ($keptOut ? $row?->kept_out : $row?->bursts), true);
        $ids = is_array($ids) ? array_values(array_filter($ids, is_string(...))) : [];
        if ($keptOut) {
            // frames, or whole bursts of a place's light
            array_push($ids, ...array_map(strval(...), $user->frames()->whereKey($ids)->pluck('burst_id')->all()));
        }

        return $ids;
    }

    private function turned(User $user, bool $back): JsonResponse
    {
        $act = $this->acts->turn($user, $back);

        return new JsonResponse(['words' => $act?->words, 'burst' => $act?->burst_id] + $this->turns($user));
    }

    /** @return array<string, mixed> */
    private function state(User $user): array
    {
        $run = $this->intakes->wake($user);

        return ['intake' => $run?->told(), 'demo' => $user->isVisitor() ? DemoShoot::under() : null] + $this->turns($user);
    }

    /** @return array{undo: ?string, redo: ?string} what would be taken back, and done again */
    private function turns(User $user): array
    {
        return [
            'undo' => $this->acts->next($user, true)?->words,
            'redo' => $this->acts->next($user, false)?->words,
        ];
    }

    /** @return array{string, string} moment and id of the last burst of the page before */
    private static function cursor(mixed $before): array
    {
        return is_string($before) &&
            preg_match('/^(\d{4}-\d\d-\d\d \d\d:\d\d:\d\d\.\d{3}) ([0-9a-z]{26})$/', $before, $at) === 1
            ? [$at[1], $at[2]]
            : throw TextOutOfBounds::of('before', is_string($before) ? $before : '', 'what “next” of the page before says');
    }
}
