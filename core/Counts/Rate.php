<?php

declare(strict_types=1);

namespace RushHold\Counts;

use RushHold\Statistics\Student;
use RushHold\Statistics\WilsonInterval;

/**
 * Share of sharp frames with its 95 % interval. Frames of a burst live and die together, so they count as fewer than they are: by the design
 * effect 1 + (n − 1)·ρ, n the frames of the burst an average frame is in (Kish 1965). Source: docs/model.md, What the counts say.
 */
final readonly class Rate
{
    /** How alike frames of a burst are as long as nobody knows, and what that is worth in bursts (*assumed*). */
    private const ALIKE = 0.3;

    private const WORTH = 4;

    /**
     * @param  float  $alike  how alike the frames of one burst are in being sharp, 0 to 1
     * @param  float  $effect  how many frames tell as much as one would by itself
     * @param  float  $worth  frames that would tell as much, each by itself, known as surely
     */
    private function __construct(
        public Cell $cell,
        public WilsonInterval $interval,
        public float $alike,
        public float $effect,
        public float $worth,
    ) {}

    /**
     * @param  Cell  $cell  what is asked for
     * @param  ?Cell  $whole  what it is a part of: says how alike frames of a burst are where the part has few bursts
     */
    public static function of(Cell $cell, ?Cell $whole = null): self
    {
        $usual = self::shrunk($whole ?? $cell, self::ALIKE);
        $alike = $whole === null ? $usual : self::shrunk($cell, $usual);
        $effect = max(1.0, 1 + ($cell->framesAround() - 1) * $alike);
        // how alike they are is itself known from so many bursts only (Korn and Graubard 1998)
        $surely = (WilsonInterval::Z / Student::of(max(1.0, $cell->bursts - 1 + self::WORTH))) ** 2;
        $worth = ($cell->frames / $effect) * $surely;

        return new self($cell, WilsonInterval::of($cell->share() * $worth, $worth), $alike, $effect, $worth);
    }

    private static function shrunk(Cell $cell, float $usual): float
    {
        $own = $cell->alike();

        return $own === null
            ? $usual
            : ($cell->bursts * $own + self::WORTH * $usual) / ($cell->bursts + self::WORTH);
    }
}
