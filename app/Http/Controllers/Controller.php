<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\RushRecord;
use App\Models\User;
use App\Problems\Problem;
use App\Problems\ProblemException;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Http\Request;
use RushHold\Faults\UnknownChoice;

abstract readonly class Controller
{
    /**
     * Rushes named by a card or a layout must be of this account, deleted or not.
     *
     * @param  array<int|string, string>  $ids  by where they stand in the field
     *
     * @throws UnknownChoice naming the first that is not
     */
    protected function refuseStrangers(User $user, string $field, array $ids): void
    {
        $known = RushRecord::query()
            ->withoutGlobalScope(SoftDeletingScope::class)
            ->where('user_id', $user->id)
            ->whereKey(array_values(array_unique($ids)))
            ->pluck('id')
            ->all();
        foreach ($ids as $at => $id) {
            if (! in_array($id, $known, true)) {
                throw UnknownChoice::of($field.'.'.$at, $id, ['the id of a rush of yours']);
            }
        }
    }

    /** @param  array<mixed>  $fault */
    protected function refuse(array $fault): never
    {
        /** @var list<array{pointer: string, value: mixed, range: string, message: string}> $faults */
        $faults = $fault['faults'] ?? [];
        throw new ProblemException(
            new Problem('bad-input', 422, 'There is no plan for this', $faults[0]['message'] ?? '', $faults),
        );
    }

    /** When an answer was begun: of two, whichever was begun later knows more. */
    protected static function asOf(): string
    {
        return now()->toIso8601ZuluString('microsecond');
    }

    /**
     * The record of this account that the address names.
     *
     * @template T of Model
     *
     * @param  class-string<T>  $class
     * @return T
     */
    protected function bound(Request $request, string $parameter, string $class): Model
    {
        $record = $request->route($parameter);

        return $record instanceof $class ? $record : abort(404);
    }

    /** The account that is signed in. */
    protected function user(Request $request): User
    {
        $user = $request->user();

        return $user instanceof User ? $user : abort(401);
    }
}
