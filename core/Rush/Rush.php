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
    /** What competes with it where it is photographed. */
    public Clutter $clutter;

    /**
     * @param  Clutter  $told  what competes with it as it was told, wherever that stands
     * @param  ?float  $burstMps  speed once it goes, in m/s; null when nobody has said
     * @param  ?Facing  $facing  which way it looks while it does not travel; null when nobody has said
     * @param  ?Sure  $sure  in how many frames the standard is to hold; null when spare light may decide
     * @param  ?float  $restMps  its speed before it goes, in m/s, where the travel is that of its burst ({@see going()}); else null
     */
    private function __construct(
        public Subject $subject,
        public Travel $travel,
        public Pattern $pattern,
        public Route $route,
        public float $nearM,
        public float $workM,
        public float $farM,
        private Clutter $told,
        public float $ev100,
        public LightDirection $lightDirection,
        public Air $air,
        public Intent $intent,
        public Photographer $photographer,
        public SharpnessStandard $standard,
        public float $isoCeiling,
        public ?float $burstMps,
        public ?Facing $facing,
        public ?Sure $sure,
        public ?float $restMps = null,
    ) {
        $this->clutter = $told->from($workM);
    }

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
        [$nearM, $workM, $farM] = self::distances(
            $distance->number('near_m'),
            $distance->number('work_m'),
            $distance->number('far_m'),
        );

        $subject = Subject::read($rush->inside('subject'));
        $pattern = $motion->choice('pattern', Pattern::class);

        return new self(
            $subject,
            Travel::of(
                $motion->number('speed_mps'),
                $motion->number('bearing_deg'),
                $motion->number('acceleration_mps2'),
            ),
            Catalogue::kind($subject->kind)->rooted ? Pattern::Still : $pattern,
            $motion->choice('route', Route::class),
            $nearM,
            $workM,
            $farM,
            Clutter::read($rush->inside('clutter')),
            Guard::between('light.ev100', $light->number('ev100'), -6.0, 20.0, 'EV'),
            $light->choice('direction', LightDirection::class),
            $rush->has('air') ? Air::read($rush->inside('air')) : Air::unknown(),
            Intent::read($rush->inside('intent')),
            Photographer::read($rush->inside('photographer')),
            $rush->choice('standard', SharpnessStandard::class),
            Guard::above('iso_ceiling', $rush->number('iso_ceiling'), 0.0),
            $motion->optional('burst_mps', 0.0, 400.0, 'm/s'),
            $motion->has('facing') ? $motion->choice('facing', Facing::class) : null,
            $rush->has('sure') ? $rush->choice('sure', Sure::class) : null,
        );
    }

    /** The same but for what is given; the range of distances stretches where the working distance leaves it. */
    public function with(
        ?float $speedMps = null,
        ?float $workM = null,
        ?float $ev100 = null,
        ?Clutter $clutter = null,
        ?Photographer $photographer = null,
        ?Travel $travel = null,
        ?Intent $intent = null,
        ?Sure $sure = null,
        ?LightDirection $lightDirection = null,
        ?Air $air = null,
    ): self {
        $workM ??= $this->workM;

        return new self(
            $this->subject,
            $speedMps === null
                ? $travel ?? $this->travel
                : Travel::of($speedMps, $this->travel->bearingDeg, $this->travel->accelerationMps2),
            $this->pattern,
            $this->route,
            min($this->nearM, $workM),
            $workM,
            max($this->farM, $workM),
            $clutter ?? $this->told,
            $ev100 ?? $this->ev100,
            $lightDirection ?? $this->lightDirection,
            $air ?? $this->air,
            $intent ?? $this->intent,
            $photographer ?? $this->photographer,
            $this->standard,
            $this->isoCeiling,
            $this->burstMps,
            $this->facing,
            $sure ?? $this->sure,
            $this->restMps,
        );
    }

    /**
     * The rush as it is once it goes: what bursts away counts with its burst, not with what it did before: the one given, or what is
     * usual for its kind, and never less than the speed typed.
     */
    public function going(): self
    {
        if ($this->pattern !== Pattern::Sudden || $this->restMps !== null) {
            return $this;
        }
        $typed = $this->travel->speedMps;
        $burst = max($typed, $this->burstMps ?? $this->kind()->burstMps->typical);

        return $burst > $typed ? $this->after($typed, $burst) : $this;
    }

    /** Whether it has yet to get to the speed that counts. */
    public function springs(): bool
    {
        return $this->restMps !== null;
    }

    /** Which way it looks, as a bearing against the lens axis: where it goes, or where it faces while it does not travel. */
    public function facingDeg(float $travelsFromMps): float
    {
        if ($this->moves() && $this->travel->speedMps >= $travelsFromMps) {
            return $this->travel->bearingDeg;
        }
        $usual = $this->kind()->family === Family::Person ? Facing::Towards : Facing::Across;

        return ($this->facing ?? $usual)->bearingDeg();
    }

    private function after(float $restMps, float $burstMps): self
    {
        $going = $this->with(speedMps: $burstMps);

        return new self(
            $going->subject,
            $going->travel,
            $going->pattern,
            $going->route,
            $going->nearM,
            $going->workM,
            $going->farM,
            $going->told,
            $going->ev100,
            $going->lightDirection,
            $going->air,
            $going->intent,
            $going->photographer,
            $going->standard,
            $going->isoCeiling,
            $going->burstMps,
            $going->facing,
            $going->sure,
            $restMps,
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
