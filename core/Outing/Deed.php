<?php

declare(strict_types=1);

namespace RushHold\Outing;

/** What one does from one moment to another of a day: works a rush, waits at a place, or walks to another. Moments are numbers of {@see DayGraph}. */
final readonly class Deed
{
    /**
     * @param  int  $place  where; of a walk where it begins
     * @param  ?int  $rush  which rush is worked; null of a wait and a walk
     * @param  ?int  $to  where a walk leads; null of all else
     */
    private function __construct(
        public int $from,
        public int $until,
        public int $place,
        public ?int $rush,
        public ?int $to,
        public float $worth,
    ) {}

    public static function work(int $from, int $until, int $place, int $rush, float $worth): self
    {
        return new self($from, $until, $place, $rush, null, $worth);
    }

    public static function wait(int $from, int $until, int $place): self
    {
        return new self($from, $until, $place, null, null, 0.0);
    }

    public static function walk(int $from, int $until, int $place, int $to): self
    {
        return new self($from, $until, $place, null, $to, 0.0);
    }

    public function isWait(): bool
    {
        return $this->rush === null && $this->to === null;
    }

    /** With another right after it, where both are the same work, or the same wait; null where they are not. */
    public function with(self $next): ?self
    {
        return $this->until === $next->from &&
            $this->place === $next->place &&
            $this->rush === $next->rush &&
            $this->to === null &&
            $next->to === null
            ? new self($this->from, $next->until, $this->place, $this->rush, null, $this->worth + $next->worth)
            : null;
    }
}
