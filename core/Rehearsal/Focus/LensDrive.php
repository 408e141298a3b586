<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Focus;

use RushHold\Hold\Hold;
use RushHold\Planning\Situation;
use RushHold\Rehearsal\Scene\Scene;

/** How the lens moves its plane, in dioptres (1/m): in these a lens travels evenly and a blur disc grows evenly. */
final readonly class LensDrive
{
    /**
     * @param  float  $travel  the most in a step
     * @param  float  $settles  share of the way that is left after a step of settling
     * @param  float  $nearest  end of the lens or of its limiter
     * @param  float  $farthest  the other end, 0 at infinity
     * @param  float  $front  where obstacles are
     * @param  float  $behind  where the background is
     * @param  float  $softPerDioptre  blur as a share of the frame for a plane one dioptre off, at the widest aperture
     */
    private function __construct(
        public float $travel,
        public float $settles,
        public float $nearest,
        public float $farthest,
        public float $front,
        public float $behind,
        public float $softPerDioptre,
    ) {}

    public static function of(Situation $situation, Scene $scene, Hold $hold): self
    {
        $kit = $situation->kit;
        $closest = 1 / $kit->lens->closestM;
        $farM = $hold->limiterM[1] ?? null;

        return new self(
            // a converter slows the drive as much as it magnifies
            ($closest / ($scene->value('rehearse.travel') * $kit->converter)) * Scene::STEP_S,
            exp(-Scene::STEP_S / $scene->value('rehearse.settle')),
            min($closest, 1 / ($hold->limiterM[0] ?? $kit->lens->closestM)),
            $farM === null ? 0.0 : 1 / $farM,
            1 / $scene->strips->distanceM,
            1 / $situation->behindM(),
            $situation->softPerDioptre(),
        );
    }

    /** This plane, or the end of the lens it lies beyond. */
    public function within(float $dioptres): float
    {
        return max($this->farthest, min($this->nearest, $dioptres));
    }
}
