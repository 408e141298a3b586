<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\Body;
use App\Models\Rush;
use App\Plans\PlanKeeper;
use App\Problems\Problem;
use App\Problems\ProblemException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Plans: that of a kept rush, and that of documents sent along. */
final readonly class PlanController extends Controller
{
    public function __construct(private PlanKeeper $plans) {}

    public function show(Request $request, Rush $rush): JsonResponse
    {
        $plan = $this->plans->of($rush, $this->user($request));
        if ($plan->document === null) {
            $this->refuse((array) json_decode((string) json_encode($plan->fault), true));
        }

        return new JsonResponse($plan->document);
    }

    /** Plans a rush/1 and a kit/1 that are sent along; nothing is kept. */
    public function store(Request $request): JsonResponse
    {
        $body = Body::of($request);
        [$plan, $fault] = $this->plans->reckon($body->object('rush'), $body->object('kit'), $this->user($request));
        if ($plan === null) {
            $this->refuse((array) $fault);
        }

        return new JsonResponse($plan);
    }

    /** @param  array<mixed>  $fault */
    private function refuse(array $fault): never
    {
        /** @var list<array{pointer: string, value: mixed, range: string, message: string}> $faults */
        $faults = $fault['faults'] ?? [];
        throw new ProblemException(new Problem('bad-input', 422, 'There is no plan for this', $faults[0]['message'] ?? '', $faults));
    }
}
