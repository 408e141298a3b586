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
    /** Rows deleted in one go. */
    private const AT_ONCE = 2000;

    public function __construct(private Files $files, private Owned $owned) {}

    /** From here on nobody can sign in to it; what breaks off between is ended by {@see \App\Console\Commands\Tidy}. */
    public function of(User $user): void
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
        // each after all that name it
        foreach (array_reverse($this->owned->all()) as $table) {
            do {
                $gone = $table->name() === 'users' ? 0 : $table->rowsOf($user->id)->limit(self::AT_ONCE)->delete();
            } while ($gone === self::AT_ONCE);
        }
        $user->delete();
        // after the records: what broke off between would leave bytes that nobody names, and those go by themselves
        $this->files->deleteOf($user);
    }
}
