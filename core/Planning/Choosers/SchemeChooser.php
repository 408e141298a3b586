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
        $school = $rush->photographer->schools->answerTo('button');
        $mixed =
            $rush->moves() &&
            ($rush->clutter->foreground !== Foreground::None || $rush->clutter->crossers !== Crossers::None);
        $several = count($situation->kit->body->areas) > 1;
        [$draft->scheme, $code] = match (true) {
            $school !== null => [Scheme::from($school->answer), 'school'],
            $draft->focusMode === FocusMode::Manual => [Scheme::Thumb, 'by-hand'],
            $rush->photographer->skill === Skill::New => [Scheme::Shutter, 'new'],
            $mixed && $several => [Scheme::TwoThumbs, 'between'],
            default => [Scheme::Thumb, 'thumb'],
        };
        $draft->because('scheme', $code, ['scheme' => $draft->scheme->value], $school);
    }
}
