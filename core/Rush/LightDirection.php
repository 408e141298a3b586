<?php

declare(strict_types=1);

namespace RushHold\Rush;

/** Where the light comes from. */
enum LightDirection: string
{
    /** From behind the camera. */
    case Front = 'front';

    /** From the side. */
    case Side = 'side';

    /** From behind the subject. */
    case Back = 'back';

    /** As the sentence of a rush says it. */
    public function words(): string
    {
        return match ($this) {
            self::Front => 'behind me',
            self::Side => 'from the side',
            self::Back => 'behind it',
        };
    }
}
