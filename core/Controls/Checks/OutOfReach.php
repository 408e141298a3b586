<?php

declare(strict_types=1);

namespace RushHold\Controls\Checks;

use RushHold\Controls\Assignment;
use RushHold\Controls\Finding;
use RushHold\Controls\LayoutOnBody;
use RushHold\Kit\ControlUse;

/** Controls that cannot be worked in gloves, cannot do what they are given, are needed for something else, or are not on this body. */
final class OutOfReach implements Check
{
    public function find(LayoutOnBody $onBody): array
    {
        $found = [];
        foreach ($onBody->layout->uses as $use) {
            $control = $onBody->profile->controls[$use->control] ?? null;
            if ($control === null) {
                $found[] = new Finding(
                    'no-such-control',
                    'This body has no such control any more.',
                    $use->control,
                    $use->hold,
                    'Take it off',
                    $onBody->layout->without($use->control),
                );
            } elseif (! $control->can($use->does)) {
                $found[] = new Finding(
                    'not-allowed',
                    sprintf('%s cannot be made to do this: it %s.', ucfirst($control->name), $use->does->words()),
                    $use->control,
                    $use->hold,
                    'Take it off',
                    $onBody->layout->without($use->control),
                );
            } elseif ($onBody->layout->gloves && ! $control->gloves) {
                $found[] = $this->moved(
                    $onBody,
                    $use,
                    'gloves',
                    sprintf('%s cannot be worked in gloves.', ucfirst($control->name)),
                );
            } elseif ($onBody->profile->dialect->setsWith($use->control) !== null) {
                $found[] = $this->moved(
                    $onBody,
                    $use,
                    'needed-elsewhere',
                    sprintf(
                        '%s is what you hold to set %s: given away, that has to go through the menu.',
                        ucfirst($control->name),
                        $onBody->profile->dialect->setsWith($use->control),
                    ),
                );
            }
        }

        return $found;
    }

    private function moved(LayoutOnBody $onBody, Assignment $use, string $code, string $says): Finding
    {
        $free = $onBody->free($use->does)[0] ?? null;

        return $free === null
            ? new Finding(
                $code,
                $says,
                $use->control,
                $use->hold,
                'Take it off',
                $onBody->layout->without($use->control),
            )
            : new Finding(
                $code,
                $says,
                $use->control,
                $use->hold,
                sprintf('Move it to %s', $free->name),
                $onBody->layout
                    ->without($use->control)
                    ->put(
                        $use
                            ->on($free->id)
                            ->carrying($use->does === ControlUse::Recall ? LayoutOnBody::bundleOn($free) : []),
                    ),
            );
    }
}
