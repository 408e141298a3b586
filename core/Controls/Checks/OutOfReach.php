<?php

declare(strict_types=1);

namespace RushHold\Controls\Checks;

use RushHold\Controls\Finding;
use RushHold\Controls\Laying;
use RushHold\Kit\ControlUse;

/** Controls that cannot be worked in gloves, or cannot do what they are given, or are not on this body. */
final class OutOfReach implements Check
{
    public function find(Laying $laying): array
    {
        $found = [];
        foreach ($laying->layout->uses as $use) {
            $control = $laying->sheet->controls[$use->control] ?? null;
            if ($control === null) {
                $found[] = new Finding('no-such-control', 'This body has no such control any more.', $use->control, $use->hold, 'Take it off', $laying->layout->without($use->control));
            } elseif (! $control->can($use->does)) {
                $found[] = new Finding('not-allowed', sprintf('%s cannot be made to do this: it %s.', ucfirst($control->name), $use->does->words()), $use->control, $use->hold, 'Take it off', $laying->layout->without($use->control));
            } elseif ($laying->layout->gloves && ! $control->gloves) {
                $free = $laying->free($use->does)[0] ?? null;
                $found[] = new Finding(
                    'gloves', sprintf('%s cannot be worked in gloves.', ucfirst($control->name)), $use->control, $use->hold,
                    $free === null ? 'Take it off' : sprintf('Move it to %s', $free->name),
                    $free === null ? $laying->layout->without($use->control)
                        : $laying->layout->without($use->control)->put($use->on($free->id)->carrying($use->does === ControlUse::Recall ? Laying::bundleOn($free) : [])),
                );
            }
        }

        return $found;
    }
}
