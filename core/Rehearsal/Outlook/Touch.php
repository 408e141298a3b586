<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Outlook;

use RushHold\Hold\Hold;

/** A field of the hold, and how far it may be off before a tenth of the sharp frames is lost. */
final readonly class Touch
{
    /**
     * @param  string  $field  path into the hold
     * @param  ?Hold  $off  the nearest setting that loses a tenth; null when none that was tried does
     * @param  int  $steps  how far off that is: thirds of a stop, levels, areas by size
     * @param  float  $lost  share of the sharp frames that are lost there; without one, at the worst that was tried
     */
    public function __construct(public string $field, public ?Hold $off, public int $steps, public float $lost) {}
}
