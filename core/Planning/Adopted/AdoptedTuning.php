<?php

declare(strict_types=1);

namespace RushHold\Planning\Adopted;

use RushHold\Planning\HoldDraft;
use RushHold\Planning\Situation;

/** The two dials of tracking, stay and pace. */
final readonly class AdoptedTuning implements AdoptedDial
{
    public function adopt(Situation $situation, HoldDraft $draft): void
    {
        $body = $situation->kit->body;
        if ($situation->dials->stay !== null && $body->stayLevelsS !== []) {
            $level = min(count($body->stayLevelsS) - 1, $situation->dials->stay);
            $same = $draft->stayLevel === $level;
            $draft->stayLevel = $level;
            $draft->adopted('tuning.stay', ['level' => $level, 'waits_s' => $body->stayLevelsS[$level]], $same);
        }
        if ($situation->dials->pace !== null && $body->hasPace) {
            $pace = $situation->dials->pace;
            $same = $draft->pace === $pace;
            $draft->pace = $pace;
            $draft->adopted('tuning.pace', ['level' => $pace], $same);
        }
    }
}
