<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\ContentType;
use App\Files\FilePurpose;
use App\Files\Files;
use App\Log\Intakes;
use App\Models\FileRecord;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use RushHold\Faults\UnknownChoice;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Files of an account: sent by their content, listed, fetched, deleted. */
final readonly class FileController extends Controller
{
    /** Files listed at the most. */
    private const LISTED = 500;

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
    public function show(FileRecord $file): StreamedResponse
    {
        return new StreamedResponse(
            function () use ($file): void {
                $from = $this->files->stream($file);
                fpassthru($from);
                fclose($from);
            },
            200,
            [
                'Content-Type' => ContentType::UNKNOWN,
                'Content-Length' => (string) $file->bytes,
                'Content-Disposition' => HeaderUtils::makeDisposition(
                    'attachment',
                    str_replace('%', '', $file->name),
                    'file-'.$file->id,
                ),
            ],
        );
    }

    public function destroy(FileRecord $file): Response
    {
        $this->files->delete($file);

        return response()->noContent();
    }

    private static function purpose(mixed $purpose): FilePurpose
    {
        $known = array_column(FilePurpose::cases(), 'value');

        return (is_string($purpose) ? FilePurpose::tryFrom($purpose) : null) ??
            throw UnknownChoice::of('purpose', is_string($purpose) ? $purpose : '', $known);
    }

    /** @return array{id: string, purpose: string, name: string, type: string, bytes: int, hash: string, until: ?string, at: string} */
    private static function shape(FileRecord $file): array
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
