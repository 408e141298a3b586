<?php

declare(strict_types=1);

namespace RushHold\Wording\Outing;

use RushHold\Outing\Day;
use RushHold\Outing\SpotState;
use RushHold\Outing\SpotWater;
use RushHold\Outing\Stretch;
use RushHold\Outing\TurnKind;
use RushHold\Outing\WaterStretch;
use RushHold\Outing\WaterTurn;
use RushHold\Outing\WayKnown;
use RushHold\Wording\Units;

/** What the water does to the spots of a day, in sentences: until when one is free, from when cut off, when free again, when to be off. */
final readonly class WaterWords
{
    /** A spot that is open when the day ends is told when that ends, so far ahead. */
    private const AHEAD_S = 50_400.0;

    private const AT_BEGIN = 'cut off when you begin';

    private Clocks $clocks;

    public function __construct(private Day $day, private Units $units)
    {
        $this->clocks = new Clocks($day->outing->day);
    }

    /** Of one spot without its name, as a sentence; null of one that no water cuts off. */
    public function spot(SpotWater $water): ?string
    {
        if (! $water->isCutOff()) {
            return null;
        }
        $window = $this->day->outing->window;
        $told = '';
        foreach ($water->stretches as $number => $one) {
            $isAfter = $one->stretch->fromS >= $window->untilS;
            $isFar = $one->stretch->fromS > $window->untilS + self::AHEAD_S;
            if ($one->stretch->untilS <= $window->fromS || $isFar) {
                continue;
            }
            // what comes after the day is told with the open while before it, but for when one that is cut off is free again
            $isFirstFree = $one->state === SpotState::Open && ! str_contains($told, 'free');
            if ($isAfter && $told !== '' && ! $isFirstFree) {
                continue;
            }
            $next = $water->stretches[$number + 1] ?? null;
            $told .= ($told === '' ? '' : (str_ends_with($told, self::AT_BEGIN) ? ', ' : '; ')).
                match ($one->state) {
                    SpotState::Open => $this->open($water, $one, $next, $told !== ''),
                    SpotState::Shut => $this->shut($one, $next),
                    SpotState::Unknown => $this->unknown($one),
                };
        }

        return ucfirst($told).'.';
    }

    /** When to be off a spot that is left at a moment, in words; null where no water ends it. */
    public function beOff(SpotWater $water, float $unixS): ?string
    {
        $off = $water->beOffS($unixS);

        return $off === null ? null : $this->clocks->at(Clocks::before($off));
    }

    /** @return list<string> of the spots that rushes are expected at, or of all where none is: what must be heeded, and what it rests on */
    public function cautions(): array
    {
        $told = [];
        foreach ($this->spots() as $water) {
            $told[] = $water->spot->name.': '.lcfirst((string) $this->spot($water)).' '.$this->way($water);
            $near = $this->near($water);
            if ($near !== null) {
                $told[] = $near;
            }
        }

        return $told === [] ? [] : [...$told, $this->typed().$this->twice().' '.$this->rules()];
    }

    /** @return list<SpotWater> those that water can cut off, of the spots that count on this day */
    private function spots(): array
    {
        $used = array_map(static fn ($expected): string => $expected->spot->id, $this->day->outing->expected);

        return array_values(
            array_filter(
                $this->day->waters,
                static fn (SpotWater $water): bool => $water->isCutOff() &&
                    ($used === [] || in_array($water->spot->id, $used, true)),
            ),
        );
    }

    /** @param  bool  $isLater  whether something was told before it */
    private function open(SpotWater $water, WaterStretch $one, ?WaterStretch $next, bool $isLater): string
    {
        $window = $this->day->outing->window;
        $open = Clocks::inward($one->stretch);
        $ends = $this->clocks->at($open->untilS).
            $this->mark($one->untilReckoned).
            ($next?->state === SpotState::Unknown ? ' at the least' : '').
            ($open->untilS > $window->untilS ? ', after your day' : '');
        $begins = $one->stretch->fromS <= $window->fromS ? '' : 'from '.$this->clocks->at($open->fromS).$this->mark($one->fromReckoned).' ';
        $told = ($isLater && $begins !== '' && $this->wasFree($water, $one) ? 'free again ' : 'free ').
            $begins.
            ($begins === '' ? 'until ' : 'to ').
            $ends;
        $stand = $this->standing($water, $one->stretch);
        if ($stand === null) {
            return $told.', too short a while to walk there and back';
        }
        $stand = Clocks::inward($stand);
        $from = $stand->fromS > $window->fromS ? sprintf('be there from %s, ', $this->clocks->at($stand->fromS)) : '';

        return $stand->untilS <= $window->fromS
            ? $told.sprintf(', too late to go: one must be off by %s', $this->clocks->at($stand->untilS))
            : $told.': '.$from.'be off by '.$this->clocks->at($stand->untilS);
    }

    /** Whether it was open before while one is out. */
    private function wasFree(SpotWater $water, WaterStretch $now): bool
    {
        foreach ($water->stretches as $one) {
            if (
                $one->state === SpotState::Open &&
                $one->stretch->untilS > $this->day->outing->window->fromS &&
                $one->stretch->fromS < $now->stretch->fromS
            ) {
                return true;
            }
        }

        return false;
    }

    private function shut(WaterStretch $one, ?WaterStretch $next): string
    {
        $window = $this->day->outing->window;
        $shut = Clocks::outward($one->stretch);
        $isKnown = $next?->state === SpotState::Open;
        $mark = $this->mark($one->untilReckoned);

        return match (true) {
            $one->stretch->fromS <= $window->fromS && $isKnown => self::AT_BEGIN,
            $one->stretch->fromS <= $window->fromS => self::AT_BEGIN.
                ', and still at '.
                $this->clocks->at($shut->untilS).
                $mark,
            $shut->untilS > $window->untilS && ! $isKnown => 'cut off from '.
                $this->clocks->at($shut->fromS).
                $this->mark($one->fromReckoned),
            default => 'cut off '.$this->clocks->range($shut->fromS, $shut->untilS).$mark,
        };
    }

    private function unknown(WaterStretch $one): string
    {
        $turns = $this->day->water->turns;
        if (count($turns) < 2) {
            return $turns === []
                ? 'not known, and so nobody is sent there: type the high and low waters of the day'
                : sprintf(
                    'not known, and so nobody is sent there: only the %s is typed; type the one before it and the one after',
                    $this->turn($turns[0]),
                );
        }
        $isBefore = is_infinite($one->stretch->fromS);
        $turn = $isBefore ? $turns[0] : $turns[count($turns) - 1];

        return sprintf(
            'not known %s %s, and so taken as cut off: type the %s water %s it',
            $isBefore ? 'before' : 'after',
            $this->clocks->at($turn->atS),
            $turn->kind === TurnKind::High ? 'low' : 'high',
            $isBefore ? 'before' : 'after',
        );
    }

    /** Of the while in which a spot is open the part in which one may stand there; null where there is none. */
    private function standing(SpotWater $water, Stretch $open): ?Stretch
    {
        foreach ($water->stands as $one) {
            if ($open->covers($one->fromS, $one->untilS)) {
                return $one;
            }
        }

        return null;
    }

    /** How far it is off the spot, and what the margins are. */
    private function way(SpotWater $water): string
    {
        $off = $water->wayOff;
        $ground = $off->spot === null ? 'ground that stays dry' : $this->day->outing->place->spots[$off->spot]->name;
        $reckoned = $this->day->water->goesOn
            ? sprintf(', %.0f min where a water is only reckoned', $this->day->assumptions->value('outing.water_reckoned'))
            : '';

        return sprintf(
            'With %.0f min to spare for the water%s and %.0f min on foot to %s%s.',
            $this->day->assumptions->value('outing.water'),
            $reckoned,
            ceil($off->minutes - 1e-6),
            $ground,
            match ($off->known) {
                WayKnown::Typed => '',
                WayKnown::Reckoned => ' by the crow; type the way you have walked',
                WayKnown::Assumed => ', which nobody has said: an assumed while, type the way',
            },
        );
    }

    /** The highest water that stays only a little under what cuts a spot off; null where none does. */
    private function near(SpotWater $water): ?string
    {
        [$found, $least] = [null, $this->day->assumptions->value('outing.water_near')];
        foreach ($this->day->water->turns as $turn) {
            $under = (float) $water->spot->cutOffM - $turn->heightM;
            if ($turn->kind === TurnKind::High && $under > 0 && $under <= $least) {
                [$found, $least] = [$turn, $under];
            }
        }

        return $found === null
            ? null
            : sprintf(
                'The %s stays only %s under what cuts off %s: wind or low pressure can lift it so far.',
                $this->turn($found),
                $this->units->length($least, 2),
                $water->spot->name,
            );
    }

    /** What was typed, and what was not. */
    private function typed(): string
    {
        $typed = array_values(
            array_filter($this->day->water->turns, static fn (WaterTurn $turn): bool => ! $turn->isReckoned),
        );
        if ($typed === []) {
            return 'No high or low water is typed for this day: take them from the official table.';
        }
        $list = implode(', ', array_map($this->turn(...), $typed));

        return match (true) {
            count($typed) === 1 => "Of the waters only the {$list} is typed.",
            $this->day->water->goesOn => sprintf(
                'Typed are %s; between them it goes by %s, before and after as tides usually do.',
                $list,
                $this->day->water->rule->words(),
            ),
            default => sprintf(
                'Typed are %s; between them it goes by %s, before and after nothing is known.',
                $list,
                $this->day->water->rule->words(),
            ),
        };
    }

    /** Of a water whose time comes twice in a night, as the clocks go back. */
    private function twice(): string
    {
        foreach ($this->day->water->turns as $turn) {
            if ($turn->againS !== null) {
                return sprintf(
                    ' The clocks go back that night and %s comes twice: both are kept out of.',
                    $this->day->outing->day->clock($turn->atS),
                );
            }
        }

        return '';
    }

    private function rules(): string
    {
        return sprintf(
            'The official table and local rules go before this. Wind, low pressure and a river in flood change times and heights, and the %.0f min to spare do not cover that.',
            $this->day->assumptions->value('outing.water'),
        );
    }

    private function turn(WaterTurn $turn): string
    {
        return sprintf(
            '%s water at %s (%s)',
            $turn->kind->value,
            $this->clocks->at($turn->atS),
            $this->units->length($turn->heightM, 2),
        );
    }

    private function mark(bool $isReckoned): string
    {
        return $isReckoned ? ' (reckoned)' : '';
    }
}
