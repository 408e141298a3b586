<?php

declare(strict_types=1);

namespace RushHold\Wording\Outing;

use RushHold\Hold\Hold;
use RushHold\Light\MoonEvent;
use RushHold\Light\SunEvent;
use RushHold\Light\SunEventKind;
use RushHold\Outing\Day;
use RushHold\Outing\HoldBand;
use RushHold\Outing\HoldStep;
use RushHold\Outing\Moment;
use RushHold\Outing\OrderOfDay;
use RushHold\Outing\SpotState;
use RushHold\Outing\SpotWater;
use RushHold\Outing\Stretch;
use RushHold\Outing\Walk;
use RushHold\Outing\WaterTurn;
use RushHold\Planning\Concession;
use RushHold\Wording\ConcessionWords;
use RushHold\Wording\HoldWords;
use RushHold\Wording\Units;

/** A day as "day" of outing/1: moments by the clocks of the place, in ISO 8601 with how far they are ahead. */
final readonly class DayDocument
{
    /** Farther than this nothing is told of shimmer, in metres. */
    private const REACH_MOST_M = 5000.0;

    /** So far around the outing it is told when the water cuts a spot off, in seconds. */
    private const AROUND_S = 46_800.0;

    private ConcessionWords $concessions;

    private DayWords $words;

    private WaterWords $water;

    private function __construct(private Day $day, private Units $units)
    {
        $this->concessions = new ConcessionWords($units);
        $this->words = new DayWords($day, $units);
        $this->water = new WaterWords($day, $units);
    }

    /** @return array<string, mixed> */
    public static function of(Day $day, Units $units = Units::Metric): array
    {
        return (new self($day, $units))->document();
    }

    /** @return array<string, mixed> */
    private function document(): array
    {
        $day = $this->day;
        $outing = $day->outing;
        $words = $this->words;
        $altitudes = array_map(static fn (Moment $moment): float => $moment->sun->altitudeDeg, $day->moments);

        return [
            'from' => $this->at($outing->window->fromS),
            'until' => $this->at($outing->window->untilS),
            'zone' => $outing->place->zone,
            'sky_said' => $outing->sky->isSaid(),
            'sun' => [
                'events' => array_map(
                    fn (SunEvent $event): array => ['kind' => $event->kind->value, 'at' => $this->at($event->unixS)],
                    $day->sky->events,
                ),
                'highest_deg' => max([-90.0, ...$altitudes]),
                'lowest_deg' => min([90.0, ...$altitudes]),
                'says' => (new SkyWords($day))->all(),
            ],
            'moon' => [
                'lit' => round($day->sky->moonAtBegin->lit, 3),
                'events' => array_map(
                    fn (MoonEvent $event): array => [
                        'kind' => ($event->rises ? SunEventKind::Rise : SunEventKind::Set)->value,
                        'at' => $this->at($event->unixS),
                    ],
                    $day->sky->moon,
                ),
            ],
            'moments' => array_map($this->moment(...), $day->moments),
            'rushes' => array_map($this->rush(...), array_keys($outing->expected)),
            'spots' => array_map($this->spot(...), array_values($day->waters)),
            'waters' => array_map($this->turn(...), $day->water->turns),
            'metered' => array_map(fn (array $one): string => $this->at($one[0]), $outing->metered),
            'walks' => $this->between(),
            'order' => $this->order($day->order, $day->gains) + ['says' => $words->order()],
            'second' => $day->second === null
                ? null
                : $this->order($day->second, []) + ['says' => (string) $words->second()],
            'cut_off' => $this->stretches($this->cutOff()),
            'blinding' => $this->stretches($day->blinding),
            'says' => $words->all(),
            'cautions' => $words->cautions(),
        ];
    }

    /** @return array<string, mixed> */
    private function moment(Moment $moment): array
    {
        $reach = $this->day->reachM($moment);
        $water = $this->day->water->heightM($moment->unixS);

        return [
            'at' => $this->at($moment->unixS),
            'altitude_deg' => round($moment->sun->altitudeDeg, 4),
            'apparent_deg' => round($moment->sun->apparentDeg(), 4),
            'azimuth_deg' => round($moment->sun->azimuthDeg, 4),
            'ev100' => round($moment->evOpen, 3),
            'shaded' => $moment->isShaded,
            'sky' => $moment->weather->sky->value,
            'temperature_c' => $moment->weather->temperatureC,
            'wind_mps' => $moment->weather->windMps,
            'visibility_m' => $moment->weather->visibilityM,
            'reach_m' => $reach === null || $reach > self::REACH_MOST_M ? null : round($reach, 2),
            'water_m' => $water === null ? null : round($water, 3),
            'water_reckoned' => $this->day->water->isReckonedAt($moment->unixS),
        ];
    }

    /** @return array<string, mixed> */
    private function rush(int $number): array
    {
        $expected = $this->day->outing->expected[$number];
        $steps = $this->day->steps[$number];
        $promise = $this->day->promise($number);
        $set = $this->day->setFor($number);
        $words = $this->words;
        $first = array_key_first($steps);
        $whole = $first === null ? [] : range($first, array_key_last($steps));

        return [
            'id' => $expected->id,
            'name' => $expected->name,
            'spot' => $expected->spot->id,
            'hours' => array_map($this->stretch(...), $expected->hours),
            'first' => $first,
            'along' => array_map(
                fn (int $at): ?array => isset($steps[$at]) ? $this->along($number, $steps[$at]) : null,
                $whole,
            ),
            'bands' => array_map($this->band(...), $this->day->bands[$number]),
            'promise' => $promise === null
                ? null
                : [
                    'from' => $this->at($promise['from']),
                    'best' => $this->at($promise['best']),
                    'until' => $promise['isOpen'] ? null : $this->at($promise['until']),
                ],
            'set' => $set === null
                ? null
                : [
                    'at' => $this->at($set['at']),
                    'from' => $this->at($set['from']),
                    'until' => $this->at($set['until']),
                    'has_turn' => $set['has_turn'],
                ],
            'water' => $this->water->spot($this->day->waters[$expected->spot->id]),
            'checks' => $words->checks($number),
            'says' => $words->rush($number),
            'why' => $words->why($number),
        ];
    }

    /** @return array{share: float, ev100: float, light: string, iso: ?int, worth_per_hour: float, stands: bool} */
    private function along(int $number, HoldStep $step): array
    {
        $expected = $this->day->outing->expected[$number];

        return [
            'share' => round($step->share, 4),
            'ev100' => round($expected->evAt($step->moment), 3),
            'light' => $expected->lightFrom($step->moment)->value ?? 'even',
            'iso' => $step->planned?->hold->iso,
            'worth_per_hour' => round($step->worth, 3),
            'stands' => $this->day->mayStand($number, $step),
        ];
    }

    /** @return array<string, mixed> */
    private function band(HoldBand $band): array
    {
        $planned = $band->steps[0]->planned;
        [$leastIso, $mostIso] = $band->isos();
        [$leastShare, $mostShare] = $band->shares();

        return [
            'from' => $this->at($band->fromS()),
            'until' => $this->at($band->untilS()),
            'hold' => $planned?->hold->toArray(),
            'words' => $planned === null ? null : $this->settings($planned->hold, $leastIso, $mostIso),
            'iso_least' => $leastIso,
            'iso_most' => $mostIso,
            'share_least' => $leastShare,
            'share_most' => $mostShare,
            'gave_way' => array_map(
                fn (Concession $one): array => $this->concessions->document($one),
                $band->concessions(),
            ),
            'changed' => $band->changed,
            'entered' => $band->entered,
        ];
    }

    /** What is set by the light, and where the camera looks. */
    private function settings(Hold $hold, float $leastIso, float $mostIso): string
    {
        $word = fn (string $field): string => HoldWords::word($field, $hold, $this->units);

        return implode(', ', [
            $word('shutter_s'),
            $word('f_number'),
            $leastIso < $mostIso ? sprintf('ISO %.0f–%.0f', $leastIso, $mostIso) : $word('iso'),
            $word('area.pattern'),
        ]);
    }

    /**
     * @param  list<?float>  $gains
     * @return array<string, mixed>
     */
    private function order(OrderOfDay $order, array $gains): array
    {
        $day = $this->day;
        $stays = [];
        foreach ($order->deeds as $number => $deed) {
            if ($deed->rush === null) {
                continue;
            }
            $expected = $day->outing->expected[$deed->rush];
            $water = $day->waters[$expected->spot->id];
            $worked = $day->worked($deed);
            $off = $water->beOffS($worked->fromS);
            [$walk, $wait] = $this->until($order, $number, $gains);
            $stays[] = [
                'rush' => $expected->id,
                'spot' => $expected->spot->id,
                'from' => $this->at($worked->fromS),
                'until' => $this->at($worked->untilS),
                'worth' => $deed->worth,
                'gain' => $gains[$number] ?? null,
                'be_off' => $off === null ? null : $this->at(Clocks::before($off)),
                'water' => $this->water->spot($water),
                'walk_minutes' => $walk,
                'wait' => $wait,
            ];
        }

        return [
            'worth' => $order->worth,
            'stays' => $stays,
            'ways' => array_map(
                fn (Walk $walk): array => [
                    'from_spot' => $walk->from?->id,
                    'to_spot' => $walk->to?->id,
                    'leaves' => $this->at($walk->leavesS),
                    'arrives' => $this->at($walk->arrivesS),
                ],
                $day->walks($order),
            ),
        ];
    }

    /**
     * What lies between a stay and the next.
     *
     * @param  list<?float>  $gains
     * @return array{?float, ?array<string, mixed>} minutes on foot, null after the last; the wait
     */
    private function until(OrderOfDay $order, int $number, array $gains): array
    {
        $day = $this->day;
        $walk = 0.0;
        $wait = null;
        for ($at = $number + 1; isset($order->deeds[$at]); $at++) {
            $deed = $order->deeds[$at];
            if ($deed->rush !== null) {
                return [$walk, $wait];
            }
            if ($deed->to !== null) {
                $walk += (float) $day->places->minutes($deed->place, $deed->to);
            } elseif ($wait === null || $deed->until - $deed->from > $wait['steps']) {
                $wait = [
                    'steps' => $deed->until - $deed->from,
                    'from' => $this->at($day->momentS($deed->from)),
                    'until' => $this->at($day->momentS($deed->until)),
                    'spot' => $day->places->spot($deed->place)?->id,
                    'for' => $day->waitsFor($order, $at)->value,
                    'gain' => $gains[$at] ?? null,
                ];
            }
        }

        return [null, null];
    }

    /** @return array<string, mixed> what the water lets one do at a spot, as far as the day goes */
    private function spot(SpotWater $water): array
    {
        $window = $this->day->outing->window;
        $states = $stands = [];
        foreach ($water->isCutOff() ? $water->stretches : [] as $one) {
            if ($one->stretch->sharedS($window->fromS, $window->untilS) > 0) {
                $states[] = ['state' => $one->state->value] + $this->clipped($one->stretch);
            }
        }
        foreach ($water->isCutOff() ? $water->stands : [] as $one) {
            if ($one->sharedS($window->fromS, $window->untilS) > 0) {
                $stands[] = $this->clipped(Clocks::inward($one));
            }
        }

        return [
            'spot' => $water->spot->id,
            'says' => $this->water->spot($water),
            'states' => $states,
            'stands' => $stands,
            'way_off_minutes' => $water->isCutOff() ? round($water->wayOff->minutes, 4) : null,
            'way_off_known' => $water->isCutOff() ? $water->wayOff->known->value : null,
        ];
    }

    /** @return array{from: string, until: string} a stretch as far as the day goes */
    private function clipped(Stretch $stretch): array
    {
        $window = $this->day->outing->window;

        return $this->stretch(
            new Stretch(max($stretch->fromS, $window->fromS), min($stretch->untilS, $window->untilS)),
        );
    }

    /** @return array{from: string, until: string} */
    private function stretch(Stretch $stretch): array
    {
        return ['from' => $this->at($stretch->fromS), 'until' => $this->at($stretch->untilS)];
    }

    /** @return array<string, mixed> */
    private function turn(WaterTurn $turn): array
    {
        return [
            'at' => $this->at($turn->atS),
            'kind' => $turn->kind->value,
            'height_m' => round($turn->heightM, 3),
            'reckoned' => $turn->isReckoned,
        ];
    }

    /** @return list<array<string, mixed>> minutes on foot between any two spots that rushes are expected at */
    private function between(): array
    {
        $spots = [];
        foreach ($this->day->outing->expected as $expected) {
            $spots[$expected->spot->id] = $expected->spot;
        }
        $told = [];
        $spots = array_values($spots);
        foreach ($spots as $number => $from) {
            foreach (array_slice($spots, $number + 1) as $to) {
                $told[] = [
                    'from' => $from->id,
                    'to' => $to->id,
                    'minutes' => round($this->day->ways->minutes($from, $to), 4),
                    'typed' => $this->day->ways->isTyped($from, $to),
                ];
            }
        }

        return $told;
    }

    /** @return array<string, list<array{float, float}>> by spot: from and until the water is known to cut it off, a day around the outing */
    private function cutOff(): array
    {
        $window = $this->day->outing->window->stretch()->widened(self::AROUND_S, self::AROUND_S);
        $found = [];
        foreach ($this->day->waters as $id => $water) {
            foreach ($water->stretches as $one) {
                if ($one->state === SpotState::Shut && $one->stretch->apartS($window) <= 0) {
                    $shut = Clocks::outward($one->stretch);
                    $found[$id][] = [$shut->fromS, $shut->untilS];
                }
            }
        }

        return $found;
    }

    /**
     * @param  array<string, list<array{float, float}>>  $by  from and until by spot
     * @return list<array{spot: string, from: string, until: string}>
     */
    private function stretches(array $by): array
    {
        $told = [];
        foreach ($by as $spot => $stretches) {
            foreach ($stretches as [$from, $until]) {
                $told[] = ['spot' => $spot, 'from' => $this->at($from), 'until' => $this->at($until)];
            }
        }

        return $told;
    }

    private function at(float $unixS): string
    {
        return $this->day->outing->day->iso($unixS);
    }
}
