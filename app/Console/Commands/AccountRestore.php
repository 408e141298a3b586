<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Archive\Restores;
use App\Models\RunRecord;
use App\Models\User;
use App\Problems\ProblemException;
use Illuminate\Console\Command;
use RushHold\Faults\Fault;
use RushHold\Faults\FaultyDocument;

/** Puts an archive back into an empty account. */
final class AccountRestore extends Command
{
    /** Records that are read: as many as an account may keep. */
    private const MOST = 3_000_000;

    protected $signature = 'account:restore {file : Zip that account:archive has written}
        {account : Address of the account, in which nothing has been written yet}';

    protected $description = 'Puts everything of an account back into an empty one';

    public function handle(Restores $restores): int
    {
        [$file, $address] = [$this->argument('file'), $this->argument('account')];
        $user = User::ofAddress($address);
        if ($user === null || ! is_string($file) || ! is_file($file)) {
            $this->error($user === null ? 'There is no account of this address.' : 'There is no such file.');

            return self::INVALID;
        }
        $told = function (RunRecord $run): void {
            if ($this->output->isVerbose()) {
                $this->line("{$run->done} of {$run->whole}");
            }
        };
        try {
            foreach ($restores->now($user, $file, self::MOST, $told) as $what => $count) {
                $this->line("{$count} {$what}");
            }
        } catch (ProblemException|Fault|FaultyDocument $no) {
            $this->error($no instanceof ProblemException ? $no->problem->detail : $no->getMessage());

            return self::INVALID;
        }

        return self::SUCCESS;
    }
}
