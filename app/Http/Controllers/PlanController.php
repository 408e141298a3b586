<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RequestBody;
use App\Models\RushRecord;
use App\Models\User;
use App\Plans\PlanCache;
use App\Plans\Reckoning;
use App\Plans\Remembered;
use App\Problems\Problem;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use RushHold\Assumptions\Assumptions;
use RushHold\Document\Reader;
use RushHold\Faults\Fault;
use RushHold\Hold\HoldFields;
use RushHold\Planning\Explore\PlanMap;
use RushHold\Planning\Explore\SchoolComparison;
use RushHold\Planning\Plan;
use RushHold\Planning\Planner;
use RushHold\Wording\HoldWords;
use RushHold\Wording\Plan\PlanDocument;
use RushHold\Wording\Plan\SchoolsDocument;
use RushHold\Wording\Units;
use Symfony\Component\HttpFoundation\Response;

/** Plans: that of a kept rush, and that of documents sent along. */
final readonly class PlanController extends Controller
{
    public function __construct(
        private PlanCache $plans,
        private Planner $planner,
        private Reckoning $reckoning,
        private Remembered $remembered,
    ) {}

    public function show(Request $request, RushRecord $rush): JsonResponse
    {
        $user = $this->user($request);
        $plan = $this->plans->of($rush, $user);

        return $plan->text($user->units())?->response() ?? $this->refuse(Reader::plain($plan->fault));
    }

    /** Plans a rush/1 and a kit/1 that are sent along; nothing is kept. */
    public function store(Request $request): JsonResponse
    {
        $body = RequestBody::of($request);
        [$plan, $fault] = $this->plans->planDocuments(
            $body->object('rush'),
            $body->object('kit'),
            $this->user($request),
        );

        return $plan?->response() ?? $this->refuse((array) $fault);
    }

    /** What would change the answer: the nearest tipping points, and for each field of the hold its nearest flip. */
    public function tips(Request $request, RushRecord $rush): Response
    {
        return $this->answerOrNothing($request, $rush, 'What would change the answer', function (
            Plan $plan,
            Units $units,
        ): array {
            $told = PlanDocument::tips($this->planner->tips($plan), $units);

            return ['flips' => (object) $told['flips']] + $told;
        });
    }

    /** The answer for other distances and speeds, on a grid round the rush. */
    public function map(Request $request, RushRecord $rush): Response
    {
        return $this->answerOrNothing(
            $request,
            $rush,
            'The map',
            fn (Plan $plan): array => PlanMap::around($this->planner, $plan),
        );
    }

    /** What it would be with the assumed figures in place of those of the person's own frames. */
    public function assumed(Request $request, RushRecord $rush): JsonResponse
    {
        $user = $this->user($request);
        $plan = $this->planOf($rush, $user);
        $other = $this->plans->planAssumed($rush, $user);

        $reckon = static function (Plan $plan, Units $units) use ($user, $other): array {
            $figures = [];
            foreach (array_intersect_key($user->learnt ?? [], array_flip($plan->restsOn)) as $name => $own) {
                $figures[] = [
                    'name' => $name,
                    'meaning' => Assumptions::all()[$name]->meaning,
                    'frames' => $own['frames'],
                ];
            }

            return [
                'figures' => $figures,
                'changes' => array_map(
                    static fn (string $field): array => [
                        'field' => HoldFields::FIELDS[$field],
                        'yours' => HoldWords::word($field, $plan->hold, $units),
                        'assumed' => HoldWords::word($field, $other->hold, $units),
                    ],
                    HoldFields::differences($plan->hold, $other->hold),
                ),
            ];
        };

        return JsonResponse::fromJsonString($this->reckoned($plan, $rush, $user, 'The comparison', $reckon));
    }

    /** The same rush answered by each school of practice. */
    public function schools(Request $request, RushRecord $rush): JsonResponse
    {
        return $this->answer(
            $rush,
            $this->user($request),
            'The comparison',
            fn (Plan $plan, Units $units): array => [
                'questions' => SchoolsDocument::of(SchoolComparison::of($this->planner, $plan), $units),
            ],
        );
    }

    /**
     * The same for what a page asks for by itself while its rush goes on being changed: nothing where that has no plan just now.
     *
     * @param  \Closure(Plan, Units): array<string, mixed>  $reckon
     */
    private function answerOrNothing(Request $request, RushRecord $rush, string $what, \Closure $reckon): Response
    {
        $user = $this->user($request);
        if ($this->plans->of($rush, $user)->fault !== null) {
            return response()->noContent();
        }

        return $this->answer($rush, $user, $what, $reckon);
    }

    /**
     * What a plan is asked for, as remembered or reckoned now.
     *
     * @param  \Closure(Plan, Units): array<string, mixed>  $reckon
     */
    private function answer(RushRecord $rush, User $user, string $what, \Closure $reckon): JsonResponse
    {
        return JsonResponse::fromJsonString(
            $this->remembered->text(
                [$what, $this->plans->fingerprint($rush, $user), $user->units()->value],
                fn (): string => $this->reckoned($this->planOf($rush, $user), $rush, $user, $what, $reckon),
            ),
        );
    }

    /** @param  \Closure(Plan, Units): array<string, mixed>  $reckon */
    private function reckoned(Plan $plan, RushRecord $rush, User $user, string $what, \Closure $reckon): string
    {
        return $this->reckoning->json(
            $what,
            ['rush' => $rush->document, 'figures' => $user->figures()],
            static fn (): array => $reckon($plan, $user->units()),
        );
    }

    private function planOf(RushRecord $rush, User $user): Plan
    {
        try {
            return $this->plans->planOf($rush, $user);
        } catch (Fault $fault) {
            $this->refuse(Problem::ofFaults([$fault])->toArray());
        }
    }
}
