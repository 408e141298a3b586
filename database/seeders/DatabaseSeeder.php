<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Accounts\Deletion;
use App\Accounts\Passwords;
use App\Accounts\StarterKit;
use App\Models\CameraStateRecord;
use App\Models\GearRecord;
use App\Models\KitRecord;
use App\Models\User;
use App\Plans\PlanCache;
use App\Rushes\RushWriter;
use App\Shoot\DemoShoot;
use App\Undo\History;
use Carbon\CarbonInterface;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;
use RushHold\Rush\Catalogue;
use RushHold\Rush\KindId;

/**
 * The demo scenario: a tidal inlet with a seabird colony and hares on the turf, and a white-water slalom weekend near by.
 * Bodies, lenses and makers are invented. Nobody signs in to it: each visitor gets a copy. Run again it changes nothing.
 */
final class DatabaseSeeder extends Seeder
{
    public function run(
        StarterKit $starter,
        RushWriter $rushes,
        PlanCache $plans,
        History $history,
        Deletion $deletion,
        DemoOutings $outings,
        DemoShoot $shoot,
    ): void {
        $there = User::query()->where('email', StarterKit::DEMO_EMAIL)->first();
        if ($there?->is_demo === true) {
            $shoot->begin($there); // one from before there was a log

            return;
        }
        // from when everybody shared one demo, and could leave anything in it
        if ($there !== null) {
            $deletion->of($there);
        }
        DB::transaction(function () use ($starter, $rushes, $plans, $history, $outings, $shoot): void {
            $user = User::query()->create([
                'name' => 'Demo',
                'email' => StarterKit::DEMO_EMAIL,
                'password' => Passwords::nobodys(),
                'settings' => [],
                'assumptions' => [],
                'is_demo' => true,
            ]);
            $kits = $this->kits($user, $starter);
            foreach (array_reverse($this->scenario()) as [$kit, $focalMm, $document]) {
                $plans->of(
                    $rushes->create($user, $kits[$kit], json_decode((string) json_encode($document)), $focalMm),
                    $user,
                );
            }
            $this->day($user, $history);
            $outings->give($user);
            $shoot->begin($user);
        });
    }

    /** @param  array<string, CarbonInterface>  $care */
    private function body(User $user, StarterKit $starter, string $sheet, array $care): GearRecord
    {
        // read with objects kept as objects: a setting without words is an empty object, not an empty list
        $file = json_decode((string) file_get_contents(database_path("demo/{$sheet}.json")));
        $document = get_object_vars($file->body);
        $name = $document['name'];
        unset($document['name']);

        return $starter->gear(
            $user,
            'body',
            $name,
            $document +
                ($care === []
                    ? []
                    : ['care' => array_map(static fn (CarbonInterface $day): string => $day->toDateString(), $care)]),
        );
    }

    /** The colony's day on the long lens: three buttons laid, a card to carry, and the camera as the slalom left it. */
    private function day(User $user, History $history): void
    {
        $ids = $user->rushes()->pluck('id', 'name');
        $colony = array_map(static fn (string $name): string => (string) $ids[$name], [
            'Terns over the bar',
            'Tern diving, close',
            'Warbler in the sea buckthorn',
            'Three waders asleep on the bar',
        ]);
        $slalom = array_map(static fn (string $name): string => (string) $ids[$name], [
            'Paddler through gate 7',
            'Slalom start, water streaking',
        ]);
        $focus = ['start', 'focus-mode', 'area', 'detection', 'tuning'];
        $body = $user->gear()->where('name', 'Skerry One')->firstOrFail();
        $layout = $user->layouts()->make([
            'gear_id' => $body->id,
            'document' => json_decode(
                (string) json_encode([
                    'format' => 'layout/1',
                    'scheme' => 'three-buttons',
                    'shutter_focuses' => true,
                    'prefocus' => false,
                    'gloves' => false,
                    'holds' => $colony,
                    'base' => $colony[0],
                    'uses' => [
                        ['control' => 'thumb', 'does' => 'recall', 'hold' => $colony[2], 'carries' => $focus],
                        [
                            'control' => 'thumb-outer',
                            'does' => 'recall',
                            'hold' => $colony[3],
                            'carries' => [...$focus, 'metering'],
                        ],
                        ['control' => 'stick', 'does' => 'point', 'hold' => null, 'carries' => []],
                    ],
                    'follows' => [
                        ['from' => $colony[0], 'to' => $colony[1], 'times' => 12],
                        ['from' => $colony[1], 'to' => $colony[0], 'times' => 12],
                        ['from' => $colony[2], 'to' => $colony[0], 'times' => 4],
                    ],
                ]),
            ),
        ]);
        $history->begin($layout);
        foreach (['Slalom Saturday' => $slalom, 'Colony morning' => $colony] as $name => $rushes) {
            $card = $user->cards()->make(['name' => $name, 'rushes' => $rushes, 'ticks' => [], 'tips' => []]);
            $history->begin($card);
        }
        CameraStateRecord::query()->create([
            'gear_id' => $body->id,
            'user_id' => $user->id,
            'by' => 'Slalom Saturday',
            'left_at' => now()->subDays(6),
            'document' => (object) [
                'format' => 'camera-state/1',
                'focus_mode' => 'continuous',
                'area' => 'single-point',
                'detection' => 'person',
                'eye' => false,
                'stay' => 3,
                'pace' => 2,
                'pick' => 'auto',
                'fps' => 20,
                'burst' => 'short',
                'stabiliser' => 'off',
                'limiter_m' => [8, null],
                'shutter_s' => 0.0008,
                'f_number' => 5.6,
                'iso' => 640,
                'compensation_ev' => 0.7,
            ],
        ]);
    }

    /** @return array<string, KitRecord> */
    private function kits(User $user, StarterKit $starter): array
    {
        $heron = $this->body($user, $starter, 'skerry_one', [
            'firmware_on' => now()->subDays(40),
            'contacts_on' => now()->subDays(75),
        ]);
        $turf = $this->body($user, $starter, 'skerry_half', [
            'firmware_on' => now()->subDays(20),
            'contacts_on' => now()->subDays(12),
        ]);
        $mirror = $this->body($user, $starter, 'brackwater_d', [
            'firmware_on' => now()->subDays(400),
            'contacts_on' => now()->subDays(30),
            'tuned_on' => now()->subDays(500),
        ]);
        $this->body($user, $starter, 'pebble_3', []);
        $long = $starter->gear($user, 'lens', 'Sandbar 500 f/5.6', StarterKit::prime(500, 5.6, 3.6, 4));
        $reach = $starter->gear($user, 'lens', 'Sandbar 600 f/4', StarterKit::prime(600, 4, 4.3, 5, 12));
        $zoom = $starter->gear($user, 'lens', 'Lagoon 70–200 f/2.8', StarterKit::zoom(70, 200, 200, 2.8, 1.2, 4, 3));
        $walk = $starter->gear($user, 'lens', 'Lagoon 150–400 f/6.3', StarterKit::zoom(150, 400, 400, 6.3, 2.2, 3, 10));
        $small = $starter->gear($user, 'converter', '×1.4', ['factor' => 1.4]);
        $starter->gear($user, 'converter', '×2', ['factor' => 2]);
        $starter->gear($user, 'adapter', 'Old mount to Skerry', ['af' => 'full', 'slows' => 1.5, 'stabiliser' => true]);
        $starter->gear($user, 'support', 'Reed gimbal on three legs', [
            'kind' => 'gimbal',
            'carries_kg' => 12,
            'weight_kg' => 3.1,
        ]);

        return [
            'long' => $starter->kit($user, $heron, $long),
            'reach' => $starter->kit($user, $heron, $reach),
            'reach14' => $starter->kit($user, $heron, $reach, $small),
            'zoom' => $starter->kit($user, $heron, $zoom),
            'turf' => $starter->kit($user, $turf, $long),
            'mirror' => $starter->kit($user, $mirror, $walk),
        ];
    }

    /** @return list<array{string, ?float, array<string, mixed>}> kit, zoom setting, rush/1 */
    private function scenario(): array
    {
        return [
            [
                'long',
                null,
                $this->rush('Terns over the bar', KindId::Seabird, [
                    'motion' => ['speed_mps' => 9, 'bearing_deg' => 70, 'pattern' => 'steady'],
                    'distance' => ['near_m' => 14, 'work_m' => 18, 'far_m' => 40],
                    'light' => ['ev100' => 13],
                ]),
            ],
            [
                'reach14',
                null,
                $this->rush('Harrier far over the saltings', KindId::Raptor, [
                    'motion' => ['speed_mps' => 8, 'bearing_deg' => 85, 'pattern' => 'steady'],
                    'distance' => ['near_m' => 60, 'work_m' => 95, 'far_m' => 180],
                    'light' => ['ev100' => 14],
                    'photographer' => ['support' => 'gimbal'],
                    'standard' => 'share',
                    'clutter' => ['background' => 'moderate', 'background_gap_m' => 60],
                ]),
            ],
            [
                'long',
                null,
                $this->rush('Tern diving, close', KindId::Seabird, [
                    'motion' => ['speed_mps' => 11, 'bearing_deg' => 50, 'pattern' => 'erratic'],
                    'distance' => ['near_m' => 8, 'work_m' => 13, 'far_m' => 25],
                    'light' => ['ev100' => 14],
                    'iso_ceiling' => 12800,
                ]),
            ],
            [
                'turf',
                null,
                $this->rush('Hare head-on at dusk', KindId::RunningMammal, [
                    'motion' => [
                        'speed_mps' => 14,
                        'bearing_deg' => 8,
                        'pattern' => 'accelerating',
                        'acceleration_mps2' => 3,
                    ],
                    'distance' => ['near_m' => 15, 'work_m' => 30, 'far_m' => 60],
                    'light' => ['ev100' => 7.5, 'direction' => 'side'],
                    'photographer' => ['support' => 'braced'],
                    'clutter' => ['background' => 'moderate', 'background_gap_m' => 40],
                ]),
            ],
            [
                'reach',
                null,
                $this->rush('Three waders asleep on the bar', KindId::Wader, [
                    'subject' => ['count' => 3, 'depth_spread_m' => 0.9, 'length_m' => 0.25],
                    'motion' => ['speed_mps' => 0.1, 'bearing_deg' => 90, 'pattern' => 'still'],
                    'distance' => ['near_m' => 17.5, 'work_m' => 18, 'far_m' => 18.5],
                    'light' => ['ev100' => 14],
                    'photographer' => ['support' => 'gimbal', 'panning' => false],
                ]),
            ],
            [
                'long',
                null,
                $this->rush('Warbler in the sea buckthorn', KindId::SmallBird, [
                    'subject' => ['length_m' => 0.13],
                    'motion' => ['speed_mps' => 0.2, 'bearing_deg' => 90, 'pattern' => 'still'],
                    'distance' => ['near_m' => 5, 'work_m' => 7, 'far_m' => 12],
                    'light' => ['ev100' => 11],
                    'photographer' => ['panning' => false],
                    'standard' => 'pixel',
                    'clutter' => [
                        'foreground' => 'dense',
                        'background' => 'busy',
                        'background_gap_m' => 3,
                        'obstacle_width_m' => 0.01,
                    ],
                ]),
            ],
            [
                'zoom',
                null,
                $this->rush('Paddler through gate 7', KindId::Paddler, [
                    'motion' => ['speed_mps' => 3, 'bearing_deg' => 75, 'pattern' => 'stop-start'],
                    'distance' => ['near_m' => 8, 'work_m' => 12, 'far_m' => 20],
                    'light' => ['ev100' => 12],
                    'clutter' => [
                        'foreground' => 'sparse',
                        'background' => 'moderate',
                        'background_gap_m' => 12,
                        'crossers' => 'occasional',
                        'obstacle_width_m' => 0.04,
                    ],
                ]),
            ],
            [
                'zoom',
                135,
                $this->rush('Slalom start, water streaking', KindId::Paddler, [
                    'motion' => ['speed_mps' => 4, 'bearing_deg' => 90, 'pattern' => 'steady'],
                    'distance' => ['near_m' => 9, 'work_m' => 11, 'far_m' => 14],
                    'light' => ['ev100' => 13],
                    'intent' => ['style' => 'pan-blur', 'streak' => 'hint'],
                    'photographer' => ['support' => 'monopod', 'skill' => 'expert'],
                ]),
            ],
            [
                'mirror',
                null,
                $this->rush('Gannets from the cliff path', KindId::Seabird, [
                    'subject' => ['length_m' => 0.9],
                    'motion' => ['speed_mps' => 13, 'bearing_deg' => 40, 'pattern' => 'steady'],
                    'distance' => ['near_m' => 20, 'work_m' => 35, 'far_m' => 90],
                    'light' => ['ev100' => 14.5],
                    'photographer' => ['skill' => 'new'],
                ]),
            ],
            [
                'reach',
                null,
                $this->rush('Owl along the dyke, last light', KindId::Owl, [
                    'motion' => ['speed_mps' => 6, 'bearing_deg' => 80, 'pattern' => 'steady'],
                    'distance' => ['near_m' => 14, 'work_m' => 20, 'far_m' => 50],
                    'light' => ['ev100' => 5.5, 'direction' => 'back'],
                    'photographer' => ['support' => 'monopod'],
                    'iso_ceiling' => 12800,
                    'clutter' => ['background' => 'moderate', 'background_gap_m' => 30],
                ]),
            ],
            [
                'long',
                null,
                $this->rush('Sand martin to its hole, by hand', KindId::SmallBird, [
                    'subject' => ['length_m' => 0.12],
                    'motion' => ['speed_mps' => 8, 'bearing_deg' => 40, 'pattern' => 'steady', 'route' => 'known'],
                    'distance' => ['near_m' => 6, 'work_m' => 11, 'far_m' => 20],
                    'light' => ['ev100' => 14],
                    'clutter' => [
                        'foreground' => 'dense',
                        'background' => 'busy',
                        'background_gap_m' => 2,
                        'obstacle_width_m' => 0.008,
                    ],
                    'photographer' => [
                        'support' => 'gimbal',
                        'manual_skill' => 0.7,
                        'schools' => ['clutter' => 'manual'],
                    ],
                ]),
            ],
        ];
    }

    /**
     * A rush of this kind, usual in everything but what is given.
     *
     * @param  array<string, mixed>  $own
     * @return array<string, mixed>
     */
    private function rush(string $name, KindId $id, array $own): array
    {
        $kind = Catalogue::kind($id);
        $usual = [
            'format' => 'rush/1',
            'name' => $name,
            'subject' => [
                'kind' => $id->value,
                'length_m' => $kind->lengthM->typical,
                'detection' => $kind->detection->value,
                'detail' => 'medium',
                'limb_speed_mps' => $kind->limbMps->typical,
                'count' => 1,
                'depth_spread_m' => 0,
            ],
            'motion' => [
                'speed_mps' => $kind->speedMps->typical,
                'bearing_deg' => 90,
                'pattern' => 'steady',
                'acceleration_mps2' => 0,
                'route' => 'unknown',
            ],
            'distance' => ['near_m' => 10, 'work_m' => 20, 'far_m' => 40],
            'clutter' => [
                'foreground' => 'none',
                'background' => 'clean',
                'background_gap_m' => 200,
                'foliage_moving' => false,
                'crossers' => 'none',
                'separation' => 'clear',
                'obstacle_width_m' => 0,
            ],
            'light' => ['ev100' => 13, 'direction' => 'front'],
            'intent' => ['follow' => 'this-one', 'limbs' => 'may-blur', 'style' => 'freeze', 'entry' => 'any'],
            'photographer' => [
                'skill' => 'settled',
                'support' => 'handheld',
                'panning' => true,
                'manual_skill' => 0.3,
                'schools' => (object) [],
            ],
            'standard' => 'detail',
            'iso_ceiling' => 6400,
        ];

        return array_replace_recursive($usual, $own);
    }
}
