<?php

declare(strict_types=1);

namespace RushHold\Controls\Checks;

use RushHold\Controls\Finding;
use RushHold\Controls\LayoutOnBody;

/** The body focuses before anything is pressed. */
final class PreFocusOn implements Check
{
    public function find(LayoutOnBody $onBody): array
    {
        if (! $onBody->layout->prefocus) {
            return [];
        }
        $where = $onBody->profile->dialect->where('prefocus')->words($onBody->profile->controlNames());

        return [
            new Finding(
                'pre-focus',
                sprintf(
                    '%s is on: it wanders off what you set before, and empties the battery.%s',
                    ucfirst($onBody->profile->dialect->name('prefocus')),
                    $where === '' ? '' : ' ('.$where.')',
                ),
                cure: 'Switch it off',
                cured: $onBody->layout->prefocusing(false),
            ),
        ];
    }
}
