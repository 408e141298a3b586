<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\History\Creation;
use App\History\History;
use App\Http\Requests\Body;
use App\Kits\GearDocuments;
use App\Limits\Room;
use App\Models\Gear;
use App\Models\Rush;
use App\Models\User;
use App\Plans\PlanKeeper;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use RushHold\Faults\UnknownChoice;
use RushHold\Kit\BodySheet;
use RushHold\Kit\Dialect\Said;
use RushHold\Kit\Dialect\Translation;

/** Bodies, lenses, converters, adapters and supports of the account. */
final readonly class GearController extends Controller
{
    public function __construct(private GearDocuments $documents, private History $history, private PlanKeeper $plans, private Creation $creation, private Room $room) {}

    public function index(Request $request): JsonResponse
    {
        $asOf = self::asOf();
        $user = $this->user($request);
        /** @var Collection<int, Gear> $gear */
        $gear = $user->gear()->orderBy('created_at')->orderBy('id')->get();

        return new JsonResponse(['as_of' => $asOf, 'gear' => $gear->map(self::shape(...))->all(), 'room' => $this->room->ofGear($user)]);
    }

    public function show(Gear $gear): JsonResponse
    {
        return $this->whole($gear);
    }

    public function store(Request $request): JsonResponse
    {
        $body = Body::of($request);
        $type = $body->text('type');
        if (! in_array($type, Gear::TYPES, true)) {
            throw UnknownChoice::of('type', $type, Gear::TYPES);
        }
        $name = $body->text('name');
        $document = $body->object('document');
        $this->documents->check($document, $type);
        $user = $this->user($request);
        [$gear, $new] = $this->creation->once($user, Gear::class, $body->optionalText('write', 40), function () use ($user, $type, $name, $document): Gear {
            $this->roomFor($user, $type, $document);
            $gear = $user->gear()->make(['type' => $type, 'name' => $name, 'document' => $document, 'revision' => 1, 'position' => 1]);
            $gear->save();
            $this->history->begin($gear);

            return $gear;
        });

        return $this->whole($gear, $new ? 201 : 200);
    }

    public function update(Request $request, Gear $gear): JsonResponse
    {
        $body = Body::of($request);
        $name = $body->text('name');
        $document = $body->object('document');
        $this->documents->check($document, $gear->type);
        $revision = $body->whole('revision');
        $this->room->forGear($this->user($request), self::bytes($document) - self::bytes($gear->document));

        return $this->whole($this->history->edit($gear, $revision, $body->optionalText('gesture', 40) ?? 'at '.$revision, $body->optionalText('write', 40) ?? '', static function (Gear $gear) use ($name, $document): void {
            $gear->fill(['name' => $name, 'document' => $document]);
        }));
    }

    public function undo(Request $request, Gear $gear): JsonResponse
    {
        return $this->whole($this->history->step($gear, Body::of($request)->whole('revision'), -1));
    }

    public function redo(Request $request, Gear $gear): JsonResponse
    {
        return $this->whole($this->history->step($gear, Body::of($request)->whole('revision'), 1));
    }

    public function destroy(Gear $gear): Response
    {
        $gear->delete();

        return response()->noContent();
    }

    public function restore(Request $request, Gear $gear): JsonResponse
    {
        $user = $this->user($request);
        DB::transaction(function () use ($user, $gear): void {
            $user->inTurn();
            $this->roomFor($user, $gear->type, $gear->document);
            $gear->restore();
        });

        return $this->whole($gear);
    }

    /** The hold of a rush in the words of this body. */
    public function says(Request $request, Gear $gear, Rush $rush): JsonResponse
    {
        if ($gear->type !== 'body') {
            throw UnknownChoice::of('gear', $gear->type, ['a body']);
        }
        $user = $this->user($request);
        $sheet = BodySheet::read($gear->read(), $gear->name);
        $plan = $this->plans->planOf($rush, $user);
        $says = (new Translation($sheet, $user->assumed(), $user->units()))->say($plan->hold, $plan->kit->body);

        return new JsonResponse(['says' => array_map(static fn (Said $said): array => $said->toArray($sheet->controlNames()), $says)]);
    }

    /** @throws \App\Problems\ProblemException when there is none */
    private function roomFor(User $user, string $type, \stdClass $document): void
    {
        $this->room->forAnother($type, $user->gear()->where('type', $type)->count());
        $this->room->forGear($user, self::bytes($document));
    }

    private static function bytes(\stdClass $document): int
    {
        return strlen((string) json_encode($document));
    }

    /** @return array<string, mixed> */
    public static function shape(Gear $gear): array
    {
        return ['id' => $gear->id, 'type' => $gear->type, 'name' => $gear->name, 'revision' => $gear->revision, 'document' => $gear->document];
    }

    private function whole(Gear $gear, int $status = 200): JsonResponse
    {
        return new JsonResponse(self::shape($gear) + $this->history->marks($gear), $status);
    }
}
