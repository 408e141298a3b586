<?php

declare(strict_types=1);

namespace App\Undo;

use App\Models\User;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Support\Facades\DB;

/**
 * Makes a record once, however often its request is sent: a writer that has had no answer sends the same id again and finds what it
 * has made. Without one every request makes another.
 */
final readonly class Creation
{
    public function __construct(private History $history) {}

    /**
     * @template T of Model&Undoable
     *
     * @param  T  $record  not saved yet
     * @param  \Closure(): void  $room  refuses it when the account has no room for another
     * @return array{T, bool} the record, and whether it was made just now; one at a time for an account
     */
    public function once(User $user, Model&Undoable $record, ?string $writeId, \Closure $room): array
    {
        return DB::transaction(function () use ($user, $record, $writeId, $room): array {
            $user->inTurn();
            /** @var ?T $there */
            $there =
                $writeId === null
                    ? null
                    : $record
                        ->newQuery()
                        ->withoutGlobalScope(SoftDeletingScope::class)
                        ->where('user_id', $user->id)
                        ->where('creation_id', $writeId)
                        ->first();
            if ($there?->getAttribute('deleted_at') !== null) {
                // asked for again after it was deleted: then another is meant
                $there->forceFill(['creation_id' => null])->save();
            } elseif ($there !== null) {
                return [$there, false];
            }
            $room();
            if ($writeId !== null) {
                $record->forceFill(['creation_id' => $writeId]);
            }
            $this->history->begin($record);

            return [$record, true];
        });
    }
}
