<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CountedBy;
use App\Log\Out\LogsOut;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The log for other programs in one zip, written in the background. */
final readonly class LogOutController extends Controller
{
    public function __construct(private LogsOut $out) {}

    /** The one that is being written or can be fetched; nothing where none has been asked for. */
    public function show(Request $request): JsonResponse
    {
        return FileController::made($this->out, $this->user($request));
    }

    /** Begins to write the frames that are asked for. */
    public function store(Request $request): JsonResponse
    {
        $user = $this->user($request);
        $this->out->begin($user, CountedBy::where(CountedBy::asked($request)));

        return FileController::made($this->out, $user, 201);
    }

    public function destroy(Request $request): JsonResponse
    {
        $user = $this->user($request);
        $this->out->cancel($user);

        return FileController::made($this->out, $user);
    }
}
