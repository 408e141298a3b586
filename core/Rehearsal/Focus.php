<?php

declare(strict_types=1);

namespace RushHold\Rehearsal;

/** A way of focusing: where the plane is at every step of a pass, and what it is on. */
interface Focus
{
    public function over(Pass $pass, Camera $camera): Plane;
}
