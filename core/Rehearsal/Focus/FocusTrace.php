<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Focus;

use RushHold\Rehearsal\Scene\Scene;

/** The plane of focus through a pass. */
final readonly class FocusTrace
{
    /**
     * @param  list<float>  $dioptres  1/m, one a step; what a frame meets that is taken $lagS later
     * @param  list<int>  $held  {@see Held}, one a step
     * @param  float  $lagS  from a measurement to the frame that rests on it
     */
    public function __construct(public array $dioptres, public array $held, public float $lagS) {}

    /** 1/m at this time. */
    public function at(float $timeS): float
    {
        $step = ($timeS - $this->lagS) / Scene::STEP_S;
        $last = count($this->dioptres) - 1;
        if ($step <= 0) {
            return $this->dioptres[0];
        }
        if ($step >= $last) {
            return $this->dioptres[$last];
        }
        $before = (int) $step;
        $share = $step - $before;

        return $this->dioptres[$before] * (1 - $share) + $this->dioptres[$before + 1] * $share;
    }

    /** {@see FocusTarget} at this time. */
    public function heldAt(float $timeS): int
    {
        return $this->held[max(0, min(count($this->held) - 1, (int) (($timeS - $this->lagS) / Scene::STEP_S)))];
    }
}
