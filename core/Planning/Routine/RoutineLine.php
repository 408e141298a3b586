<?php

declare(strict_types=1);

namespace RushHold\Planning\Routine;

/** One thing to do, as a code and the figures it follows from. {@see \RushHold\Wording\RoutineWords} says it in words. */
final readonly class RoutineLine
{
    /** @param  array<string, float|int|string>  $figures  units in the names */
    public function __construct(public string $code, public array $figures = []) {}
}
