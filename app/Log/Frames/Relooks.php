<?php

declare(strict_types=1);

namespace App\Log\Frames;

use App\Files\Files;
use App\Log\Bursts\BurstKeeper;
use App\Log\Intake\FrameReader;
use App\Models\BurstRecord;
use App\Models\RunRecord;
use App\Models\User;
use App\Runs\RunKind;
use App\Runs\RunKinds;
use App\Runs\Runs;

/** Looks at a burst again where a person has touched its subject, or where a plan puts it: in the background. */
final readonly class Relooks extends RunKind
{
    public function __construct(
        private Runs $runs,
        private Files $files,
        private FrameReader $reader,
        private FrameKeeper $keeper,
        private BurstKeeper $bursts,
    ) {}

    public function atOnce(): int
    {
        return 24;
    }

    public function resume(RunRecord $run): ?RelookWork
    {
        $burst = $run->user->bursts()->with('user')->find($run->subject_id);

        return $burst === null || self::fingerprint($burst) !== $run->fingerprint
            ? null
            : $this->of($burst, $run->state ?? []);
    }

    /** Begins it; null where no file of the burst is left to be looked at. */
    public function begin(User $user, string $burst): ?RunRecord
    {
        $found = $user->bursts()->with('user')->find($burst);
        if ($found === null || $found->frames()->whereNotNull('file_id')->doesntExist()) {
            return null;
        }

        return $this->runs->begin(
            $user,
            RunKinds::LOOK,
            $this->of($found, []),
            self::fingerprint($found),
            $found->id,
        );
    }

    /** The last of a burst. */
    public function last(BurstRecord $burst): ?RunRecord
    {
        return $this->runs->last($burst->user_id, RunKinds::LOOK, $burst->id);
    }

    /** @param  array<string, mixed>  $state  where it was put down */
    public function of(BurstRecord $burst, array $state): RelookWork
    {
        return new RelookWork($burst, $this->files, $this->reader, $this->keeper, $this->bursts, $state);
    }

    /** Of all a second look rests on: where the subject is, and which rush says where it should be. */
    private static function fingerprint(BurstRecord $burst): string
    {
        return md5((string) json_encode([$burst->subject, $burst->rush_id]));
    }
}
