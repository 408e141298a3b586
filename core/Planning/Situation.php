<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Assumptions;
use RushHold\Faults\SubjectInsideClosestFocus;
use RushHold\Kit\Kit;
use RushHold\Motion\Pattern;
use RushHold\Motion\ResidualSpeed;
use RushHold\Optics\SharpnessStandard;
use RushHold\Optics\ThinLens;
use RushHold\Rush\Family;
use RushHold\Rush\Limbs;
use RushHold\Rush\Rush;
use RushHold\Units;

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
    ) {}

    /** @throws SubjectInsideClosestFocus when the lens cannot focus on it */
    public static function of(Rush $rush, Kit $kit, Assumptions $assumptions, Units $units): self
    {
        if ($rush->workM < $kit->lens->closestM) {
            throw SubjectInsideClosestFocus::at($rush->workM, $kit->lens->closestM);
        }
        $optic = $kit->optic();

        return new self($rush, $kit, $assumptions, $units, $optic, $optic->magnification($rush->workM), ResidualSpeed::after(
            $rush->travel,
            $rush->photographer->panning ? $assumptions->panning($rush->photographer->skill) : 0.0,
            $assumptions->erraticness($rush->pattern),
            $assumptions->bob($rush->kind()->gait),
            $rush->intent->limbs === Limbs::Freeze ? $rush->subject->limbSpeedMps : 0.0,
        ));
    }

    /** Whether it flies now: a bird at more than a walk. */
    public function flies(): bool
    {
        return $this->rush->kind()->family === Family::Bird && $this->rush->moves() && $this->rush->travel->speedMps > 3;
    }

    /** Shorter way out of the depth of field at the working distance, in metres, for the standard asked for. */
    public function halfDepthM(float $fNumber): float
    {
        return $this->optic
            ->depthOfField($fNumber, $this->rush->workM, $this->limitMm($this->rush->standard))
            ->nearSideM($this->rush->workM);
    }

    /** The largest blur that a standard allows on this body's sensor, in mm. */
    public function limitMm(SharpnessStandard $standard): float
    {
        return $standard->limitMm($this->kit->body->sensor);
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
