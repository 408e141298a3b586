<?php

declare(strict_types=1);

namespace App\Documents;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A document kept as JSON, read once however often it is looked at.
 *
 * @implements CastsAttributes<\stdClass, \stdClass>
 */
final class AsDocument implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): ?\stdClass
    {
        $document = is_string($value) ? json_decode($value) : null;

        return $document instanceof \stdClass ? $document : null;
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value === null ? null : json_encode($value, JSON_THROW_ON_ERROR);
    }
}
