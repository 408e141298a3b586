<?php

declare(strict_types=1);

namespace RushHold\Controls\Checks;

use RushHold\Controls\Assignment;
use RushHold\Controls\Finding;
use RushHold\Controls\LayoutOnBody;
use RushHold\Kit\BundlePart;
use RushHold\Kit\Control;
use RushHold\Kit\ControlUse;
use RushHold\Kit\Finger;

/** Two things asked of one finger, or of one control, at the same moment. */
final class FingerClash implements Check
{
    public function find(LayoutOnBody $onBody): array
    {
        $found = [];
        foreach ($onBody->profile->controls as $control) {
            $uses = $onBody->layout->of($control->id);
            if (count($uses) > 1) {
                $found[] = new Finding(
                    'two-on-one',
                    sprintf('%s is given %d things to do.', ucfirst($control->name), count($uses)),
                    $control->id,
                    null,
                    'Keep the last',
                    $onBody->layout->put($uses[count($uses) - 1]),
                );
            }
        }
        foreach ($onBody->layout->uses as $use) {
            $control = $onBody->profile->controls[$use->control] ?? null;
            if ($control !== null && $use->recalls()) {
                array_push(
                    $found,
                    ...$this->withShutter($onBody, $use, $control),
                    ...$this->withFocus($onBody, $use, $control),
                );
            }
        }

        return $found;
    }

    /** @return list<Finding> a recall that cannot be held while the shutter fires */
    private function withShutter(LayoutOnBody $onBody, Assignment $use, Control $control): array
    {
        if ($control->withShutter && $control->finger !== Finger::Index) {
            return [];
        }
        $says =
            $control->finger === Finger::Index
                ? sprintf(
                    '%s needs the first finger, which is on the shutter: “%s” ends as you fire.',
                    ucfirst($control->name),
                    $onBody->name((string) $use->hold),
                )
                : sprintf(
                    '%s cannot be held while you fire: “%s” ends too early.',
                    ucfirst($control->name),
                    $onBody->name((string) $use->hold),
                );

        return [self::moved($onBody, $use, 'same-finger', $says)];
    }

    /** @return list<Finding> a recall that does not focus by itself, with the only focus button under the same finger */
    private function withFocus(LayoutOnBody $onBody, Assignment $use, Control $control): array
    {
        if ($use->startsFocus() || $onBody->layout->shutterFocuses) {
            return [];
        }
        $starters = array_filter(
            $onBody->layout->uses,
            static fn (Assignment $other): bool => $other->control !== $use->control && $other->startsFocus(),
        );
        $others = array_filter(
            $starters,
            static fn (Assignment $other): bool => ($onBody->profile->controls[$other->control] ?? null)?->finger !==
                $control->finger,
        );
        if ($others !== []) {
            return [];
        }
        $says = sprintf(
            '“%s” is recalled by the %s, which is needed on the focus button at the same moment.',
            $onBody->name((string) $use->hold),
            $control->finger->words(),
        );
        if ($control->canCarry(BundlePart::Start)) {
            return [
                new Finding(
                    'same-finger',
                    $says,
                    $use->control,
                    $use->hold,
                    'Let the press focus as well',
                    $onBody->layout->put($use->carrying([BundlePart::Start, ...$use->carries])),
                ),
            ];
        }

        return [self::moved($onBody, $use, 'same-finger', $says, $control->finger)];
    }

    /** The finding with the use moved to a free control that can do it, where there is one. */
    private static function moved(
        LayoutOnBody $onBody,
        Assignment $use,
        string $code,
        string $says,
        ?Finger $notBy = null,
    ): Finding {
        $free = array_values(
            array_filter(
                $onBody->free(ControlUse::Recall),
                static fn (Control $other): bool => $other->finger !== Finger::Index && $other->finger !== $notBy,
            ),
        );

        return $free === []
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
                sprintf('Move it to %s', $free[0]->name),
                $onBody->layout
                    ->without($use->control)
                    ->put($use->on($free[0]->id)->carrying(LayoutOnBody::bundleOn($free[0]))),
            );
    }
}
