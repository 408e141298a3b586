<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Log\Bursts\BurstKeeper;
use App\Log\Counts\Tallies;
use App\Models\User;
use Illuminate\Console\Command;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** Adds up what the log of an account counts, from scratch; or counts what has not been counted yet. */
final class HoldTally extends Command
{
    protected $signature = 'hold:tally {--account= : Address of the account; all of them when it is left out}
        {--uncounted : Only count bursts that have not been counted}';

    protected $description = 'Adds the counts of the log up from scratch, and tells how many were wrong';

    public function handle(Tallies $tallies, BurstKeeper $bursts): int
    {
        // one that is being filled counts itself at the end
        $accounts = User::query()->where('filled_by', null);
        $address = $this->option('account');
        if (is_string($address)) {
            $accounts->where('email', User::address($address));
        }
        if (is_string($address) && $accounts->doesntExist()) {
            $this->error('There is no account of this address.');

            return self::INVALID;
        }
        [$counted, $wrong] = [0, 0];
        $accounts->each(function (User $user) use ($tallies, $bursts, &$counted, &$wrong): void {
            $counted += $this->uncounted($user, $bursts);
            if ($this->option('uncounted') !== true) {
                $wrong += DB::transaction(static function () use ($user, $tallies): int {
                    $user->inTurn();
                    $before = $tallies->all($user);
                    $tallies->again($user);
                    $after = $tallies->all($user);

                    return count(array_diff_assoc($before, $after) + array_diff_assoc($after, $before));
                });
            }
        });
        $this->line("{$counted} bursts counted that were not, {$wrong} counts put right");

        return self::SUCCESS;
    }

    private function uncounted(User $user, BurstKeeper $bursts): int
    {
        $count = 0;
        $open = DB::table('bursts')
            ->where('user_id', $user->id)
            ->whereNotExists(static fn (Builder $row): Builder => $row->from('counted')->whereColumn('burst_id', 'bursts.id'));
        $open->select('id')->chunkById(200, static function (Collection $some) use ($user, $bursts, &$count): void {
            DB::transaction(static function () use ($user, $bursts, $some): void {
                $user->inTurn();
                $bursts->recountAll(array_values(array_map(strval(...), $some->pluck('id')->all())));
            });
            $count += $some->count();
        });

        return $count;
    }
}
