<?php

declare(strict_types=1);

namespace RushHold\Rehearsal;

use RushHold\Kit\FocusMode;
use RushHold\Rehearsal\Focus\FocusMethod;
use RushHold\Rehearsal\Focus\FocusTarget;
use RushHold\Rehearsal\Focus\FocusTrace;
use RushHold\Rehearsal\Focus\HandFocus;
use RushHold\Rehearsal\Focus\LockedFocus;
use RushHold\Rehearsal\Focus\TrackingFocus;
use RushHold\Rehearsal\Scene\Pass;
use RushHold\Rehearsal\Scene\Scene;

/** One hold tried on one pass: where the plane was, and what became of every frame. */
final readonly class Take
{
    /** @param  list<PlayedBurst>  $bursts */
    private function __construct(
        public Pass $pass,
        public Camera $camera,
        public FocusTrace $plane,
        private array $bursts,
    ) {}

    public static function of(Pass $pass, Camera $camera): self
    {
        $bursts = Shutter::bursts($pass, $camera);

        return new self($pass, $camera, self::focus($camera, $bursts)->over($pass, $camera), $bursts);
    }

    /** The same plane and the same presses with another shutter or aperture, which neither depends on. */
    public function exposedBy(Camera $camera): self
    {
        return new self($this->pass, $camera, $this->plane, $this->bursts);
    }

    /** @param  list<PlayedBurst>  $bursts */
    private static function focus(Camera $camera, array $bursts): FocusMethod
    {
        return match ($camera->hold->focusMode) {
            FocusMode::Continuous, FocusMode::AutoSwitch => new TrackingFocus(),
            FocusMode::Single => new LockedFocus($bursts, false),
            FocusMode::SingleWithOverride => new LockedFocus($bursts, true),
            FocusMode::Manual => new HandFocus($camera->hold->manualTechnique),
        };
    }

    /** @return list<Frame> */
    public function frames(): array
    {
        $frames = [];
        $this->each(function (float $at, float $s, float $focus, array $blur, Verdict $verdict) use (&$frames): void {
            $frames[] = new Frame($at, $s, $focus, ...$blur, verdict: $verdict);
        });

        return $frames;
    }

    /** @return array<string, int> how many frames came to each verdict; only those that did */
    public function counts(): array
    {
        $counts = [];
        $this->each(function (float $at, float $s, float $focus, array $blur, Verdict $verdict) use (&$counts): void {
            $counts[$verdict->value] = ($counts[$verdict->value] ?? 0) + 1;
        });

        return $counts;
    }

    /** @param  \Closure(float, float, float, array{float, float, float, float, float}, Verdict): void  $tell */
    private function each(\Closure $tell): void
    {
        $pass = $this->pass;
        $camera = $this->camera;
        $last = $pass->scene->steps - 1;
        $number = 0;
        // single frames may be more than a burst could hold
        $drawn = count($pass->panScatter);
        foreach ($this->bursts as $burst) {
            for ($frame = 0; $frame < $burst->frames; $frame++) {
                $at = $burst->startS + $frame / $camera->hold->fps;
                $step = $at / Scene::STEP_S;
                if ($step > $last) {
                    return;
                }
                $before = min($last - 1, (int) $step);
                $share = $step - $before;
                $s = $pass->distanceM[$before] * (1 - $share) + $pass->distanceM[$before + 1] * $share;
                $dioptres = $this->plane->at($at);
                $blur = $camera->exposing->blur(
                    $s,
                    $dioptres,
                    $pass->crossingMps[$before],
                    $pass->panScatter[$number % $drawn],
                    $pass->shakeScatter[$number % $drawn],
                    $pass->ownScatter[$number % $drawn],
                );
                $number++;
                $tell($at, $s, 1 / max(1e-6, $dioptres), $blur, $this->verdict($before, $at, $s, $dioptres, $blur));
            }
        }
    }

    /** @param  array{float, float, float, float, float}  $blur */
    private function verdict(int $step, float $at, float $s, float $dioptres, array $blur): Verdict
    {
        $pass = $this->pass;
        $scene = $pass->scene;
        if (! $pass->isInFrame($step, $s)) {
            return Verdict::OutOfFrame;
        }
        if ($pass->isHidden($step, $s)) {
            return Verdict::Hidden;
        }
        [$motion, $shake, $defocus, $shimmer, $total] = $blur;
        $exposing = $this->camera->exposing;
        if ($total <= $exposing->limitMm) {
            return Verdict::Sharp;
        }
        $most = max($motion, $shake, $defocus, $shimmer, $exposing->diffractionMm);

        return match (true) {
            $most === $motion => Verdict::Motion,
            $most === $shake => Verdict::Shake,
            $most === $shimmer => Verdict::Air,
            $most === $exposing->diffractionMm => Verdict::Diffraction,
            $exposing->groupMm > $defocus / M_SQRT2 => Verdict::Depth,
            default => $this->softness($at, $step, $s, $dioptres),
        };
    }

    /** Why the plane was not on it. */
    private function softness(float $at, int $step, float $s, float $dioptres): Verdict
    {
        $held = $this->plane->heldAt($at);
        $pass = $this->pass;
        $off = ! $this->camera->looking->isOn($pass->asideM[$step], $pass->aboveM[$step], $s);

        return match (true) {
            $held === FocusTarget::FRONT,
            $held === FocusTarget::BEHIND,
            $held === FocusTarget::PART => Verdict::WrongThing,
            $held === FocusTarget::NOTHING && ! $off => Verdict::WrongThing,
            ($held === FocusTarget::NOTHING || $held === FocusTarget::SUBJECT) && $off => Verdict::OutOfArea,
            default => $dioptres * $s > 1 ? Verdict::Front : Verdict::Back,
        };
    }
}
