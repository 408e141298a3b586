<?php

declare(strict_types=1);

namespace App\Log\Yours;

use RushHold\Habits\LearntFigure;
use RushHold\Sharpness\BodyFloor;

/** What the frames of an account tell of its person, as they are now. */
final readonly class LearntNow
{
    /**
     * @param  string  $fingerprint  of all it is told from
     * @param  list<LearntFigure>  $figures
     * @param  array<string, BodyFloor>  $floors  what bodies blur of their own, by the name in the files
     */
    public function __construct(public string $fingerprint, public array $figures, public array $floors) {}
}
