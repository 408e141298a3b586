<?php

declare(strict_types=1);

namespace RushHold\Planning\Exposure;

/** One way out for a group that is deeper than the depth of field. {@see \RushHold\Wording\WayWords} says it in words. */
final readonly class GroupWay
{
    public const STOP_DOWN = 'stop-down';

    public const SHORTER = 'shorter';

    public const STEP_BACK = 'step-back';

    public const FEWER = 'fewer';

    public const LINE_UP = 'line-up';

    /**
     * @param  self::*  $way
     * @param  array<string, float>  $numbers  what it comes to, units in the names
     * @param  array<string, float>  $against  what that is held against
     */
    public function __construct(public string $way, public array $numbers = [], public array $against = []) {}
}
