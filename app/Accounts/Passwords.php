<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;
use RushHold\Faults\TextOutOfBounds;

/** Passwords: what they may be, whether one is right, and setting another. */
final readonly class Passwords
{
    public const LEAST = 10;

    /** What the hash reads; anything after it would not count, so it is refused. In bytes: letters beyond a to z have two or more. */
    public const MOST_BYTES = 72;

    /** @throws TextOutOfBounds naming the bounds, never the password */
    public static function refuse(string $field, string $password): void
    {
        if (
            mb_strlen($password) < self::LEAST ||
            strlen($password) > self::MOST_BYTES ||
            str_contains($password, "\0")
        ) {
            throw TextOutOfBounds::of(
                $field,
                mb_strlen($password) < self::LEAST ? 'too short' : 'too long',
                sprintf('%d to %d characters', self::LEAST, self::MOST_BYTES),
            );
        }
    }

    /** Whether this is the password; takes as long when there is no such account. */
    public static function isRight(?User $user, string $password): bool
    {
        $hash = $user === null || $user->is_demo || $user->isVisitor() ? null : $user->password;
        // the hash of nothing, at the cost of all others
        $nobodys = sprintf(
            '$2y$%02d$%s',
            (int) config('hashing.bcrypt.rounds', 12),
            'abcdefghijklmnopqrstuuABCDEFGHIJKLMNOPQRSTUVWXYZ01234',
        );
        $right = password_verify(str_replace("\0", '', $password), $hash ?? $nobodys);

        return $right && $hash !== null;
    }

    /** A hash that no password has, in a form that is quick to make: it is never checked against. */
    public static function nobodys(): string
    {
        return password_hash(bin2hex(random_bytes(18)), PASSWORD_BCRYPT, ['cost' => 4]);
    }

    /** Sets another, and ends every other session and every device that was kept signed in. */
    public static function set(User $user, string $password, ?string $keepSession): void
    {
        $user->forceFill(['password' => Hash::make($password), 'remember_token' => Str::random(60)])->save();
        DB::table('sessions')
            ->where('user_id', $user->id)
            ->when($keepSession !== null, static fn ($query) => $query->where('id', '!=', $keepSession))
            ->delete();
        DB::table('password_reset_tokens')->where('email', $user->email)->delete();
    }
}
