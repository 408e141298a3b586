<?php

declare(strict_types=1);

namespace RushHold\Faults;

/** The body offers none of the focus modes a plan can use. */
final class NoUsableFocusMode extends Fault
{
    /** @param  list<string>  $modes */
    public static function among(array $modes): self
    {
        $range = 'at least one of continuous, single, single-with-override, manual';

        return new self(
            'body.modes',
            $modes,
            $range,
            sprintf('body.modes is %s; it must hold %s.', self::shown($modes), $range),
        );
    }
}
