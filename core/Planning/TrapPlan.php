<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Motion\Travel;
use RushHold\Technique\Trap;

/** Where on a known, straight route to set the plane, and when to press. */
final readonly class TrapPlan
{
    /** Points of the route that are tried between the ends of the range. */
    private const STEPS = 24;

    /**
     * @param  float  $distanceM  where the plane is set
     * @param  float  $bearingDeg  how it goes there
     * @param  float  $hereFrames  sharp frames of a trap at the working distance instead
     * @param  float  $leadM  how far before the plane to press
     * @param  float  $leadS  how long before it is there to press
     */
    private function __construct(
        public float $distanceM,
        public float $bearingDeg,
        public Trap $at,
        public float $hereFrames,
        public float $leadM,
        public float $leadS,
    ) {}

    /**
     * The route is the straight line through the working distance at the rush's bearing. Along it the bearing turns to 90° where it
     * passes nearest; there the closing speed vanishes and only the frame's width limits the time in focus.
     */
    public static function along(Situation $situation, float $fNumber): self
    {
        $rush = $situation->rush;
        $passM = $rush->workM * sin(deg2rad($rush->travel->bearingDeg));
        $least = max($rush->nearM, $passM, $situation->kit->lens->closestM);
        $most = min($rush->farM, $rush->workM / $situation->assumptions->value('trap.smallest'));
        $better = 1 + $situation->assumptions->value('trap.better');
        $here = self::trap($situation, $fNumber, $rush->workM, $rush->travel->bearingDeg);
        [$best, $bestM, $bestDeg] = [$here, $rush->workM, $rush->travel->bearingDeg];
        for ($step = 0; $step <= self::STEPS && $most > $least; $step++) {
            $distanceM = $least * ($most / $least) ** ($step / self::STEPS);
            $bearing = rad2deg(asin(min(1.0, $passM / $distanceM)));
            $bearing = $rush->travel->bearingDeg > 90 ? 180 - $bearing : $bearing;
            $trap = self::trap($situation, $fNumber, $distanceM, $bearing);
            if ($trap->frames > $best->frames * $better) {
                [$best, $bestM, $bestDeg] = [$trap, $distanceM, $bearing];
            }
        }
        $leadS =
            $situation->assumptions->value('person.reaction') + $situation->assumptions->value('camera.shutter_lag');

        return new self($bestM, $bestDeg, $best, $here->frames, $rush->travel->speedMps * $leadS, $leadS);
    }

    /** Chance of at least one sharp frame. */
    public function pOne(): float
    {
        return $this->at->pOne();
    }

    /** @return array<string, ?float> null where nothing bounds it */
    public function toArray(): array
    {
        return array_map(static fn (float $number): ?float => is_finite($number) ? $number : null, [
            'distance_m' => $this->distanceM,
            'bearing_deg' => $this->bearingDeg,
            'depth_m' => $this->at->depthM,
            'time_s' => $this->at->timeS,
            'frames' => $this->at->frames,
            'p_one' => $this->at->pOne(),
            'here_frames' => $this->hereFrames,
            'lead_m' => $this->leadM,
            'lead_s' => $this->leadS,
        ]);
    }

    private static function trap(Situation $situation, float $fNumber, float $distanceM, float $bearingDeg): Trap
    {
        $travel = $situation->rush->travel;

        return Trap::at(
            $situation->optic,
            $fNumber,
            $distanceM,
            $situation->limitMm($situation->rush->standard),
            Travel::of($travel->speedMps, min(180.0, max(0.0, $bearingDeg)), $travel->accelerationMps2),
            $situation->kit->body->fps,
            $situation->kit->body->sensor->widthMm,
        );
    }
}
