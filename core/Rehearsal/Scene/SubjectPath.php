<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Scene;

use RushHold\Motion\Pattern;

/** Where the subject goes: straight on as the rush says, with the changes of speed and the jinks of its pattern. */
final readonly class SubjectPath
{
    /** It comes no nearer than this to the plane of the camera. */
    private const NEAREST_M = 0.05;

    /**
     * @param  list<float>  $distanceM  from the camera
     * @param  list<float>  $crossingMps  across the line of sight, without jinks
     * @param  list<float>  $speedMps  along its way
     * @param  list<float>  $azimuthRad  from where it is at the working distance
     * @param  list<float>  $acrossM  how far jinks have carried it across the line of sight
     * @param  list<float>  $upM  how far jinks have carried it upwards
     */
    private function __construct(
        public array $distanceM,
        public array $crossingMps,
        public array $speedMps,
        public array $azimuthRad,
        public array $acrossM,
        public array $upM,
    ) {}

    public static function draw(Scene $scene, Dice $dice): self
    {
        [$along, $speed] = self::along($scene, $dice);
        $jinks = self::jinks($scene, $dice);
        $way = Scene::way($scene->plan);
        $share = $scene->going->speedMps > 0 ? 1 / $scene->going->speedMps : 0.0;
        $acrossShare = $scene->going->crossingMps * $share * $way;
        $closingShare = $scene->going->closingMps * $share;
        $workM = $scene->going->workM;
        $jumps = $jinks !== [];
        $jinkX = $jinkY = $jinkZ = 0.0;
        $distance = $crossing = $azimuth = $across = $up = [];
        // one step is walked some hundred thousand times a rehearsal: what would build a list or call by name is written out
        foreach ($along as $at => $metres) {
            $x0 = $acrossShare * $metres;
            $z0 = $workM - $closingShare * $metres;
            $z0 = $z0 > self::NEAREST_M ? $z0 : self::NEAREST_M;
            $s0 = sqrt($x0 * $x0 + $z0 * $z0);
            // v_t: the part of its velocity that is square to the line of sight
            $square = $acrossShare * $z0 + $closingShare * $x0;
            $crossing[] = (($square < 0 ? -$square : $square) / $s0) * $speed[$at];
            if ($jumps) {
                $jinkX = $jinks[0][$at];
                $jinkY = $jinks[1][$at];
                $jinkZ = $jinks[2][$at];
            }
            $x = $x0 + $jinkX;
            $z = $z0 + $jinkZ;
            $z = $z > self::NEAREST_M ? $z : self::NEAREST_M;
            $distance[] = sqrt($x * $x + $z * $z + $jinkY * $jinkY);
            $azimuth[] = atan2($x, $z);
            $across[] = ($jinkX * $z0 - $jinkZ * $x0) / $s0;
            $up[] = $jinkY;
        }

        return new self($distance, $crossing, $speed, $azimuth, $across, $up);
    }

    /**
     * How far it is along its way, from the working distance, and how fast it goes, at every step.
     *
     * @return array{list<float>, list<float>}
     */
    private static function along(Scene $scene, Dice $dice): array
    {
        if ($scene->going->sits) {
            return [array_fill(0, $scene->steps, 0.0), array_fill(0, $scene->steps, 0.0)];
        }

        if ($scene->going->springs) {
            return self::springing($scene);
        }

        return match ($scene->pattern) {
            Pattern::Accelerating, Pattern::Sudden => self::speeding($scene, $dice->evens(1)[0] < 0.5 ? -1.0 : 1.0),
            Pattern::StopStart => self::stopping($scene, $dice->evens(16)),
            default => self::speeding($scene, 1.0),
        };
    }

    /** @return array{list<float>, list<float>} */
    private static function speeding(Scene $scene, float $sign): array
    {
        // what was typed has its own sign; what is only usual may go either way
        $change = $scene->going->isTyped ? $scene->going->changeMps2 : $sign * $scene->going->changeMps2;
        $speedMps = $scene->going->speedMps;
        $meetS = $scene->meetS;
        $along = $speed = [];
        for ($at = 0; $at < $scene->steps; $at++) {
            $time = $at * Scene::STEP_S - $meetS;
            // it stops rather than turn round
            $time = $change !== 0.0 && $speedMps + $change * $time < 0 ? -$speedMps / $change : $time;
            $now = $speedMps + $change * $time;
            $along[] = $speedMps * $time + 0.5 * $change * $time * $time;
            $speed[] = $now > 0 ? $now : 0.0;
        }

        return [$along, $speed];
    }

    /**
     * Rests, then springs: evenly faster until it has its speed.
     *
     * @return array{list<float>, list<float>}
     */
    private static function springing(Scene $scene): array
    {
        $going = $scene->going;
        $along = $speed = [];
        for ($at = 0; $at < $scene->steps; $at++) {
            $time = $at * Scene::STEP_S - $scene->meetS;
            $gaining = max(0.0, min($time, $going->springS));
            $along[] =
                $going->restMps * $time +
                ($going->speedMps - $going->restMps) *
                    ($gaining ** 2 / (2 * $going->springS) + max(0.0, $time - $going->springS));
            $speed[] = $going->restMps + ($going->speedMps - $going->restMps) * ($gaining / $going->springS);
        }

        return [$along, $speed];
    }

    /**
     * Stops and goes: brakes and gathers speed as fast as the rush lets it, each for as long as chance has it.
     *
     * @param  list<float>  $chances
     * @return array{list<float>, list<float>}
     */
    private static function stopping(Scene $scene, array $chances): array
    {
        $rate = 2 * abs($scene->going->changeMps2) * Scene::STEP_S;
        [$least, $spread] = [$scene->value('rehearse.phase_least'), $scene->value('rehearse.phase_spread')];
        [$fastest, $slowest] = [$scene->value('rehearse.fastest'), $scene->value('rehearse.slowest')];
        $goes = $chances[0] < 0.5;
        $now = $scene->going->speedMps * $chances[1];
        $turn = 2;
        $left = (int) (($least + $spread * $chances[$turn]) / Scene::STEP_S);
        $along = $speed = [];
        $metres = 0.0;
        for ($at = 0; $at < $scene->steps; $at++) {
            if ($left-- <= 0) {
                $goes = ! $goes;
                $turn = ($turn % 15) + 1;
                $left = (int) (($least + $spread * $chances[$turn]) / Scene::STEP_S);
            }
            $now = $goes
                ? min($scene->going->speedMps * $fastest, $now + $rate)
                : max($scene->going->speedMps * $slowest, $now - $rate);
            $metres += $now * Scene::STEP_S;
            $along[] = $metres;
            $speed[] = $now;
        }
        $meets = $along[min($scene->steps - 1, (int) round($scene->meetS / Scene::STEP_S))];

        return [array_map(static fn (float $one): float => $one - $meets, $along), $speed];
    }

    /**
     * How far jinks and fidgets have carried it sideways, upwards and along the axis, at every step; none when it has none.
     *
     * @return array{list<float>, list<float>, list<float>}|array{}
     */
    private static function jinks(Scene $scene, Dice $dice): array
    {
        if ($scene->going->jinkMps > 0) {
            $time = $scene->value('rehearse.jink');
            $returns = $scene->value('rehearse.return');

            return [
                Noise::carried($scene->going->jinkMps, $time, $returns, $dice->normals($scene->steps)),
                Noise::carried(
                    $scene->going->jinkMps * $scene->going->jinkUp,
                    $time,
                    $returns,
                    $dice->normals($scene->steps),
                ),
                Noise::carried($scene->going->jinkMps, $time, $returns, $dice->normals($scene->steps)),
            ];
        }
        if ($scene->going->fidgetM > 0) {
            $time = $scene->value('rehearse.fidget');

            return [
                Noise::smooth($scene->going->fidgetM, $time, $dice->normals($scene->steps)),
                Noise::smooth($scene->going->fidgetM, $time, $dice->normals($scene->steps)),
                Noise::smooth($scene->going->fidgetM, $time, $dice->normals($scene->steps)),
            ];
        }

        return [];
    }
}
