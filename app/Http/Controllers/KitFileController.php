<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RequestBody;
use App\Images\ExifReader;
use App\Kits\KitFiles;
use App\Models\GearRecord;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use RushHold\Faults\UnknownChoice;
use RushHold\Faults\UnreadableDocument;
use RushHold\Log\KitFromFile;

/** Kit/1 files: taking them out, and taking them in after having seen what that changes. */
final readonly class KitFileController extends Controller
{
    public function __construct(private KitFiles $files) {}

    public function whole(Request $request): Response
    {
        return self::file($this->files->whole($this->user($request)), 'kit');
    }

    public function one(GearRecord $gear): Response
    {
        return self::file($this->files->of($gear), Str::slug($gear->name) ?: $gear->type);
    }

    public function preview(Request $request): JsonResponse
    {
        $user = $this->user($request);

        return new JsonResponse([
            'pieces' => $this->files->preview($user, $this->files->text($user, RequestBody::of($request))),
        ]);
    }

    public function import(Request $request): JsonResponse
    {
        $body = RequestBody::of($request);
        $choices = $body->texts('choices', 160);
        foreach ($choices as $at => $choice) {
            if (! in_array($choice, ['new', 'over', 'skip'], true)) {
                throw UnknownChoice::of('choices.'.$at, $choice, ['new', 'over', 'skip']);
            }
        }
        $user = $this->user($request);
        $taken = $this->files->import(
            $user,
            $this->files->text($user, $body),
            $choices,
            $body->optionalText('write_id', 40),
        );

        return new JsonResponse(['gear' => array_map(GearController::shape(...), $taken)]);
    }

    /** What a photograph tells of the body and lens it was taken with. Only its beginning is sent; nothing of it is kept. */
    public function photograph(Request $request): JsonResponse
    {
        $start = base64_decode(RequestBody::of($request)->longText('start'), true);
        $size = $start === false || ! str_starts_with($start, "\xFF\xD8\xFF") ? false : @getimagesizefromstring($start);
        if ($start === false || $size === false) {
            throw UnreadableDocument::asPhotograph();
        }
        $told = KitFromFile::of(ExifReader::read($start), $size[0], $size[1]);

        return new JsonResponse(['body' => $told->body, 'lens' => $told->lens]);
    }

    private static function file(\stdClass $file, string $name): Response
    {
        $as = JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION;
        $text = (string) json_encode($file, $as | JSON_PRETTY_PRINT);

        // what is long is written without the spaces, so that it can be taken in again
        return response(
            (strlen($text) > KitFiles::LARGEST / 2 ? (string) json_encode($file, $as) : $text)."\n",
            200,
            [
                'Content-Type' => 'application/json',
                'Content-Disposition' => 'attachment; filename="'.$name.'.kit.json"',
            ],
        );
    }
}
