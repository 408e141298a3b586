<?php

declare(strict_types=1);

namespace App\Undo;

use App\Http\Controllers\Controller;
use App\Http\Requests\RequestBody;
use App\Models\User;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/**
 * What is the same for every record that can be undone: making it once, stepping back and forward, deleting it and bringing it back.
 *
 * @template T of Model&Undoable
 */
abstract readonly class UndoableController extends Controller
{
    public function __construct(protected History $history, protected Creation $creation) {}

    /** @return T the record of this account that the address names */
    abstract protected function record(Request $request): Model&Undoable;

    /** @param  T  $record  as it is now, all a page shows of it */
    abstract protected function answer(Request $request, Model&Undoable $record, int $status = 200): JsonResponse;

    /**
     * @param  T  $record
     *
     * @throws \App\Problems\ProblemException when the account has no room for it
     */
    abstract protected function roomFor(User $user, Model&Undoable $record): void;

    public function undo(Request $request): JsonResponse
    {
        return $this->step($request, -1);
    }

    public function redo(Request $request): JsonResponse
    {
        return $this->step($request, 1);
    }

    public function destroy(Request $request): Response
    {
        $this->record($request)->delete();

        return response()->noContent();
    }

    public function restore(Request $request): JsonResponse
    {
        $user = $this->user($request);
        $record = $this->record($request);
        DB::transaction(function () use ($user, $record): void {
            $user->inTurn();
            $this->roomFor($user, $record);
            $record->forceFill(['deleted_at' => null])->save();
        });

        return $this->answer($request, $record);
    }

    /**
     * Makes a record once, however often its request is sent, and answers with it: both or neither.
     *
     * @param  T  $record  not saved yet
     */
    protected function make(Request $request, RequestBody $body, Model&Undoable $record): JsonResponse
    {
        $user = $this->user($request);

        return DB::transaction(function () use ($request, $body, $user, $record): JsonResponse {
            [$made, $new] = $this->creation->once(
                $user,
                $record,
                $body->optionalText('write_id', 40),
                fn () => $this->roomFor($user, $record),
            );

            return $this->answer($request, $made, $new ? 201 : 200);
        });
    }

    private function step(Request $request, int $by): JsonResponse
    {
        $revision = RequestBody::of($request)->whole('revision');

        return $this->answer($request, $this->history->step($this->record($request), $revision, $by));
    }
}
