<?php

declare(strict_types=1);

namespace RushHold\Habits;

/** A figure as a person's own frames tell it, beside what was assumed. */
final readonly class LearntFigure
{
    /**
     * @param  string  $name  of the assumption
     * @param  float  $worth  frames that the assumed figure still counts as
     * @param  int  $frames  that tell it
     * @param  list<string>  $bursts  they are in
     * @param  list<string>  $keptOut  frames that tell something else
     */
    public function __construct(
        public string $name,
        public float $assumed,
        public float $value,
        public float $least,
        public float $most,
        public float $worth,
        public int $frames,
        public array $bursts,
        public array $keptOut,
    ) {}
}
