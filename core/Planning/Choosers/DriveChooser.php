<?php

declare(strict_types=1);

namespace RushHold\Planning\Choosers;

use RushHold\Hold\Burst;
use RushHold\Hold\ManualTechnique;
use RushHold\Motion\Pattern;
use RushHold\Planning\HoldDraft;
use RushHold\Planning\Situation;
use RushHold\Wording\Units;

/** Frames a second and how long to press. */
final class DriveChooser implements Chooser
{
    public function choose(Situation $situation, HoldDraft $draft): void
    {
        $fastest = $situation->kit->body->fps;
        $moves = $situation->rush->moves();
        $draft->fps = $moves ? $fastest : min($fastest, $situation->assumptions->value('drive.still_fps'));
        $draft->because('drive.fps', $moves
            ? sprintf('The moment is short; your body gives %s frames a second.', Units::figures($fastest))
            : sprintf('It sits, so %s frames a second are enough.', Units::figures($draft->fps)), ['body_fps' => $fastest]);
        [$draft->burst, $why] = match (true) {
            $draft->technique === ManualTechnique::Trap, $draft->technique === ManualTechnique::Pull => [Burst::Long, 'Only the frames at the plane are sharp, so hold it down as it crosses.'],
            $situation->rush->pattern === Pattern::Sudden => [Burst::Long, 'It gives no warning and is soon gone: hold it down.'],
            ! $moves && $situation->rush->travel->speedMps <= 0.0 => [Burst::Single, 'Nothing moves, so one frame at a time.'],
            ! $moves => [Burst::Short, 'Two or three frames: one of them falls between its fidgets and your breath.'],
            default => [Burst::Short, 'Two or three frames at the right moment beat holding it down: focus catches up in between.'],
        };
        $draft->because('drive.burst', $why);
    }
}
