<?php

declare(strict_types=1);

namespace RushHold\Sharpness;

use RushHold\Statistics\WilsonInterval;

/**
 * What a body blurs even in its sharpest frames: the filter before its sensor, reading colours from a mosaic, its own smoothing. Learnt
 * from the frames themselves. Source: docs/model.md, Sharpness of a frame.
 */
final readonly class BodyFloor
{
    /** That a body blurs nothing of its own is worth as much as so many frames (*assumed*). */
    public const PRIOR = 40;

    /** A frame in so many is among the sharpest: what only one of them can do may be luck. */
    private const SHARPEST = 20;

    /** No body blurs more than this of its own, in px: who has only soft frames is not to have them called sharp. */
    private const MOST_PX = 1.5;

    /** Of more frames than these the newest tell. */
    public const ENOUGH = 400;

    /**
     * @param  float  $leastPx  of the interval it lies in 95 times of 100
     * @param  float  $mostPx  the same
     */
    private function __construct(
        public float $px,
        public int $frames,
        public float $leastPx = 0.0,
        public float $mostPx = 0.0,
    ) {}

    public static function none(): self
    {
        return new self(0.0, 0);
    }

    /** @param  list<float>  $totalsPx  blur of the subject in frames of one body, in px */
    public static function of(array $totalsPx): self
    {
        $count = count($totalsPx);
        if ($count === 0) {
            return self::none();
        }
        sort($totalsPx);
        $share = 1 / self::SHARPEST;
        // how many are among the sharpest is itself a matter of chance (order statistics, binomial)
        $half = WilsonInterval::Z * sqrt($count * $share * (1 - $share));
        $at = static fn (float $rank): float => min(
            self::MOST_PX,
            $totalsPx[(int) max(0, min($count - 1, floor($rank)))],
        ) * ($count / ($count + self::PRIOR));

        return new self($at($count * $share), $count, $at($count * $share - $half), $at($count * $share + $half));
    }
}
