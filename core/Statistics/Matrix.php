<?php

declare(strict_types=1);

namespace RushHold\Statistics;

/** Small square matrices, row by row. */
final class Matrix
{
    /**
     * By elimination with the largest pivot; a matrix that has none is made to have one by a trifle on its diagonal.
     *
     * @param  list<list<float>>  $rows
     * @return list<list<float>>
     */
    public static function inverse(array $rows): array
    {
        $size = count($rows);
        foreach ($rows as $at => $row) {
            $one = array_fill(0, $size, 0.0);
            $one[$at] = 1.0;
            $rows[$at] = [...$row, ...$one];
        }
        for ($step = 0; $step < $size; $step++) {
            $best = $step;
            for ($row = $step + 1; $row < $size; $row++) {
                $best = abs($rows[$row][$step]) > abs($rows[$best][$step]) ? $row : $best;
            }
            [$rows[$step], $rows[$best]] = [$rows[$best], $rows[$step]];
            $pivot = abs($rows[$step][$step]) < 1e-12 ? 1e-12 : $rows[$step][$step];
            $rows[$step] = array_map(static fn (float $one): float => $one / $pivot, $rows[$step]);
            for ($row = 0; $row < $size; $row++) {
                $by = $rows[$row][$step];
                if ($row !== $step && $by !== 0.0) {
                    foreach ($rows[$row] as $column => $one) {
                        $rows[$row][$column] = $one - $by * $rows[$step][$column];
                    }
                }
            }
        }

        return array_map(static fn (array $row): array => array_slice($row, $size), $rows);
    }
}
