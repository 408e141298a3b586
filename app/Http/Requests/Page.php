<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use RushHold\Faults\UnknownChoice;

/** Where a page of a list begins: after the last record of the page before, by a time and its id, newest first. */
final readonly class Page
{
    private function __construct(private ?string $time, private string $id) {}

    /** @throws UnknownChoice when ?after= is not what a page before gave */
    public static function of(Request $request): self
    {
        $after = $request->query('after');
        if ($after === null || $after === '') {
            return new self(null, '');
        }
        if (
            ! is_string($after) ||
            preg_match('/^(\d{4}-\d\d-\d\d \d\d:\d\d:\d\d\.\d{6})_([0-9a-z]{26})$/', $after, $found) !== 1
        ) {
            throw UnknownChoice::of('after', $after, ['what the page before gave as next']);
        }

        return new self($found[1], $found[2]);
    }

    /**
     * One record more than a page, by which it is known whether there is another.
     *
     * @template T of Model
     *
     * @param  Builder<T>  $all
     * @return Builder<T>
     */
    public function on(Builder $all, string $column, int $size): Builder
    {
        [$key, $id] = [$all->qualifyColumn($column), $all->qualifyColumn('id')];
        if ($this->time !== null) {
            $all->whereRaw("({$key}, {$id}) < (?, ?)", [$this->time, $this->id]);
        }

        $all->orderByDesc($key)
            ->orderByDesc($id)
            ->limit($size + 1);

        return $all;
    }

    /** @param  list<\stdClass>  $found  rows as they are kept */
    public static function next(array $found, string $column, int $size): ?string
    {
        $last = $found[$size - 1] ?? null;

        return count($found) > $size && $last !== null ? $last->{$column}.'_'.$last->id : null;
    }
}
