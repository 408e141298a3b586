<?php

declare(strict_types=1);

namespace RushHold\Motion;

/** How predictable the motion is. */
enum Pattern: string
{
    /** Stays where it is, but for fidgets. */
    case Still = 'still';

    /** Keeps its speed and direction. */
    case Steady = 'steady';

    /** Gains or loses speed evenly. */
    case Accelerating = 'accelerating';

    /** Stops and goes. */
    case StopStart = 'stop-start';

    /** Jinks in every direction. */
    case Erratic = 'erratic';

    /** Bursts into view or away. */
    case Sudden = 'sudden';

    /** As the sentence of a rush says it. */
    public function words(): string
    {
        return match ($this) {
            self::Still => 'sitting still',
            self::Steady => 'moving steadily',
            self::Accelerating => 'speeding up or slowing',
            self::StopStart => 'stopping and starting',
            self::Erratic => 'darting about',
            self::Sudden => 'bursting into view',
        };
    }

    /** What it means, for whoever picks it. */
    public function note(): string
    {
        return match ($this) {
            self::Still => 'stays where it is, but for fidgets',
            self::Steady => 'keeps its speed and direction',
            self::Accelerating => 'gains or loses speed evenly',
            self::StopStart => 'stops and goes',
            self::Erratic => 'jinks in every direction',
            self::Sudden => 'gives no warning',
        };
    }
}
