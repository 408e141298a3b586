<?php

declare(strict_types=1);

namespace RushHold\Motion;

use RushHold\Guard;

/** How far the subject has moved off the focus by the time the frame is exposed. */
final class FocusLag
{
    /**
     * Residual distance error in metres over the lag τ: e = (1−p)·|v_r|·τ + ½(v_t²/s + |a|)·τ².
     *
     * @param  float  $prediction  p: 0 when focus was locked, near 1 when the camera predicts well
     */
    public static function errorM(Travel $travel, float $distanceM, float $lagS, float $prediction): float
    {
        Guard::notNegative('lag_s', $lagS, 's');
        Guard::between('prediction', $prediction, 0.0, 1.0);

        return (1 - $prediction) * abs($travel->closingMps()) * $lagS +
            0.5 * $travel->closingChangeMps2($distanceM) * $lagS ** 2;
    }
}
