<?php

declare(strict_types=1);

namespace RushHold\Sharpness;

/**
 * Measures what blurs a piece of a picture, by which waves are missing in it. Wide blur is measured in a smaller picture, where waves are
 * left. Source: docs/model.md, Sharpness of a frame.
 */
final class BlurMeter
{
    /** How large a piece is looked at in one go, in pixels to a side. */
    public const PIECE = 320;

    /** Sides of the window, the larger where there is room for it. */
    private const WINDOWS = [128, 64];

    /** Wider blur than this is measured again at half the size, in pixels. */
    public const WIDE_PX = 11.0;

    /** What is weaker than this is not relied on, in brightness: compression leaves a pattern of its own there. */
    private const LEAST = 2.5;

    /**
     * Smoothing by the camera leaves more, and its grain looks like detail: the strongest of these is taken with which what is left
     * unexplained becomes so much less, unless there was hardly any.
     */
    private const SMOOTHED = [7.0, 4.0];

    private const CLEARER = 0.6;

    private const CLEAR = 0.03;

    /** From one picture to the next of half the size a width grows by no more than so many times, where it could be told before. */
    private const BOLTS = 1.6;

    /** From this length on a line is looked at once more at half the size, in px; there it must explain so much more than none. */
    private const LINE_PX = 3.0;

    private const TELLS = 0.05;

    private const CLEARLY = 1.5;

    private const LONGEST_PX = 48.0;

    /** Longer lines than this cannot be told, in px of the picture they are in. */
    private const LONG_PX = 23.0;

    /** Null where too little stands in it to say anything. */
    public static function of(Luminance $picture): ?BlurFound
    {
        $found = null;
        for ($times = 1; ; $times *= 2) {
            $now = self::once($picture->middle(self::PIECE));
            $enlarged = $now?->enlarged($times);
            if ($enlarged !== null && $found !== null && self::bolts($found, $enlarged, $times)) {
                return $found;
            }
            $found = $enlarged ?? $found;
            $narrow = $now !== null && $now->totalPx() < self::WIDE_PX ? $enlarged : null;
            if (
                ($narrow !== null && ! self::mayBeLonger($now)) ||
                min($picture->width, $picture->height) < 2 * self::WINDOWS[1]
            ) {
                return $found;
            }
            $picture = $picture->halved();
            if ($narrow !== null) {
                return self::longer($narrow, self::once($picture->middle(self::PIECE))?->enlarged(2 * $times));
            }
        }
    }

    /** Whether there is a line: one that is longer than can be told looks like a short one. */
    public static function mayBeLonger(BlurFound $found): bool
    {
        return $found->motionPx >= self::LINE_PX;
    }

    /** Whether a line is as long as any that could be told at half of this size, or longer. */
    public static function isAtEnd(?BlurFound $found, int $times): bool
    {
        return $found !== null && $found->motionPx > $found->isoPx && $found->motionPx >= (self::LONG_PX * $times) / 2;
    }

    /**
     * Of what was found in a picture, and in the same at half the size, both in px of the first: the second where it has a line that is too
     * long to be told in the first, not too long for the second, and that says clearly more there than any did in the first. Furrows and
     * stems look like lines as long as can be; what several places have alike is none.
     *
     * @param  bool  $isAlike  whether both were found in several places together
     */
    public static function longer(BlurFound $found, ?BlurFound $half, bool $isAlike = false): BlurFound
    {
        $clearly = ($isAlike ? 1.0 : self::CLEARLY) * $found->lineHelps;

        return $half !== null &&
            $half->motionPx >= self::LONG_PX &&
            ($isAlike || $half->motionPx < self::LONGEST_PX) &&
            $half->lineHelps >= max(self::TELLS, $clearly)
            ? $half
            : $found;
    }

    /**
     * Whether a line shows up in a much smaller picture that was not there in one twice as large, where it would have been: the long waves
     * of a scene that has none look so.
     */
    private static function bolts(BlurFound $before, BlurFound $now, int $times): bool
    {
        return $times > 2 &&
            $now->motionPx > $now->isoPx &&
            $now->totalPx() > self::BOLTS * $before->totalPx() &&
            $before->motionPx < (self::LONG_PX * $times) / 2;
    }

    /**
     * Diameter of the disc alone that explains each piece of one window best, in px; null where too little stands in it.
     *
     * @param  array<int, Luminance>  $pieces
     * @return array<int, ?float>
     */
    public static function discs(array $pieces, int $side): array
    {
        $discs = [];
        $spectra = Spectrum::each(array_values($pieces), $side);
        foreach (array_keys($pieces) as $number => $key) {
            $discs[$key] = BlurFit::disc($spectra[$number], max(self::LEAST, $pieces[$key]->noise()));
        }

        return $discs;
    }

    /**
     * What blurs several pieces alike, each at least a window large; null where too little stands in them.
     *
     * @param  non-empty-list<Luminance>  $pieces
     */
    public static function together(array $pieces): ?BlurFound
    {
        $noises = array_map(static fn (Luminance $piece): float => $piece->noise(), $pieces);
        $noise = max(self::LEAST, array_sum($noises) / count($noises));
        $least = min(array_map(static fn (Luminance $piece): int => min($piece->width, $piece->height), $pieces));
        $side = $least >= self::WINDOWS[0] ? self::WINDOWS[0] : self::WINDOWS[1];
        if ($least < $side) {
            return null;
        }

        return BlurFit::of(Spectrum::together($pieces, $side), $noise);
    }

    private static function once(Luminance $picture): ?BlurFound
    {
        foreach (self::WINDOWS as $side) {
            if (min($picture->width, $picture->height) >= $side) {
                return self::seen(Spectrum::of($picture, $side), $picture->noise());
            }
        }

        return null;
    }

    private static function seen(Spectrum $spectrum, float $noise): ?BlurFound
    {
        $found = BlurFit::of($spectrum, max(self::LEAST, $noise));
        if ($found === null || $found->misfit < self::CLEAR) {
            return $found;
        }
        foreach (self::SMOOTHED as $grain) {
            $smoothed = $grain > $noise ? BlurFit::of($spectrum, $grain) : null;
            if ($smoothed !== null && $smoothed->misfit < self::CLEARER * $found->misfit) {
                return $smoothed;
            }
        }

        return $found;
    }
}
