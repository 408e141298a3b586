<?php

declare(strict_types=1);

namespace RushHold\Controls\Checks;

use RushHold\Controls\Finding;
use RushHold\Controls\LayoutOnBody;
use RushHold\Hold\Scheme;

/** Focus left on the shutter under a scheme of the thumb, or nothing left that focuses. */
final class FocusOnShutter implements Check
{
    public function find(LayoutOnBody $onBody): array
    {
        $layout = $onBody->layout;
        if ($layout->shutterFocuses && in_array($layout->scheme, [Scheme::Thumb, Scheme::TwoThumbs], true)) {
            return [
                new Finding(
                    'focus-on-shutter',
                    'Half a press of the shutter still focuses, and undoes at the last moment what the thumb chose.',
                    cure: 'Take focus off the shutter',
                    cured: $layout->scheme($layout->scheme, false),
                ),
            ];
        }
        if (! $layout->focuses()) {
            return [
                new Finding(
                    'nothing-focuses',
                    'Nothing focuses: the shutter does not, and no button starts it.',
                    cure: 'Let half a press of the shutter focus',
                    cured: $layout->scheme($layout->scheme, true),
                ),
            ];
        }

        return [];
    }
}
