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
     * @param  float  $fromS  first moment it may happen, in Unix seconds
     * @param  float  $untilS  last moment
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
        public float $fromS,
        public float $untilS,
        public float $perHour,
        public float $importance,
        public bool $ownLight,
    ) {}

    public function mayHappenAt(float $unixS): bool
    {
        return $unixS >= $this->fromS && $unixS <= $this->untilS;
    }

    /** The rush as it is at a moment: in its light, and through its air; what it says of its air itself goes before. */
    public function at(Moment $moment, Place $place): Rush
    {
        if ($this->ownLight) {
            return $this->rush;
        }
        $own = $this->rush->air;

        return $this->rush->with(
            ev100: max(-6.0, min(20.0, $moment->ev100)),
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
