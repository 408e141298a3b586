<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Crypt;

/**
 * A text kept encrypted. One that was sealed with another key cannot be read any more, and is as if it were not there: a store that was
 * restored under a new key must go on working.
 *
 * @implements CastsAttributes<?string, ?string>
 */
final class Sealed implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        try {
            return is_string($value) ? Crypt::decryptString($value) : null;
        } catch (DecryptException) {
            return null;
        }
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return is_string($value) ? Crypt::encryptString($value) : null;
    }
}
