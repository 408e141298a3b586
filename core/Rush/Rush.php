<?php

declare(strict_types=1);

namespace RushHold\Rush;

use RushHold\Document\Reader;
use RushHold\Faults\DistancesOutOfOrder;
use RushHold\Guard;
use RushHold\Motion\Pattern;
use RushHold\Motion\Travel;
use RushHold\Optics\SharpnessStandard;

/** The moving situation that a hold has to answer ("rush/1"). */
final readonly class Rush
{
    private function __construct(
        public Subject $subject,
        public Travel $travel,
        public Pattern $pattern,
        public Route $route,
        public float $nearM,
        public float $workM,
        public float $farM,
        public Clutter $clutter,
        public float $ev100,
        public LightDirection $lightDirection,
        public Intent $intent,
        public Photographer $photographer,
        public SharpnessStandard $standard,
        public float $isoCeiling,
    ) {}

    /**
     * @param  array<mixed>  $document  a rush/1 document
     *
     * @throws \RushHold\Faults\Fault naming the first field that is amiss
     */
    public static function fromArray(array $document): self
    {
        $rush = Reader::of($document);
        $motion = $rush->inside('motion');
        $distance = $rush->inside('distance');
        $light = $rush->inside('light');
        [$nearM, $workM, $farM] = self::distances($distance->number('near_m'), $distance->number('work_m'), $distance->number('far_m'));

        return new self(
            Subject::read($rush->inside('subject')),
            Travel::of($motion->number('speed_mps'), $motion->number('bearing_deg'), $motion->number('acceleration_mps2')),
            $motion->choice('pattern', Pattern::class),
            $motion->choice('route', Route::class),
            $nearM,
            $workM,
            $farM,
            Clutter::read($rush->inside('clutter')),
            Guard::between('light.ev100', $light->number('ev100'), -6.0, 20.0, 'EV'),
            $light->choice('direction', LightDirection::class),
            Intent::read($rush->inside('intent')),
            Photographer::read($rush->inside('photographer')),
            $rush->choice('standard', SharpnessStandard::class),
            Guard::above('iso_ceiling', $rush->number('iso_ceiling'), 0.0),
        );
    }

    /** The same but for what is given; the range of distances stretches where the working distance leaves it. */
    public function with(
        ?float $speedMps = null,
        ?float $workM = null,
        ?float $ev100 = null,
        ?Clutter $clutter = null,
        ?Photographer $photographer = null,
    ): self {
        $workM ??= $this->workM;

        return new self(
            $this->subject,
            $speedMps === null ? $this->travel : Travel::of($speedMps, $this->travel->bearingDeg, $this->travel->accelerationMps2),
            $this->pattern, $this->route,
            min($this->nearM, $workM), $workM, max($this->farM, $workM),
            $clutter ?? $this->clutter,
            $ev100 ?? $this->ev100,
            $this->lightDirection, $this->intent,
            $photographer ?? $this->photographer,
            $this->standard, $this->isoCeiling,
        );
    }

    public function kind(): SubjectKind
    {
        return Catalogue::kind($this->subject->kind);
    }

    /** Whether it moves at all: speed, or a habit of moving. */
    public function moves(): bool
    {
        return $this->travel->speedMps > 0 && $this->pattern !== Pattern::Still;
    }

    /** @return array{float, float, float} */
    private static function distances(float $nearM, float $workM, float $farM): array
    {
        Guard::above('distance.near_m', $nearM, 0.0, 'm');
        Guard::above('distance.work_m', $workM, 0.0, 'm');
        Guard::above('distance.far_m', $farM, 0.0, 'm');
        if ($farM < $nearM) {
            throw DistancesOutOfOrder::reversed($nearM, $farM);
        }
        if ($workM < $nearM || $workM > $farM) {
            throw DistancesOutOfOrder::between($nearM, $workM, $farM);
        }

        return [$nearM, $workM, $farM];
    }
}
