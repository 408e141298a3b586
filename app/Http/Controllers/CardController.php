<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Cards\CardComposer;
use App\Cards\CardPdf;
use App\Cards\Paper;
use App\Http\Requests\RequestBody;
use App\Limits\Quota;
use App\Models\CardRecord;
use App\Models\OutingRecord;
use App\Models\User;
use App\Undo\Creation;
use App\Undo\History;
use App\Undo\Undoable;
use App\Undo\UndoableController;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use RushHold\Controls\Layout;
use RushHold\Faults\NumberOutOfRange;
use RushHold\Faults\UnknownChoice;
use RushHold\Faults\WrongType;

/**
 * Cards to carry: write, tick, print, share.
 *
 * @extends UndoableController<CardRecord>
 */
final readonly class CardController extends UndoableController
{
    /** Holds one card may show. */
    private const HOLDS = Layout::HOLDS;

    /** Longest a shared link lives, in days. */
    private const SHARED_DAYS = 90;

    /** What of a page leaves with a shared card, and nothing else: no id, nothing of how the camera is kept. */
    private const SHARED = [
        'name',
        'fault',
        'about',
        'settings',
        'lines',
        'button',
        'aim',
        'figure',
        'technique',
        'trap_m',
        'distance',
        'focal',
        'zooms',
        'budget',
        'tips',
        'frame',
        'fast',
        'routine',
        'gave_way',
        'cautions',
        'kit',
        'hours',
        'water',
    ];

    /** Ticks kept of one card; the oldest go. */
    private const TICKS = 400;

    /** Cards that are sent whole with the list: the newest, so that one visit is enough to carry them. */
    private const CARRIED = 12;

    /** Bytes of whole cards that are sent with the list; one card at least is. */
    private const CARRIED_BYTES = 1_500_000;

    public function __construct(
        private CardComposer $composer,
        private Quota $quota,
        History $history,
        Creation $creation,
    ) {
        parent::__construct($history, $creation);
    }

    /** Every card, the newest first: a few whole, of all others the name. */
    public function index(Request $request): JsonResponse
    {
        $asOf = self::asOf();
        $user = $this->user($request);
        /** @var Collection<int, CardRecord> $cards */
        $cards = $user
            ->cards()
            ->select(['id', 'name'])
            ->orderByDesc('created_at')
            ->orderByDesc('id')
            ->get();
        $searches = self::HOLDS;
        $whole = [];
        $length = 0;
        /** @var Collection<int, CardRecord> $newest */
        $newest = $user
            ->cards()
            ->whereKey($cards->take(self::CARRIED)->modelKeys())
            ->orderByDesc('created_at')
            ->orderByDesc('id')
            ->get();
        foreach ($newest as $card) {
            $told = $this->whole($card, $user, $searches);
            $length += strlen((string) json_encode($told, JSON_PARTIAL_OUTPUT_ON_ERROR));
            if ($whole !== [] && $length > self::CARRIED_BYTES) {
                break;
            }
            $whole[] = $told;
        }
        $others = $cards
            ->skip(count($whole))
            ->map(static fn (CardRecord $card): array => ['id' => $card->id, 'name' => $card->name])
            ->values()
            ->all();

        return new JsonResponse([
            'as_of' => $asOf,
            'cards' => $whole,
            'others' => $others,
            'quota' => $this->quota->ofTable($user, 'cards')['cards'],
        ]);
    }

    public function show(Request $request): JsonResponse
    {
        return $this->answer($request, $this->record($request));
    }

    public function store(Request $request): JsonResponse
    {
        $body = RequestBody::of($request);
        $user = $this->user($request);
        $fields = $this->fields($body, $user);

        return $this->make($request, $body, $user->cards()->make($fields + ['ticks' => [], 'tips' => []]));
    }

    public function update(Request $request, CardRecord $card): JsonResponse
    {
        $body = RequestBody::of($request);
        $user = $this->user($request);
        $fields = $this->fields($body, $user);

        return $this->answer(
            $request,
            $this->history->edit($card, $body->write(), static function (CardRecord $card) use ($fields): void {
                $card->fill($fields);
            }),
        );
    }

    public function destroy(Request $request): Response
    {
        // its link is dead, also when it is brought back
        $this->record($request)->unshare()->save();

        return parent::destroy($request);
    }

    protected function record(Request $request): CardRecord
    {
        return $this->bound($request, 'card', CardRecord::class);
    }

    protected function roomFor(User $user, Model&Undoable $record): void
    {
        $this->quota->forAnother($user, 'cards');
    }

    protected function answer(Request $request, Model&Undoable $record, int $status = 200): JsonResponse
    {
        return new JsonResponse($this->whole($record, $this->user($request)), $status);
    }

    /** Takes ticks, of each the last made wherever it was made; those made offline arrive late and still count. */
    public function tick(Request $request, CardRecord $card): JsonResponse
    {
        $sent = get_object_vars(RequestBody::of($request)->names('ticks', self::TICKS));
        $new = [];
        foreach ($sent as $name => $tick) {
            if (
                ! ($tick instanceof \stdClass) ||
                ! is_bool($tick->on ?? null) ||
                ! is_int($tick->at ?? null) ||
                $tick->at < 0 ||
                mb_strlen((string) $name) > 160
            ) {
                throw WrongType::of(
                    'ticks.'.Str::limit((string) $name, 40),
                    $tick,
                    'an object with on, true or false, and at, a time in ms',
                );
            }
            $new[(string) $name] = [
                'on' => $tick->on,
                'at' => min($tick->at, (int) now()->getPreciseTimestamp(3) + 60_000),
            ];
        }
        $ticks = DB::transaction(static function () use ($card, $new): array {
            /** @var CardRecord $now */
            $now = CardRecord::query()->whereKey($card->id)->lockForUpdate()->firstOrFail();
            $ticks = $now->ticks;
            foreach ($new as $name => $tick) {
                if (! isset($ticks[$name]) || $ticks[$name]['at'] < $tick['at']) {
                    $ticks[$name] = $tick;
                }
            }
            uasort($ticks, static fn (array $a, array $b): int => $b['at'] <=> $a['at']);
            $now->ticks = array_slice($ticks, 0, self::TICKS, true);
            $now->save();

            return $now->ticks;
        });

        return new JsonResponse(['as_of' => self::asOf(), 'ticks' => (object) $ticks]);
    }

    public function share(Request $request, CardRecord $card): JsonResponse
    {
        $days = RequestBody::of($request)->whole('days');
        if ($days < 1 || $days > self::SHARED_DAYS) {
            throw NumberOutOfRange::of('days', $days, 1, self::SHARED_DAYS);
        }
        $token = rtrim(strtr(base64_encode(random_bytes(32)), '+/', '-_'), '=');
        $card
            ->fill([
                'share_token' => $token,
                'share_hash' => CardRecord::hashOf($token),
                'share_until' => now()->addDays($days),
            ])
            ->save();

        return $this->answer($request, $card);
    }

    public function unshare(Request $request, CardRecord $card): JsonResponse
    {
        $card->unshare()->save();

        return $this->answer($request, $card);
    }

    /** A shared card, for whoever has the link: what is on the card, and nothing else of the account. */
    public function shared(string $token): JsonResponse
    {
        $card =
            CardRecord::query()
                ->where('share_hash', CardRecord::hashOf($token))
                ->where('share_until', '>', now())
                ->with('user')
                ->first() ?? abort(404);

        return new JsonResponse([
            'name' => $card->name,
            'until' => $card->share_until?->toIso8601ZuluString(),
            'units' => $card->user->units()->value,
            'pages' => array_map(
                static fn (array $page): array => array_intersect_key($page, array_flip(self::SHARED)) + [
                    'camera' => $page['body']['name'] ?? '',
                ],
                $this->composer->pages($card, $card->user),
            ),
        ]);
    }

    public function pdf(Request $request, CardRecord $card, CardPdf $pdf): Response
    {
        $wanted = $request->query('paper', 'a5');
        $paper =
            Paper::tryFrom(is_string($wanted) ? $wanted : '') ??
            throw UnknownChoice::of('paper', $wanted, array_column(Paper::cases(), 'value'));

        $user = $this->user($request);

        return response($pdf->of($card->name, $this->composer->pages($card, $user), $paper, $user->units()), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'inline; filename="'.(Str::slug($card->name) ?: 'card').'.pdf"',
        ]);
    }

    /** @return array<string, mixed> */
    private function whole(CardRecord $card, User $user, int &$searches = self::HOLDS): array
    {
        // a token sealed with another key of the application cannot be told, and its link leads nowhere
        $shared = $card->share_until !== null && $card->share_until->isFuture() && $card->share_token !== null;

        return [
            'id' => $card->id,
            'card' => ['name' => $card->name, 'rushes' => $card->rushes, 'outing_id' => $card->outing_id],
            'ticks' => (object) $card->ticks,
            'as_of' => now()->toIso8601ZuluString('millisecond'),
            'share' => $shared
                ? ['link' => url('/shared/'.$card->share_token), 'until' => $card->share_until->toIso8601ZuluString()]
                : null,
            'pages' => $this->composer->pages($card, $user, $searches),
        ] + $this->history->undoState($card);
    }

    /** @return array{name: string, rushes: list<string>, outing_id: ?string} rushes and day out of this account alone */
    private function fields(RequestBody $body, User $user): array
    {
        $ids = array_values(array_unique($body->texts('rushes', self::HOLDS)));
        $this->refuseStrangers($user, 'rushes', $ids);
        $outing = $body->optionalText('outing_id', 26);
        // one that was deleted may stand there still, as a rush may
        $own = OutingRecord::query()->withoutGlobalScope(SoftDeletingScope::class)->whereBelongsTo($user);
        if ($outing !== null && ! $own->whereKey($outing)->exists()) {
            throw UnknownChoice::of('outing_id', $outing, ['the id of an outing of yours']);
        }

        return ['name' => $body->text('name'), 'rushes' => $ids, 'outing_id' => $outing];
    }
}
