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
use RushHold\Faults\Fault;
use RushHold\Planning\Plan;
use RushHold\Planning\PlanDocument;
use RushHold\Planning\PlanMap;
use RushHold\Planning\Planner;
use RushHold\Planning\SchoolComparison;

/** Plans: that of a kept rush, and that of documents sent along. */
final readonly class PlanController extends Controller
{
    public function __construct(private PlanKeeper $plans, private Planner $planner) {}

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

    /** What would change the answer: the nearest tipping points, and for each field of the hold its nearest flip. */
    public function tips(Request $request, Rush $rush): JsonResponse
    {
        $plan = $this->planOf($request, $rush);
        $told = PlanDocument::tips($plan, $this->planner->tips($plan));

        return new JsonResponse(['flips' => (object) $told['flips']] + $told);
    }

    /** The answer for other distances and speeds, on a grid round the rush. */
    public function map(Request $request, Rush $rush): JsonResponse
    {
        return new JsonResponse(PlanMap::around($this->planner, $this->planOf($request, $rush)));
    }

    /** The same rush answered by each school of practice. */
    public function schools(Request $request, Rush $rush): JsonResponse
    {
        return new JsonResponse(['questions' => SchoolComparison::of($this->planner, $this->planOf($request, $rush))]);
    }

    private function planOf(Request $request, Rush $rush): Plan
    {
        try {
            return $this->plans->planOf($rush, $this->user($request));
        } catch (Fault $fault) {
            $this->refuse(Problem::ofFaults([$fault])->toArray());
        }
    }

    /** @param  array<mixed>  $fault */
    private function refuse(array $fault): never
    {
        /** @var list<array{pointer: string, value: mixed, range: string, message: string}> $faults */
        $faults = $fault['faults'] ?? [];
        throw new ProblemException(new Problem('bad-input', 422, 'There is no plan for this', $faults[0]['message'] ?? '', $faults));
    }
}
