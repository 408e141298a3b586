<?php

declare(strict_types=1);

namespace Tests\Support;

/** Whether tests try all there is (RUSH_HOLD_LONG=1), or as much of it as what they say of it needs. */
final class Long
{
    public static function is(): bool
    {
        return getenv('RUSH_HOLD_LONG') === '1';
    }

    /**
     * @template T
     *
     * @param  T  $all
     * @param  T  $enough
     * @return T
     */
    public static function of(mixed $all, mixed $enough): mixed
    {
        return self::is() ? $all : $enough;
    }
}
