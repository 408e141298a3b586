<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Scene;

/**
 * Where the aim is, beside and above the target, at the subject: unsteady at rest, late when it pans, behind every jink by the
 * time a person needs to answer it. The spreads are those the plan reckons with (AimWander), so that over a long time an area is
 * on the target as often as the plan says.
 */
final readonly class Hand
{
    /**
     * @param  list<float>  $asideM
     * @param  list<float>  $aboveM
     */
    private function __construct(public array $asideM, public array $aboveM) {}

    public static function follow(Scene $scene, SubjectPath $way, Dice $dice): self
    {
        $sideways = $dice->normals($scene->steps);
        $upwards = $dice->normals($scene->steps);
        [$entryX, $entryY] = $dice->normals(2);
        $beat = $dice->evens(1)[0];
        if ($scene->trapRad !== null) {
            return self::waiting($scene, $scene->trapRad, $way, $sideways, $upwards);
        }
        $slipsX = Noise::rough(1.0, $scene->following->regainS, $sideways);
        $slipsY = Noise::rough(1.0, $scene->following->regainS, $upwards);
        $answers = (int) round($scene->following->reactionS / Scene::STEP_S);
        // a bob that turns back after the assumed time: a quarter of its beat
        $turn = (M_PI / 2 / max(Scene::STEP_S, $scene->value('aim.bob'))) * Scene::STEP_S;
        $bob = M_SQRT2 * $scene->going->bobM;
        $comes = exp(-Scene::STEP_S / $scene->following->reactionS);
        $entryX *= $scene->following->entryM;
        $entryY *= $scene->following->entryUpM;
        $sprung = self::sprung($scene, $way);
        $restRad = $scene->following->restRad;
        $lateS = $scene->following->lateS;
        $lateness = $scene->following->lateUp;
        $sits = $scene->going->sits;
        $arrives = $scene->arrives;
        $crossingMps = $way->crossingMps;
        $acrossM = $way->acrossM;
        $upM = $way->upM;
        $aside = $above = [];
        foreach ($way->distanceM as $at => $distance) {
            $rest = $restRad * $distance;
            $late = $crossingMps[$at] * $lateS;
            $lateUp = $late * $lateness;
            $x = sqrt($rest * $rest + $late * $late) * $slipsX[$at] - $acrossM[$at];
            $y = sqrt($rest * $rest + $lateUp * $lateUp) * $slipsY[$at] - $upM[$at];
            // a jink is answered late; a fidget of what sits is not followed at all
            if (! $sits) {
                $then = $at > $answers ? $at - $answers : 0;
                $x += $acrossM[$then];
                $y += $upM[$then];
            }
            if ($sprung !== []) {
                $x -= $sprung[$at][0];
                $y -= $sprung[$at][1];
            }
            if ($bob > 0) {
                $y -= $bob * sin($turn * $at + 2 * M_PI * $beat);
            }
            if ($at >= $arrives) {
                $x += $entryX;
                $y += $entryY;
                $entryX *= $comes;
                $entryY *= $comes;
            }
            $aside[] = $x;
            $above[] = $y;
        }

        return new self($aside, $above);
    }

    /**
     * How far what springs has left the aim behind, to the right and upwards, at every step: all of its way until the hand answers, then
     * less as it catches up. None when it does not spring.
     *
     * @return list<array{float, float}>
     */
    private static function sprung(Scene $scene, SubjectPath $way): array
    {
        if (! $scene->going->springs) {
            return [];
        }
        $going = $scene->going;
        $across = $going->speedMps > 0 ? $going->crossingMps / $going->speedMps : 0.0;
        $sideways = Scene::way($scene->plan) * sqrt(1 - $going->climbs ** 2) * $across;
        $behindM = 0.0;
        $answers = $scene->meetS + $scene->following->reactionS;
        $catches = exp(-Scene::STEP_S / $scene->following->regainS);
        $left = [];
        foreach ($way->speedMps as $at => $speed) {
            $time = $at * Scene::STEP_S;
            $behindM = match (true) {
                $time < $scene->meetS => 0.0,
                $time < $answers => $behindM + $speed * Scene::STEP_S,
                default => $behindM * $catches,
            };
            $left[] = [$sideways * $behindM, $going->climbs * $behindM];
        }

        return $left;
    }

    /**
     * A camera that waits for a trap: the subject crosses the frame.
     *
     * @param  list<float>  $sideways
     * @param  list<float>  $upwards
     */
    private static function waiting(Scene $scene, float $to, SubjectPath $way, array $sideways, array $upwards): self
    {
        $slipsX = Noise::rough($scene->following->restRad, $scene->following->regainS, $sideways);
        $slipsY = Noise::rough($scene->following->restRad, $scene->following->regainS, $upwards);
        $aside = $above = [];
        foreach ($way->distanceM as $at => $distance) {
            $aside[] = ($to + $slipsX[$at] - $way->azimuthRad[$at]) * $distance;
            $above[] = $slipsY[$at] * $distance - $way->upM[$at];
        }

        return new self($aside, $above);
    }
}
