<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\SchemaChecker;
use App\Http\Requests\RequestBody;
use App\Limits\Quota;
use App\Models\PlaceRecord;
use App\Models\User;
use App\Outings\DayFiles;
use App\Outings\PlaceFile;
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
use RushHold\Light\Observer;
use RushHold\Outing\Place;
use RushHold\Outing\Spot;

/**
 * Places to photograph at, and points of files to make them from.
 *
 * @extends UndoableController<PlaceRecord>
 */
final readonly class PlaceController extends UndoableController
{
    public function __construct(
        private SchemaChecker $checker,
        private Quota $quota,
        History $history,
        Creation $creation,
    ) {
        parent::__construct($history, $creation);
    }

    public function index(Request $request): JsonResponse
    {
        $asOf = self::asOf();
        $user = $this->user($request);
        /** @var Collection<int, PlaceRecord> $places */
        $places = $user->places()->orderByDesc('updated_at')->orderByDesc('id')->get();

        return new JsonResponse([
            'as_of' => $asOf,
            'places' => $places
                ->map(
                    static fn (PlaceRecord $place): array => [
                        'id' => $place->id,
                        'name' => $place->name,
                        'place' => $place->document,
                    ],
                )
                ->all(),
            'quota' => $this->quota->ofTable($user, 'places')['places'],
        ]);
    }

    public function show(Request $request): JsonResponse
    {
        return $this->answer($request, $this->record($request));
    }

    public function store(Request $request): JsonResponse
    {
        $body = RequestBody::of($request);

        return $this->make($request, $body, $this->user($request)->places()->make($this->fields($body)));
    }

    public function update(Request $request, PlaceRecord $place): JsonResponse
    {
        $body = RequestBody::of($request);
        $fields = $this->fields($body);

        return $this->answer(
            $request,
            $this->history->edit($place, $body->write(), static function (PlaceRecord $place) use ($fields): void {
                $place->fill($fields);
            }),
        );
    }

    /** The points of a GPX or KML file; nothing is kept. */
    public function read(Request $request): JsonResponse
    {
        return new JsonResponse(PlaceFile::read(RequestBody::of($request)->longText('text')));
    }

    /** Which way and how far it is from one point to another; nothing is kept. */
    public function bearing(Request $request): JsonResponse
    {
        $body = RequestBody::of($request);
        [$from, $to] = array_map(
            static fn (string $name): Observer => Spot::position(
                Reader::of(Reader::plain($body->object($name)), $name),
            ),
            ['from', 'to'],
        );
        $distance = $from->distanceM($to);

        return new JsonResponse([
            // where one stands already lies in no direction
            'bearing_deg' => $distance < 0.01 ? null : round($from->bearingDeg($to), 1),
            'distance_m' => round($distance, 2),
        ]);
    }

    public function gpx(Request $request): Response
    {
        $record = $this->record($request);
        $place = Place::read(Reader::of(Reader::plain($record->document)));

        return response(DayFiles::gpx($place->name, array_values($place->spots)), 200, [
            'Content-Type' => 'application/gpx+xml',
            'Content-Disposition' => 'attachment; filename="'.(Str::slug($place->name) ?: 'place').'.gpx"',
        ]);
    }

    protected function record(Request $request): PlaceRecord
    {
        return $this->bound($request, 'place', PlaceRecord::class);
    }

    protected function roomFor(User $user, Model&Undoable $record): void
    {
        $this->quota->forAnother($user, 'places');
    }

    protected function answer(Request $request, Model&Undoable $record, int $status = 200): JsonResponse
    {
        return new JsonResponse(
            ['id' => $record->id, 'name' => $record->name, 'place' => $record->document] +
                $this->history->undoState($record),
            $status,
        );
    }

    /** @return array{name: string, document: \stdClass} */
    private function fields(RequestBody $body): array
    {
        $document = $body->object('place');
        $place = $this->checker->check($document, 'place', 'place');
        // what its schema cannot say: a zone that is none, two spots of one id
        Place::read(Reader::of($place, 'place'));

        return ['name' => Reader::of($place)->text('name'), 'document' => $document];
    }
}
