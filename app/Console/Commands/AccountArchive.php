<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Archive\ArchiveWriter;
use App\Models\User;
use Illuminate\Console\Command;

/** Writes everything of an account into one file. */
final class AccountArchive extends Command
{
    protected $signature = 'account:archive {account : Address of the account} {file : Zip that is written}
        {--no-pictures : Without the small pictures of its frames}';

    protected $description = 'Writes everything of an account into one zip';

    public function handle(ArchiveWriter $archive): int
    {
        [$address, $file] = [$this->argument('account'), $this->argument('file')];
        $user = User::ofAddress($address);
        if ($user === null || ! is_string($file)) {
            $this->error('There is no account of this address.');

            return self::INVALID;
        }
        $archive->write($user, $file, $this->option('no-pictures') !== true);
        $this->line($file);

        return self::SUCCESS;
    }
}
