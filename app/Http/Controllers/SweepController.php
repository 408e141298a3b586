<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\Body;
use App\Models\RushRecord;
use App\Models\SweepRecord;
use App\Plans\PlanCache;
use App\Rehearsals\Sweeps;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;

/** Sweeps of settings: begun, watched, cancelled. */
final readonly class SweepController extends Controller
{
    /** Silent for so many seconds, a sweep is said to wait for a worker. */
    private const WAITS_S = 3;

    public function __construct(private Sweeps $sweeps, private PlanCache $plans) {}

    /** The last sweep of each kind. */
    public function index(Request $request, RushRecord $rush): JsonResponse
    {
        $fingerprint = $this->plans->fingerprint($rush, $this->user($request));
        /** @var Collection<int, SweepRecord> $last */
        $last = SweepRecord::query()->select(['id', 'kind', 'fingerprint', 'status', 'passes', 'done', 'reading', 'beat_at'])->where('rush_id', $rush->id)->orderByDesc('created_at')->limit(12)->get()->unique('kind');

        return new JsonResponse(['sweeps' => $last->map(fn (SweepRecord $sweep): array => self::whole($sweep, $fingerprint))->values()->all()]);
    }

    public function store(Request $request, RushRecord $rush): JsonResponse
    {
        $user = $this->user($request);

        return new JsonResponse(self::whole($this->sweeps->begin($rush, $user, Body::of($request)->text('kind', 16)), $this->plans->fingerprint($rush, $user)), 201);
    }

    public function show(Request $request, SweepRecord $sweep): JsonResponse
    {
        $this->sweeps->wake($sweep);
        $rush = $sweep->rush;

        return new JsonResponse(self::whole($sweep, $rush === null ? '' : $this->plans->fingerprint($rush, $this->user($request))));
    }

    public function destroy(Request $request, SweepRecord $sweep): JsonResponse
    {
        $this->sweeps->cancel($sweep);

        return $this->show($request, $sweep);
    }

    /** @return array<string, mixed> */
    private static function whole(SweepRecord $sweep, string $fingerprint): array
    {
        return [
            'id' => $sweep->id, 'kind' => $sweep->kind, 'status' => $sweep->status, 'passes' => $sweep->passes, 'done' => $sweep->done,
            'waiting' => $sweep->status === 'running' && $sweep->beat_at->diffInSeconds(Carbon::now()) > self::WAITS_S,
            'stale' => $sweep->fingerprint !== $fingerprint, 'at' => $sweep->beat_at->toIso8601ZuluString(), 'grid' => $sweep->reading,
        ];
    }
}
