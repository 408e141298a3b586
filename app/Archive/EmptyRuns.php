<?php

declare(strict_types=1);

namespace App\Archive;

use App\Log\FramePictures;
use App\Models\RunRecord;
use App\Models\User;
use App\Owned\Owned;
use App\Runs\RunHandler;

/** Taking away what an archive has left that did not come in whole. */
final readonly class EmptyRuns implements RunHandler
{
    public const FINGERPRINT = 'empty';

    public function __construct(private Owned $owned, private FramePictures $pictures) {}

    public function atOnce(): int
    {
        return 1;
    }

    public function kept(): int
    {
        return 1;
    }

    public function fingerprint(RunRecord $run): string
    {
        return self::FINGERPRINT;
    }

    public function work(RunRecord $run): EmptyWork
    {
        return $this->of($run->user, $run->state ?? []);
    }

    /** @param  array<string, mixed>  $state */
    public function of(User $user, array $state): EmptyWork
    {
        return new EmptyWork($user, $this->owned, $this->pictures, $state);
    }
}
