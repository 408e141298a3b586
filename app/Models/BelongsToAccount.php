<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Support\Facades\Auth;

/**
 * A record that only its own account can find: in an address, anybody else's is as if it did not exist.
 *
 * @phpstan-require-extends Model
 */
trait BelongsToAccount
{
    use HasUlids;

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    public function resolveRouteBinding($value, $field = null): ?Model
    {
        return $this->newQuery()->where('user_id', Auth::id())->whereKey($value)->first();
    }

    public function resolveSoftDeletableRouteBinding($value, $field = null): ?Model
    {
        return $this->newQuery()
            ->withoutGlobalScope(SoftDeletingScope::class)
            ->where('user_id', Auth::id())
            ->whereKey($value)
            ->first();
    }
}
