<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Focus;

use RushHold\Hold\ManualTechnique;
use RushHold\Rehearsal\Camera;
use RushHold\Rehearsal\Scene\Noise;
use RushHold\Rehearsal\Scene\Pass;
use RushHold\Rehearsal\Scene\Scene;

/** Focus by hand: a plane set on the way, the ring swept through, or the ring rocked to stay on it. */
final readonly class HandFocus implements FocusMethod
{
    /** @param  ?ManualTechnique  $technique  null for a plane set at the working distance */
    public function __construct(private ?ManualTechnique $technique) {}

    public function over(Pass $pass, Camera $camera): FocusTrace
    {
        $dioptres = match ($this->technique) {
            ManualTechnique::Pull => self::pull($pass),
            ManualTechnique::Follow => self::follow($pass),
            ManualTechnique::Trap => array_fill(0, $pass->scene->steps, 1 / Scene::trapM($pass->scene->plan)),
            null => array_fill(0, $pass->scene->steps, 1 / $pass->scene->going->workM),
        };

        return new FocusTrace($dioptres, array_fill(0, count($dioptres), FocusTarget::PLANE), 0.0);
    }

    /** When the sweep of a pull begins, in seconds. */
    public static function sweepsAtS(Pass $pass): float
    {
        $scene = $pass->scene;

        return max(
            0.0,
            $scene->meetS - $scene->value('hand.sweep') / 2 + $scene->value('rehearse.timing') * 2 * $pass->timing,
        );
    }

    /**
     * One sweep of the ring from end to end of the range, against the way it goes.
     *
     * @return list<float>
     */
    private static function pull(Pass $pass): array
    {
        $scene = $pass->scene;
        $rush = $scene->plan->situation->rush;
        $begins = self::sweepsAtS($pass);
        $takes = max(Scene::STEP_S, $scene->value('hand.sweep'));
        [$from, $to] =
            $scene->going->closingMps >= 0
                ? [$rush->nearM, max($rush->farM, $rush->nearM + 0.01)]
                : [max($rush->farM, $rush->nearM + 0.01), $rush->nearM];
        $dioptres = [];
        for ($at = 0; $at < $scene->steps; $at++) {
            $share = max(0.0, min(1.0, ($at * Scene::STEP_S - $begins) / $takes));
            $dioptres[] = 1 / ($from + ($to - $from) * $share);
        }

        return $dioptres;
    }

    /**
     * Off by a normal error of σ = |v_r|·h, which lasts about as long as the hand's own lag.
     *
     * @return list<float>
     */
    private static function follow(Pass $pass): array
    {
        $scene = $pass->scene;
        $lagS = max(
            Scene::STEP_S,
            $scene->value('hand.lag') *
                (1 - $scene->value('hand.practised') * $scene->plan->situation->rush->photographer->manualSkill),
        );
        $off = Noise::rough(1.0, $lagS, $pass->measure);
        $dioptres = [];
        foreach ($pass->distanceM as $at => $distance) {
            $before = $pass->distanceM[max(0, $at - 1)];
            $after = $pass->distanceM[min($scene->steps - 1, $at + 1)];
            $closing = abs($after - $before) / (2 * Scene::STEP_S);
            $dioptres[] = 1 / max(0.05, $distance + $closing * $lagS * $off[$at]);
        }

        return $dioptres;
    }
}
