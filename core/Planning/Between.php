<?php

declare(strict_types=1);

namespace RushHold\Planning;

/**
 * What stands between camera and subject as it goes by while the camera follows: how much of the time it is under the area, and how
 * long it keeps the focus once it has it. Source: docs/model.md.
 */
final readonly class Between
{
    /** The gap between two neighbours lies between these shares of the mean gap, the middle most often. */
    private const NARROWEST = 0.2;

    private const WIDEST = 1.8;

    /**
     * @param  float  $underShare  of the time that the area lies on a thing in front
     * @param  float  $hiddenShare  of the time that some of the target is behind one
     * @param  float  $everyS  from one to the next, infinite where none goes by
     * @param  float  $sticksS  how long one keeps the focus it has taken
     * @param  float  $grabS  how long the focus needs to take one
     */
    private function __construct(
        public float $underShare,
        public float $hiddenShare,
        public float $everyS,
        public float $sticksS,
        public float $grabS,
    ) {}

    /**
     * @param  float  $waitS  before the camera lets go of what it has lost
     * @param  float  $lastsS  how long a pass lasts
     */
    public static function of(Situation $situation, AreaScore $score, float $waitS, float $lastsS): self
    {
        $rush = $situation->rush;
        $standing = $situation->standing();
        $turns = $rush->moves() ? $rush->travel->crossingMps() / $rush->workM : 0.0;
        $grabS = $situation->assumptions->value('rehearse.grab');
        if ($standing <= 0 || $turns <= 1e-6) {
            return new self(0.0, 0.0, INF, 0.0, $grabS);
        }
        $frame = $situation->framing->frameWidthM / $rush->workM;
        $gridRad = $frame / $standing;
        $stripRad = $situation->obstacleWidthM() / $situation->frontM();
        $under = ($score->width * $frame + $stripRad) / $gridRad;
        $everyS = $gridRad / $turns;
        $clears = self::widerThan($under + $waitS / $everyS);
        $drifts = 1 - 2 * $under;

        return new self(
            min(1.0, $under),
            min(1.0, ($situation->framing->targetM / $rush->workM + $stripRad) / $gridRad),
            $everyS,
            // it lets go in a gap that is long enough, or after several when there is more gap than thing
            min(
                $lastsS,
                $clears > 0 ? $waitS + $everyS * (1 / $clears - 1) : INF,
                $drifts > 0 ? $waitS / $drifts : INF,
            ),
            $grabS,
        );
    }

    /** Share of the gaps that are wider than this many mean gaps. */
    private static function widerThan(float $gap): float
    {
        $half = (self::WIDEST - self::NARROWEST) / 2;

        return match (true) {
            $gap <= self::NARROWEST => 1.0,
            $gap <= 1 => 1 - ($gap - self::NARROWEST) ** 2 / 2 / $half ** 2,
            $gap < self::WIDEST => (self::WIDEST - $gap) ** 2 / 2 / $half ** 2,
            default => 0.0,
        };
    }

    /** Chance that one of them gets in while the focus needs this long to find the subject. */
    public function getsIn(float $findsS): float
    {
        if ($this->hiddenShare * $this->everyS < $this->grabS || is_infinite($this->everyS)) {
            return 0.0;
        }

        return min(1.0, $this->hiddenShare + $findsS / $this->everyS);
    }
}
