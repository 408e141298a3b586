<?php

declare(strict_types=1);

namespace RushHold\Habits;

use RushHold\Document\Reader;
use RushHold\Framing\AimWander;
use RushHold\Hold\ManualTechnique;
use RushHold\Planning\Plan;
use RushHold\Rehearsal\FrameBlurModel;

/** What of a plan must be known to tell a person's habits from the frames that were shot by it. */
final readonly class ShotUnder
{
    /**
     * @param  float  $focalMm  of the whole optic
     * @param  float  $sensorMm  width of the sensor
     * @param  float  $crossingMps  at the working distance
     * @param  float  $ownMps  bob, and limbs where they must be frozen: what no pan takes out
     * @param  float  $jinkM  what the subject adds to the wander of the aim by itself, sideways
     * @param  float  $jinkUpM  the same upwards
     * @param  float  $erraticness  share of the pan that is lost on it
     * @param  ?float  $followed  share of its lateness that a hand takes off which follows the focus; null where none does
     * @param  ?Grabs  $grabs  how its focus dies of what else takes it; null where nobody has found out, or no area focuses
     */
    private function __construct(
        public float $focalMm,
        public float $sensorMm,
        public float $sensorHighMm,
        public float $workM,
        public float $speedMps,
        public float $crossingMps,
        public float $ownMps,
        public float $shakeRadS,
        public float $jinkM,
        public float $jinkUpM,
        public float $erraticness,
        public string $skill,
        public string $support,
        public bool $panning,
        public ?float $followed,
        public ?Grabs $grabs,
    ) {}

    public static function of(Plan $plan, ?Grabs $grabs = null): self
    {
        $situation = $plan->situation;
        $rush = $situation->rush;
        $assumptions = $situation->assumptions;
        $blur = FrameBlurModel::of($plan, $plan->hold);
        [$jinkM, $jinkUpM] = AimWander::ofSubject($rush, $assumptions);

        return new self(
            $situation->optic->focalMm,
            $situation->kit->body->sensor->widthMm,
            $situation->kit->body->sensor->heightMm,
            $rush->workM,
            $rush->travel->speedMps,
            $rush->travel->crossingMps(),
            $blur->ownMps,
            $plan->frameBlur->shakeRadS,
            $jinkM,
            $jinkUpM,
            $assumptions->erraticness($rush->pattern),
            $rush->photographer->skill->value,
            $rush->photographer->support->value,
            $rush->photographer->panning,
            $plan->hold->manualTechnique === ManualTechnique::Follow
                ? $assumptions->value('hand.practised') * $rush->photographer->manualSkill
                : null,
            $grabs,
        );
    }

    /** @param  Reader  $kept  from {@see toArray()} */
    public static function kept(Reader $kept): self
    {
        return new self(
            $kept->number('focal_mm'),
            $kept->number('sensor_mm'),
            $kept->number('sensor_high_mm'),
            $kept->number('work_m'),
            $kept->number('speed_mps'),
            $kept->number('crossing_mps'),
            $kept->number('own_mps'),
            $kept->number('shake_rad_s'),
            $kept->number('jink_m'),
            $kept->number('jink_up_m'),
            $kept->number('erraticness'),
            $kept->text('skill'),
            $kept->text('support'),
            $kept->flag('panning'),
            $kept->has('followed') ? $kept->number('followed') : null,
            $kept->has('grabs') ? self::grabs($kept->inside('grabs')) : null,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'focal_mm' => $this->focalMm,
            'sensor_mm' => $this->sensorMm,
            'sensor_high_mm' => $this->sensorHighMm,
            'work_m' => $this->workM,
            'speed_mps' => $this->speedMps,
            'crossing_mps' => $this->crossingMps,
            'own_mps' => $this->ownMps,
            'shake_rad_s' => $this->shakeRadS,
            'jink_m' => $this->jinkM,
            'jink_up_m' => $this->jinkUpM,
            'erraticness' => $this->erraticness,
            'skill' => $this->skill,
            'support' => $this->support,
            'panning' => $this->panning,
            'followed' => $this->followed,
            'grabs' => $this->grabs === null
                ? null
                : ['area' => $this->grabs->area, 'anyway' => $this->grabs->anyway, 'each' => $this->grabs->each],
        ];
    }

    private static function grabs(Reader $kept): Grabs
    {
        return new Grabs($kept->text('area'), max(0.0, $kept->number('anyway')), max(0.0, $kept->number('each')));
    }

    /** How fast it crosses at another distance of a straight way: the nearer, the faster, and never faster than it goes. */
    public function crossingAtMps(float $distanceM): float
    {
        return min($this->speedMps, ($this->crossingMps * $this->workM) / $distanceM);
    }

    /** How fast it comes nearer or goes away there. */
    public function closingAtMps(float $distanceM): float
    {
        return sqrt(max(0.0, $this->speedMps ** 2 - $this->crossingAtMps($distanceM) ** 2));
    }

    /** How long a movement of 1 m/s at the subject becomes on the sensor, in mm. */
    public function mmPerMps(float $distanceM, float $shutterS): float
    {
        return ($this->focalMm / ($distanceM * 1000 - $this->focalMm)) * 1000 * $shutterS;
    }
}
