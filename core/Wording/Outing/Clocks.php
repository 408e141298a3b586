<?php

declare(strict_types=1);

namespace RushHold\Wording\Outing;

use RushHold\Outing\LocalDay;
use RushHold\Outing\Stretch;

/** Moments by the clocks of a place; what is not of the date of the outing says of which day it is. */
final readonly class Clocks
{
    private const MINUTE_S = 60.0;

    public function __construct(private LocalDay $day) {}

    /** "07:40", "01:40 next day". */
    public function at(float $unixS): string
    {
        $day = self::day($this->day->daysUntil($unixS));

        return $this->day->clock($unixS).($day === '' ? '' : ' '.$day);
    }

    /** "07:40 to 09:10", "23:40 to 01:10 next day", "01:10 to 02:30 next day". */
    public function range(float $fromS, float $untilS): string
    {
        $isOneDay = $this->day->daysUntil($fromS) === $this->day->daysUntil($untilS);

        return ($isOneDay ? $this->day->clock($fromS) : $this->at($fromS)).' to '.$this->at($untilS);
    }

    /** The whole minute before: what must be over by then. */
    public static function before(float $unixS): float
    {
        return is_finite($unixS) ? floor($unixS / self::MINUTE_S + 1e-6) * self::MINUTE_S : $unixS;
    }

    /** The whole minute after: what may begin only then. */
    public static function after(float $unixS): float
    {
        return is_finite($unixS) ? ceil($unixS / self::MINUTE_S - 1e-6) * self::MINUTE_S : $unixS;
    }

    /** A danger in whole minutes: not shorter than it is. */
    public static function outward(Stretch $of): Stretch
    {
        $from = self::before($of->fromS);

        return new Stretch($from, max(self::after($of->untilS), $from + self::MINUTE_S));
    }

    /** A leave in whole minutes: not longer than it is. */
    public static function inward(Stretch $of): Stretch
    {
        return new Stretch(self::after($of->fromS), self::before($of->untilS));
    }

    private static function day(int $days): string
    {
        return match ($days) {
            0 => '',
            1 => 'next day',
            -1 => 'the day before',
            default => $days > 0 ? "{$days} days later" : abs($days).' days before',
        };
    }
}
