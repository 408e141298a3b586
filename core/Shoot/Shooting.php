<?php

declare(strict_types=1);

namespace RushHold\Shoot;

use RushHold\Hold\Hold;
use RushHold\Kit\FocusMode;
use RushHold\Optics\Exposure;
use RushHold\Planning\Plan;
use RushHold\Rehearsal\Camera;
use RushHold\Rehearsal\Frame;
use RushHold\Rehearsal\Rehearsal;
use RushHold\Rehearsal\Scene\Dice;
use RushHold\Rehearsal\Scene\Pass;
use RushHold\Rehearsal\Scene\Scene;
use RushHold\Rehearsal\Take;

/**
 * The frames of one rehearsed pass, as a camera would have taken them: each layer with its own blur, from the terms the rehearsal itself
 * reckons with. Source: docs/model.md, The simulated camera.
 */
final readonly class Shooting
{
    /** A bell of this spread has half its height at one wide: full width at half maximum. */
    private const HALF_WIDTH = 2.3548;

    /** Noise in brightness at ISO 400 with pixels of 6 µm; it goes with the root of the light a pixel gets (*assumed*). */
    private const NOISE = 1.1;

    private const NOISE_ISO = 400;

    private const NOISE_PITCH_MM = 0.006;

    /** Most of its way goes along the rows; so much up or down by the pass, in degrees. */
    private const CLIMBS = 15.0;

    private const SLOWER = 16;

    private const LEAST_SLOWER = 4;

    private const SHAKIER = 10.0;

    private const DARKER = -5.0;

    private const LOWEST_ISO = 64;

    private function __construct(
        public Plan $plan,
        public Film $film,
        public Hold $hold,
        public Outline $outline,
        private Pass $pass,
        private Camera $camera,
        private ?ShootFault $fault,
        private int $seed,
    ) {}

    public static function of(Plan $plan, int $seed, float $megapixels, ?ShootFault $fault = null): self
    {
        $rehearsal = Rehearsal::of($plan);
        $hold = self::holdWith($fault, $plan->hold, $plan->situation->kit->body->stayLevelsS);

        return new self(
            $plan,
            Film::of($plan->situation->kit->body->sensor, $megapixels),
            $hold,
            Outline::of($plan->situation->framing->posture),
            $rehearsal->pass($seed),
            $rehearsal->camera($hold),
            $fault,
            $seed,
        );
    }

    /** @param  list<float>  $levels  of stay */
    private static function holdWith(?ShootFault $fault, Hold $hold, array $levels): Hold
    {
        $last = max(0, count($levels) - 1);

        return match ($fault) {
            ShootFault::Single => $hold->with(focusMode: FocusMode::Single),
            ShootFault::Tuning => $levels === []
                ? $hold
                : $hold->with(stay: ($hold->stay ?? 0) > $last / 2 ? 0 : $last),
            ShootFault::Shutter => self::slower($hold),
            default => $hold,
        };
    }

    /** As far as the ISO can go down with it, and two stops at the least. */
    private static function slower(Hold $hold): Hold
    {
        $times = max(self::LEAST_SLOWER, min(self::SLOWER, intdiv($hold->iso, self::LOWEST_ISO)));

        return $hold->with(
            shutterS: $hold->shutterS * $times,
            iso: max(self::LOWEST_ISO, intdiv($hold->iso, $times)),
        );
    }

    /** @return list<Shot> */
    public function shots(): array
    {
        $frames = Take::of($this->pass, $this->camera)->frames();
        $dice = Dice::ofSeed($this->seed + 77_000);
        $climbs = self::CLIMBS * (2 * $dice->evens(1)[0] - 1);
        $turns = $dice->evens(max(1, count($frames)));
        $shots = [];
        foreach ($frames as $number => $frame) {
            $shots[] = $this->shot($number, count($frames), $frame, $climbs, 180 * $turns[$number]);
        }

        return $shots;
    }

    private function shot(int $number, int $count, Frame $frame, float $climbs, float $shakes): Shot
    {
        $pass = $this->pass;
        $scene = $pass->scene;
        $step = min($scene->steps - 2, (int) ($frame->atS / Scene::STEP_S));
        $s = $frame->distanceM;
        $framing = $this->plan->situation->framing;
        $perM = $this->pxPerM($s);
        $following = $scene->following;
        $way = Scene::way($this->plan);
        // the pass tells where the target is; the middle of the body lies beside it
        $headX = $framing->headX * ($way < 0 ? -1 : 1);
        $x = $this->film->width / 2 + ($following->besideRad * $s - $pass->asideM[$step] - $headX) * $perM;
        $y = $this->film->height / 2 - ($following->highRad * $s - $pass->aboveM[$step] - $framing->headY) * $perM;
        $isOut = $this->fault === ShootFault::Out && $number >= intdiv($count, 2);
        $isBehind = $this->fault === ShootFault::Obstacle && abs($number - $count / 2) < $count / 4;
        $posts = $this->posts($frame, $step);
        $behindM = max(0.1, $this->plan->situation->rush->clutter->backgroundGapM);
        if ($isBehind) {
            $posts[] = [$x, max($this->widthPx($s) * 1.1, 120.0)];
        }

        return new Shot(
            $number,
            $frame,
            $isOut ? $x + 1.5 * $this->film->width : $x,
            $y,
            $this->widthPx($s),
            $way,
            $this->smear($frame, $s, $number, $step, $climbs, $shakes, true),
            $this->smear($frame, $s + $behindM, $number, $step, $climbs, $shakes, false),
            $this->smear($frame, $scene->strips->distanceM, $number, $step, $climbs, $shakes, false),
            $posts,
            $this->stops(),
            self::NOISE * sqrt($this->hold->iso / self::NOISE_ISO) * (self::NOISE_PITCH_MM / $this->film->pitchMm),
            ! $isOut && $pass->isInFrame($step, $s),
        );
    }

    private function pxPerM(float $distanceM): float
    {
        $focalMm = $this->camera->exposing->focalMm;

        return $this->film->px(($focalMm / ($distanceM * 1000 - $focalMm)) * 1000);
    }

    private function widthPx(float $distanceM): float
    {
        return $this->plan->situation->framing->widthM * $this->pxPerM($distanceM);
    }

    /** What blurs a layer at this distance: the lens, the air, the hands; and its own way, or the pan that leaves it behind. */
    private function smear(
        Frame $frame,
        float $distanceM,
        int $number,
        int $step,
        float $climbs,
        float $shakes,
        bool $isSubject,
    ): Smear {
        $exposing = $this->camera->exposing;
        $pass = $this->pass;
        $drawn = $number % count($pass->panScatter);
        $disc = $isSubject ? $frame->defocusMm : $exposing->discMm($distanceM, 1 / $frame->focusM);
        $bell = hypot($exposing->diffractionMm, $frame->shimmerMm) / self::HALF_WIDTH;
        $shake = $frame->shakeMm * ($this->fault === ShootFault::Shaken ? self::SHAKIER : 1.0);
        $perM = $this->pxPerM($frame->distanceM) * $exposing->shutterS;
        $crossing = $pass->crossingMps[$step];
        $lines = [[$this->film->px($shake), $shakes]];
        if ($isSubject) {
            $lines[] = [$crossing * $exposing->panLeft * $pass->panScatter[$drawn] * $perM, $climbs];
            $lines[] = [$exposing->ownMps * $pass->ownScatter[$drawn] * $perM, $climbs + 90];
        } else {
            // the camera turns with it, by as much as the pan takes out
            $lines[] = [$crossing * max(0.0, 1 - $exposing->panLeft) * $perM, $climbs];
        }

        return new Smear(
            $this->film->px($disc),
            $this->film->px($bell),
            array_values(array_filter($lines, static fn (array $line): bool => $line[0] > 1e-3)),
        );
    }

    /** @return list<array{float, float}> what stands before it in the frame: middle and width in px */
    private function posts(Frame $frame, int $step): array
    {
        $pass = $this->pass;
        $strips = $pass->scene->strips;
        if ($frame->distanceM <= $strips->distanceM) {
            return [];
        }
        $focal = $this->film->px($this->camera->exposing->focalMm);
        $aim = $pass->azimuthRad[$step] + $pass->asideM[$step] / $frame->distanceM;
        $posts = [];
        foreach ($pass->obstacles as $obstacle) {
            $azimuth = $obstacle->azimuthRad + $obstacle->radS * ($frame->atS - $obstacle->atS);
            $middle = $this->film->width / 2 + $focal * ($azimuth - $aim + $pass->scene->following->besideRad);
            $width = 2 * $strips->halfRad * $focal;
            if ($middle + $width / 2 > 0 && $middle - $width / 2 < $this->film->width) {
                $posts[] = [$middle, $width];
            }
        }

        return $posts;
    }

    /** How much brighter than metered it comes out. */
    private function stops(): float
    {
        $rush = $this->plan->situation->rush;
        $stops = log($this->hold->iso / Exposure::iso($rush->ev100, $this->hold->fNumber, $this->hold->shutterS), 2);

        return max(-4.0, min(3.0, $stops)) + ($this->fault === ShootFault::Dark ? self::DARKER : 0.0);
    }
}
