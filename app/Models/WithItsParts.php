<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\ModelNotFoundException;

/**
 * Other records a record cannot be without. Where one is missing the account was deleted a moment ago, between two questions to the
 * store: nothing is there any more, and that is what is told.
 */
trait WithItsParts
{
    /** @return list<string> names of the relations it cannot be without */
    abstract protected static function parts(): array;

    /** @throws ModelNotFoundException when it is gone */
    public function getRelationValue($key): mixed
    {
        $value = parent::getRelationValue($key);
        if ($value === null && in_array($key, static::parts(), true)) {
            throw (new ModelNotFoundException())->setModel(static::class, $this->getKey());
        }

        return $value;
    }
}
