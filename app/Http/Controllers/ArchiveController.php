<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Archive\Archives;
use App\Archive\Restores;
use App\Files\FilePurpose;
use App\Files\Files;
use App\Http\Requests\RequestBody;
use App\Models\FileRecord;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Everything of an account, out and in; both take their time, in the background. */
final readonly class ArchiveController extends Controller
{
    /** Files of one archive. */
    private const FILES = 30;

    public function __construct(private Archives $archives, private Restores $restores) {}

    /** The archive that is being written or can be fetched; nothing where none has been asked for. */
    public function show(Request $request): JsonResponse
    {
        return FileController::made($this->archives, $this->user($request));
    }

    /** Begins to write one. */
    public function store(Request $request): JsonResponse
    {
        $user = $this->user($request);
        $this->archives->begin($user);

        return FileController::made($this->archives, $user, 201);
    }

    public function destroy(Request $request): JsonResponse
    {
        $user = $this->user($request);
        $this->archives->cancel($user);

        return FileController::made($this->archives, $user);
    }

    /** Begins to put an archive that has been sent into this account, which has to be empty. */
    public function restore(Request $request, Files $files): JsonResponse
    {
        $user = $this->user($request);
        $sent = array_map(
            static fn (string $id): FileRecord => $files->ofAccount($user, FilePurpose::Archive, $id, 'file_ids'),
            RequestBody::of($request)->texts('file_ids', self::FILES),
        );
        $this->restores->begin($user, $sent);

        return $this->told($user, 201);
    }

    /** The archive that is being put into it, or was last. */
    public function restored(Request $request): JsonResponse
    {
        return $this->told($this->user($request));
    }

    /** Gives it up: the account is as it was before. */
    public function giveUp(Request $request): JsonResponse
    {
        $user = $this->user($request);
        $this->restores->cancel($user);

        return $this->told($user);
    }

    private function told(User $user, int $status = 200): JsonResponse
    {
        $last = $this->restores->last($user);

        return new JsonResponse([
            'run' => $last === null ? null : $last->told(),
            'is_shut' => $user->refresh()->filled_by !== null,
        ], $status);
    }
}
