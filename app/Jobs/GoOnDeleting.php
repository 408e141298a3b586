<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Accounts\Deletion;
use App\Models\User;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;

/** A portion of what is left of a deleted account, where that is much. */
final class GoOnDeleting implements ShouldQueue
{
    use Dispatchable;

    public function __construct(private readonly int $account) {}

    public function handle(Deletion $deletion): void
    {
        $user = User::query()->find($this->account);
        if ($user !== null && ! $deletion->portion($user)) {
            self::dispatch($this->account);
        }
    }
}
