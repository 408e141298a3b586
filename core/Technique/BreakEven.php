<?php

declare(strict_types=1);

namespace RushHold\Technique;

use RushHold\Guard;

/** The hit rate above which autofocus starts a focused burst sooner than this person's hand. */
final class BreakEven
{
    /** p* = 1 − (E_mf − t_af)/r_af with E_mf = t_mf + (1−q)·r_mf; below 0 autofocus always wins, above 1 the hand does. */
    public static function afHit(
        float $afS,
        float $afRecoverS,
        float $handS,
        float $handCorrectS,
        float $handHit,
    ): float {
        Guard::notNegative('af_s', $afS, 's');
        Guard::between('hand_hit', $handHit, 0.0, 1.0);
        $handMeanS =
            Guard::notNegative('hand_s', $handS, 's') +
            (1 - $handHit) * Guard::notNegative('hand_correct_s', $handCorrectS, 's');

        return 1 - ($handMeanS - $afS) / Guard::above('af_recover_s', $afRecoverS, 0.0, 's');
    }
}
