<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\RunRecord;
use App\Models\User;
use App\Runs\RunHandler;

/** Judging the frames of a body again. */
final readonly class RejudgeRuns implements RunHandler
{
    public function __construct(private FrameKeeper $keeper) {}

    public function atOnce(): int
    {
        return 12;
    }

    public function kept(): int
    {
        return 2;
    }

    public function fingerprint(RunRecord $run): string
    {
        return self::fingerprintOf((string) ($run->reading->body ?? ''));
    }

    /** @param  string  $body  as its files name it */
    public static function fingerprintOf(string $body): string
    {
        return md5($body);
    }

    public function work(RunRecord $run): RejudgeWork
    {
        return $this->of($run->user, (string) ($run->reading->body ?? ''), $run->state);
    }

    /** @param  ?array<string, mixed>  $state  where it was put down; null at the beginning */
    public function of(User $user, string $body, ?array $state): RejudgeWork
    {
        return new RejudgeWork($user, $body, $this->keeper, $state ?? []);
    }
}
