<?php

declare(strict_types=1);

namespace RushHold\Kit;

/** What a control can be made to do. */
enum ControlUse: string
{
    /** Focuses with what the camera is set to, as long as it is pressed. */
    case Focus = 'focus';

    /** Recalls a bundle of settings, as long as it is pressed. */
    case Recall = 'recall';

    /** Stops focus as long as it is pressed. */
    case Stop = 'stop';

    /** Moves the focus point. */
    case Point = 'point';

    public function words(): string
    {
        return match ($this) {
            self::Focus => 'focuses',
            self::Recall => 'recalls a hold',
            self::Stop => 'stops focus',
            self::Point => 'moves the focus point',
        };
    }
}
