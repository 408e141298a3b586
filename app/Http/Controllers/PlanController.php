<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\Body;
use App\Models\Rush;
use App\Plans\PlanKeeper;
use App\Plans\Reckoning;
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
    public function __construct(private PlanKeeper $plans, private Planner $planner, private Reckoning $reckoning) {}

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
        return $this->answer($request, $rush, 'What would change the answer', function (Plan $plan): array {
            $told = PlanDocument::tips($plan, $this->planner->tips($plan));

            return ['flips' => (object) $told['flips']] + $told;
        });
    }

    /** The answer for other distances and speeds, on a grid round the rush. */
    public function map(Request $request, Rush $rush): JsonResponse
    {
        return $this->answer($request, $rush, 'The map', fn (Plan $plan): array => PlanMap::around($this->planner, $plan));
    }

    /** The same rush answered by each school of practice. */
    public function schools(Request $request, Rush $rush): JsonResponse
    {
        return $this->answer($request, $rush, 'The comparison', fn (Plan $plan): array => ['questions' => SchoolComparison::of($this->planner, $plan)]);
    }

    /** @param  \Closure(Plan): array<string, mixed>  $reckon */
    private function answer(Request $request, Rush $rush, string $what, \Closure $reckon): JsonResponse
    {
        $plan = $this->planOf($request, $rush);

        return JsonResponse::fromJsonString($this->reckoning->json($what, ['rush' => $rush->document, 'figures' => $this->user($request)->assumptions], static fn (): array => $reckon($plan)));
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
