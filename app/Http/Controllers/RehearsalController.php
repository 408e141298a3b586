<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\SchemaChecker;
use App\Http\Requests\RequestBody;
use App\Models\RushRecord;
use App\Rehearsals\RehearsalCache;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use RushHold\Faults\NumberOutOfRange;
use RushHold\Hold\Dials;
use Symfony\Component\HttpFoundation\Response;

/** Rehearsals of a rush: what many passes tell, what would help, one pass to play. */
final readonly class RehearsalController extends Controller
{
    public function __construct(private RehearsalCache $rehearsals, private SchemaChecker $checker) {}

    public function show(Request $request, RushRecord $rush): JsonResponse
    {
        return self::json($this->rehearsals->estimate($rush, $this->user($request)));
    }

    public function remedies(Request $request, RushRecord $rush): JsonResponse
    {
        return self::json($this->rehearsals->remedies($rush, $this->user($request)));
    }

    public function outlook(Request $request, RushRecord $rush): Response
    {
        $told = $this->rehearsals->outlook($rush, $this->user($request));

        // a page asks for it by itself, while its rush goes on being changed
        return $told === null ? response()->noContent() : self::json($told);
    }

    /** Many passes with dials turned, beside the hold as it is; nothing is kept. */
    public function try(Request $request, RushRecord $rush): JsonResponse
    {
        $dials = $this->dials(RequestBody::of($request));

        return self::json($this->rehearsals->tried($rush, $this->user($request), $dials));
    }

    /** One pass, step by step; nothing is kept. */
    public function take(Request $request, RushRecord $rush): JsonResponse
    {
        $body = RequestBody::of($request);
        $seed = $body->whole('seed');
        if ($seed < 0 || $seed > 999_999) {
            throw NumberOutOfRange::of('seed', (float) $seed, 0.0, 999_999.0);
        }

        return self::json($this->rehearsals->take($rush, $this->user($request), $seed, $this->dials($body)));
    }

    private function dials(RequestBody $body): Dials
    {
        $dials = $body->optionalObject('dials');

        return $dials === null ? Dials::none() : Dials::fromArray($this->checker->check($dials, 'dials', 'dials'));
    }

    /** @param  array<string, mixed>  $told */
    private static function json(array $told): JsonResponse
    {
        return new JsonResponse($told);
    }
}
