<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Archive\ArchiveReader;
use App\Archive\ArchiveWriter;
use App\Files\FilePurpose;
use App\Files\Files;
use App\Http\Requests\Body;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Everything of an account in one file, out and in. */
final readonly class ArchiveController extends Controller
{
    public function show(Request $request, ArchiveWriter $archive): BinaryFileResponse
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'rush-hold-archive');
        $archive->write($this->user($request), $file);

        return response()
            ->download($file, 'rush-hold-'.Carbon::now()->format('Y-m-d').'.zip', ['Content-Type' => 'application/zip'])
            ->deleteFileAfterSend();
    }

    /** Puts an archive that has been sent into this account, which has to be empty. */
    public function store(Request $request, Files $files, ArchiveReader $archive): JsonResponse
    {
        $user = $this->user($request);
        $sent = $files->ofAccount($user, FilePurpose::Archive, Body::of($request)->text('file_id', 26), 'file_id');
        $file = (string) tempnam(sys_get_temp_dir(), 'rush-hold-archive');
        try {
            file_put_contents($file, $files->stream($sent));
            $counts = $archive->read($user, $file);
        } finally {
            unlink($file);
        }
        $files->delete($sent);

        return new JsonResponse(['counts' => $counts, 'user' => AccountController::shape($user->refresh())]);
    }
}
