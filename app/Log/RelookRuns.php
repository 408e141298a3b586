<?php

declare(strict_types=1);

namespace App\Log;

use App\Files\Files;
use App\Models\BurstRecord;
use App\Models\RunRecord;
use App\Runs\RunHandler;

/** Looking at the frames of a burst again. */
final readonly class RelookRuns implements RunHandler
{
    public function __construct(
        private Files $files,
        private FrameReader $reader,
        private FrameKeeper $keeper,
        private BurstKeeper $bursts,
    ) {}

    public function atOnce(): int
    {
        return 24;
    }

    public function kept(): int
    {
        return 1;
    }

    public function fingerprint(RunRecord $run): ?string
    {
        $burst = $run->user->bursts()->find($run->subject_id);

        return $burst === null ? null : self::fingerprintOf($burst);
    }

    /** All a second look rests on: where the subject is, and which rush says where it should be. */
    public static function fingerprintOf(BurstRecord $burst): string
    {
        return md5((string) json_encode([$burst->subject, $burst->rush_id]));
    }

    public function work(RunRecord $run): RelookWork
    {
        $burst = $run->user->bursts()->with('user')->find($run->subject_id) ??
            throw new \LogicException('A second look at a burst that is gone is overtaken.');

        return $this->of($burst, $run->state);
    }

    /** @param  ?array<string, mixed>  $state  where it was put down; null at the beginning */
    public function of(BurstRecord $burst, ?array $state): RelookWork
    {
        return new RelookWork($burst, $this->files, $this->reader, $this->keeper, $this->bursts, $state ?? []);
    }
}
