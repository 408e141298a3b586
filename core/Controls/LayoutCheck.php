<?php

declare(strict_types=1);

namespace RushHold\Controls;

use RushHold\Controls\Checks\BundleContents;
use RushHold\Controls\Checks\Check;
use RushHold\Controls\Checks\FingerClash;
use RushHold\Controls\Checks\FocusOnShutter;
use RushHold\Controls\Checks\HoldWithoutControl;
use RushHold\Controls\Checks\NothingStopsFocus;
use RushHold\Controls\Checks\OutOfReach;
use RushHold\Controls\Checks\PointLost;
use RushHold\Controls\Checks\PreFocusOn;

/** All that a layout gets wrong, the worst first. */
final class LayoutCheck
{
    /** @return list<Finding> */
    public static function of(LayoutOnBody $onBody): array
    {
        $checks = [
            new FocusOnShutter(),
            new FingerClash(),
            new OutOfReach(),
            new BundleContents(),
            new NothingStopsFocus(),
            new PointLost(),
            new PreFocusOn(),
            new HoldWithoutControl(),
        ];

        return array_merge(...array_map(static fn (Check $check): array => $check->find($onBody), $checks));
    }
}
