<?php

declare(strict_types=1);

namespace RushHold\Faults;

/** The subject is nearer than the lens can focus. */
final class SubjectInsideClosestFocus extends Fault
{
    public static function at(float $distanceM, float $closestM): self
    {
        $range = sprintf('%s m or more with this lens', self::plain($closestM));

        return new self(
            'distance.work_m',
            $distanceM,
            $range,
            sprintf(
                'distance.work_m is %s; this lens focuses no closer than %s m.',
                self::plain($distanceM),
                self::plain($closestM),
            ),
        );
    }
}
