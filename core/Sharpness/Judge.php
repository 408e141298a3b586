<?php

declare(strict_types=1);

namespace RushHold\Sharpness;

use RushHold\Statistics\ErrorFunction;

/** From what was measured in a frame to its verdict. Source: docs/model.md, Verdict of a frame. */
final readonly class Judge
{
    /** Spread of a measured width, as a logarithm (*assumed* from the tables in docs/model.md). */
    private const SPREAD = 0.25;

    /** Less movement than this is never called one, in px. */
    public const LEAST_PX = 3.0;

    /** A subject whose brightest twentieth is darker is too dark; one of which so much is as bright as can be, too bright. */
    private const DARK = 70;

    private const BURNT = 0.5;

    /** A line in wide blur must explain so much more by itself, in squares of logarithms a bin. */
    private const CLEAR = 0.02;

    /** What is behind streaks where it moves by so many times what the standard allows, and by so many px. */
    private const STREAK = 1.5;

    private const STREAK_PX = 8.0;

    /** Two movements are one where they lie within this many degrees, and one is no longer than so many times the other. */
    private const ALIKE_DEG = 25.0;

    private const ALIKE = 1.6;

    /** Something else is sharp next to a subject that has so many times the blur it may have, where its own is within the standard. */
    private const CLEARLY = 2.5;

    /** In so many tiles at the least, which are looked at more closely. */
    public const TILES = 2;

    /**
     * @param  float  $limitPx  the largest blur that counts as sharp
     * @param  float  $floorPx  what this body blurs at its sharpest
     */
    public function __construct(private float $limitPx, private float $floorPx = 0.0) {}

    /** @param  ?Sighting  $sighting  how it was found again, null where it is known where it is */
    public function of(FrameBlur $blur, ?Sighting $sighting = null): Judgement
    {
        $subject = $blur->subject;
        $total = $subject === null ? 0.0 : sqrt(max(0.0, $subject->totalPx() ** 2 - $this->floorPx ** 2));
        $answer = fn (FrameVerdict $verdict, float $confidence, ?int $tile = null): Judgement => new Judgement(
            $verdict,
            $confidence,
            $total,
            $this->limitPx,
            $blur,
            $tile,
            $this->floorPx,
        );
        if ($sighting !== null && ! $sighting->isSure()) {
            return $answer(FrameVerdict::Out, 1 - max(0.0, $sighting->likeness));
        }
        if ($blur->bright < self::DARK) {
            return $answer(FrameVerdict::Dark, min(1.0, 0.5 + (self::DARK - $blur->bright) / self::DARK));
        }
        if ($blur->burnt > self::BURNT) {
            return $answer(FrameVerdict::Bright, min(1.0, 0.5 + $blur->burnt));
        }
        if ($subject === null) {
            // it has been found again, but nothing is left of its detail
            return $sighting === null ? $answer(FrameVerdict::Unclear, 0.0) : $answer(FrameVerdict::Soft, 0.5);
        }
        $sure = $this->apart($this->limitPx, max(0.1, $total));
        if ($total <= $this->limitPx) {
            return $answer($this->isPanned($blur->around) ? FrameVerdict::Panned : FrameVerdict::Sharp, $sure);
        }
        $tile = $this->sharperTile($blur, $total);
        $verdict = self::cause($subject, $blur->around, $tile !== null);
        $cause = $this->apart($subject->isoPx, $subject->motionPx);

        return $answer($verdict, $sure * $cause, $verdict === FrameVerdict::Elsewhere ? $tile : null);
    }

    /** What is the larger part of its blur, and what is all around it. */
    public static function cause(BlurFound $subject, ?BlurFound $around, bool $isSharpElsewhere): FrameVerdict
    {
        return match (true) {
            self::isMoved($subject) => $around !== null &&
            self::areAlike($subject, $around)
                ? FrameVerdict::Shaken
                : FrameVerdict::Moved,
            $isSharpElsewhere => FrameVerdict::Elsewhere,
            default => FrameVerdict::Soft,
        };
    }

    /** Whether movement is the larger part, and told from what a wide blur leaves. */
    private static function isMoved(BlurFound $found): bool
    {
        return $found->motionPx >= self::LEAST_PX &&
            $found->motionPx > $found->isoPx &&
            ($found->isoPx < BlurMeter::WIDE_PX / 2 || $found->lineHelps > self::CLEAR);
    }

    public function isPanned(?BlurFound $around): bool
    {
        return $around !== null &&
            $around->motionPx >= max(self::STREAK_PX, self::STREAK * $this->limitPx) &&
            $around->motionPx > $around->isoPx &&
            $around->lineHelps > 2 * self::CLEAR;
    }

    /** Whether something of this blur is sharp next to a subject of that. */
    public function isSharper(float $px, float $subjectPx): bool
    {
        return $subjectPx >= self::CLEARLY * $this->limitPx && $px <= 1.2 * $this->limitPx;
    }

    private static function areAlike(BlurFound $one, BlurFound $other): bool
    {
        $apart = fmod(abs($one->motionDeg - $other->motionDeg), 180);
        $ratio = max($one->motionPx, $other->motionPx) / max(0.1, min($one->motionPx, $other->motionPx));

        return min($apart, 180 - $apart) <= self::ALIKE_DEG && $ratio <= self::ALIKE;
    }

    /** The sharpest tile outside of the subject, where at least two are sharper than it. */
    private function sharperTile(FrameBlur $blur, float $subjectPx): ?int
    {
        $map = $blur->map;
        if ($map === null) {
            return null;
        }
        $sharper = array_values(
            array_filter(
                $map->sharpest($blur->box->grown(FrameBlur::NEAR), self::TILES),
                fn (int $tile): bool => $this->isSharper((float) $map->discPx[$tile], $subjectPx),
            ),
        );
        if (count($sharper) < self::TILES) {
            return null;
        }
        foreach ($sharper as $tile) {
            $closely = $map->closely($tile);
            if ($closely !== null && $this->isSharper($closely->totalPx(), $subjectPx)) {
                return $tile;
            }
        }

        return null;
    }

    /** How sure one is that of two widths the larger is the larger, 0.5 to 1. */
    private function apart(float $one, float $other): float
    {
        $z = abs(log(max(0.1, $one) / max(0.1, $other))) / self::SPREAD / M_SQRT2;

        return 0.5 * (1 + ErrorFunction::of($z / M_SQRT2));
    }
}
