<?php

declare(strict_types=1);

namespace RushHold\Controls\Checks;

use RushHold\Controls\Finding;
use RushHold\Controls\Laying;

/** The body focuses before anything is pressed. */
final class PreFocusOn implements Check
{
    public function find(Laying $laying): array
    {
        if (! $laying->layout->prefocus) {
            return [];
        }
        $where = $laying->sheet->dialect->where('prefocus')->words($laying->sheet->controlNames());

        return [new Finding(
            'pre-focus', sprintf('%s is on: it wanders off what you set before, and empties the battery.%s', ucfirst($laying->sheet->dialect->name('prefocus')), $where === '' ? '' : ' ('.$where.')'),
            cure: 'Switch it off', cured: $laying->layout->prefocusing(false),
        )];
    }
}
