<?php

declare(strict_types=1);

namespace RushHold\Sharpness;

/**
 * What a body blurs even in its sharpest frames: the filter before its sensor, reading colours from a mosaic, its own smoothing. Learnt
 * from the frames themselves. Source: docs/model.md, Sharpness of a frame.
 */
final readonly class BodyFloor
{
    /** That a body blurs nothing of its own is worth as much as so many frames (*assumed*). */
    private const PRIOR = 40;

    /** A frame in so many is among the sharpest: what only one of them can do may be luck. */
    private const SHARPEST = 20;

    /** No body blurs more than this of its own, in px: who has only soft frames is not to have them called sharp. */
    private const MOST_PX = 1.5;

    /** Of more frames than these the newest tell. */
    public const ENOUGH = 400;

    private function __construct(public float $px, public int $frames) {}

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
        $sharpest = min(self::MOST_PX, $totalsPx[intdiv($count, self::SHARPEST)]);

        return new self(($sharpest * $count) / ($count + self::PRIOR), $count);
    }
}
