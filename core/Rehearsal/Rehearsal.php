<?php

declare(strict_types=1);

namespace RushHold\Rehearsal;

use RushHold\Hold\Hold;
use RushHold\Planning\Plan;
use RushHold\Rehearsal\Scene\Dice;
use RushHold\Rehearsal\Scene\Pass;
use RushHold\Rehearsal\Scene\Scene;

/** Plays the rush of a plan in time against a hold, as often as asked, always the same for the same seed. */
final class Rehearsal
{
    public readonly Scene $scene;

    private function __construct(public readonly Plan $plan, bool $perfect)
    {
        $this->scene = $perfect ? Scene::perfect($plan) : Scene::of($plan);
    }

    public static function of(Plan $plan): self
    {
        return new self($plan, false);
    }

    /** With an aim that never strays and nothing that scatters: what is left is the physics of the plan. */
    public static function perfect(Plan $plan): self
    {
        return new self($plan, true);
    }

    public function pass(int $seed): Pass
    {
        return Pass::draw($this->scene, Dice::ofSeed($seed));
    }

    /** The camera set to this hold; to the plan's own when none is given. */
    public function camera(?Hold $hold = null): Camera
    {
        return Camera::set($this->scene, $hold ?? $this->plan->hold);
    }

    public function take(int $seed, ?Hold $hold = null): Take
    {
        return Take::of($this->pass($seed), $this->camera($hold));
    }
}
