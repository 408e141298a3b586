<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\Body;
use App\Models\Gear;
use App\Problems\Problem;
use App\Problems\ProblemException;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use RushHold\Document\DocumentChecker;
use RushHold\Document\Reader;
use RushHold\Faults\NumberOutOfRange;
use RushHold\Faults\UnknownChoice;
use RushHold\Kit\Body as BodyOfCraft;
use RushHold\Kit\Lens;

/** Bodies, lenses and converters of the account. */
final readonly class GearController extends Controller
{
    public function __construct(private DocumentChecker $checker) {}

    public function index(Request $request): JsonResponse
    {
        /** @var Collection<int, Gear> $gear */
        $gear = $this->user($request)->gear()->orderBy('created_at')->orderBy('id')->get();

        return new JsonResponse(['gear' => $gear->map(self::shape(...))->all()]);
    }

    public function store(Request $request): JsonResponse
    {
        $body = Body::of($request);
        $type = $body->text('type');
        if (! in_array($type, ['body', 'lens', 'converter'], true)) {
            throw UnknownChoice::of('type', $type, ['body', 'lens', 'converter']);
        }
        $gear = $this->user($request)->gear()->make(['type' => $type, 'name' => $body->text('name'), 'document' => $this->document($body, $type), 'revision' => 1]);
        $gear->save();

        return new JsonResponse(self::shape($gear), 201);
    }

    public function update(Request $request, Gear $gear): JsonResponse
    {
        $body = Body::of($request);
        if ($gear->revision !== $body->whole('revision')) {
            throw new ProblemException(new Problem(
                'changed-elsewhere', 409, 'This was changed elsewhere', 'Another tab or device saved it after you opened it. Load it again.', [], ['gear' => self::shape($gear)],
            ));
        }
        $gear->fill(['name' => $body->text('name'), 'document' => $this->document($body, $gear->type), 'revision' => $gear->revision + 1])->save();

        return new JsonResponse(self::shape($gear));
    }

    public function destroy(Gear $gear): Response
    {
        $gear->delete();

        return response()->noContent();
    }

    public function restore(Gear $gear): JsonResponse
    {
        $gear->restore();

        return new JsonResponse(self::shape($gear));
    }

    /** @return array<string, mixed> */
    private static function shape(Gear $gear): array
    {
        return ['id' => $gear->id, 'type' => $gear->type, 'name' => $gear->name, 'revision' => $gear->revision, 'document' => $gear->document];
    }

    private function document(Body $body, string $type): \stdClass
    {
        $document = $body->object('document');
        if ($type === 'converter') {
            $factor = $document->factor ?? null;

            return is_numeric($factor) && $factor >= 1 && $factor <= 4
                ? (object) ['factor' => (float) $factor]
                : throw NumberOutOfRange::of('document.factor', is_numeric($factor) ? (float) $factor : NAN, 1, 4);
        }
        $checked = Reader::of($this->checker->check($document, 'kit.json#/$defs/'.$type, 'document'));
        $type === 'body' ? BodyOfCraft::read($checked) : Lens::read($checked);

        return $document;
    }
}
