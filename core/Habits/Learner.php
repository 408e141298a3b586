<?php

declare(strict_types=1);

namespace RushHold\Habits;

use RushHold\Assumptions\Assumptions;

/** Tells some of a person's figures from their frames. */
interface Learner
{
    /** Frames that an assumed figure counts as, as long as nothing speaks against it (*assumed*). */
    public const WORTH = 40.0;

    /**
     * @param  list<Sight>  $sights
     * @return list<LearntFigure> of each that any frame tells of
     */
    public function figures(array $sights, Assumptions $assumed): array;
}
