<?php

declare(strict_types=1);

namespace App\History;

use App\Models\Card;
use App\Models\Gear;
use App\Models\Rush;
use App\Models\User;
use Illuminate\Database\UniqueConstraintViolationException;
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
     * @return array{T, bool} the record, and whether it was made just now
     */
    public function once(User $user, string $of, ?string $mark, \Closure $make): array
    {
        $there = $this->made($user, $of, $mark);
        if ($there !== null) {
            return [$there, false];
        }
        try {
            return [DB::transaction(static function () use ($make, $mark): Rush|Gear|Card {
                $record = $make();
                if ($mark !== null) {
                    $record->forceFill(['made' => $mark])->save();
                }

                return $record;
            }, 3), true];
        } catch (UniqueConstraintViolationException $twice) {
            return [$this->made($user, $of, $mark) ?? throw $twice, false];
        }
    }

    /**
     * @template T of Rush|Gear|Card
     *
     * @param  class-string<T>  $of
     * @return ?T
     */
    private function made(User $user, string $of, ?string $mark): Rush|Gear|Card|null
    {
        return $mark === null ? null : $of::query()->where('user_id', $user->id)->where('made', $mark)->first();
    }
}
