<?php

declare(strict_types=1);

namespace App\Archive;

use App\Log\Frames\FramePictures;
use App\Models\RunRecord;
use App\Models\User;
use App\Owned\Owned;
use App\Runs\RunKind;
use App\Runs\RunKinds;
use App\Runs\Runs;

/** Makes an account that was being filled as it was before. */
final readonly class Emptying extends RunKind
{
    public function __construct(private Runs $runs, private Owned $owned, private FramePictures $pictures) {}

    public function resume(RunRecord $run): EmptyWork
    {
        return $this->of($run->user, $run->state ?? []);
    }

    /** @param  array<string, list<string>>  $stays  ids that were there before, by table */
    public function begin(User $user, array $stays): RunRecord
    {
        $work = $this->of($user, ['stays' => $stays]);

        return $this->runs->begin($user, RunKinds::EMPTY, $work, state: $work->state());
    }

    /** @param  array<string, mixed>  $state */
    private function of(User $user, array $state): EmptyWork
    {
        return new EmptyWork($user, $this->owned, $this->pictures, $state);
    }
}
