<?php

declare(strict_types=1);

namespace RushHold\Dialect;

use RushHold\Assumptions\Assumptions;
use RushHold\Hold\Pick;

/** A point of tracking tuning: level of stay, pace and pick; null on an axis that does not count. */
final readonly class TuningPoint
{
    public function __construct(public ?float $stay, public ?float $pace, public ?Pick $pick) {}

    /**
     * How far apart two points are, in levels of the stay dial. An axis that is null in either does not count.
     *
     * d² = Δhold² + (w·Δpace)² + (v·[pick differs])², with w and v from the assumptions.
     */
    public function distanceTo(self $other, Assumptions $assumptions): float
    {
        $stay = $this->stay === null || $other->stay === null ? 0.0 : $this->stay - $other->stay;
        $pace =
            $this->pace === null || $other->pace === null
                ? 0.0
                : ($this->pace - $other->pace) * $assumptions->value('dialect.pace');
        $pick =
            $this->pick === null || $other->pick === null || $this->pick === $other->pick
                ? 0.0
                : $assumptions->value('dialect.pick');

        return sqrt($stay ** 2 + $pace ** 2 + $pick ** 2);
    }

    /** What the other has otherwise, in words: "its stay is 1 higher, its pick is centre"; "" when they agree. */
    public function otherwise(self $other): string
    {
        $said = [];
        foreach (
            ['stay' => [$this->stay, $other->stay], 'pace' => [$this->pace, $other->pace]] as $axis => [$wanted, $found]
        ) {
            if ($wanted !== null && $found !== null && abs($found - $wanted) > 1e-9) {
                $said[] = sprintf(
                    '%s %s %s',
                    $axis,
                    rtrim(rtrim(sprintf('%.1f', abs($found - $wanted)), '0'), '.'),
                    $found > $wanted ? 'higher' : 'lower',
                );
            }
        }
        if ($this->pick !== null && $other->pick !== null && $this->pick !== $other->pick) {
            $said[] = sprintf('picks %s instead of %s', $other->pick->value, $this->pick->value);
        }

        return implode(', ', $said);
    }
}
