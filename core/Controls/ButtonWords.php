<?php

declare(strict_types=1);

namespace RushHold\Controls;

use RushHold\Kit\BundlePart;
use RushHold\Kit\ControlUse;

/** How to give a control its function, in the body's own words. */
final class ButtonWords
{
    /** "menu: Keys › What they do › the thumb key: Recall a set, with Net Peg, Patience +2; leave shutter and ISO out". */
    public static function of(LayoutOnBody $onBody, Assignment $use): string
    {
        $dialect = $onBody->profile->dialect;
        $setting = $dialect->setting('buttons');
        $name = $onBody->profile->controls[$use->control]->name ?? $use->control;
        $where = $dialect->where('buttons')->words($onBody->profile->controlNames());
        $word = $setting?->say($use->does->value) ?? $use->does->words();
        $text = sprintf('%s%s: %s', $where === '' ? '' : $where.' › ', $name, $word);
        if ($use->does !== ControlUse::Recall || $use->hold === null) {
            return $text;
        }
        $bundle = [];
        foreach ($onBody->translations[$use->hold] ?? [] as $field => $said) {
            if ($use->carries(LayoutOnBody::FIELDS[$field]) && ! $said->lacks) {
                $bundle[] = $said->name.' '.$said->word;
            }
        }
        $out = array_values(
            array_filter(
                $onBody->profile->controls[$use->control]->carries ?? [],
                static fn (BundlePart $part): bool => ! $use->carries($part),
            ),
        );

        return $text.
            ($bundle === [] ? '' : ', with '.implode(', ', $bundle)).
            ($use->carries(BundlePart::Start) ? ', and let the press focus' : '').
            ($out === []
                ? ''
                : '; leave '.
                    implode(', ', array_map(static fn (BundlePart $part): string => $part->words(), $out)).
                    ' out');
    }
}
