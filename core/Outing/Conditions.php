<?php

declare(strict_types=1);

namespace RushHold\Outing;

use RushHold\Assumptions\Assumptions;
use RushHold\Light\Cover;
use RushHold\Light\Daylight;
use RushHold\Light\LightSide;
use RushHold\Light\Sun;
use RushHold\Light\Turbulence;

/** Light and air of a day at a place: what is reckoned from sun, sky and horizon, shifted by what meters have said. */
final readonly class Conditions
{
    private Daylight $daylight;

    private Metering $metering;

    /** @param  list<array{float, float, Spot}>  $metered  moment, EV at ISO 100, spot */
    public function __construct(
        private Place $place,
        private LocalDay $day,
        private SkyHours $sky,
        private array $metered,
        private Assumptions $assumptions,
    ) {
        $this->daylight = new Daylight($assumptions);
        $this->metering = Metering::of(
            array_map(fn (array $one): array => [$one[0], $one[1] - $this->reckoned($one[0], $one[2])], $metered),
            $assumptions->value('light.meter_fades'),
        );
    }

    public function at(float $unixS, Spot $spot): Moment
    {
        $sun = Sun::at($this->place->position, $unixS);
        $weather = $this->sky->at($this->day->hour($unixS));
        $shaded = $this->place->horizon->hides($sun);
        $shift = $this->place->offsetStops + $this->metering->stops($unixS);

        return new Moment(
            $unixS,
            $sun,
            $weather,
            $this->daylight->ev100($sun->altitudeDeg, $weather->sky) + $shift,
            $this->daylight->ev100($sun->altitudeDeg, $weather->sky, self::cover($spot, $shaded)) + $shift,
            $shaded,
            $sun->apparentDeg() > 0 && $weather->sky->throwsShadows() && self::cover($spot, $shaded) === Cover::None,
            LightSide::of($sun, $spot->bearingDeg, $this->place->horizon),
            Turbulence::over(
                $spot->ground ?? $this->place->ground,
                $sun->altitudeDeg,
                $weather->sky,
                $weather->windMps ?? $this->assumptions->value('air.calm'),
                $spot->heightM ?? $this->assumptions->value('air.height'),
                $this->assumptions,
            ),
        );
    }

    /**
     * How much brighter meters have found it than is reckoned without what the place is known to add, in stops; only of hours whose sky
     * somebody has said, as what is made up proves nothing.
     *
     * @return list<float>
     */
    public function residuals(): array
    {
        $told = [];
        foreach ($this->metered as [$at, $ev100, $spot]) {
            $stops = $this->residual($at, $ev100, $spot);
            if ($stops !== null) {
                $told[] = $stops;
            }
        }

        return $told;
    }

    /** The same of one moment; null where nobody has said the sky of that hour. */
    public function residual(float $unixS, float $ev100, Spot $spot): ?float
    {
        return ! $this->sky->at($this->day->hour($unixS))->isMadeUp && $this->sky->isSaid()
            ? $ev100 - $this->reckoned($unixS, $spot) + $this->place->offsetStops
            : null;
    }

    /** Light at a spot without any metering of the day. */
    private function reckoned(float $unixS, Spot $spot): float
    {
        $sun = Sun::at($this->place->position, $unixS);

        return $this->place->offsetStops +
            $this->daylight->ev100(
                $sun->altitudeDeg,
                $this->sky->at($this->day->hour($unixS))->sky,
                self::cover($spot, $this->place->horizon->hides($sun)),
            );
    }

    private static function cover(Spot $spot, bool $shaded): Cover
    {
        return $spot->cover === Cover::None && $shaded ? Cover::Shade : $spot->cover;
    }
}
