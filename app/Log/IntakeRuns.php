<?php

declare(strict_types=1);

namespace App\Log;

use App\Files\Files;
use App\Limits\Quota;
use App\Models\RunRecord;
use App\Models\User;
use App\Runs\RunHandler;

/** Taking files into the log. */
final readonly class IntakeRuns implements RunHandler
{
    /** It rests on nothing that could change. */
    public const FINGERPRINT = 'frames';

    public function __construct(
        private Files $files,
        private FrameReader $reader,
        private FrameKeeper $keeper,
        private Quota $quota,
    ) {}

    public function atOnce(): int
    {
        return 1;
    }

    public function kept(): int
    {
        return 4;
    }

    public function fingerprint(RunRecord $run): string
    {
        return self::FINGERPRINT;
    }

    public function work(RunRecord $run): IntakeWork
    {
        return $this->of($run->user, $run->state);
    }

    /** @param  ?array<string, mixed>  $state  where it was put down; null at the beginning */
    public function of(User $user, ?array $state): IntakeWork
    {
        return new IntakeWork($user, $this->files, $this->reader, $this->keeper, $this->quota, $state ?? []);
    }
}
