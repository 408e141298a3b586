<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Log\Counts\Promises;
use App\Log\Counts\Tallies;
use App\Models\PromiseRecord;
use App\Models\RushRecord;
use App\Models\User;
use App\Shoot\MadeUpLog;
use App\Shoot\PlayedLog;
use Illuminate\Console\Command;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Fills the log of an account with frames that nobody has taken, to try it at its size. */
final class HoldLogMadeUp extends Command
{
    /** Rushes they are made up for. */
    private const RUSHES = 12;

    protected $signature = 'hold:log-made-up {account : Address of the account, with rushes}
        {frames : How many}
        {--seed=1 : Another seed, another log}
        {--from=2024-03-02 : The day of the first burst}
        {--played : So many passes are rehearsed instead, and measured as frames would be}
        {--habits= : Figures of whoever plays them, by name, as JSON}';

    protected $description = 'Fills the log of an account with frames that nobody has taken and that have no pictures';

    public function handle(Promises $promises, Tallies $tallies, PlayedLog $played): int
    {
        $user = User::ofAddress($this->argument('account'));
        if ($user === null) {
            $this->error('There is no account of this address.');

            return self::INVALID;
        }
        /** @var Collection<int, RushRecord> $rushes */
        $rushes = $user->rushes()->with(RushRecord::WITH_KIT)->orderBy('id')->limit(self::RUSHES)->get();
        $kept = [];
        foreach ($rushes as $rush) {
            $kept[] = $promises->of($rush, $user);
        }
        $kept = array_values(array_filter($kept, static fn (?PromiseRecord $one): bool => $one !== null));
        if ($kept === []) {
            $this->error('The account has no rush with a plan.');

            return self::INVALID;
        }
        if ($this->option('played') === true) {
            return $this->play($user, $kept, $played);
        }
        $from = is_string($this->option('from')) ? $this->option('from') : '';
        $frames = is_string($this->argument('frames')) ? $this->argument('frames') : '';
        if (! Carbon::hasFormat($from, 'Y-m-d')) {
            $this->error("--from is “{$from}”; it must be a day such as 2024-03-02.");

            return self::INVALID;
        }
        if (! ctype_digit($frames) || (int) $frames < 1) {
            $this->error("frames is “{$frames}”; it must be a whole number from 1.");

            return self::INVALID;
        }
        $begun = hrtime(true);
        $dice = new Randomizer(new Xoshiro256StarStar((int) $this->option('seed')));
        $log = new MadeUpLog($user, $kept, $tallies, $dice, Carbon::parse($from)->setTime(6, 0));
        $log->write((int) $frames, function (int $written): void {
            if ($written % 20_000 < 1200) {
                $this->output->write("\r{$written} frames");
            }
        });
        $this->line(sprintf("\r%d frames in %.0f s", (int) $frames, (hrtime(true) - $begun) / 1e9));

        return self::SUCCESS;
    }

    /** @param  list<PromiseRecord>  $promises */
    private function play(User $user, array $promises, PlayedLog $played): int
    {
        $habits = $this->option('habits');
        $figures = is_string($habits) ? json_decode($habits, true) : [];
        if (! is_array($figures)) {
            $this->error('The habits are not JSON, like {"panning.settled": 0.6}.');

            return self::INVALID;
        }
        $passes = (int) $this->argument('frames');
        $at = Carbon::parse('2026-05-01 06:00:00');
        foreach (range(1, max(1, $passes)) as $pass) {
            $promise = $promises[$pass % count($promises)];
            $rush = $user->rushes()->with(RushRecord::WITH_KIT)->findOrFail($promise->rush_id);
            $seed = 1000 * (int) $this->option('seed') + $pass;
            $played->pass($user, $rush, $promise, $figures, $seed, $at->copy()->addMinutes(7 * $pass));
        }
        $this->line("{$passes} passes");

        return self::SUCCESS;
    }
}
