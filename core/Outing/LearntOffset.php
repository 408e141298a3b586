<?php

declare(strict_types=1);

namespace RushHold\Outing;

use RushHold\Assumptions\Assumptions;

/** What readings of some days have shown of a place: how much brighter it is there than reckoned. */
final readonly class LearntOffset
{
    /**
     * @param  int  $readings  how many have said so
     * @param  float  $stops  their mean, drawn towards none by what was assumed before the first of them
     * @param  float  $spreadStops  standard deviation of one reading; 0 of a single one
     */
    private function __construct(public int $readings, public float $stops, public float $spreadStops) {}

    /**
     * The mean weighed against a place that is just as reckoned, which counts as so many readings: one reading says half, many say
     * themselves. Source: docs/model.md, A day out.
     *
     * @param  list<float>  $residuals  stops brighter than reckoned, one a reading
     */
    public static function from(array $residuals, Assumptions $assumptions): ?self
    {
        $count = count($residuals);
        if ($count === 0) {
            return null;
        }
        $mean = array_sum($residuals) / $count;
        $squares = array_sum(array_map(static fn (float $one): float => ($one - $mean) ** 2, $residuals));

        return new self(
            $count,
            ($mean * $count) / ($count + $assumptions->value('light.offset_prior')),
            $count > 1 ? sqrt($squares / ($count - 1)) : 0.0,
        );
    }
}
