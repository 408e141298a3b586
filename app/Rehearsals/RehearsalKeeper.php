<?php

declare(strict_types=1);

namespace App\Rehearsals;

use App\Models\Rehearsal;
use App\Models\Rush;
use App\Models\User;
use App\Plans\PlanKeeper;
use Illuminate\Support\Carbon;
use RushHold\Hold\Dials;
use RushHold\Hold\Hold;
use RushHold\Kit\FocusMode;
use RushHold\Rehearsal\EstimateDocument;
use RushHold\Rehearsal\Helps;
use RushHold\Rehearsal\Margin;
use RushHold\Rehearsal\Rehearsal as RehearsalOfCraft;
use RushHold\Rehearsal\Take;
use RushHold\Rehearsal\TakeDocument;
use RushHold\Rehearsal\Tally;

/** Rehearses the plan of a rush, and keeps what the last rehearsal told for as long as that plan stands. */
final readonly class RehearsalKeeper
{
    /** Passes of an estimate. */
    private const PASSES = 200;

    /** Passes on which each single dial is tried. */
    private const TRIES = 60;

    /** Beginnings of the names of the figures a rehearsal rests on beyond the plan's. */
    private const ASSUMED = ['rehearse.', 'af.', 'focus.prediction', 'aim.recover.', 'person.reaction'];

    /** Raised whenever a rehearsal itself tells otherwise, so that kept ones are made again. */
    private const MODEL = 2;

    public function __construct(private PlanKeeper $plans) {}

    /**
     * What many passes tell of the hold as it is: as kept, or reckoned now.
     *
     * @return array<string, mixed>
     *
     * @throws \RushHold\Faults\Fault when there is no plan
     */
    public function estimate(Rush $rush, User $user): array
    {
        return array_diff_key($this->kept($rush, $user), ['by_pass' => 1, 'model' => 1]) + ['assumed' => $user->assumed()->told(self::ASSUMED)];
    }

    /** @return array<string, mixed> with the sharp frames of each pass */
    private function kept(Rush $rush, User $user): array
    {
        $mark = $this->plans->mark($rush, $user);
        $kept = $rush->rehearsal;
        if ($kept !== null && $kept->mark === $mark && ($kept->document->model ?? null) === self::MODEL) {
            return ['at' => $kept->made_at->toIso8601ZuluString()] + (array) $kept->document;
        }
        $rehearsal = RehearsalOfCraft::of($this->plans->planOf($rush, $user));
        $tally = self::tally($rehearsal, $rehearsal->plan->hold);
        $document = ['model' => self::MODEL, 'by_pass' => $tally->sharp()] + EstimateDocument::of($tally, self::isByHand($rehearsal));
        $at = Carbon::now();
        Rehearsal::query()->updateOrCreate(['rush_id' => $rush->id], ['mark' => $mark, 'document' => $document, 'made_at' => $at]);

        return ['at' => $at->toIso8601ZuluString()] + $document;
    }

    /**
     * What the same passes tell of the hold with these dials turned, beside the hold as it is.
     *
     * @return array<string, mixed>
     */
    public function tried(Rush $rush, User $user, Dials $dials): array
    {
        $rehearsal = RehearsalOfCraft::of($this->plans->planOf($rush, $user));
        $then = self::tally($rehearsal, $dials->on($rehearsal->plan->hold));
        /** @var list<int> $now */
        $now = $this->kept($rush, $user)['by_pass'];

        return EstimateDocument::of($then, self::isByHand($rehearsal)) + [
            'words' => EstimateDocument::words($rehearsal->plan, $dials), 'gain' => Margin::between($then->sharp(), $now)->toArray(),
        ] + EstimateDocument::light($rehearsal->plan, $dials);
    }

    /** @return array<string, mixed> */
    public function helps(Rush $rush, User $user): array
    {
        $plan = $this->plans->planOf($rush, $user);

        return EstimateDocument::helps($plan, Helps::find(RehearsalOfCraft::of($plan), $plan->hold, self::TRIES));
    }

    /**
     * One pass with the hold as it is and, where dials are turned, with those: the same pass.
     *
     * @return array<string, mixed>
     */
    public function take(Rush $rush, User $user, int $seed, Dials $dials): array
    {
        $rehearsal = RehearsalOfCraft::of($this->plans->planOf($rush, $user));
        $pass = $rehearsal->pass($seed);
        $take = Take::of($pass, $rehearsal->camera());

        return TakeDocument::of($seed, $take) + [
            'tried' => $dials->areNone() ? null : TakeDocument::tried(Take::of($pass, $rehearsal->camera($dials->on($rehearsal->plan->hold)))),
        ];
    }

    private static function isByHand(RehearsalOfCraft $rehearsal): bool
    {
        return $rehearsal->plan->hold->focusMode === FocusMode::Manual;
    }

    private static function tally(RehearsalOfCraft $rehearsal, Hold $hold): Tally
    {
        $tally = new Tally;
        $camera = $rehearsal->camera($hold);
        for ($seed = 0; $seed < self::PASSES; $seed++) {
            $tally->add(Take::of($rehearsal->pass($seed), $camera)->counts());
        }

        return $tally;
    }
}
