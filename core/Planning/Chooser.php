<?php

declare(strict_types=1);

namespace RushHold\Planning;

/** Decides one field of the hold, or a few that cannot be decided apart, from the situation and what is already chosen. */
interface Chooser
{
    /** The draft with this chooser's fields, their reasons and any concessions added. */
    public function choose(Situation $situation, Draft $draft): Draft;
}
