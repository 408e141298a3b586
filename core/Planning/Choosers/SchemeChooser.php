<?php

declare(strict_types=1);

namespace RushHold\Planning\Choosers;

use RushHold\Hold\Scheme;
use RushHold\Kit\FocusMode;
use RushHold\Motion\Skill;
use RushHold\Planning\HoldDraft;
use RushHold\Planning\Situation;
use RushHold\Rush\Crossers;
use RushHold\Rush\Foreground;

/** Which button focuses. */
final class SchemeChooser implements Chooser
{
    public function choose(Situation $situation, HoldDraft $draft): void
    {
        $rush = $situation->rush;
        $school = $rush->photographer->schools->on('button');
        $mixed = $rush->moves() && ($rush->clutter->foreground !== Foreground::None || $rush->clutter->crossers !== Crossers::None);
        $several = count($situation->kit->body->areas) > 1;
        [$draft->scheme, $why] = match (true) {
            $school !== null => [Scheme::from($school), self::habit(Scheme::from($school))],
            $draft->focusMode === FocusMode::Manual => [Scheme::Thumb, 'You focus by hand: with focusing off the shutter, firing never moves the plane you have set.'],
            $rush->photographer->skill === Skill::New => [Scheme::Shutter, 'One button to think of while the rest is new; a thumb button comes later.'],
            $mixed && $several => [Scheme::TwoThumbs, 'Things come between: one button for a small area, one for tracking, a centimetre apart.'],
            default => [Scheme::Thumb, 'Tap to lock, hold to follow, let go to recompose. Take focusing off the shutter, or it moves at the last instant.'],
        };
        $draft->because('scheme', $why, [], $school === null ? null : 'button: '.str_replace('-', ' ', $school));
    }

    private static function habit(Scheme $scheme): string
    {
        return match ($scheme) {
            Scheme::Shutter => 'Half a press focuses; the focus moves at the last instant, and recomposing needs a lock.',
            Scheme::Thumb => 'The thumb focuses and the shutter only fires; take focusing off the shutter as well.',
            Scheme::TwoThumbs => 'One thumb button for a small area, a second for tracking: a centimetre apart.',
            Scheme::ThreeButtons => 'Shutter for wide tracking, first rear button to choose one in a crowd, second to set a plane and stay there.',
        };
    }
}
