<?php

declare(strict_types=1);

namespace App\History;

use App\Models\Card;
use App\Models\Gear;
use App\Models\Rush;
use App\Models\User;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Support\Facades\DB;

/**
 * Makes a record once, however often its request is sent: a writer that has had no answer sends the same mark again and finds what it
 * has made. A mark is the writer's own; without one every request makes another.
 */
final readonly class Creation
{
    /**
     * @template T of Rush|Gear|Card
     *
     * @param  class-string<T>  $of
     * @param  \Closure(): T  $make
     * @return array{T, bool} the record, and whether it was made just now; one at a time for an account
     */
    public function once(User $user, string $of, ?string $mark, \Closure $make): array
    {
        return DB::transaction(function () use ($user, $of, $mark, $make): array {
            $user->inTurn();
            $there = $mark === null ? null : $of::query()->withoutGlobalScope(SoftDeletingScope::class)->where('user_id', $user->id)->where('made', $mark)->first();
            if ($there?->trashed() === true) {
                // asked for again after it was deleted: then another is meant
                $there->forceFill(['made' => null])->save();
            } elseif ($there !== null) {
                return [$there, false];
            }
            $record = $make();
            if ($mark !== null) {
                $record->forceFill(['made' => $mark])->save();
            }

            return [$record, true];
        });
    }
}
