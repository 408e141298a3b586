<?php

declare(strict_types=1);

namespace RushHold\Planning\Adopted;

use RushHold\Planning\HoldDraft;
use RushHold\Planning\Situation;

/** A dial that a person has taken from a rehearsal, to be put in the place of the one just chosen. */
interface AdoptedDial
{
    /** Writes it into the draft and says so before the reason the numbers gave. A dial that was not taken, or that the kit does not have, is left alone. */
    public function adopt(Situation $situation, HoldDraft $draft): void;
}
