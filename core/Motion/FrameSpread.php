<?php

declare(strict_types=1);

namespace RushHold\Motion;

use RushHold\Statistics\ErrorFunction;

/**
 * How much the movement on the sensor differs from frame to frame, in mm a second.
 *
 * A pan errs to both sides of the subject's speed, so what it leaves is normal about zero with the spread the model gives for the
 * usual frame; hands shake in two directions, so theirs is spread by a factor whose square has a mean of 1; the body's own bob swings,
 * so that a frame meets it anywhere between full speed and the turn. A rehearsal draws from the same.
 */
final readonly class FrameSpread
{
    /** Gauss–Hermite nodes and weights of the standard normal distribution (Abramowitz and Stegun 25.4.46, scaled). */
    private const NODES = [[0.0, 2 / 3], [1.7320508076, 1 / 6], [-1.7320508076, 1 / 6]];

    /** Phases of a quarter swing, evenly spread: squares of √2·cos, as shares of the mean square. */
    private const SWING = [
        1.9876883,
        1.8910065,
        1.7071068,
        1.4539905,
        1.1564345,
        0.8435655,
        0.5460095,
        0.2928932,
        0.1089935,
        0.0123117,
    ];

    /** Half as many, where a swing is the lesser part. */
    private const SWING_ROUGHLY = [1.9510565, 1.5877853, 1.0, 0.4122147, 0.0489435];

    /** Middles of six slices of equal chance of what the pan leaves: squares, as shares of the mean square. */
    private const PAN = [0.0109, 0.1015, 0.3009, 0.6597, 1.3233, 2.9987];

    private const STEPS = 24;

    /** Share of all movement, as squares, under which a part may be taken as even. */
    private const FAINT = 0.02;

    /** How near to the share asked for is near enough. */
    private const NEAR = 0.004;

    /**
     * @param  float  $panMmS  what the pan leaves in the usual frame
     * @param  float  $ownMmS  bob, sway, and limbs where they must be frozen
     * @param  float  $shakeMmS  what the hands do in the usual frame
     * @param  float  $scatter  spread of the logarithm of their factor
     */
    public function __construct(
        public float $panMmS,
        public float $ownMmS,
        public float $shakeMmS,
        private float $scatter,
    ) {}

    /** The usual frame: root of the sum of squares. */
    public function usualMmS(): float
    {
        return sqrt($this->panMmS ** 2 + $this->ownMmS ** 2 + $this->shakeMmS ** 2);
    }

    /** Share of frames in which it moves no faster. */
    public function share(float $mmS): float
    {
        if ($this->shakeMmS > $this->panMmS) {
            return $this->shareByShake($mmS);
        }
        $share = 0.0;
        $own = $this->ownMmS ** 2;
        $swings = $this->swings();
        // even hands, where they hardly count: the node at which their square is its mean
        $nodes = $this->isFaint($this->shakeMmS) ? [[$this->scatter, 1.0]] : self::NODES;
        foreach ($nodes as [$node, $weight]) {
            $shake = $this->shakeMmS ** 2 * exp(2 * $this->scatter * $node - 2 * $this->scatter ** 2);
            foreach ($swings as $swing) {
                $left = $mmS ** 2 - $shake - $own * $swing;
                if ($left >= 0) {
                    $within = $this->panMmS > 0 ? ErrorFunction::of(sqrt($left / 2) / $this->panMmS) : 1.0;
                    $share += ($weight * $within) / count($swings);
                }
            }
        }

        return min(1.0, $share);
    }

    /** The same, summed over pan and swing instead: for hands that do more than the pan leaves. */
    private function shareByShake(float $mmS): float
    {
        $share = 0.0;
        $pans = $this->isFaint($this->panMmS) ? [1.0] : self::PAN;
        $swings = $this->swings();
        foreach ($pans as $pan) {
            foreach ($swings as $swing) {
                $left = $mmS ** 2 - $this->panMmS ** 2 * $pan - $this->ownMmS ** 2 * $swing;
                if ($left > 0) {
                    $share += $this->shakesUnder(sqrt($left)) / (count($pans) * count($swings));
                }
            }
        }

        return min(1.0, $share);
    }

    /** @return list<float> */
    private function swings(): array
    {
        return match (true) {
            $this->isFaint($this->ownMmS) => [1.0],
            $this->ownMmS < max($this->panMmS, $this->shakeMmS) => self::SWING_ROUGHLY,
            default => self::SWING,
        };
    }

    private function isFaint(float $mmS): bool
    {
        return $mmS ** 2 <= self::FAINT * $this->usualMmS() ** 2;
    }

    /** Share of frames in which the hands move the picture no faster. */
    private function shakesUnder(float $mmS): float
    {
        if ($this->scatter <= 0) {
            return $mmS >= $this->shakeMmS ? 1.0 : 0.0;
        }
        $normal = (log($mmS / $this->shakeMmS) + $this->scatter ** 2) / $this->scatter;
        $half = ErrorFunction::of(abs($normal) / M_SQRT2) / 2;

        return $normal >= 0 ? 0.5 + $half : 0.5 - $half;
    }

    /** How fast it moves at the most in this share of the frames; no less than in the usual one. */
    public function reachedBy(float $share): float
    {
        $least = $this->usualMmS();
        $below = $least > 0 ? $this->share($least) : 1.0;
        if ($below >= $share) {
            return $least;
        }
        // by turns in proportion, as the share grows about evenly with the logarithm of the speed, and in the middle, as it may jump
        $most = 4 * $least;
        $above = 1.0;
        for ($turn = 0; $turn < self::STEPS; $turn++) {
            $part =
                $turn % 2 === 0
                    ? max(0.1, min(0.9, ($share + self::NEAR / 2 - $below) / max(1e-9, $above - $below)))
                    : 0.5;
            $middle = $least * ($most / $least) ** $part;
            $reached = $this->share($middle);
            if ($reached >= $share - 1e-9) {
                [$most, $above] = [$middle, $reached];
            } else {
                [$least, $below] = [$middle, $reached];
            }
            if ($reached >= $share - 1e-9 && $reached < $share + self::NEAR) {
                break;
            }
        }

        return $most;
    }
}
