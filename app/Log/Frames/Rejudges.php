<?php

declare(strict_types=1);

namespace App\Log\Frames;

use App\Models\RunRecord;
use App\Models\User;
use App\Runs\RunKind;
use App\Runs\RunKinds;
use App\Runs\Runs;
use Illuminate\Database\Eloquent\Collection;

/** Judges the frames of a body again where it is said anew whether it blurs of its own: in the background. */
final readonly class Rejudges extends RunKind
{
    public function __construct(private Runs $runs, private FrameKeeper $keeper) {}

    public function atOnce(): int
    {
        return 12;
    }

    public function kept(): int
    {
        return 2;
    }

    public function resume(RunRecord $run): RejudgeWork
    {
        return $this->of($run->user, (string) ($run->reading->body ?? ''), $run->state ?? []);
    }

    /**
     * Begins it; one of the same body that is under way judges by what was said before, and is given up.
     *
     * @param  string  $body  as its files name it
     */
    public function begin(User $user, string $body): RunRecord
    {
        /** @var Collection<int, RunRecord> $under */
        $under = $user
            ->runs()
            ->where('kind', RunKinds::JUDGE)
            ->where('fingerprint', md5($body))
            ->get();
        $under->each($this->runs->cancel(...));

        return $this->runs->begin(
            $user,
            RunKinds::JUDGE,
            $this->of($user, $body, []),
            md5($body),
        );
    }

    /** The one that is under way, or was last. */
    public function last(User $user): ?RunRecord
    {
        return $this->runs->last($user->id, RunKinds::JUDGE);
    }

    /** @param  array<string, mixed>  $state  where it was put down */
    private function of(User $user, string $body, array $state): RejudgeWork
    {
        return new RejudgeWork($user, $body, $this->keeper, $state);
    }
}
