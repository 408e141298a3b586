<?php

declare(strict_types=1);

namespace RushHold\Controls\Checks;

use RushHold\Controls\Assignment;
use RushHold\Controls\DayHold;
use RushHold\Controls\Finding;
use RushHold\Controls\LayoutOnBody;
use RushHold\Kit\AfArea;
use RushHold\Kit\ControlUse;

/** An area that has to be put somewhere, and no control left that moves it. */
final class PointLost implements Check
{
    public function find(LayoutOnBody $onBody): array
    {
        $placed = array_filter(
            $onBody->holds,
            static fn (DayHold $laid): bool => $laid->hold->area !== AfArea::WholeFrame,
        );
        if ($placed === [] || $onBody->layout->has(ControlUse::Point)) {
            return [];
        }
        $first = array_values($placed)[0];
        $free = $onBody->free(ControlUse::Point)[0] ?? null;

        return [
            new Finding(
                'point-lost',
                sprintf(
                    'Nothing moves the focus point any more: “%s” needs its %s put where it belongs.',
                    $first->name,
                    $first->hold->area->words(),
                ),
                null,
                $first->key,
                $free === null ? null : sprintf('Let %s move the point', $free->name),
                $free === null ? null : $onBody->layout->put(new Assignment($free->id, ControlUse::Point)),
            ),
        ];
    }
}
