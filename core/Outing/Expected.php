<?php

declare(strict_types=1);

namespace RushHold\Outing;

use RushHold\Kit\Kit;
use RushHold\Rush\Air;
use RushHold\Rush\LightDirection;
use RushHold\Rush\Rush;

/** A rush that may happen on an outing: where, in which hours, how often, and how much it matters. */
final readonly class Expected
{
    /**
     * @param  string  $clocks  its hours as they were typed: 05:00–11:00
     * @param  list<Stretch>  $hours  when it may happen, those that touch the hours somebody is out; none where all lie outside
     * @param  float  $perHour  chances an hour
     * @param  float  $importance  how much a sharp frame of it counts beside one of the others
     * @param  bool  $ownLight  whether it stands in light of its own, which the day does not change
     */
    public function __construct(
        public string $id,
        public string $name,
        public Rush $rush,
        public Kit $kit,
        public Spot $spot,
        public string $clocks,
        public array $hours,
        public float $perHour,
        public float $importance,
        public bool $ownLight,
    ) {}

    /** Seconds from one moment to another in which it may happen. */
    public function mayHappenS(float $fromS, float $untilS): float
    {
        return array_sum(
            array_map(static fn (Stretch $hours): float => $hours->sharedS($fromS, $untilS), $this->hours),
        );
    }

    /** The light it stands in at a moment, as an exposure value at ISO 100: its own, or that of the day, as far as a rush can say it. */
    public function evAt(Moment $moment): float
    {
        return $this->ownLight ? $this->rush->ev100 : max(-6.0, min(20.0, $moment->ev100));
    }

    /** From which side that falls; null where it comes from none. */
    public function lightFrom(Moment $moment): ?LightDirection
    {
        return $this->ownLight ? $this->rush->lightDirection : $moment->lightFrom();
    }

    /** The rush as it is at a moment: in its light, and through its air; what it says of its air itself goes before. */
    public function at(Moment $moment, Place $place): Rush
    {
        if ($this->ownLight) {
            return $this->rush;
        }
        $own = $this->rush->air;

        return $this->rush->with(
            ev100: $this->evAt($moment),
            lightDirection: $moment->lightFrom() ?? LightDirection::Front,
            air: Air::of(
                $own->ground ?? $this->spot->ground ?? $place->ground,
                $moment->weather->sky,
                $moment->sun->altitudeDeg,
                $own->windMps ?? $moment->weather->windMps,
                $own->heightM ?? $this->spot->heightM,
                $own->visibilityM ?? $moment->weather->visibilityM,
            ),
        );
    }

    /**
     * What of a moment a plan can tell apart: an eighth of a stop, a seventh of the shimmer, the side of the light.
     */
    public function signature(Moment $moment): string
    {
        return $this->ownLight
            ? ''
            : sprintf(
                '%.0f %.0f %s %s %s %s',
                $moment->ev100 * 8,
                3 * log($moment->turbulence->cn2, 2),
                $moment->weather->sky->value,
                $moment->weather->windMps ?? '',
                $moment->weather->visibilityM ?? '',
                $moment->lightFrom()->value ?? '',
            );
    }
}
