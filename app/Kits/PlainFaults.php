<?php

declare(strict_types=1);

namespace App\Kits;

use RushHold\Faults\FaultyDocument;
use RushHold\Faults\InPiece;

/** Faults of a kit file in the words of whoever takes it in: which piece, by its name, and which of its fields. */
final class PlainFaults
{
    /** Pieces that may stand in a file by themselves. */
    private const ALONE = ['body' => 'body', 'lens' => 'lens'];

    /** Fields whose names say less than their words. */
    private const OWN = [
        'widest_f' => 'widest aperture',
        'widest_f_short' => 'widest aperture at the shortest',
        'fps' => 'frames a second',
        'af_lag_s' => 'focus to exposure',
        'pixels_wide' => 'pixels across',
    ];

    public static function of(FaultyDocument $faulty, mixed $file): FaultyDocument
    {
        $told = [];
        foreach ($faulty->faults as $fault) {
            $place = self::place($fault->field, $file);
            $told[] = $place === null ? $fault : InPiece::of($fault, ...$place);
        }

        return new FaultyDocument($told);
    }

    /** @return ?array{string, string} the piece, and its field, in words; null for what is in no piece */
    private static function place(string $field, mixed $file): ?array
    {
        $steps = explode('.', $field);
        $list = array_shift($steps);
        $type = KitFiles::LISTS[$list] ?? self::ALONE[$list] ?? null;
        if ($type === null || ! ($file instanceof \stdClass)) {
            return null;
        }
        $piece = $file->{$list} ?? null;
        $number = '';
        if (is_array($piece)) {
            $at = array_shift($steps);
            $piece = $piece[(int) $at] ?? null;
            $number = ' '.((int) $at + 1);
        }
        $name = $piece instanceof \stdClass && is_string($piece->name ?? null) ? trim($piece->name) : '';

        return [
            $name === '' ? $type.$number : sprintf('%s “%s”', $type, mb_substr($name, 0, 60)),
            self::words($steps),
        ];
    }

    /** @param  list<string>  $steps  "pixels_wide", "limiter_m.0" */
    private static function words(array $steps): string
    {
        return trim(
            implode(
                ', ',
                array_map(
                    static fn (string $step): string => ctype_digit($step)
                        ? 'number '.((int) $step + 1)
                        : self::OWN[$step] ?? str_replace('_', ' ', (string) preg_replace('/_(mm|mps|m|s|f|kg|deg)$/', '', $step)),
                    $steps,
                ),
            ),
        );
    }
}
