<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Cards\CardKeeper;
use App\Cards\CardPdf;
use App\Cards\Paper;
use App\History\Creation;
use App\History\History;
use App\Http\Requests\Body;
use App\Limits\Room;
use App\Models\Card;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use RushHold\Faults\NumberOutOfRange;
use RushHold\Faults\UnknownChoice;
use RushHold\Faults\WrongType;

/** Cards to carry: write, tick, print, share. */
final readonly class CardController extends Controller
{
    /** Holds one card may show. */
    private const HOLDS = 12;

    /** Longest a shared link lives, in days. */
    private const SHARED_DAYS = 90;

    /** What of a sheet leaves with a shared card, and nothing else: no id, nothing of how the camera is kept. */
    private const SHARED = [
        'name', 'fault', 'settings', 'lines', 'button', 'aim', 'figure', 'technique', 'trap_m', 'distance', 'focal', 'zooms', 'budget', 'tips', 'gave_way',
        'cautions', 'kit',
    ];

    /** Ticks kept of one card; the oldest go. */
    private const TICKS = 400;

    /** Cards that are sent whole with the list: the newest, so that one visit is enough to carry them. */
    private const CARRIED = 12;

    /** Bytes of whole cards that are sent with the list; one card at least is. */
    private const CARRIED_BYTES = 1_500_000;

    public function __construct(private CardKeeper $keeper, private History $history, private Creation $creation, private Room $room) {}

    /** Every card, the newest first: a few whole, of all others the name. */
    public function index(Request $request): JsonResponse
    {
        $asOf = self::asOf();
        $user = $this->user($request);
        /** @var Collection<int, Card> $cards */
        $cards = $user->cards()->select(['id', 'name'])->orderByDesc('created_at')->orderByDesc('id')->get();
        $searches = self::HOLDS;
        $whole = [];
        $length = 0;
        /** @var Collection<int, Card> $newest */
        $newest = $user->cards()->whereKey($cards->take(self::CARRIED)->modelKeys())->orderByDesc('created_at')->orderByDesc('id')->get();
        foreach ($newest as $card) {
            $told = $this->whole($card, $user, $searches);
            $length += strlen((string) json_encode($told, JSON_PARTIAL_OUTPUT_ON_ERROR));
            if ($whole !== [] && $length > self::CARRIED_BYTES) {
                break;
            }
            $whole[] = $told;
        }
        $others = $cards->skip(count($whole))->map(static fn (Card $card): array => ['id' => $card->id, 'name' => $card->name])->values()->all();

        return new JsonResponse(['as_of' => $asOf, 'cards' => $whole, 'others' => $others, 'room' => ['used' => $cards->count(), 'most' => (int) config('rushhold.room.cards')]]);
    }

    public function show(Request $request, Card $card): JsonResponse
    {
        return new JsonResponse($this->whole($card, $this->user($request)));
    }

    public function store(Request $request): JsonResponse
    {
        $body = Body::of($request);
        $user = $this->user($request);
        $fields = ['name' => $body->text('name'), 'rushes' => $this->rushes($body, $user)];
        [$card, $new] = $this->creation->once($user, Card::class, $body->optionalText('write', 40), function () use ($user, $fields): Card {
            $this->room->forAnother('cards', $user->cards()->count());
            $card = $user->cards()->make($fields + ['ticks' => [], 'tips' => [], 'revision' => 1, 'position' => 1]);
            $card->save();
            $this->history->begin($card);

            return $card;
        });

        return new JsonResponse($this->whole($card, $user), $new ? 201 : 200);
    }

    public function update(Request $request, Card $card): JsonResponse
    {
        $body = Body::of($request);
        $user = $this->user($request);
        $fields = ['name' => $body->text('name'), 'rushes' => $this->rushes($body, $user)];

        return new JsonResponse($this->whole($this->history->edit($card, $body->whole('revision'), $body->text('gesture', 40), $body->optionalText('write', 40) ?? '', static function (Card $card) use ($fields): void {
            $card->fill($fields);
        }), $user));
    }

    public function undo(Request $request, Card $card): JsonResponse
    {
        return new JsonResponse($this->whole($this->history->step($card, Body::of($request)->whole('revision'), -1), $this->user($request)));
    }

    public function redo(Request $request, Card $card): JsonResponse
    {
        return new JsonResponse($this->whole($this->history->step($card, Body::of($request)->whole('revision'), 1), $this->user($request)));
    }

    public function destroy(Card $card): Response
    {
        // its link is dead, also when it is brought back
        $card->unshare()->save();
        $card->delete();

        return response()->noContent();
    }

    public function restore(Request $request, Card $card): JsonResponse
    {
        $user = $this->user($request);
        DB::transaction(function () use ($user, $card): void {
            $user->inTurn();
            $this->room->forAnother('cards', $user->cards()->count());
            $card->restore();
        });

        return new JsonResponse($this->whole($card, $user));
    }

    /** Takes ticks, of each the last made wherever it was made; those made offline arrive late and still count. */
    public function tick(Request $request, Card $card): JsonResponse
    {
        $sent = get_object_vars(Body::of($request)->names('ticks', self::TICKS));
        $new = [];
        foreach ($sent as $name => $tick) {
            if (! $tick instanceof \stdClass || ! is_bool($tick->on ?? null) || ! is_int($tick->at ?? null) || $tick->at < 0 || mb_strlen((string) $name) > 160) {
                throw WrongType::of('ticks.'.Str::limit((string) $name, 40), $tick, 'an object with on, true or false, and at, a time in ms');
            }
            $new[(string) $name] = ['on' => $tick->on, 'at' => min($tick->at, (int) (now()->getPreciseTimestamp(3)) + 60_000)];
        }
        $ticks = DB::transaction(static function () use ($card, $new): array {
            /** @var Card $now */
            $now = Card::query()->whereKey($card->id)->lockForUpdate()->firstOrFail();
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

    public function share(Request $request, Card $card): JsonResponse
    {
        $days = Body::of($request)->whole('days');
        if ($days < 1 || $days > self::SHARED_DAYS) {
            throw NumberOutOfRange::of('days', $days, 1, self::SHARED_DAYS);
        }
        $token = rtrim(strtr(base64_encode(random_bytes(32)), '+/', '-_'), '=');
        $card->fill(['share_token' => $token, 'share_hash' => Card::hashOf($token), 'share_until' => now()->addDays($days)])->save();

        return new JsonResponse($this->whole($card, $this->user($request)));
    }

    public function unshare(Request $request, Card $card): JsonResponse
    {
        $card->unshare()->save();

        return new JsonResponse($this->whole($card, $this->user($request)));
    }

    /** A shared card, for whoever has the link: what is on the card, and nothing else of the account. */
    public function shared(string $token): JsonResponse
    {
        $card = Card::query()->where('share_hash', Card::hashOf($token))->where('share_until', '>', now())->with('user')->first() ?? abort(404);

        return new JsonResponse([
            'name' => $card->name, 'until' => $card->share_until?->toIso8601ZuluString(), 'units' => $card->user->units()->value,
            'sheets' => array_map(static fn (array $sheet): array => array_intersect_key($sheet, array_flip(self::SHARED)) + ['camera' => $sheet['body']['name'] ?? ''], $this->keeper->sheets($card, $card->user)),
        ]);
    }

    public function pdf(Request $request, Card $card, CardPdf $pdf): Response
    {
        $wanted = $request->query('paper', 'a5');
        $paper = Paper::tryFrom(is_string($wanted) ? $wanted : '') ?? throw UnknownChoice::of('paper', $wanted, array_column(Paper::cases(), 'value'));

        $user = $this->user($request);

        return response($pdf->of($card->name, $this->keeper->sheets($card, $user), $paper, $user->units()), 200, [
            'Content-Type' => 'application/pdf', 'Content-Disposition' => 'inline; filename="'.(Str::slug($card->name) ?: 'card').'.pdf"',
        ]);
    }

    /** @return array<string, mixed> */
    private function whole(Card $card, User $user, int &$searches = self::HOLDS): array
    {
        // a token sealed with another key of the application cannot be told, and its link leads nowhere
        $shared = $card->share_until !== null && $card->share_until->isFuture() && $card->share_token !== null;

        return [
            'id' => $card->id, 'card' => ['name' => $card->name, 'rushes' => $card->rushes], 'ticks' => (object) $card->ticks, 'as_of' => now()->toIso8601ZuluString('millisecond'),
            'share' => $shared ? ['link' => url('/shared/'.$card->share_token), 'until' => $card->share_until->toIso8601ZuluString()] : null,
            'sheets' => $this->keeper->sheets($card, $user, $searches),
        ] + $this->history->marks($card);
    }

    /** @return list<string> ids of rushes of this account */
    private function rushes(Body $body, User $user): array
    {
        $ids = array_values(array_unique($body->texts('rushes', self::HOLDS)));
        $this->refuseStrangers($user, 'rushes', $ids);

        return $ids;
    }
}
