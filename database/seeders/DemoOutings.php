<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\PlaceRecord;
use App\Models\User;
use App\Outings\DayCache;
use App\Undo\History;

/**
 * Days out of the demo: a spring tide at the inlet whose bar floods, a slalom Saturday under a cliff that takes the sun at three, and two
 * places that show the sun where others do not see it so: one beyond the polar circle in June, one far in the south.
 */
final readonly class DemoOutings
{
    public function __construct(private History $history, private DayCache $days) {}

    public function give(User $user): void
    {
        $ids = $user->rushes()->pluck('id', 'name');
        $expect = static fn (string $id, string $name, string $spot, string $from, string $until, float $often, float $counts = 1): array => [
            'id' => $id,
            'rush_id' => (string) $ids[$name],
            'spot' => $spot,
            'from' => $from,
            'until' => $until,
            'per_hour' => $often,
            'importance' => $counts,
        ];
        $south = $this->place($user, 'Far shore in the south', -46.21, 171.9, 'Pacific/Auckland', 'grass', [], [
            self::spot('terrace', 'Grass terrace', -46.21, 171.9, 20),
        ]);
        $this->outing($user, $south, 'Summer morning in the south', '2026-12-20', '05:00', '11:00', [], [
            $expect('terns', 'Terns over the bar', 'terrace', '05:30', '11:00', 8),
        ], self::sky(5, ['clear', 'clear', 'hazy', 'clear', 'clear', 'clear', 'bright'], 2));
        $polar = $this->place($user, 'Skerry beyond the circle', 69.94, 15.2, 'Europe/Oslo', 'stone', [], [
            self::spot('ledge', 'North ledge', 69.94, 15.2, 330, ['ground' => 'water', 'height_m' => 12]),
        ]);
        $this->outing($user, $polar, 'Night without sunset', '2027-06-20', '21:00', '03:00', [], [
            $expect('terns', 'Terns over the bar', 'ledge', '21:30', '02:30', 10),
        ], self::sky(21, ['clear', 'clear', 'hazy', 'hazy', 'clear', 'clear', 'clear'], 3));
        $slalom = $this->place(
            $user,
            'White water under the cliff',
            53.42,
            -5.31,
            'Europe/Dublin',
            'water',
            [[196, 0], [214, 57], [245, 58], [290, 46], [310, 8]],
            [
                self::spot('gate-7', 'Gate 7', 53.4203, -5.3098, 340, ['height_m' => 1]),
                self::spot('start', 'Start ramp', 53.4222, -5.3071, 70, ['height_m' => 2]),
            ],
        );
        $this->outing($user, $slalom, 'Slalom Saturday', '2027-06-12', '09:00', '18:00', [], [
            $expect('paddler', 'Paddler through gate 7', 'gate-7', '10:00', '17:30', 30),
            $expect('start', 'Slalom start, water streaking', 'start', '09:30', '16:00', 24, 0.7),
        ], self::sky(9, ['hazy', 'hazy', 'clear', 'clear', 'clear', 'clear', 'clear', 'clear', 'hazy', 'hazy'], 3));
        $inlet = $this->place(
            $user,
            'The inlet',
            53.55,
            -5.1,
            'Europe/Dublin',
            'sand',
            [],
            [
                self::spot('bar', 'The bar', 53.5512, -5.1004, 285, ['cut_off_m' => 3.1, 'way_off_minutes' => 12, 'height_m' => 1.2, 'near_m' => 10, 'far_m' => 60]),
                self::spot('turf', 'Turf above the dunes', 53.5528, -5.1071, 120, ['ground' => 'grass', 'height_m' => 0.6]),
                self::spot('buckthorn', 'Sea buckthorn', 53.5537, -5.1042, 200, ['ground' => 'grass', 'cover' => 'shade']),
                self::spot('cliff', 'Cliff path', 53.5562, -5.1068, 330, ['ground' => 'water', 'height_m' => 25]),
                self::spot('dyke', 'Dyke', 53.5491, -5.1122, 60, ['ground' => 'marsh', 'height_m' => 3]),
            ],
            'The colony lies behind the fence; stay on the seaward side of it. The bar is an island for three hours around high water.',
        );
        $this->outing($user, $inlet, 'Last spring at the inlet', '2026-05-23', '04:30', '22:00', [
            ['at' => '00:12', 'kind' => 'high', 'height_m' => 3.9],
            ['at' => '06:31', 'kind' => 'low', 'height_m' => 0.8],
            ['at' => '12:44', 'kind' => 'high', 'height_m' => 3.7],
            ['at' => '18:55', 'kind' => 'low', 'height_m' => 0.9],
        ], [
            $expect('terns', 'Terns over the bar', 'bar', '05:00', '08:00', 12),
            $expect('warbler', 'Warbler in the sea buckthorn', 'buckthorn', '06:00', '09:00', 4),
            $expect('gannets', 'Gannets from the cliff path', 'cliff', '09:30', '12:00', 20),
            $expect('hare', 'Hare head-on at dusk', 'turf', '20:30', '21:45', 3),
        ], self::sky(4, ['clear', 'clear', 'hazy', 'hazy', 'clear', 'clear', 'clear', 'clear', 'clear', 'hazy', 'hazy', 'clear', 'clear', 'clear', 'clear', 'clear', 'clear', 'clear'], 3));
        $this->outing($user, $inlet, 'Spring tide at the inlet', '2027-05-22', '04:00', '13:00', [
            ['at' => '00:50', 'kind' => 'high', 'height_m' => 4.2],
            ['at' => '07:02', 'kind' => 'low', 'height_m' => 0.5],
            ['at' => '13:14', 'kind' => 'high', 'height_m' => 4.4],
            ['at' => '19:25', 'kind' => 'low', 'height_m' => 0.4],
        ], [
            $expect('owl', 'Owl along the dyke, last light', 'dyke', '04:00', '06:00', 3, 3),
            $expect('hare', 'Hare head-on at dusk', 'turf', '04:30', '08:30', 4, 4),
            $expect('terns', 'Terns over the bar', 'bar', '05:00', '12:30', 6),
            $expect('waders', 'Three waders asleep on the bar', 'bar', '08:30', '12:30', 4, 1.5),
            $expect('warbler', 'Warbler in the sea buckthorn', 'buckthorn', '06:00', '12:30', 5, 1.5),
            $expect('gannets', 'Gannets from the cliff path', 'cliff', '10:00', '13:00', 3),
        ], self::sky(4, ['clear', 'clear', 'clear', 'hazy', 'clear', 'clear', 'clear', 'bright', 'bright', 'overcast'], 2));
    }

    /**
     * @param  list<array{float, float}>  $horizon
     * @param  list<array<string, mixed>>  $spots
     */
    private function place(
        User $user,
        string $name,
        float $latitude,
        float $longitude,
        string $zone,
        string $ground,
        array $horizon,
        array $spots,
        string $notes = '',
    ): PlaceRecord {
        $place = $user->places()->make([
            'name' => $name,
            'document' => self::document([
                'format' => 'place/1',
                'name' => $name,
                'latitude_deg' => $latitude,
                'longitude_deg' => $longitude,
                'zone' => $zone,
                'ground' => $ground,
                'notes' => $notes,
                'horizon' => array_map(
                    static fn (array $point): array => ['azimuth_deg' => $point[0], 'altitude_deg' => $point[1]],
                    $horizon,
                ),
                'spots' => $spots,
            ]),
        ]);
        $this->history->begin($place);

        return $place;
    }

    /**
     * @param  list<array<string, mixed>>  $waters
     * @param  list<array<string, mixed>>  $rushes
     * @param  list<array<string, mixed>>  $sky
     */
    private function outing(
        User $user,
        PlaceRecord $place,
        string $name,
        string $date,
        string $from,
        string $until,
        array $waters,
        array $rushes,
        array $sky = [],
    ): void {
        $outing = $user->outings()->make([
            'place_id' => $place->id,
            'name' => $name,
            'day' => $date,
            'document' => self::document(
                compact('date', 'from', 'until', 'sky', 'waters', 'rushes') + ['walks' => [], 'metered' => []],
            ),
        ]);
        $this->history->begin($outing);
        // reckoned ahead, so that whoever looks around need not wait
        $this->days->of($outing, $user);
    }

    /**
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private static function spot(string $id, string $name, float $latitude, float $longitude, float $bearing, array $more = []): array
    {
        return [
            'id' => $id,
            'name' => $name,
            'latitude_deg' => $latitude,
            'longitude_deg' => $longitude,
            'bearing_deg' => $bearing,
        ] + $more;
    }

    /**
     * @param  list<string>  $skies
     * @return list<array<string, mixed>>
     */
    private static function sky(int $from, array $skies, float $windMps): array
    {
        $hours = [];
        foreach ($skies as $at => $sky) {
            $hours[] = ['hour' => $from + $at, 'sky' => $sky, 'wind_mps' => $windMps + 0.3 * $at];
        }

        return $hours;
    }

    /** @param  array<string, mixed>  $document */
    private static function document(array $document): mixed
    {
        return json_decode((string) json_encode($document));
    }
}
