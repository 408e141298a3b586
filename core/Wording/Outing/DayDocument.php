<?php

declare(strict_types=1);

namespace RushHold\Wording\Outing;

use RushHold\Hold\Hold;
use RushHold\Light\SunEvent;
use RushHold\Outing\Day;
use RushHold\Outing\HoldBand;
use RushHold\Outing\HoldsOfDay;
use RushHold\Outing\HoldStep;
use RushHold\Outing\Moment;
use RushHold\Outing\OrderOfDay;
use RushHold\Planning\Concession;
use RushHold\Wording\ConcessionWords;
use RushHold\Wording\HoldWords;
use RushHold\Wording\Units;

/** A day as "day" of outing/1: moments by the clocks of the place, in ISO 8601 with how far they are ahead. */
final readonly class DayDocument
{
    /** Farther than this nothing is told of shimmer, in metres. */
    private const REACH_MOST_M = 5000.0;

    private ConcessionWords $concessions;

    private function __construct(private Day $day, private Units $units)
    {
        $this->concessions = new ConcessionWords($units);
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
        $words = new DayWords($day, $this->units);

        return [
            'from' => $this->at($outing->fromS),
            'until' => $this->at($outing->untilS),
            'zone' => $outing->place->zone,
            'sky_said' => $outing->sky->isSaid(),
            'sun' => [
                'events' => array_map(
                    fn (SunEvent $event): array => ['kind' => $event->kind->value, 'at' => $this->at($event->unixS)],
                    $day->sun->events,
                ),
                'highest_deg' => $day->sun->highestDeg,
                'lowest_deg' => $day->sun->lowestDeg,
                'says' => $words->sun(),
            ],
            'moments' => array_map($this->moment(...), $day->moments),
            'rushes' => array_map($this->rush(...), array_keys($outing->expected)),
            'order' => $this->order($day->order, $day->gains),
            'second' => $day->second === null ? null : $this->order($day->second, []),
            'cut_off' => $this->stretches($day->cutOff),
            'blinding' => $this->stretches($day->blinding),
            'says' => $words->all(),
            'cautions' => $words->cautions(),
        ];
    }

    /** @return array<string, mixed> */
    private function moment(Moment $moment): array
    {
        $reach = $this->day->reachM($moment);
        $water = $this->day->outing->water->heightM($moment->unixS);

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
        ];
    }

    /** @return array<string, mixed> */
    private function rush(int $number): array
    {
        $expected = $this->day->outing->expected[$number];
        $steps = $this->day->steps[$number];
        $promise = $this->day->promise($number);
        $set = $this->day->setFor($number);
        $words = new DayWords($this->day, $this->units);

        return [
            'id' => $expected->id,
            'name' => $expected->name,
            'spot' => $expected->spot->id,
            'first' => $steps === []
                ? null
                : (int) round(($steps[0]->moment->unixS - $this->day->outing->fromS) / HoldsOfDay::STEP_S),
            'along' => array_map(self::along(...), $steps),
            'bands' => array_map($this->band(...), $this->day->bands[$number]),
            'promise' => $promise === null
                ? null
                : [
                    'from' => $this->at($promise['from']),
                    'best' => $this->at($promise['best']),
                    'until' => $promise['until'] === null ? null : $this->at($promise['until']),
                ],
            'set' => $set === null
                ? null
                : [
                    'at' => $this->at($set['at']),
                    'from' => $this->at($set['from']),
                    'until' => $this->at($set['until']),
                    'has_turn' => $set['has_turn'],
                ],
            'checks' => $words->checks($number),
            'says' => $words->rush($number),
        ];
    }

    /** @return array{share: float, ev100: float, light: string, worth_per_hour: float} */
    private static function along(HoldStep $step): array
    {
        return [
            'share' => round($step->share, 4),
            'ev100' => round($step->moment->ev100, 3),
            'light' => $step->moment->lightFrom()->value ?? 'even',
            'worth_per_hour' => round($step->worth, 3),
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
     * @param  list<float>  $gains
     * @return array<string, mixed>
     */
    private function order(OrderOfDay $order, array $gains): array
    {
        $day = $this->day;
        $stays = [];
        foreach ($order->stays as $number => $stay) {
            $expected = $day->outing->expected[$stay->rush];
            $next = $order->stays[$number + 1] ?? null;
            $stays[] = [
                'rush' => $expected->id,
                'spot' => $expected->spot->id,
                'from' => $this->at($day->quarterS($stay->from)),
                'until' => $this->at($day->quarterS($stay->until)),
                'worth' => $stay->worth,
                'gain' => $gains[$number - 1] ?? null,
                'walk_minutes' => $next === null
                    ? null
                    : $day->outing->walkMinutes(
                        $expected->spot,
                        $day->outing->expected[$next->rush]->spot,
                        $day->assumptions,
                    ),
            ];
        }

        return ['worth' => $order->worth, 'stays' => $stays];
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
