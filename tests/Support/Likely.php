<?php

declare(strict_types=1);

namespace Tests\Support;

use Random\Engine\Mt19937;
use Random\Randomizer;
use RushHold\Rush\Catalogue;
use RushHold\Rush\KindId;

/** Situations a photographer may well stand in, drawn by chance from a seed: usual sizes, speeds, distances and bodies. */
final class Likely
{
    private function __construct(private Randomizer $dice) {}

    /** @return \Generator<int, array{array, array}> rushes with a kit each, without end */
    public static function from(int $seed): \Generator
    {
        $likely = new self(new Randomizer(new Mt19937($seed)));
        while (true) {
            yield $likely->one();
        }
    }

    private function between(float $least, float $most): float
    {
        return $least <= 0
            ? $least + (($most - $least) * $this->dice->getInt(0, 10000)) / 10000
            : $least * ($most / $least) ** ($this->dice->getInt(0, 10000) / 10000);
    }

    private function oneOf(array $choices): mixed
    {
        return $choices[$this->dice->getInt(0, count($choices) - 1)];
    }

    /** @return array{array, array} */
    private function one(): array
    {
        $kit = $this->kit();
        $kind = Catalogue::kind($this->oneOf(KindId::cases()));
        $still = $this->dice->getInt(0, 5) === 0;
        $speed = $this->between(max(0.05, $kind->speedMps->typical * 0.4), max(0.06, $kind->speedMps->typical * 1.7));
        $length = $this->between($kind->lengthM->least, $kind->lengthM->most);
        $focalM = ($kit['lens']['focal_mm'] * $kit['converter']) / 1000;
        // how much of the frame it takes decides where somebody stands
        $share = $this->between(0.04, 0.8);
        $work = max(
            $kit['lens']['closest_m'] * 1.05,
            ($focalM * $length) / (($share * $kit['body']['sensor_width_mm']) / 1000) + $focalM,
        );
        $foreground = $this->oneOf(['none', 'none', 'sparse', 'dense']);

        return [
            Documents::rush([
                'subject' => [
                    'kind' => $kind->id,
                    'length_m' => $length,
                    'detection' => $kind->detection->value,
                    'detail' => $this->oneOf(['low', 'medium', 'medium', 'high']),
                    'limb_speed_mps' => $kind->limbMps->typical,
                    'count' => $this->oneOf([1, 1, 1, 3, 12]),
                ],
                'motion' => [
                    'speed_mps' => $still ? $this->oneOf([0, min(1, $speed)]) : $speed,
                    'bearing_deg' => $this->dice->getInt(0, 180),
                    'pattern' => $still
                        ? 'still'
                        : $this->oneOf(['steady', 'steady', 'accelerating', 'stop-start', 'erratic', 'sudden']),
                    'acceleration_mps2' => $this->oneOf([0, 0, 0, -3, 4]),
                    'route' => $this->oneOf(['known', 'unknown']),
                ],
                'distance' => [
                    'near_m' => max($kit['lens']['closest_m'], $work * $this->between(0.5, 1)),
                    'work_m' => $work,
                    'far_m' => $work * $this->between(1.05, 3),
                ],
                'clutter' => [
                    'foreground' => $foreground,
                    'background' => $this->oneOf(['clean', 'clean', 'moderate', 'busy']),
                    'background_gap_m' => $this->between(0.5, 200),
                    'foliage_moving' => $this->dice->getInt(0, 4) === 0,
                    'crossers' => $this->oneOf(['none', 'none', 'none', 'occasional', 'frequent']),
                    'separation' => $this->oneOf(['clear', 'clear', 'similar']),
                    'obstacle_width_m' => $foreground === 'none' ? 0 : $this->between(0.005, 0.4),
                ],
                'light' => ['ev100' => $this->dice->getInt(40, 155) / 10, 'direction' => 'front'],
                'intent' => [
                    'follow' => $this->oneOf(['this-one', 'this-one', 'this-one', 'nearest', 'whoever-enters']),
                    'entry' => $this->oneOf(['any', 'any', 'left', 'right', 'below']),
                ],
                'photographer' => [
                    'skill' => $this->oneOf(['new', 'settled', 'expert']),
                    'support' => $this->oneOf(['handheld', 'handheld', 'braced', 'monopod', 'gimbal', 'locked']),
                    'panning' => $this->dice->getInt(0, 3) > 0,
                    'manual_skill' => $this->dice->getInt(0, 10) / 10,
                    'schools' => [],
                ],
                'standard' => $this->oneOf(['share', 'detail', 'detail', 'pixel']),
                'iso_ceiling' => $this->oneOf([3200, 6400, 12800, 25600]),
            ]),
            $kit,
        ];
    }

    private function kit(): array
    {
        $kit = Situations::kit($this->oneOf(['long', 'long', 'reflex', 'slow', 'plain', 'zoom', 'doubled', 'macro']));
        if ($kit['lens']['focal_mm'] >= 400) {
            $focal = round($this->between(200, 800));
            $kit['lens'] =
                ['focal_mm' => $focal, 'focal_min_mm' => $focal, 'focal_max_mm' => $focal] + [
                    'closest_m' => $focal / 120,
                    'limiter_m' => [],
                ] +
                $kit['lens'];
        }

        return $kit;
    }
}
