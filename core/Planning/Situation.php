<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Assumptions\Assumptions;
use RushHold\Faults\SubjectInsideClosestFocus;
use RushHold\Framing\AimWander;
use RushHold\Framing\Framing;
use RushHold\Hold\Dials;
use RushHold\Kit\Kit;
use RushHold\Motion\Pattern;
use RushHold\Motion\ResidualSpeed;
use RushHold\Motion\Travel;
use RushHold\Optics\SharpnessStandard;
use RushHold\Optics\StopScale;
use RushHold\Optics\ThinLens;
use RushHold\Rush\Background;
use RushHold\Rush\Crossers;
use RushHold\Rush\Family;
use RushHold\Rush\Foreground;
use RushHold\Rush\Limbs;
use RushHold\Rush\Rush;
use RushHold\Wording\Units;

/** Everything the choosers look at: the rush, the kit, the figures assumed, and what follows from them at once. */
final readonly class Situation
{
    private function __construct(
        public Rush $rush,
        public Kit $kit,
        public Assumptions $assumptions,
        public Units $units,
        public ThinLens $optic,
        public float $magnification,
        public ResidualSpeed $residual,
        public Framing $framing,
        public AimWander $wander,
        public Dials $dials,
    ) {}

    /**
     * @param  ?Dials  $dials  what the person sets instead of the plan
     *
     * @throws SubjectInsideClosestFocus when the lens cannot focus on it
     */
    public static function of(Rush $rush, Kit $kit, Assumptions $assumptions, Units $units, ?Dials $dials = null): self
    {
        if ($rush->workM < $kit->lens->closestM) {
            throw SubjectInsideClosestFocus::at($rush->workM, $kit->lens->closestM);
        }
        $optic = $kit->optic();

        $magnification = $optic->magnification($rush->workM);
        $residual = self::residualOf($rush, $rush->travel, $assumptions);
        $framing = Framing::of($rush, $kit, $magnification, self::onTheMove($rush));

        return new self($rush, $kit, $assumptions, $units, $optic, $magnification, $residual, $framing, AimWander::of($rush, $assumptions, $framing), $dials ?? Dials::none());
    }

    /** What the pan leaves of a way of travelling, bob and limbs included. */
    public static function residualOf(Rush $rush, Travel $travel, Assumptions $assumptions): ResidualSpeed
    {
        return ResidualSpeed::after(
            $travel,
            $rush->photographer->panning ? $assumptions->panning($rush->photographer->skill) : 0.0,
            $assumptions->erraticness($rush->pattern),
            $assumptions->bob($rush->kind()->gait),
            $rush->intent->limbs === Limbs::Freeze ? $rush->subject->limbSpeedMps : 0.0,
        );
    }

    /** @return non-empty-list<float> shutters the body has, in seconds, fastest first */
    public function shutters(): array
    {
        return StopScale::shutters($this->kit->body->shortestShutterS);
    }

    /** @return non-empty-list<float> f-numbers the lens has with its converter, widest first */
    public function fNumbers(): array
    {
        return StopScale::fNumbers($this->kit->widestF(), $this->assumptions->value('lens.smallest_f') * $this->kit->converter);
    }

    /** Whether it flies now: a bird at more than a walk. */
    public function flies(): bool
    {
        return $this->rush->kind()->family === Family::Bird && self::onTheMove($this->rush);
    }

    /** Whether anything but the subject competes for the focus: what the schools of clutter are about. */
    public function cluttered(): bool
    {
        $clutter = $this->rush->clutter;

        return $clutter->foreground !== Foreground::None || $clutter->background === Background::Busy
            || $clutter->crossers === Crossers::Frequent || $clutter->foliageMoving;
    }

    /** Whether its eye is turned this way and large enough for eye detection. */
    public function eyeShows(): bool
    {
        return $this->rush->travel->bearingDeg <= 125 && $this->framing->targetShare() >= $this->assumptions->value('detection.eye_least');
    }

    /** Whether it is under way, so that its moving posture shows: at more than a walk. */
    public static function onTheMove(Rush $rush): bool
    {
        return $rush->moves() && $rush->travel->speedMps > 3;
    }

    /**
     * Shorter way out of the depth of field in metres, for the standard asked for, at the working distance or another.
     */
    public function halfDepthM(float $fNumber, ?float $distanceM = null): float
    {
        $distanceM ??= $this->rush->workM;

        return $this->optic
            ->depthOfField($fNumber, $distanceM, $this->limitMm($this->rush->standard))
            ->nearSideM($distanceM);
    }

    /** Where its closing speed changes most within its range, in metres: the nearest point the lens can focus on. */
    public function paceAtM(): float
    {
        return max($this->rush->nearM, $this->kit->lens->closestM);
    }

    /** Where obstacles stand, in metres: as the rush says, or by assumption. */
    public function obstacleM(): float
    {
        return $this->rush->clutter->obstacleDistanceM ?? $this->rush->workM * $this->assumptions->value('obstacle.place');
    }

    /** The largest blur that a standard allows on this body's sensor, in mm. */
    public function limitMm(SharpnessStandard $standard): float
    {
        return $standard->limitMm($this->kit->body->sensor);
    }

    /** Whether custom has a say in the shutter: for what lives or drives, and moves at all. */
    public function hasCustom(): bool
    {
        return $this->rush->travel->speedMps > 0 && $this->rush->kind()->family !== Family::Small;
    }

    /** The custom's slowest shutter for this activity: its assumption's name. */
    public function floorName(): string
    {
        return match (true) {
            $this->rush->pattern === Pattern::Still || $this->rush->travel->speedMps <= 0.0 => 'floor.still',
            $this->flies() => $this->rush->photographer->panning ? 'floor.flight_panned' : 'floor.flight',
            default => 'floor.action',
        };
    }
}
