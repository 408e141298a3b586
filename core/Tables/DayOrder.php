<?php

declare(strict_types=1);

namespace RushHold\Tables;

/** In which order a table writes the parts of a day. */
enum DayOrder: string
{
    case YearMonthDay = 'ymd';

    case DayMonthYear = 'dmy';

    case MonthDayYear = 'mdy';

    public function words(): string
    {
        return match ($this) {
            self::YearMonthDay => 'year, month, day',
            self::DayMonthYear => 'day, month, year',
            self::MonthDayYear => 'month, day, year',
        };
    }

    /** @return list<self> those in which a text is a day */
    public static function readable(string $text): array
    {
        return array_values(
            array_filter(self::cases(), static fn (self $order): bool => TableField::day($text, $order) !== null),
        );
    }

    /**
     * The order that these are written in, as far as they tell: one in which each of them is a day.
     *
     * @param  iterable<string>  $texts
     * @return array{self, bool} the order, and whether no other would do as well
     */
    public static function of(iterable $texts): array
    {
        $may = self::cases();
        foreach ($texts as $text) {
            if (trim($text) !== '') {
                $readable = self::readable($text);
                $left = array_values(
                    array_filter($may, static fn (self $one): bool => in_array($one, $readable, true)),
                );
                $may = $left === [] ? $may : $left;
            }
        }

        return [$may[0], count($may) === 1];
    }
}
