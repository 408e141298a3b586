<?php

declare(strict_types=1);

namespace RushHold\Wording\Outing;

use RushHold\Outing\Day;
use RushHold\Outing\HoldStep;
use RushHold\Outing\Instead;
use RushHold\Outing\LeftOut;
use RushHold\Outing\Moment;
use RushHold\Outing\Stretch;
use RushHold\Wording\Units;

/** What a day comes to, in sentences. */
final readonly class DayWords
{
    private Clocks $clocks;

    private WaterWords $water;

    public function __construct(private Day $day, private Units $units)
    {
        $this->clocks = new Clocks($day->outing->day);
        $this->water = new WaterWords($day, $units);
    }

    /** @return list<string> shimmer, what is made up or left out */
    public function all(): array
    {
        return array_values(array_filter([$this->shimmer(), $this->made()], is_string(...)));
    }

    /** The hours in which a rush's hold keeps its promise, and what of its distance is not usual where it is expected. */
    public function rush(int $rush): string
    {
        $expected = $this->day->outing->expected[$rush];
        $spot = $expected->spot;
        if (! $spot->isUnusual($expected->rush->workM)) {
            return $this->promise($rush);
        }
        $usual = array_filter([
            $spot->nearM === null ? null : 'from '.$this->units->length($spot->nearM, 2),
            $spot->farM === null ? null : 'to '.$this->units->length($spot->farM, 2),
        ]);

        return sprintf(
            '%s It is planned for %s; %s usually gives %s.',
            $this->promise($rush),
            $this->units->length($expected->rush->workM, 2),
            $spot->name,
            implode(' ', $usual),
        );
    }

    private function promise(int $rush): string
    {
        $steps = $this->day->steps[$rush];
        $promise = $this->day->promise($rush);
        if ($steps === []) {
            return sprintf(
                'Its hours, %s, lie outside of yours, %s.',
                $this->day->outing->expected[$rush]->clocks,
                $this->clocks->range($this->day->outing->window->fromS, $this->day->outing->window->untilS),
            );
        }
        if ($promise === null) {
            return array_filter($steps, static fn (HoldStep $step): bool => $step->share > 0) === []
                ? 'Nothing comes out at any hour of this day.'
                : 'Nobody can stand there in any of its hours in which something comes out.';
        }
        $isWhole = $promise['from'] <= $steps[array_key_first($steps)]->fromS;

        return match (true) {
            $isWhole && $promise['isOpen'] => 'Its hold keeps its promise all the while.',
            $promise['isOpen'] => sprintf('Its hold keeps its promise from %s on.', $this->clocks->at($promise['from'])),
            $isWhole => sprintf('Its hold keeps its promise until %s.', $this->clocks->at($promise['until'])),
            default => sprintf(
                'Its hold keeps its promise from %s.',
                $this->clocks->range($promise['from'], $promise['until']),
            ),
        };
    }

    /**
     * Why a rush has no turn in the order of the day, or has it in other hours than those in which its hold keeps its promise; null where
     * neither is so.
     */
    public function why(int $rush): ?string
    {
        $turns = array_map($this->day->worked(...), $this->day->turns($rush));
        $instead = Instead::of($this->day, $rush);
        if ($turns === []) {
            return 'Not in the order: '.$this->instead($rush, $instead);
        }

        return $this->keepsPromise($rush, $turns) || $instead->other === $rush
            ? null
            : sprintf(
                'It is worked %s, when fewer of its frames come out: %s',
                implode(
                    ' and ',
                    array_map(fn (Stretch $one): string => $this->clocks->range($one->fromS, $one->untilS), $turns),
                ),
                $this->instead($rush, $instead),
            );
    }

    /**
     * Whether some of its turns lie in hours in which about as many frames come out as in its best.
     *
     * @param  list<Stretch>  $turns
     */
    private function keepsPromise(int $rush, array $turns): bool
    {
        $least = $this->day->assumptions->value('outing.keeps') * ($this->day->promise($rush)['share'] ?? 0.0);
        foreach ($this->day->steps[$rush] as $step) {
            foreach ($turns as $one) {
                if ($step->share >= $least && $one->sharedS($step->fromS, $step->untilS) > 0) {
                    return true;
                }
            }
        }

        return false;
    }

    private function instead(int $rush, Instead $instead): string
    {
        $spot = $this->day->outing->expected[$rush]->spot->name;

        return match ($instead->why) {
            LeftOut::Outside => 'its hours lie outside of yours.',
            LeftOut::Nothing => 'nothing of it comes out.',
            LeftOut::NoChances => 'it has no chances an hour, or counts for nothing.',
            LeftOut::Shut => "the water cuts off {$spot} while something would come out.",
            LeftOut::NotKnown => "nobody has said whether the water cuts off {$spot} while something would come out.",
            LeftOut::NotLeft => "with the way and time to spare for the water, nobody can be at {$spot} while something would come out.",
            LeftOut::TooShort => "{$spot} is free for too short a while to walk there and back, with time to spare for the water.",
            LeftOut::Other => sprintf(
                'at %s, when it would bring most, %s brings %s an hour and this %s.',
                $this->clocks->at($instead->atS),
                $this->day->outing->expected[(int) $instead->other]->name,
                self::frames($instead->otherPerHour),
                self::frames($instead->perHour),
            ),
            LeftOut::Elsewhere => sprintf(
                'at %s it would bring most, %s an hour; going there and back would cost more of what is worked before and after.',
                $this->clocks->at($instead->atS),
                self::frames($instead->perHour),
            ),
        };
    }

    private static function frames(float $count): string
    {
        return $count < 1 ? sprintf('%.1f sharp frames', $count) : sprintf('%.0f sharp frames', $count);
    }

    /**
     * What to look at before going to a rush, beside what its hold needs ready.
     *
     * @return list<array{id: string, message: string, why: string}>
     */
    public function checks(int $rush): array
    {
        $spot = $this->day->outing->expected[$rush]->spot;
        $water = $this->day->waters[$spot->id];
        $set = $this->day->setFor($rush);
        $checks = [];
        if ($water->isCutOff()) {
            $off = $set === null ? null : $this->water->beOff($water, $set['from']);
            $checks[] = [
                'id' => "water-{$spot->id}",
                'message' => match (true) {
                    $off !== null => "Be off {$spot->name} by {$off}",
                    $set === null => "Do not go to {$spot->name}: it is cut off, or nobody knows",
                    default => "Look up the water at {$spot->name}",
                },
                'why' => $this->water->spot($water).' The official table and local rules go before this.',
            ];
        }
        if ($set === null) {
            return $checks;
        }
        foreach ($this->day->blinding[$spot->id] as $number => [$from, $until]) {
            if ($from < $set['until'] && $until > $set['from']) {
                $checks[] = [
                    'id' => "sun-{$spot->id}-{$number}",
                    'message' => sprintf('Keep the lens off the sun from %s', $this->clocks->range($from, $until)),
                    'why' => sprintf('It stands where you point from %s; eyes and shutter burn.', $spot->name),
                ];
            }
        }
        $early = array_filter(
            $this->day->moments,
            static fn (Moment $moment): bool => $moment->unixS >= $set['from'] && $moment->unixS < $set['until'],
        );
        $reaches = array_filter(array_map($this->day->reachM(...), $early), is_float(...));
        $workM = $this->day->outing->expected[$rush]->rush->workM;
        if ($reaches !== [] && min($reaches) < $workM) {
            $checks[] = [
                'id' => 'shimmer',
                'message' => sprintf('Stay nearer than %s once the ground is warm', $this->units->length(min($reaches), 2)),
                'why' => sprintf('It is planned for %s, and shimmer spoils fine detail beyond.', $this->units->length($workM, 2)),
            ];
        }

        return $checks;
    }

    /** @return list<string> what may hurt people, animals or the camera */
    public function cautions(): array
    {
        $spots = $this->day->outing->place->spots;
        $told = $this->water->cautions();
        foreach ($this->day->blinding as $id => $stretches) {
            foreach ($stretches as [$from, $until]) {
                $told[] = sprintf(
                    'From %s the sun stands where you point between %s and %s: never look at it through a lens, and do not leave the camera aimed at it.',
                    $spots[$id]->name,
                    $this->clocks->at($from),
                    $this->clocks->at($until),
                );
            }
        }

        return $told;
    }

    /** What is worked one after the other. */
    public function order(): string
    {
        $day = $this->day;
        if ($day->order->deeds === []) {
            return $day->outing->expected === []
                ? 'Say which rushes you expect, and when.'
                : 'Nothing expected can be worked in these hours; why stands with each rush.';
        }
        $told = [];
        foreach ($day->order->stays() as $stay) {
            $expected = $day->outing->expected[(int) $stay->rush];
            $worked = $day->worked($stay);
            $off = $this->water->beOff($day->waters[$expected->spot->id], $worked->fromS);
            $told[] = sprintf(
                '%s %s from %s%s',
                $this->clocks->range($worked->fromS, $worked->untilS),
                $expected->name,
                $expected->spot->name,
                $off === null ? '' : " (be off by {$off})",
            );
        }

        return implode('; ', $told).'.';
    }

    /** What to do should what brings most not come; null where there is nothing else. */
    public function second(): ?string
    {
        $second = $this->day->second;
        if ($second === null || $this->day->order->worth <= 0) {
            return null;
        }
        $first = $this->day->outing->expected[(int) $second->stays()[0]->rush];

        return sprintf(
            'Should %s not come, the best day brings %d %% of this one and begins with %s from %s.',
            $this->day->outing->expected[(int) $this->day->order->bringsMost()]->name,
            (int) round((100 * $second->worth) / $this->day->order->worth),
            $first->name,
            $first->spot->name,
        );
    }

    private function shimmer(): ?string
    {
        $worst = null;
        foreach ($this->day->moments as $moment) {
            $reach = $this->day->reachM($moment);
            if ($reach !== null && ($worst === null || $reach < $worst[0])) {
                $worst = [$reach, $moment->unixS];
            }
        }

        return $worst === null || $worst[0] > 1000
            ? null
            : sprintf(
                'Shimmer is worst at %s: not beyond %s for fine detail with the longest lens.',
                $this->clocks->at($worst[1]),
                $this->units->length($worst[0], 2),
            );
    }

    private function made(): ?string
    {
        $made = [];
        foreach ($this->day->moments as $moment) {
            if ($moment->weather->isMadeUp) {
                $made[$this->day->outing->day->hour($moment->unixS)] = true;
            }
        }

        return match (true) {
            ! $this->day->outing->sky->isSaid() => 'Nobody has said what the sky will be: it is taken as clear.',
            $made !== [] => sprintf(
                'The weather of %d %s is made up; type over what you know.',
                count($made),
                count($made) === 1 ? 'hour' : 'hours',
            ),
            default => null,
        };
    }
}
