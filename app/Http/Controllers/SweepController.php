<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RequestBody;
use App\Models\RunRecord;
use App\Models\RushRecord;
use App\Plans\PlanCache;
use App\Rehearsals\Sweeps;
use App\Runs\RunKinds;
use App\Runs\Runs;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Sweeps of settings: begun, watched, cancelled. */
final readonly class SweepController extends Controller
{
    public function __construct(private Sweeps $sweeps, private Runs $runs, private PlanCache $plans) {}

    /** The last sweep of each kind. */
    public function index(Request $request, RushRecord $rush): JsonResponse
    {
        $fingerprint = $this->plans->fingerprint($rush, $this->user($request));

        return new JsonResponse([
            'sweeps' => array_map(
                static fn (RunRecord $sweep): array => self::whole($sweep, $fingerprint),
                $this->sweeps->last($rush),
            ),
        ]);
    }

    public function store(Request $request, RushRecord $rush): JsonResponse
    {
        $user = $this->user($request);

        return new JsonResponse(
            self::whole(
                $this->sweeps->begin($rush, $user, RequestBody::of($request)->text('kind', 16)),
                $this->plans->fingerprint($rush, $user),
            ),
            201,
        );
    }

    public function show(Request $request, RunRecord $sweep): JsonResponse
    {
        abort_unless($sweep->kind === RunKinds::SWEEP, 404);
        $this->runs->wake($sweep);
        $rush = $this->user($request)->rushes()->with(RushRecord::WITH_KIT)->find($sweep->subject_id);

        return new JsonResponse(
            self::whole($sweep, $rush === null ? '' : $this->plans->fingerprint($rush, $this->user($request))),
        );
    }

    public function destroy(Request $request, RunRecord $sweep): JsonResponse
    {
        abort_unless($sweep->kind === RunKinds::SWEEP, 404);
        $this->runs->cancel($sweep);

        return $this->show($request, $sweep);
    }

    /** @return array<string, mixed> */
    private static function whole(RunRecord $sweep, string $fingerprint): array
    {
        return $sweep->progress() + [
            'kind' => $sweep->topic,
            'passes' => $sweep->whole,
            'stale' => $sweep->fingerprint !== $fingerprint,
            'grid' => $sweep->reading,
        ];
    }
}
