<?php

declare(strict_types=1);

namespace Tests\Support;

use RushHold\Assumptions\Assumptions;
use RushHold\Document\Reader;
use RushHold\Outing\Day;
use RushHold\Outing\Outing;
use RushHold\Planning\Planner;

/** An outing to an inlet with a bar that floods and turf beside it, to be varied by tests. */
final class Outings
{
    /**
     * @param  array<string, mixed>  $own  whole fields of outing/1 instead of these
     * @param  array<string, mixed>  $place  whole fields of place/1 instead of these
     * @return array<string, mixed>
     */
    public static function document(array $own = [], array $place = []): array
    {
        $rush = static fn (string $name, float $workM): array => Documents::rush([
            'name' => $name,
            'distance' => ['near_m' => $workM / 2, 'work_m' => $workM, 'far_m' => $workM * 2],
        ]);

        return $own + [
            'format' => 'outing/1',
            'name' => 'Spring tide',
            'date' => '2026-05-16',
            'from' => '04:30',
            'until' => '12:00',
            'kit' => Documents::kit(),
            'place' => $place + [
                'format' => 'place/1',
                'name' => 'The inlet',
                'latitude_deg' => 53.3,
                'longitude_deg' => -6.1,
                'zone' => 'Europe/Dublin',
                'ground' => 'sand',
                'horizon' => [],
                'spots' => [
                    self::spot('bar', 53.301, -6.1, 270, ['cut_off_m' => 3.2]),
                    self::spot('turf', 53.305, -6.11, 90, ['ground' => 'grass']),
                ],
            ],
            'sky' => [['hour' => 4, 'sky' => 'clear', 'wind_mps' => 2]],
            'rushes' => [
                self::expected('terns', $rush('Terns', 18), 'bar', '04:30', '11:00', 10),
                self::expected('hare', $rush('Hare', 60), 'turf', '05:00', '12:00', 4),
            ],
        ];
    }

    /** @return array<string, mixed> an outing as an account keeps it, with one rush */
    public static function kept(string $rushId): array
    {
        return [
            'date' => '2026-05-16',
            'from' => '04:30',
            'until' => '08:00',
            'sky' => [['hour' => 4, 'sky' => 'clear', 'wind_mps' => 2]],
            'waters' => [
                ['at' => '05:10', 'kind' => 'low', 'height_m' => 0.6],
                ['at' => '11:20', 'kind' => 'high', 'height_m' => 4.1],
            ],
            'walks' => [['from' => 'bar', 'to' => 'turf', 'minutes' => 12]],
            'metered' => [['at' => '06:40', 'ev100' => 12, 'spot' => 'bar']],
            'rushes' => [
                ['id' => 'a', 'rush_id' => $rushId, 'spot' => 'bar', 'from' => '05:00', 'until' => '08:00', 'per_hour' => 6, 'importance' => 1],
            ],
        ];
    }

    /**
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    public static function spot(string $id, float $latitude, float $longitude, float $bearing, array $more = []): array
    {
        return ['id' => $id, 'name' => ucfirst($id), 'latitude_deg' => $latitude, 'longitude_deg' => $longitude, 'bearing_deg' => $bearing] + $more;
    }

    /**
     * @param  array<string, mixed>  $rush
     * @return array<string, mixed>
     */
    public static function expected(string $id, array $rush, string $spot, string $from, string $until, float $perHour, float $importance = 1.0): array
    {
        return ['id' => $id, 'rush' => $rush, 'spot' => $spot, 'from' => $from, 'until' => $until, 'per_hour' => $perHour, 'importance' => $importance];
    }

    /**
     * @param  array<string, mixed>  $own
     * @param  array<string, mixed>  $place
     * @param  array<string, float>  $assumed
     */
    public static function day(array $own = [], array $place = [], array $assumed = []): Day
    {
        return Day::of(
            Outing::fromArray(Reader::plain(self::document($own, $place))),
            Planner::standard(),
            Assumptions::with($assumed),
        );
    }
}
