<?php

declare(strict_types=1);

namespace RushHold\Controls\Checks;

use RushHold\Controls\Assignment;
use RushHold\Controls\Finding;
use RushHold\Controls\HandTimes;
use RushHold\Controls\LayoutOnBody;
use RushHold\Kit\ControlUse;
use RushHold\Wording\Units;

/** A hold of the day that no control recalls, and that the camera is not set to. */
final class HoldWithoutControl implements Check
{
    public function find(LayoutOnBody $onBody): array
    {
        $found = [];
        $base = $onBody->base();
        $times = new HandTimes($onBody, $onBody->assumptions);
        foreach ($onBody->holds as $key => $laid) {
            if ($key === $base || $base === null || $onBody->layout->recall($key) !== null) {
                continue;
            }
            $steps = $times->steps($base, $key);
            if ($steps === []) {
                continue; // on this body it is the same as what the camera is set to
            }
            $free = $onBody->free(ControlUse::Recall)[0] ?? null;
            $found[] = new Finding(
                'no-control',
                sprintf(
                    'No control recalls “%s”: by hand it takes %s s.',
                    $laid->name,
                    Units::figures($times->byHand($base, $key), 2),
                ),
                null,
                $key,
                $free === null ? null : sprintf('Lay it on %s', $free->name),
                $free === null
                    ? null
                    : $onBody->layout->put(
                        new Assignment($free->id, ControlUse::Recall, $key, LayoutOnBody::bundleOn($free)),
                    ),
                $steps,
            );
        }

        return $found;
    }
}
