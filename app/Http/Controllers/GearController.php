<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RequestBody;
use App\Kits\GearDocuments;
use App\Limits\Quota;
use App\Models\GearRecord;
use App\Models\RushRecord;
use App\Models\User;
use App\Plans\PlanCache;
use App\Undo\Creation;
use App\Undo\History;
use App\Undo\Undoable;
use App\Undo\UndoableController;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use RushHold\Dialect\BodyProfile;
use RushHold\Dialect\Translated;
use RushHold\Dialect\Translation;
use RushHold\Faults\UnknownChoice;

/**
 * Bodies, lenses, converters, adapters and supports of the account.
 *
 * @extends UndoableController<GearRecord>
 */
final readonly class GearController extends UndoableController
{
    public function __construct(
        private GearDocuments $documents,
        private PlanCache $plans,
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
        /** @var Collection<int, GearRecord> $gear */
        $gear = $user->gear()->orderBy('created_at')->orderBy('id')->get();

        return new JsonResponse([
            'as_of' => $asOf,
            'gear' => $gear->map(self::shape(...))->all(),
            'quota' => $this->quota->ofTable($user, 'gear'),
        ]);
    }

    public function show(Request $request): JsonResponse
    {
        return $this->answer($request, $this->record($request));
    }

    public function store(Request $request): JsonResponse
    {
        $body = RequestBody::of($request);
        $type = $body->text('type');
        if (! in_array($type, GearRecord::TYPES, true)) {
            throw UnknownChoice::of('type', $type, GearRecord::TYPES);
        }
        $name = $body->text('name');
        $document = $body->object('document');
        $this->documents->check($document, $type);

        return $this->make(
            $request,
            $body,
            $this->user($request)
                ->gear()
                ->make(['type' => $type, 'name' => $name, 'document' => $document]),
        );
    }

    public function update(Request $request, GearRecord $gear): JsonResponse
    {
        $body = RequestBody::of($request);
        $name = $body->text('name');
        $document = $body->object('document');
        $this->documents->check($document, $gear->type);
        $this->quota->forGear($this->user($request), self::bytes($document) - self::bytes($gear->document));

        return $this->answer(
            $request,
            $this->history->edit($gear, $body->write(), static function (GearRecord $gear) use (
                $name,
                $document,
            ): void {
                $gear->fill(['name' => $name, 'document' => $document]);
            }),
        );
    }

    /** The hold of a rush in the words of this body. */
    public function translation(Request $request, GearRecord $gear, RushRecord $rush): JsonResponse
    {
        $gear->asBody();
        $user = $this->user($request);
        $profile = BodyProfile::read($gear->read(), $gear->name);
        $plan = $this->plans->planOf($rush, $user);
        $says = (new Translation($profile, $user->assumed(), $user->units()))->say($plan->hold, $plan->kit->body);

        return new JsonResponse([
            'translation' => array_map(
                static fn (Translated $said): array => $said->toArray($profile->controlNames()),
                $says,
            ),
        ]);
    }

    protected function record(Request $request): GearRecord
    {
        return $this->bound($request, 'gear', GearRecord::class);
    }

    protected function roomFor(User $user, Model&Undoable $record): void
    {
        $this->quota->forAnother($user, 'gear', $record->type);
        $this->quota->forGear($user, self::bytes($record->document));
    }

    protected function answer(Request $request, Model&Undoable $record, int $status = 200): JsonResponse
    {
        return new JsonResponse(self::shape($record) + $this->history->undoState($record), $status);
    }

    private static function bytes(\stdClass $document): int
    {
        return strlen((string) json_encode($document));
    }

    /** @return array<string, mixed> */
    public static function shape(GearRecord $gear): array
    {
        return [
            'id' => $gear->id,
            'type' => $gear->type,
            'name' => $gear->name,
            'revision' => $gear->revision,
            'document' => $gear->document,
        ];
    }
}
