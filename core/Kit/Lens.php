<?php

declare(strict_types=1);

namespace RushHold\Kit;

use RushHold\Document\Reader;
use RushHold\Faults\FocalOutsideZoom;
use RushHold\Guard;

/** A lens by its markings, without converter. */
final readonly class Lens
{
    /**
     * @param  list<array{float, ?float}>  $limiterM ranges of the limiter switch in metres, null at infinity
     * @param  float  $widestF  widest f-number where it is set
     * @param  float  $longF  widest f-number at its longest focal length
     * @param  float  $shortF  widest f-number at its shortest
     * @param  bool  $pansStabilised  whether its stabiliser has a mode that leaves the pan alone
     */
    private function __construct(
        public float $focalMm,
        public float $focalMinMm,
        public float $focalMaxMm,
        public float $widestF,
        public float $closestM,
        public float $stabiliserStops,
        public array $limiterM,
        public bool $zoom,
        public float $longF,
        public float $shortF,
        public bool $pansStabilised = true,
    ) {}

    /** @throws \RushHold\Faults\Fault naming the first field that is amiss */
    public static function read(Reader $lens): self
    {
        $focalMm = Guard::above('lens.focal_mm', $lens->number('focal_mm'), 0.0, 'mm');
        $leastMm = Guard::above('lens.focal_min_mm', $lens->number('focal_min_mm'), 0.0, 'mm');
        $mostMm = Guard::between('lens.focal_max_mm', $lens->number('focal_max_mm'), $leastMm, 1e5, 'mm');
        if ($focalMm < $leastMm || $focalMm > $mostMm) {
            throw FocalOutsideZoom::at($focalMm, $leastMm, $mostMm);
        }

        $longF = Guard::above('lens.widest_f', $lens->number('widest_f'), 0.0);
        $shortF = $lens->has('widest_f_short')
            ? Guard::above('lens.widest_f_short', $lens->number('widest_f_short'), 0.0)
            : $longF;

        return new self(
            $focalMm,
            $leastMm,
            $mostMm,
            self::widestAt($focalMm, [$leastMm, $mostMm], [$shortF, $longF]),
            Guard::above('lens.closest_m', $lens->number('closest_m'), $focalMm / 1000, 'm'),
            Guard::notNegative('lens.stabiliser_stops', $lens->number('stabiliser_stops')),
            self::limiter($lens),
            $lens->flag('zoom'),
            $longF,
            $shortF,
            ! $lens->has('stabiliser_modes') || in_array('panning', $lens->texts('stabiliser_modes'), true),
        );
    }

    /** The same lens set to another focal length of its zoom, in mm. */
    public function at(float $focalMm): self
    {
        return new self(
            $focalMm,
            $this->focalMinMm,
            $this->focalMaxMm,
            self::widestAt($focalMm, [$this->focalMinMm, $this->focalMaxMm], [$this->shortF, $this->longF]),
            $this->closestM,
            $this->stabiliserStops,
            $this->limiterM,
            $this->zoom,
            $this->longF,
            $this->shortF,
            $this->pansStabilised,
        );
    }

    /**
     * Widest f-number between the ends of a zoom, evenly by the logarithm of both: N = N₁·(N₂/N₁)^(ln(f/f₁)/ln(f₂/f₁)).
     *
     * @param  array{float, float}  $mm  its ends
     * @param  array{float, float}  $f  widest f-numbers there
     */
    private static function widestAt(float $focalMm, array $mm, array $f): float
    {
        if ($f[0] === $f[1] || $mm[0] >= $mm[1]) {
            return $f[1];
        }

        return $f[0] * ($f[1] / $f[0]) ** (log($focalMm / $mm[0]) / log($mm[1] / $mm[0]));
    }

    /** @return list<array{float, ?float}> */
    private static function limiter(Reader $lens): array
    {
        $ranges = [];
        foreach ($lens->items('limiter_m') as $at => $range) {
            $ends = Reader::of(is_array($range) ? $range : [], 'lens.limiter_m.'.$at);
            $nearM = $ends->number('0');
            $ranges[] = [
                Guard::above('lens.limiter_m.'.$at.'.0', $nearM, 0.0, 'm'),
                is_array($range) && ($range[1] ?? null) === null
                    ? null
                    : Guard::above('lens.limiter_m.'.$at.'.1', $ends->number('1'), $nearM, 'm'),
            ];
        }

        return $ranges;
    }
}
