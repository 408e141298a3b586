<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Files\Files;
use App\Models\User;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Support\Facades\DB;

/** Takes an account away with everything in it. */
final readonly class Deletion
{
    public function __construct(private Files $files) {}

    public function of(User $user): void
    {
        DB::transaction(static function () use ($user): void {
            DB::table('sessions')->where('user_id', $user->id)->delete();
            $user->tokens()->delete();
            DB::table('password_reset_tokens')->where('email', $user->email)->delete();
            $user->rushes()->withoutGlobalScope(SoftDeletingScope::class)->forceDelete();
            $user->kits()->delete();
            $user->gear()->withoutGlobalScope(SoftDeletingScope::class)->forceDelete();
            $user->delete();
        });
        // after the records: what broke off between would leave bytes that nobody names, and those go by themselves
        $this->files->deleteOf($user);
    }
}
