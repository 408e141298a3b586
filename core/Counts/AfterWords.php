<?php

declare(strict_types=1);

namespace RushHold\Counts;

use RushHold\Wording\Units;

/** What a day out has come to, as a person reads it on the way home. */
final class AfterWords
{
    /**
     * @param  list<string>  $expected  names of the rushes it was for
     * @param  list<string>  $also  of others that were shot
     * @param  list<string>  $missed  of those it was for, those nothing came home of
     */
    public static function went(array $expected, array $also, array $missed): string
    {
        $went = $expected === [] ? 'You went without a plan for any rush.' : 'You went for '.self::list($expected).'.';
        if ($expected !== [] && $missed === $expected) {
            return $went.' Nothing of that came home yet.';
        }

        return $went.
            ($missed === [] ? '' : ' Nothing came home of '.self::list($missed).'.').
            ($also === [] ? '' : ' You also shot '.self::list($also).'.');
    }

    /** @param  ?float  $expected  sharp frames that rehearsals expected of as many; null where none did */
    public static function brought(Cell $cell, ?float $expected): string
    {
        $brought = sprintf(
            'You brought %d %s in %d %s, %d of them sharp',
            $cell->frames,
            $cell->frames === 1 ? 'frame' : 'frames',
            $cell->bursts,
            $cell->bursts === 1 ? 'burst' : 'bursts',
            $cell->keepers,
        );

        return $expected === null
            ? $brought.'.'
            : sprintf('%s; of the bursts with a plan, rehearsals expected %.0f.', $brought, $expected);
    }

    /** @param  float  $expected  frames that rehearsals expected to be lost so */
    public static function cost(Loss $loss, int $frames, int $lost, float $expected): string
    {
        return sprintf(
            'Most are lost to %s: %d of the %d that are not sharp. Rehearsals expected %s.',
            $loss->words(),
            $frames,
            $lost,
            $expected < 0.5 ? 'none' : sprintf('%.0f', $expected),
        );
    }

    /** @param  float  $saves  frames of a pass */
    public static function change(string $rush, string $dials, Loss $loss, float $saves, float $of): string
    {
        return sprintf(
            'One change for next time, in “%s”: %s. By rehearsal it saves %s of the %s frames a pass that are lost so (%s).',
            $rush,
            $dials,
            Units::figures($saves, 2),
            Units::figures($of, 2),
            $loss->words(),
        );
    }

    public static function noChange(string $rush, string $treatedBy): string
    {
        return sprintf('No single dial would have saved them in “%s”. What treats them: %s.', $rush, $treatedBy);
    }

    /** @param  float  $assumed  what plans reckon with otherwise */
    public static function learnt(
        string $meaning,
        float $value,
        float $assumed,
        string $unit,
        int $frames,
        bool $isOn,
    ): string {
        $unit = $unit === '' ? '' : ' '.$unit;

        return sprintf(
            '%s: %s%s, from %d frames, where %s%s is assumed. %s',
            $meaning,
            Units::figures($value),
            $unit,
            $frames,
            Units::figures($assumed),
            $unit,
            $isOn ? 'Plans use yours.' : 'Plans do not use it yet.',
        );
    }

    /** @param  list<string>  $names */
    private static function list(array $names): string
    {
        $last = array_pop($names);

        return $names === [] ? (string) $last : implode(', ', $names).' and '.$last;
    }
}
