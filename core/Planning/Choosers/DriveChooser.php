<?php

declare(strict_types=1);

namespace RushHold\Planning\Choosers;

use RushHold\Hold\Burst;
use RushHold\Hold\ManualTechnique;
use RushHold\Motion\Pattern;
use RushHold\Planning\HoldDraft;
use RushHold\Planning\Situation;

/** Frames a second and how long to press. */
final class DriveChooser implements Chooser
{
    /** Movement, in m/s, of which it is said that there is none. */
    private const STILL_MPS = 0.05;

    public function choose(Situation $situation, HoldDraft $draft): void
    {
        $fastest = $situation->kit->body->fps;
        $moves = $situation->rush->moves();
        $stands = $situation->rush->travel->speedMps <= 0.0 && $situation->residual->totalMps() <= self::STILL_MPS;
        $draft->fps = $moves ? $fastest : min($fastest, $situation->assumptions->value('drive.still_fps'));
        $draft->because('drive.fps', $moves ? 'moves' : 'sits', ['body_fps' => $fastest, 'fps' => $draft->fps]);
        [$draft->burst, $code] = match (true) {
            $draft->technique === ManualTechnique::Trap, $draft->technique === ManualTechnique::Pull => [
                Burst::Long,
                'plane',
            ],
            $situation->rush->pattern === Pattern::Sudden => [Burst::Long, 'sudden'],
            ! $moves && $stands => [Burst::Single, 'nothing-moves'],
            ! $moves => [Burst::Short, 'fidgets'],
            default => [Burst::Short, 'moves'],
        };
        $draft->because('drive.burst', $code);
    }
}
