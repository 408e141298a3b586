<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Files\Files;
use App\Models\User;
use App\Owned\Owned;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Takes an account away with everything in it. */
final readonly class Deletion
{
    /** Rows deleted in one go, and in one portion. */
    private const AT_ONCE = 1000;

    private const PORTION = 4000;

    public function __construct(private Files $files, private Owned $owned) {}

    /** All of it, however long that takes. */
    public function of(User $user): void
    {
        $this->seal($user);
        while (! $this->portion($user)) {
            continue;
        }
    }

    /** From here on nobody can sign in to it; what breaks off after that is ended by {@see \App\Console\Commands\Tidy}. */
    public function seal(User $user): void
    {
        DB::transaction(static function () use ($user): void {
            DB::table('sessions')->where('user_id', $user->id)->delete();
            $user->tokens()->delete();
            DB::table('password_reset_tokens')->where('email', $user->email)->delete();
            $user->forceFill([
                'name' => 'gone',
                'email' => 'gone-'.strtolower((string) Str::ulid()).'@inlet.example',
                'password' => Passwords::nobodys(),
                'remember_token' => null,
                'is_demo' => false,
                'demo_until' => Carbon::now()->subSecond(),
            ])->save();
        });
    }

    /** Some of what is in one that has been sealed; whether that was all. */
    public function portion(User $user): bool
    {
        $gone = 0;
        // each after all that name it
        foreach (array_reverse($this->owned->all()) as $table) {
            do {
                if ($gone >= self::PORTION) {
                    return false;
                }
                $some = $table->name() === 'users' ? 0 : $table->rowsOf($user->id)->limit(self::AT_ONCE)->delete();
                $gone += $some;
            } while ($some === self::AT_ONCE);
        }
        $user->delete();
        // after the records: what broke off between would leave bytes that nobody names, and those go by themselves
        $this->files->deleteOf($user);

        return true;
    }
}
