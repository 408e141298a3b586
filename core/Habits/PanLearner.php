<?php

declare(strict_types=1);

namespace RushHold\Habits;

use RushHold\Assumptions\Assumptions;
use RushHold\Statistics\Sighted;
use RushHold\Statistics\VarianceParts;

/**
 * What share of a crossing motion the pan takes out, from the streaks it leaves: the mean square of what is left, over the crossing speed,
 * with bob and hands taken off. Source: docs/model.md, Yours instead of assumed.
 */
final readonly class PanLearner implements Learner
{
    /** Frames that leave nothing to be seen of a pan: they cross slower than this, in m/s. */
    private const SLOWEST_MPS = 0.5;

    public function figures(array $sights, Assumptions $assumed): array
    {
        $groups = [];
        foreach ($sights as $sight) {
            $shot = $sight->shot;
            if (
                $shot->panning &&
                $shot->crossingAtMps($sight->distanceM) >= self::SLOWEST_MPS &&
                $shot->erraticness < 1 &&
                $sight->measuredMm > 0
            ) {
                $groups[$shot->skill][(string) $shot->erraticness][] = self::sighted($sight);
            }
        }
        $figures = [];
        foreach ($groups as $skill => $byErraticness) {
            $figures[] = $this->figure('panning.'.$skill, $byErraticness, $assumed);
        }

        return $figures;
    }

    private static function sighted(Sight $sight): Sighted
    {
        $shot = $sight->shot;
        $mm = $shot->mmPerMps($sight->distanceM, $sight->shutterS);
        $shake = ($shot->shakeRadS * $shot->focalMm * $sight->shutterS) / $mm;

        return new Sighted(
            $sight->burst,
            $sight->id,
            $sight->motionMm === null ? null : $sight->motionMm / $mm,
            $sight->measuredMm / $mm,
            $shot->ownMps ** 2 + $shake ** 2,
            [$shot->crossingAtMps($sight->distanceM) ** 2],
        );
    }

    /** @param  array<int|string, list<Sighted>>  $byErraticness  what is lost on the subject anyway differs, and so what each group tells */
    private function figure(string $name, array $byErraticness, Assumptions $assumed): LearntFigure
    {
        $usual = $assumed->value($name);
        [$value, $low, $high, $weights, $frames, $bursts, $worth, $keptOut] = [0.0, 0.0, 0.0, 0.0, 0, [], 0.0, []];
        foreach ($byErraticness as $erraticness => $sighted) {
            $steady = 1 - (float) $erraticness;
            $fit = VarianceParts::of($sighted, [(1 - $usual * $steady) ** 2], self::WORTH);
            $part = $fit->parts[0];
            $panned = static fn (float $square): float => (1 - sqrt($square)) / $steady;
            $weight = 1 / max(1e-9, $panned($part->least) - $panned($part->most)) ** 2;
            $value += $weight * $panned($part->square);
            $low += $weight ** 2 * ($panned($part->square) - $panned($part->most)) ** 2;
            $high += $weight ** 2 * ($panned($part->least) - $panned($part->square)) ** 2;
            $weights += $weight;
            $frames += $part->frames;
            array_push($bursts, ...$part->groups);
            $worth += $weight * $part->worth;
            array_push($keptOut, ...$fit->keptOut);
        }

        return new LearntFigure(
            $name,
            $usual,
            $value / $weights,
            $value / $weights - sqrt($low) / $weights,
            $value / $weights + sqrt($high) / $weights,
            $worth / $weights,
            $frames,
            array_values(array_unique($bursts)),
            $keptOut,
        );
    }
}
