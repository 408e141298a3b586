<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Focus;

use RushHold\Rehearsal\Camera;
use RushHold\Rehearsal\Scene\Pass;

/** A way of focusing: where the plane is at every step of a pass, and what it is on. */
interface FocusMethod
{
    public function over(Pass $pass, Camera $camera): FocusTrace;
}
