<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\History\History;
use App\Http\Requests\Body;
use App\Http\Resources\RushResource;
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
    public function __construct(private RushKeeper $keeper, private PlanKeeper $plans, private History $history) {}

    public function index(Request $request): JsonResponse
    {
        /** @var Collection<int, Rush> $rushes */
        $rushes = $this->user($request)->rushes()->with(['plan', ...Rush::WITH_KIT])->orderByDesc('updated_at')->limit(500)->get();

        return new JsonResponse(['rushes' => $rushes->map(RushResource::row(...))->all()]);
    }

    public function store(Request $request): JsonResponse
    {
        $body = Body::of($request);
        $user = $this->user($request);
        $rush = $this->keeper->create($user, $this->kit($body, $user), $body->object('rush'), $this->focal($body));

        return $this->answer($rush, $user, 201);
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

        return $this->answer($this->keeper->duplicate($rush, $user), $user, 201);
    }

    public function destroy(Rush $rush): Response
    {
        $rush->delete();

        return response()->noContent();
    }

    public function restore(Request $request, Rush $rush): JsonResponse
    {
        $rush->restore();

        return $this->answer($rush, $this->user($request));
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
