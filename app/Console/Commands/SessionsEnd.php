<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Signs everybody out, everywhere: after a restore, which brings back the sessions of that day, or when something has leaked. */
final class SessionsEnd extends Command
{
    protected $signature = 'sessions:end';

    protected $description = 'Signs everybody out on every device.';

    public function handle(): int
    {
        $count = DB::table('sessions')->delete();
        DB::table('users')->update(['remember_token' => null]);
        $this->line("{$count} sessions ended; no device is kept signed in.");

        return self::SUCCESS;
    }
}
