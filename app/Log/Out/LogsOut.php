<?php

declare(strict_types=1);

namespace App\Log\Out;

use App\Files\FilePurpose;
use App\Files\Files;
use App\Log\Counts\Counting;
use App\Models\RunRecord;
use App\Models\User;
use App\Problems\Problem;
use App\Problems\ProblemException;
use App\Runs\MakesFiles;
use App\Runs\RunKinds;
use App\Runs\Runs;

/** The log for other programs, as an account has asked for it. */
final readonly class LogsOut extends MakesFiles
{
    public function __construct(Runs $runs, Files $files, private LogOut $writer)
    {
        parent::__construct($runs, $files);
    }

    protected function name(): string
    {
        return RunKinds::LOG_OUT;
    }

    protected function purpose(): FilePurpose
    {
        return FilePurpose::LogOut;
    }

    public function resume(RunRecord $run): LogOutWork
    {
        return $this->of($run->user, $run->id, $run->state ?? []);
    }

    /**
     * Begins to write it, in place of the one before.
     *
     * @param  array<string, string>  $where  value of each dimension that is to be so
     *
     * @throws ProblemException when these are more frames than one file holds
     */
    public function begin(User $user, array $where): RunRecord
    {
        $frames = Counting::of($user, $where)->whole()->frames;
        if ($frames > LogOut::MOST) {
            throw new ProblemException(
                new Problem(
                    'too-many',
                    409,
                    'Too many frames for one file',
                    sprintf(
                        'These are %d frames, and one file holds %d. Take them by month, outing or rush.',
                        $frames,
                        LogOut::MOST,
                    ),
                ),
            );
        }
        $state = ['where' => $where, 'whole' => $frames];

        return $this->beginAnew($user, $this->of($user, 'begun', $state), $state);
    }

    /** @param  array<string, mixed>  $state  what was chosen, and where it was put down */
    private function of(User $user, string $run, array $state): LogOutWork
    {
        return new LogOutWork($user, $run, $this->writer, $this->files, $state);
    }
}
