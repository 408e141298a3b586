<?php

declare(strict_types=1);

namespace Tests\Support;

use RushHold\Faults\Fault;
use RushHold\Hold\Dials;
use RushHold\Kit\Kit;
use RushHold\Planning\Plan;
use RushHold\Planning\Planner;
use RushHold\Rehearsal\Estimate\Tally;
use RushHold\Rehearsal\Rehearsal;
use RushHold\Rehearsal\Take;
use RushHold\Rush\Rush;

/** How far the plan's scores and the rehearsal say the same of situations drawn by chance. */
final class Agreement
{
    /** First seed of the passes that confirm. */
    private const FRESH = 1_000_000;

    /** @var list<array{promised: float, rehearsed: float, best: string, planned: string, told: bool, rush: array, kit: array}> */
    public array $cases = [];

    /** @param  int  $count  situations in which the camera follows; @param  int  $passes  on how many each area is tried */
    public static function over(int $seed, int $count, int $passes = 60): self
    {
        $found = new self();
        foreach (Likely::from($seed) as [$rush, $kit]) {
            try {
                $plan = Planner::standard()->plan(Rush::fromArray($rush), Kit::fromArray($kit));
            } catch (Fault) {
                continue;
            }
            if ($plan->hold->focusMode->follows()) {
                $found->cases[] = self::compare($plan, $passes) + ['rush' => $rush, 'kit' => $kit];
            }
            if (count($found->cases) >= $count) {
                break;
            }
        }

        return $found;
    }

    private static function compare(Plan $plan, int $passes): array
    {
        $rehearsal = Rehearsal::of($plan);
        $tallies = $cameras = [];
        foreach ($plan->situation->kit->body->areas as $area) {
            $cameras[$area->value] = $rehearsal->camera((new Dials(area: $area))->on($plan->hold));
            $tallies[$area->value] = new Tally();
        }
        for ($seed = 0; $seed < $passes; $seed++) {
            $pass = $rehearsal->pass($seed);
            foreach ($cameras as $area => $camera) {
                $tallies[$area]->add(Take::of($pass, $camera)->counts());
            }
        }
        $planned = $plan->hold->area->value;
        $sharp = array_map(static fn (Tally $one): float => $one->sharpAPass(), $tallies);
        $best = (string) array_search(max($sharp), $sharp, true);
        // the best of many is best partly by luck: what it is worth is measured on passes that had no part in choosing it
        $fresh = [$best => new Tally(), $planned => new Tally()];
        for ($seed = self::FRESH; $seed < self::FRESH + $passes; $seed++) {
            $pass = $rehearsal->pass($seed);
            foreach ($fresh as $area => $tally) {
                $tally->add(Take::of($pass, $cameras[$area])->counts());
            }
        }
        $margin = $fresh[$best]->moreThan($fresh[$planned]);
        $worth = $plan->situation->assumptions->value('area.as_good') * $tallies[$planned]->framesAPass();
        $frames = max(1e-9, $tallies[$planned]->framesAPass());

        return [
            'promised' => $plan->odds()->share(),
            'rehearsed' => $sharp[$planned] / $frames,
            'best' => $best,
            'planned' => $planned,
            // the best can be told from the plan's by more than parts areas that count as equally good
            'told' => $margin->mean - $margin->half > $worth,
        ];
    }

    /** Share of situations in which the best area of the rehearsal is not to be told from the plan's. */
    public function best(): float
    {
        return count(array_filter($this->cases, static fn (array $one): bool => ! $one['told'])) / count($this->cases);
    }

    /** Correlation of the share promised and the share rehearsed. */
    public function correlation(): float
    {
        $x = array_column($this->cases, 'promised');
        $y = array_column($this->cases, 'rehearsed');
        [$mx, $my] = [array_sum($x) / count($x), array_sum($y) / count($y)];
        $xy = $xx = $yy = 0.0;
        foreach ($x as $at => $one) {
            $xy += ($one - $mx) * ($y[$at] - $my);
            $xx += ($one - $mx) ** 2;
            $yy += ($y[$at] - $my) ** 2;
        }

        return $xy / sqrt($xx * $yy);
    }

    /** @return list<array> those that promise over two in five where fewer than one in twenty is sharp */
    public function broken(): array
    {
        return array_values(
            array_filter(
                $this->cases,
                static fn (array $one): bool => $one['promised'] > 0.4 && $one['rehearsed'] < 0.05,
            ),
        );
    }
}
