<?php

declare(strict_types=1);

namespace RushHold\Planning\Adopted;

use RushHold\Planning\HoldDraft;
use RushHold\Planning\Situation;

/** The AF area, where the kit has it. */
final readonly class AdoptedArea implements AdoptedDial
{
    public function adopt(Situation $situation, HoldDraft $draft): void
    {
        $adopted = $situation->dials->area;
        foreach ($draft->areaScores as $score) {
            if ($score->area === $adopted) {
                $same = $draft->area === $adopted;
                $draft->area = $adopted;
                $draft->adopted('area.pattern', ['area' => $score->area->value, 'score' => $score->score], $same);
            }
        }
    }
}
