<?php

declare(strict_types=1);

namespace App\Log\Counts;

use App\Models\PromiseRecord;
use App\Models\RushRecord;
use App\Models\User;
use App\Plans\PlanCache;
use App\Rehearsals\RehearsalCache;
use Illuminate\Support\Carbon;
use RushHold\Counts\Promise;
use RushHold\Document\Reader;
use RushHold\Faults\Fault;
use RushHold\Habits\Grabs;
use RushHold\Planning\Planner;

/** Keeps what a plan promised at the moment frames are said to have been taken by it. */
final readonly class Promises
{
    /** Passes by which it is found out how readily the focus is lost. */
    private const PASSES = 150;

    public function __construct(
        private PlanCache $plans,
        private RehearsalCache $rehearsals,
        private Planner $planner,
    ) {}

    /** Not within a transaction: a rehearsal that nobody has made yet is made here. Null where the rush has no plan. */
    public function of(RushRecord $rush, User $user): ?PromiseRecord
    {
        $rush->loadMissing([...RushRecord::WITH_KIT, 'rehearsal']);
        try {
            $fingerprint = $this->plans->fingerprint($rush, $user);
            /** @var ?PromiseRecord $kept */
            $kept = $user->promises()->where('rush_id', $rush->id)->where('fingerprint', $fingerprint)->first();
            if ($kept !== null) {
                return $kept;
            }
            $plan = $this->plans->planOf($rush, $user);
            $estimate = Reader::of(Reader::plain($this->rehearsals->estimate($rush, $user)));
            $grabs = Grabs::of($this->planner, $plan, self::PASSES, RehearsalCache::clock());
        } catch (Fault) {
            return null;
        }

        // two that ask at once write the same
        return $user->promises()->firstOrCreate(
            ['rush_id' => $rush->id, 'fingerprint' => $fingerprint],
            [
                'document' => (object) Promise::of($plan, $estimate, $grabs)->toArray(),
                'made_at' => Carbon::now(),
            ],
        );
    }
}
