<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\JsonText;
use App\Documents\SchemaChecker;
use App\Http\Requests\RequestBody;
use App\Limits\Quota;
use App\Models\OutingRecord;
use App\Models\PlaceRecord;
use App\Models\User;
use App\Outings\DayCache;
use App\Outings\DayFiles;
use App\Outings\OutingComposer;
use App\Outings\PlaceReadings;
use App\Outings\RushAtMoment;
use App\Plans\PlanCache;
use App\Undo\Creation;
use App\Undo\History;
use App\Undo\Undoable;
use App\Undo\UndoableController;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use RushHold\Document\Reader;
use RushHold\Faults\UnknownChoice;
use RushHold\Outing\LocalDay;
use RushHold\Planning\Planner;

/**
 * Days out: write, reckon, give to a calendar.
 *
 * @extends UndoableController<OutingRecord>
 */
final readonly class OutingController extends UndoableController
{
    public function __construct(
        private DayCache $days,
        private OutingComposer $composer,
        private PlaceReadings $readings,
        private PlanCache $plans,
        private Planner $planner,
        private SchemaChecker $checker,
        private Quota $quota,
        History $history,
        Creation $creation,
    ) {
        parent::__construct($history, $creation);
    }

    /** Every outing, the latest day first. */
    public function index(Request $request): JsonResponse
    {
        $asOf = self::asOf();
        $user = $this->user($request);
        /** @var Collection<int, OutingRecord> $outings */
        $outings = $user
            ->outings()
            ->with('place:id,name,document,deleted_at')
            ->select(['id', 'place_id', 'name', 'day', 'document'])
            ->orderByDesc('day')
            ->orderByDesc('id')
            ->get();

        return new JsonResponse([
            'as_of' => $asOf,
            'next' => $this->next($outings)?->id,
            'outings' => $outings
                ->map(
                    static fn (OutingRecord $outing): array => [
                        'id' => $outing->id,
                        'name' => $outing->name,
                        'date' => $outing->day,
                        'place' => $outing->place->name,
                    ],
                )
                ->all(),
            'quota' => $this->quota->ofTable($user, 'outings')['outings'],
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

        return $this->make($request, $body, $user->outings()->make($this->fields($body, $user)));
    }

    public function update(Request $request, OutingRecord $outing): JsonResponse
    {
        $body = RequestBody::of($request);
        $fields = $this->fields($body, $this->user($request));

        return $this->answer(
            $request,
            $this->history->edit($outing, $body->write(), static function (OutingRecord $outing) use ($fields): void {
                $outing->fill($fields)->unsetRelation('place');
            }),
        );
    }

    /** The day reckoned, or why it cannot be. */
    public function day(Request $request, OutingRecord $outing): JsonResponse
    {
        $user = $this->user($request);
        $day = $this->days->of($outing, $user);
        $learnt = $this->readings->learnt($outing->place, $user);

        return JsonText::object([
            'revision' => $outing->revision,
            'day' => $day->text($user->units()),
            'fault' => $day->fault,
            'learnt' => $learnt === null
                ? null
                : ['readings' => $learnt->readings, 'stops' => round($learnt->stops, 2), 'spread_stops' => round($learnt->spreadStops, 2)],
        ])->response();
    }

    /** A rush of the day in the light and the air of one moment at its spot, and its plan: as the day has it. */
    public function at(Request $request, OutingRecord $outing): JsonResponse
    {
        $user = $this->user($request);
        $asked = Reader::of($request->query->all());
        $found = RushAtMoment::of(
            $outing,
            $user,
            $asked->text('rush'),
            $asked->text('at'),
            $this->composer,
            $this->planner,
        );
        [$plan, $fault] = $this->plans->planValues($found->rush, $found->kit, $user);

        return $plan === null
            ? $this->refuse((array) $fault)
            : JsonText::object(['rush' => $found->document, 'lens' => $found->lens, 'plan' => $plan])->response();
    }

    public function calendar(Request $request, OutingRecord $outing): Response
    {
        $user = $this->user($request);

        return response(DayFiles::calendar($outing, $this->days->dayOf($outing, $user), $user->units()), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="'.(Str::slug($outing->name) ?: 'outing').'.ics"',
        ]);
    }

    protected function record(Request $request): OutingRecord
    {
        return $this->bound($request, 'outing', OutingRecord::class);
    }

    protected function roomFor(User $user, Model&Undoable $record): void
    {
        $this->quota->forAnother($user, 'outings');
    }

    protected function answer(Request $request, Model&Undoable $record, int $status = 200): JsonResponse
    {
        $place = $record->place;

        return new JsonResponse(
            [
                'id' => $record->id,
                'name' => $record->name,
                'place_id' => $record->place_id,
                'outing' => $record->document,
                'place' => $place->document,
                // the weather hour by hour, what is typed and what is made up
                'sky' => $this->composer->sky(Reader::plain($record->document), Reader::plain($place->document)),
            ] + $this->history->undoState($record),
            $status,
        );
    }

    /**
     * The one to open first: the next to come, or the last there was.
     *
     * @param  Collection<int, OutingRecord>  $outings  the latest day first
     */
    private function next(Collection $outings): ?OutingRecord
    {
        $next = $outings->first();
        foreach ($outings as $outing) {
            if ($outing->endsAt() < now()->getTimestamp()) {
                break;
            }
            $next = $outing;
        }

        return $next;
    }

    /** @return array{name: string, place_id: string, day: string, document: \stdClass} */
    private function fields(RequestBody $body, User $user): array
    {
        $document = $body->object('outing');
        $outing = Reader::of($this->checker->check($document, 'outing.json#/$defs/kept', 'outing'), 'outing');
        $placeId = $body->text('place_id', 26);
        $place = PlaceRecord::query()->whereBelongsTo($user)->whereKey($placeId)->first();
        if ($place === null) {
            throw UnknownChoice::of('place_id', $placeId, ['the id of a place of yours']);
        }
        // what its schema cannot say: a day that is none
        LocalDay::of($outing->text('date'), 'UTC', 'outing.date');
        $this->refuseStrangers(
            $user,
            'outing.rushes',
            array_map(static fn (Reader $one): string => $one->text('rush_id'), $outing->objects('rushes')),
        );

        return [
            'name' => $body->text('name'),
            'place_id' => $place->id,
            'day' => $outing->text('date'),
            'document' => $document,
        ];
    }
}
