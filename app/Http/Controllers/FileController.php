<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\ContentType;
use App\Files\FilePurpose;
use App\Files\Files;
use App\Log\Intake\Intakes;
use App\Models\FileRecord;
use App\Models\RunRecord;
use App\Models\User;
use App\Runs\MakesFiles;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use RushHold\Faults\UnknownChoice;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Response as SymfonyResponse;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Files of an account: sent by their content, listed, fetched, deleted. */
final readonly class FileController extends Controller
{
    /** Files listed at the most. */
    private const LISTED = 500;

    /** The web server says so that it can send what is kept (bin/serve/fastcgi.conf). */
    private const SENT_BY_SERVER = 'SENDS_KEPT_BYTES';

    public function __construct(private Files $files, private Intakes $intakes) {}

    /** What is there for a purpose, newest first. */
    public function index(Request $request): JsonResponse
    {
        $files = $this->user($request)->files()->orderByDesc('created_at')->orderByDesc('id')->limit(self::LISTED);
        $purpose = $request->query('purpose');
        if ($purpose !== null) {
            $files->where('purpose', self::purpose($purpose)->value);
        }

        /** @var Collection<int, FileRecord> $found */
        $found = $files->get();

        return new JsonResponse(['files' => array_map(self::shape(...), $found->all())]);
    }

    /** Takes the body of the request as it is. The same content again is the same file. */
    public function update(Request $request, string $purpose, string $hash): JsonResponse
    {
        $name = $request->query('name');
        $user = $this->user($request);
        $for = self::purpose($purpose);
        if (! $for->isSent()) {
            throw UnknownChoice::of('purpose', $purpose, self::sent());
        }
        [$file, $new] = $this->files->take(
            $user,
            $for,
            $hash,
            is_string($name) ? $name : '',
            $request->getContent(true),
        );
        if ($for === FilePurpose::Frame) {
            $this->intakes->wake($user);
        }

        return new JsonResponse(['file' => self::shape($file)], $new ? 201 : 200);
    }

    /** Its bytes, to be saved: never shown as a page of this site, whatever is in them. */
    public function show(Request $request, FileRecord $file): SymfonyResponse
    {
        $headers = [
            'Content-Type' => ContentType::UNKNOWN,
            'Content-Disposition' => HeaderUtils::makeDisposition(
                'attachment',
                str_replace('%', '', $file->name),
                'file-'.$file->id,
            ),
        ];
        // the web server sends what is long, to whoever reads slowly too
        $isSentByServer = $request->server(self::SENT_BY_SERVER) === '1' && $this->files->areHere();
        if ($isSentByServer && ! $file->purpose->isSent()) {
            return new Response('', 200, ['X-Accel-Redirect' => '/kept-bytes/'.$file->path()] + $headers);
        }

        return new StreamedResponse(
            function () use ($file): void {
                $from = $this->files->stream($file);
                fpassthru($from);
                fclose($from);
            },
            200,
            ['Content-Length' => (string) $file->bytes] + $headers,
        );
    }

    public function destroy(FileRecord $file): Response
    {
        $this->files->delete($file);

        return response()->noContent();
    }

    /** @return list<string> purposes for which somebody sends a file */
    private static function sent(): array
    {
        $sent = array_filter(FilePurpose::cases(), static fn (FilePurpose $one): bool => $one->isSent());

        return array_column($sent, 'value');
    }

    private static function purpose(mixed $purpose): FilePurpose
    {
        $known = array_column(FilePurpose::cases(), 'value');

        return (is_string($purpose) ? FilePurpose::tryFrom($purpose) : null) ??
            throw UnknownChoice::of('purpose', is_string($purpose) ? $purpose : '', $known);
    }

    /** How far a run is that makes files, and what can be fetched of it. */
    public static function made(MakesFiles $kind, User $user, int $status = 200): JsonResponse
    {
        $last = $kind->last($user);
        $files = $last?->status === RunRecord::DONE ? $kind->out($user)->all() : [];

        return new JsonResponse([
            'run' => $last?->counted(),
            'files' => array_map(self::shape(...), array_values($files)),
        ], $status);
    }

    /** @return array{id: string, purpose: string, name: string, type: string, bytes: int, hash: string, until: ?string, at: string} */
    public static function shape(FileRecord $file): array
    {
        return [
            'id' => $file->id,
            'purpose' => $file->purpose->value,
            'name' => $file->name,
            'type' => $file->type,
            'bytes' => $file->bytes,
            'hash' => $file->hash,
            'until' => $file->expires_at?->toIso8601ZuluString(),
            'at' => $file->created_at->toIso8601ZuluString(),
        ];
    }
}
