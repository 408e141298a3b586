<?php

declare(strict_types=1);

namespace RushHold\Faults;

/** Figures that are each allowed and that nobody foresaw together: told as a fault, and written down so that it can be mended. */
final class CannotBeReckoned extends Fault
{
    public static function from(string $what): self
    {
        $range = 'figures nearer to the usual';

        return new self(
            '',
            null,
            $range,
            sprintf(
                '%s cannot be reckoned from these figures together; change what is furthest from the usual. It has been written down.',
                $what,
            ),
        );
    }
}
