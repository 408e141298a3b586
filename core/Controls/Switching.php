<?php

declare(strict_types=1);

namespace RushHold\Controls;

use RushHold\Kit\BundlePart;
use RushHold\Kit\Control;
use RushHold\Kit\ControlUse;
use RushHold\Kit\Finger;

/** What changing between the holds of a day costs on a body: as it is laid, and laid as quickly as can be. */
final readonly class Switching
{
    /** @var list<string> */
    private array $keys;

    /** @var list<Control> controls a hold may be laid on */
    private array $places;

    private HandTimes $times;

    public function __construct(private LayoutOnBody $onBody)
    {
        $this->keys = array_keys($onBody->holds);
        $this->times = new HandTimes($onBody, $onBody->assumptions);
        $this->places = LayoutOnBody::byReach(
            array_values(
                array_filter(
                    $onBody->profile->controls,
                    static fn (Control $control): bool => $control->canRecall($onBody->layout->gloves) &&
                        $control->finger !== Finger::Index &&
                        $onBody->profile->dialect->setsWith($control->id) === null &&
                        array_filter(
                            $onBody->layout->of($control->id),
                            static fn (Assignment $use): bool => $use->does !== ControlUse::Recall,
                        ) === [],
                ),
            ),
        );
    }

    /** @return array<string, array<string, float>> seconds from each hold to each other as it is laid, by key */
    public function matrix(): array
    {
        [$problem, $base, $on] = $this->asLaid();
        $rows = [];
        foreach ($this->keys as $i => $from) {
            foreach ($this->keys as $j => $to) {
                $rows[$from][$to] = $problem->seconds($base, $on, $i, $j);
            }
        }

        return $rows;
    }

    /**
     * Seconds of an average change as laid, and of the best layout.
     *
     * @return array{now_s: float, best_s: float, saved_s: float, exact: bool, layout: Layout, most: ?string} most: key of the hold that gains most
     */
    public function best(): array
    {
        [$now, $base, $on] = $this->asLaid();
        $problem = $this->problem(fn (int $hold, Control $place): array => LayoutOnBody::bundleOn($place));
        $found = SwitchingOptimiser::solve($problem);
        $changes = max(1e-9, $problem->changes());
        $nowS = $now->total($base, $on) / $changes;
        $bestS = $found['total'] / $changes;
        if ($bestS >= $nowS - 1e-6 || count($this->keys) < 2) {
            return [
                'now_s' => $nowS,
                'best_s' => min($nowS, $bestS),
                'saved_s' => 0.0,
                'exact' => $found['exact'],
                'layout' => $this->onBody->layout,
                'most' => null,
            ];
        }
        $gains = [];
        foreach ($this->keys as $j => $key) {
            $gains[$key] = 0.0;
            foreach (array_keys($this->keys) as $i) {
                $gains[$key] +=
                    $problem->times[$i][$j] *
                    ($now->seconds($base, $on, $i, $j) - $problem->seconds($found['base'], $found['on'], $i, $j));
            }
        }
        arsort($gains);

        return [
            'now_s' => $nowS,
            'best_s' => $bestS,
            'saved_s' => $nowS - $bestS,
            'exact' => $found['exact'],
            'layout' => $this->laid($found['base'], $found['on']),
            'most' => array_key_first($gains),
        ];
    }

    /** @param  array<int, ?int>  $on */
    private function laid(int $base, array $on): Layout
    {
        $layout = $this->onBody->layout->basedOn($this->keys[$base]);
        $layout = $layout->using(
            array_values(array_filter($layout->uses, static fn (Assignment $use): bool => ! $use->recalls())),
        );
        foreach ($on as $hold => $place) {
            if ($place !== null && $hold !== $base) {
                $layout = $layout->put(
                    new Assignment(
                        $this->places[$place]->id,
                        ControlUse::Recall,
                        $this->keys[$hold],
                        LayoutOnBody::bundleOn($this->places[$place]),
                    ),
                );
            }
        }

        return $layout;
    }

    /** @return array{SwitchingProblem, int, array<int, ?int>} */
    private function asLaid(): array
    {
        $controls = array_column(
            array_map(static fn (Control $control): array => [$control->id, $control], $this->places),
            0,
        );
        $on = [];
        foreach ($this->keys as $i => $key) {
            $use = $this->onBody->layout->recall($key);
            $at = $use === null ? false : array_search($use->control, $controls, true);
            $on[$i] = $at === false ? null : $at;
        }
        $problem = $this->problem(
            fn (int $hold, Control $place): array => $this->onBody->layout->recall($this->keys[$hold])->carries ??
                LayoutOnBody::bundleOn($place),
        );

        return [$problem, max(0, (int) array_search($this->onBody->base(), $this->keys, true)), $on];
    }

    /** @param  \Closure(int, Control): list<BundlePart>  $carried what a hold's bundle carries on a place */
    private function problem(\Closure $carried): SwitchingProblem
    {
        $recall = $hand = $times = $move = [];
        foreach ($this->keys as $b => $base) {
            foreach ($this->keys as $j => $to) {
                $hand[$b][$j] = $b === $j ? 0.0 : $this->times->byHand($base, $to);
                $times[$b][$j] = $b === $j ? 0.0 : $this->onBody->layout->times($base, $to);
                $recall[$b][$j] = array_map(
                    fn (Control $place): float => $this->times->byButton($base, $to, $carried($j, $place)),
                    $this->places,
                );
            }
        }
        foreach ($this->places as $from) {
            $move[] = array_map(fn (Control $to): float => $this->times->moving($from->id, $to->id), $this->places);
        }

        return new SwitchingProblem(
            count($this->keys),
            count($this->places),
            array_values(array_map(array_values(...), $recall)),
            $move,
            array_values(array_map(array_values(...), $hand)),
            array_values(array_map(array_values(...), $times)),
        );
    }
}
