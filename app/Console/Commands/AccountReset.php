<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\User;
use Illuminate\Auth\Passwords\PasswordBroker;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Password;

/** For the operator of a copy that sends no mail: a link to a new password, to be handed to its owner. */
final class AccountReset extends Command
{
    protected $signature = 'account:reset {email : Address of the account}';

    protected $description = 'Prints a link to a new password, good for one hour.';

    public function handle(): int
    {
        $email = User::address(is_string($typed = $this->argument('email')) ? $typed : '');
        /** @var ?User $user */
        $user = User::query()->where('email', $email)->where('is_demo', false)->whereNull('demo_until')->first();
        if ($user === null) {
            $this->error("No account has the address “{$email}”.");

            return 2;
        }
        /** @var PasswordBroker $broker */
        $broker = Password::broker();
        $this->line(url('/reset/'.$broker->createToken($user).'?email='.rawurlencode($user->email)));

        return self::SUCCESS;
    }
}
