<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;
use Laravel\Sanctum\PersonalAccessToken;

/**
 * A key by which another program acts for an account; only its hash is kept.
 *
 * @property int $id
 * @property string $name
 * @property list<string> $abilities its scopes
 * @property ?Carbon $last_used_at
 * @property ?Carbon $expires_at
 * @property Carbon $created_at
 */
final class KeyRecord extends PersonalAccessToken
{
    protected $table = 'personal_access_tokens';
}
