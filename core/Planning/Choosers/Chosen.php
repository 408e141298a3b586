<?php

declare(strict_types=1);

namespace RushHold\Planning\Choosers;

use RushHold\Planning\Adopted\AdoptedDial;
use RushHold\Planning\HoldDraft;
use RushHold\Planning\Situation;

/** A chooser whose answer a person may have set aside: what was taken from a rehearsal goes before what is chosen, and all after leans on it. */
final readonly class Chosen implements Chooser
{
    public function __construct(private Chooser $chooser, private AdoptedDial $dial) {}

    public function choose(Situation $situation, HoldDraft $draft): void
    {
        $this->chooser->choose($situation, $draft);
        if (! $situation->dials->areNone()) {
            $this->dial->adopt($situation, $draft);
        }
    }
}
