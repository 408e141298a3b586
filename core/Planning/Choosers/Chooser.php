<?php

declare(strict_types=1);

namespace RushHold\Planning\Choosers;

use RushHold\Planning\HoldDraft;
use RushHold\Planning\Situation;

/** Decides one field of the hold, or a few that cannot be decided apart, from the situation and what is already chosen. */
interface Chooser
{
    /** Writes its fields into the draft, with their reasons and any concessions. */
    public function choose(Situation $situation, HoldDraft $draft): void;
}
