<?php

declare(strict_types=1);

namespace RushHold\Wording\Outing;

use RushHold\Light\SunEventKind;
use RushHold\Outing\Day;
use RushHold\Outing\Moment;
use RushHold\Wording\Units;

/** What a day comes to, in sentences. */
final readonly class DayWords
{
    public function __construct(private Day $day, private Units $units) {}

    /** @return list<string> the order of the day, shimmer, what is made up or left out */
    public function all(): array
    {
        return array_values(
            array_filter([$this->order(), $this->second(), $this->shimmer(), $this->made()], is_string(...)),
        );
    }

    public function sun(): string
    {
        $sun = $this->day->sun;
        if ($sun->neverSets()) {
            return 'The sun does not set on this day.';
        }
        if ($sun->neverRises()) {
            $dawn = $sun->first(SunEventKind::Dawn);

            return $dawn === null
                ? 'The sun does not rise on this day, and there is no twilight to work in.'
                : sprintf('The sun does not rise on this day; there is twilight from %s.', $this->clock($dawn));
        }
        [$rise, $set] = [$sun->first(SunEventKind::Rise), $sun->first(SunEventKind::Set)];

        return match (true) {
            $rise !== null && $set !== null => sprintf(
                'Sunrise %s, sunset %s.',
                $this->clock($rise),
                $this->clock($set),
            ),
            $rise !== null => sprintf('Sunrise %s; the sun does not set any more on this day.', $this->clock($rise)),
            $set !== null => sprintf('Sunset %s; the sun did not rise on this day.', $this->clock($set)),
            default => 'The sun neither rises nor sets on this day.',
        };
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
            return 'Its hours lie outside of the outing.';
        }
        if ($promise === null) {
            return 'Nothing comes out at any hour of this day.';
        }
        $isWhole = $promise['from'] <= $steps[0]->moment->unixS;

        return match (true) {
            $isWhole && $promise['until'] === null => 'Its hold keeps its promise all the while.',
            $promise['until'] === null => sprintf('Its hold keeps its promise from %s on.', $this->clock($promise['from'])),
            $isWhole => sprintf('Its hold keeps its promise until %s.', $this->clock($promise['until'])),
            default => sprintf(
                'Its hold keeps its promise from %s until %s.',
                $this->clock($promise['from']),
                $this->clock($promise['until']),
            ),
        };
    }

    /**
     * What to look at before going to a rush, beside what its hold needs ready.
     *
     * @return list<array{id: string, message: string, why: string}>
     */
    public function checks(int $rush): array
    {
        $set = $this->day->setFor($rush);
        if ($set === null) {
            return [];
        }
        $spot = $this->day->outing->expected[$rush]->spot;
        $checks = [];
        foreach ($this->day->cutOff[$spot->id] as $number => [$from]) {
            if ($from > $set['from']) {
                $checks[] = [
                    'id' => "water-{$spot->id}-{$number}",
                    'message' => sprintf('Leave %s by %s', $spot->name, $this->leave($from)),
                    'why' => sprintf(
                        'Water cuts it off from %s, by the waters you typed. Read the official table and local rules: they go before this.',
                        $this->clock($from),
                    ),
                ];
            }
        }
        foreach ($this->day->blinding[$spot->id] as $number => [$from, $until]) {
            if ($from < $set['until'] && $until > $set['from']) {
                $checks[] = [
                    'id' => "sun-{$spot->id}-{$number}",
                    'message' => sprintf('Keep the lens off the sun from %s to %s', $this->clock($from), $this->clock($until)),
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
        $told = [];
        foreach ($this->day->cutOff as $id => $stretches) {
            foreach ($stretches as [$from]) {
                $told[] = sprintf(
                    'Water cuts off %s from %s: leave by %s. By %s between the waters you typed; the official table and local rules go before this.',
                    $spots[$id]->name,
                    $this->clock($from),
                    $this->leave($from),
                    $this->day->outing->water->rule->words(),
                );
            }
            if ($spots[$id]->cutOffM !== null && ! $this->day->outing->water->isKnown()) {
                $told[] = sprintf(
                    'Water may cut off %s, and no high and low waters are typed for this day: take them from the official table.',
                    $spots[$id]->name,
                );
            }
        }
        foreach ($this->day->blinding as $id => $stretches) {
            foreach ($stretches as [$from, $until]) {
                $told[] = sprintf(
                    'From %s the sun stands where you point between %s and %s: never look at it through a lens, and do not leave the camera aimed at it.',
                    $spots[$id]->name,
                    $this->clock($from),
                    $this->clock($until),
                );
            }
        }

        return $told;
    }

    /** When to leave what the water cuts off at a moment. */
    private function leave(float $cutOffS): string
    {
        return $this->clock($cutOffS - 60 * $this->day->assumptions->value('outing.water'));
    }

    private function order(): ?string
    {
        $day = $this->day;
        if ($day->order->stays === []) {
            return $day->outing->expected === [] ? null : 'Nothing expected comes out in these hours.';
        }
        $told = [];
        foreach ($day->order->stays as $stay) {
            $expected = $day->outing->expected[$stay->rush];
            $told[] = sprintf(
                '%s to %s %s from %s',
                $this->clock($day->quarterS($stay->from)),
                $this->clock($day->quarterS($stay->until)),
                $expected->name,
                $expected->spot->name,
            );
        }

        return implode('; ', $told).'.';
    }

    private function second(): ?string
    {
        $second = $this->day->second;
        if ($second === null || $this->day->order->worth <= 0) {
            return null;
        }
        $first = $second->stays[0];

        return sprintf(
            'Should %s not come, the best day brings %d %% of this one and begins with %s from %s.',
            $this->day->outing->expected[(int) $this->day->order->bringsMost()]->name,
            (int) round((100 * $second->worth) / $this->day->order->worth),
            $this->day->outing->expected[$first->rush]->name,
            $this->day->outing->expected[$first->rush]->spot->name,
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
                $this->clock($worst[1]),
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

    private function clock(float $unixS): string
    {
        return $this->day->outing->day->clock($unixS);
    }
}
