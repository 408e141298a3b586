<?php

declare(strict_types=1);

namespace RushHold\Controls\Checks;

use RushHold\Controls\Assignment;
use RushHold\Controls\Finding;
use RushHold\Controls\LayoutOnBody;
use RushHold\Kit\ControlUse;

/** Continuous focus on the shutter with nothing to stop it: no locking, no recomposing, no way past a passer-by. */
final class NothingStopsFocus implements Check
{
    public function find(LayoutOnBody $onBody): array
    {
        $layout = $onBody->layout;
        $base = $onBody->base();
        $follows = $base === null || $onBody->holds[$base]->hold->focusMode->follows();
        $locks = array_filter(
            $layout->uses,
            static fn (Assignment $use): bool => $use->does === ControlUse::Stop ||
                ($use->recalls() &&
                    isset($onBody->holds[(string) $use->hold]) &&
                    ! $onBody->holds[(string) $use->hold]->hold->focusMode->follows()),
        );
        if (! $layout->shutterFocuses || ! $follows || $locks !== []) {
            return [];
        }
        $free = $onBody->free(ControlUse::Stop)[0] ?? null;

        return [
            new Finding(
                'nothing-stops',
                'The shutter focuses without end and nothing stops it: you cannot lock and recompose, nor wait out something that crosses.',
                cure: $free === null ? null : sprintf('Let %s stop focus', $free->name),
                cured: $free === null ? null : $layout->put(new Assignment($free->id, ControlUse::Stop)),
            ),
        ];
    }
}
