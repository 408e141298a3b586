<?php

declare(strict_types=1);

namespace RushHold\Framing;

use RushHold\Assumptions\Assumptions;
use RushHold\Motion\Pattern;
use RushHold\Rush\Entry;
use RushHold\Rush\Family;
use RushHold\Rush\Follow;
use RushHold\Rush\Rush;
use RushHold\Statistics\ErrorFunction;

/** How far the aim strays from the target: standard deviations at the subject, in metres, sideways and upwards. */
final readonly class AimWander
{
    private function __construct(public float $sidewaysM, public float $upwardsM) {}

    /**
     * Support, lateness of the pan, jinking (ε·v·reaction) and, for what is not there yet, where it will come in;
     * independent, so they add as squares. Docs/model.md, area score.
     *
     * @param  bool  $arrived  leaves out where it will come in: how you follow once it is there
     */
    public static function of(Rush $rush, Assumptions $assumptions, Framing $framing, bool $arrived = false): self
    {
        $photographer = $rush->photographer;
        $holdM = $assumptions->value('aim.'.$photographer->support->value) * $rush->workM;
        $lateS = $photographer->panning
            ? $assumptions->value('aim.late.'.$photographer->skill->value)
            : $assumptions->value('aim.late.unpanned');
        $followM = $rush->travel->crossingMps() * $lateS;
        [$jinkM, $upM] = self::ofSubject($rush, $assumptions);
        [$entryX, $entryY] = $arrived ? [0.0, 0.0] : self::entry($rush, $assumptions->value('aim.entry'));

        return new self(
            sqrt($holdM ** 2 + $followM ** 2 + $jinkM ** 2 + ($entryX * $framing->frameWidthM) ** 2),
            sqrt(
                $holdM ** 2 +
                    ($followM * $assumptions->value('aim.upwards')) ** 2 +
                    $upM ** 2 +
                    ($entryY * $framing->frameHeightM) ** 2,
            ),
        );
    }

    /**
     * What the subject adds by itself, whoever follows it: its jinks until they are answered, and its bob.
     *
     * @return array{float, float} sideways and upwards, in metres
     */
    public static function ofSubject(Rush $rush, Assumptions $assumptions): array
    {
        $speed = $rush->travel->speedMps;
        $reactionS = $assumptions->value('person.reaction');
        $jinkM =
            $rush->pattern === Pattern::Still
                ? $speed * $assumptions->value('aim.fidget')
                : $assumptions->erraticness($rush->pattern) * $speed * $reactionS;
        $bobM = $assumptions->bob($rush->kind()->gait) * $speed * $assumptions->value('aim.bob');
        $flies = in_array($rush->kind()->family, [Family::Bird, Family::Small], true);

        return [$jinkM, hypot($jinkM * ($flies ? 1.0 : $assumptions->value('aim.grounded')), $bobM)];
    }

    /**
     * What has not come in yet may come in beside the place expected.
     *
     * @return array{float, float} shares of the frame
     */
    public static function entry(Rush $rush, float $share): array
    {
        return $rush->intent->follow === Follow::WhoeverEnters
            ? ($rush->intent->entry === Entry::Below
                ? [$share, $share / 2]
                : [$share / 2, $share])
            : [0.0, 0.0];
    }

    /** Chance that a target within ±$halfWidthM and ±$halfHeightM is still hit. */
    public function within(float $halfWidthM, float $halfHeightM): float
    {
        return self::axis($halfWidthM, $this->sidewaysM) * self::axis($halfHeightM, $this->upwardsM);
    }

    private static function axis(float $halfM, float $sigmaM): float
    {
        return $sigmaM > 0 ? ErrorFunction::of($halfM / ($sigmaM * M_SQRT2)) : 1.0;
    }
}
