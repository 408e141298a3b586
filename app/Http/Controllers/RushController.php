<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\History\Creation;
use App\History\History;
use App\Http\Requests\Body;
use App\Http\Requests\Page;
use App\Http\Resources\RushResource;
use App\Limits\Room;
use App\Models\Kit;
use App\Models\Rush;
use App\Models\User;
use App\Plans\PlanKeeper;
use App\Rushes\RushKeeper;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use RushHold\Faults\UnknownChoice;

/** The rushes of the account: list, write, undo, duplicate, delete and bring back. */
final readonly class RushController extends Controller
{
    /** Rushes of one page of the list. */
    private const PAGE = 200;

    public function __construct(private RushKeeper $keeper, private PlanKeeper $plans, private History $history, private Creation $creation, private Room $room) {}

    /** A page of the list, what was changed last first; `next` is asked for with ?after= and null at the end. */
    public function index(Request $request): JsonResponse
    {
        $asOf = self::asOf();
        $user = $this->user($request);
        $page = Page::of($request);
        $all = $page->on(Rush::query()->whereBelongsTo($user), 'updated_at', self::PAGE);
        $all->select(['id', 'user_id', 'kit_id', 'name', 'updated_at'])
            ->selectRaw("JSON_VALUE(document, '$.subject.kind') AS kind");
        /** @var Collection<int, Rush> $rushes */
        $rushes = $all->with(['plan:rush_id,settings', ...Rush::WITH_KIT])->get();

        return new JsonResponse([
            'as_of' => $asOf, 'rushes' => $rushes->take(self::PAGE)->map(RushResource::row(...))->all(),
            'next' => Page::next($rushes, 'updated_at', self::PAGE), 'room' => ['used' => $user->rushes()->count(), 'most' => (int) config('rushhold.room.rushes')],
        ]);
    }

    public function store(Request $request): JsonResponse
    {
        $body = Body::of($request);
        $user = $this->user($request);
        $make = fn (): Rush => $this->keeper->create($user, $this->kit($body, $user), $body->object('rush'), $this->focal($body));

        return $this->made($user, $body->optionalText('write', 40), $make);
    }

    public function show(Request $request, Rush $rush): JsonResponse
    {
        return $this->answer($rush, $this->user($request));
    }

    public function update(Request $request, Rush $rush): JsonResponse
    {
        $body = Body::of($request);
        $user = $this->user($request);

        // the rush and its plan are written together, so that one flush to disk serves both
        return DB::transaction(fn (): JsonResponse => $this->answer($this->keeper->edit($rush, $body->whole('revision'), $body->text('gesture', 40), $body->object('rush'), $this->kit($body, $user), $this->focal($body), $body->optionalText('write', 40) ?? '', $body->optionalObject('dials')), $user));
    }

    public function undo(Request $request, Rush $rush): JsonResponse
    {
        return $this->answer($this->history->step($rush, Body::of($request)->whole('revision'), -1), $this->user($request));
    }

    public function redo(Request $request, Rush $rush): JsonResponse
    {
        return $this->answer($this->history->step($rush, Body::of($request)->whole('revision'), 1), $this->user($request));
    }

    public function duplicate(Request $request, Rush $rush): JsonResponse
    {
        $user = $this->user($request);

        return $this->made($user, Body::of($request)->optionalText('write', 40), fn (): Rush => $this->keeper->duplicate($rush, $user));
    }

    public function destroy(Rush $rush): Response
    {
        $rush->delete();

        return response()->noContent();
    }

    public function restore(Request $request, Rush $rush): JsonResponse
    {
        $user = $this->user($request);
        DB::transaction(function () use ($user, $rush): void {
            $user->inTurn();
            $this->room->forAnother('rushes', $user->rushes()->count());
            $rush->restore();
        });

        return $this->answer($rush, $user);
    }

    /**
     * Makes a rush once, with its plan: both or neither.
     *
     * @param  \Closure(): Rush  $make
     */
    private function made(User $user, ?string $mark, \Closure $make): JsonResponse
    {
        return DB::transaction(function () use ($user, $mark, $make): JsonResponse {
            [$rush, $new] = $this->creation->once($user, Rush::class, $mark, function () use ($user, $make): Rush {
                $this->room->forAnother('rushes', $user->rushes()->count());

                return $make();
            });

            return $this->answer($rush, $user, $new ? 201 : 200);
        });
    }

    private function answer(Rush $rush, User $user, int $status = 200): JsonResponse
    {
        return new JsonResponse(RushResource::whole($rush, $this->plans->of($rush, $user), $this->history), $status);
    }

    private function kit(Body $body, User $user): Kit
    {
        $id = $body->text('kit_id', 26);

        return $user->kits()->whereKey($id)->first() ?? throw UnknownChoice::of('kit_id', $id, ['the id of a kit of yours']);
    }

    private function focal(Body $body): ?float
    {
        return $body->optionalNumber('focal_mm', 2, 2500, 'mm');
    }
}
