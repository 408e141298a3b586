<?php

declare(strict_types=1);

namespace RushHold\Counts;

use RushHold\Rehearsal\Verdict;

/** What frames die of, as far as a rehearsal and a frame that came home can both tell it; a verdict on a frame names its own as cause(). */
enum Loss: string
{
    /** It streaked. */
    case Motion = 'motion';

    /** The hands. */
    case Shake = 'shake';

    /** The plane was not on it: by a lag, on something else, through trembling air. One frame does not tell these apart. */
    case Focus = 'focus';

    /** It is not to be seen: outside the frame, or behind something. */
    case Out = 'out';

    /** Too dark or too bright; no rehearsal expects that. */
    case Light = 'light';

    /** Nothing can be said of it. */
    case Unclear = 'unclear';

    public static function promised(Verdict $verdict): ?self
    {
        return match ($verdict) {
            Verdict::Sharp => null,
            Verdict::Motion => self::Motion,
            Verdict::Shake => self::Shake,
            default => $verdict->isThere() ? self::Focus : self::Out,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Motion => 'its motion',
            self::Shake => 'your hands',
            self::Focus => 'focus off it',
            self::Out => 'not to be seen',
            self::Light => 'too dark or bright',
            self::Unclear => 'cannot be said',
        };
    }
}
