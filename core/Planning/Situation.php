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
use RushHold\Rush\Detail;
use RushHold\Rush\Entry;
use RushHold\Rush\Family;
use RushHold\Rush\Foreground;
use RushHold\Rush\Limbs;
use RushHold\Rush\Rush;
use RushHold\Rush\Streak;
use RushHold\Rush\Style;

/** Everything the choosers look at: the rush, the kit, the figures assumed, and what follows from them at once. */
final readonly class Situation
{
    private function __construct(
        public Rush $rush,
        public Kit $kit,
        public Assumptions $assumptions,
        public ThinLens $optic,
        public float $magnification,
        public ResidualSpeed $residual,
        public Framing $framing,
        public AimWander $wander,
        public Dials $dials,
        public Seeing $seeing,
        /** Share of contrast the air leaves autofocus at the working distance. */
        public float $contrast,
    ) {}

    /**
     * @param  ?Dials  $dials  what the person sets instead of the plan
     *
     * @throws SubjectInsideClosestFocus when the lens cannot focus on it
     */
    public static function of(Rush $rush, Kit $kit, Assumptions $assumptions, ?Dials $dials = null): self
    {
        $rush = $rush->going();
        if ($rush->workM < $kit->lens->closestM) {
            throw SubjectInsideClosestFocus::at($rush->workM, $kit->lens->closestM);
        }
        $optic = $kit->optic();

        $magnification = $optic->magnification($rush->workM);
        $residual = self::residualOf($rush, $rush->travel, $assumptions);
        $seeing = Seeing::of($rush, $assumptions, $kit->focalMm());
        $framing = Framing::of($rush, $kit, $assumptions, $magnification, self::onTheMove($rush, $assumptions));

        return new self(
            $rush,
            $kit,
            $assumptions,
            $optic,
            $magnification,
            $residual,
            $framing,
            AimWander::of($rush, $assumptions, $framing),
            $dials ?? Dials::none(),
            $seeing,
            $seeing->contrast($rush->workM, $rush->standard->limitMm($kit->body->sensor)),
        );
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
            $assumptions->value('sway.'.$rush->kind()->id),
        );
    }

    /** What it would be while it still rests, before it goes; null when it does not rest. */
    public function resting(): ?ResidualSpeed
    {
        return $this->rush->restMps === null
            ? null
            : self::residualOf(
                $this->rush,
                Travel::of($this->rush->restMps, $this->rush->travel->bearingDeg),
                $this->assumptions,
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
        return StopScale::fNumbers(
            $this->kit->widestF(),
            $this->assumptions->value('lens.smallest_f') * $this->kit->converter,
        );
    }

    /** Whether it flies now: a bird at more than a walk. */
    public function flies(): bool
    {
        return $this->rush->kind()->family === Family::Bird && self::onTheMove($this->rush, $this->assumptions);
    }

    /** Whether anything but the subject competes for the focus: what the schools of clutter are about. */
    public function cluttered(): bool
    {
        $clutter = $this->rush->clutter;

        return $clutter->foreground !== Foreground::None ||
            $clutter->background === Background::Busy ||
            $clutter->crossers === Crossers::Frequent ||
            $clutter->foliageMoving;
    }

    /**
     * Share of frames that are lost while the plane stands there instead of at the subject: hardly any where that is sharp as well, half
     * of them at 0.6 of the limit, since other blur adds to it.
     */
    public function lostAt(float $planeM, float $fNumber, float $limitMm): float
    {
        $focusM = max($planeM, $this->kit->lens->closestM * 0.5, $this->optic->focalMm * 0.00105);
        $blur = $this->optic->blurDiscMm($fNumber, $this->rush->workM, $focusM) / max(1e-9, 0.6 * $limitMm);

        return $blur ** 4 / (1 + $blur ** 4);
    }

    /** How the aim strays once it is there to be followed. */
    public function arrivedWander(): AimWander
    {
        return AimWander::of($this->rush, $this->assumptions, $this->framing, arrived: true);
    }

    /** Which way it looks, as a bearing: where it goes, or where it faces while it does not travel. */
    public function facingDeg(): float
    {
        return $this->rush->facingDeg($this->assumptions->value('motion.travels'));
    }

    /** Whether it goes away so that it shows its back. */
    public function showsBack(): bool
    {
        return $this->facingDeg() > $this->assumptions->value('aim.back');
    }

    /** Whether its eye is turned this way and large enough for eye detection. */
    public function eyeShows(): bool
    {
        $least = $this->assumptions->value('detection.eye_least');

        return ! $this->showsBack() && $this->framing->targetShare() >= $least;
    }

    /** Whether it is under way, so that its moving posture shows: at more than a walk. */
    public static function onTheMove(Rush $rush, Assumptions $assumptions): bool
    {
        return $rush->moves() && $rush->travel->speedMps > $assumptions->value('motion.walk');
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

    /** How many things stand in front, to a frame. */
    public function standing(): float
    {
        return match ($this->rush->clutter->foreground) {
            Foreground::None => 0.0,
            Foreground::Sparse => $this->assumptions->value('clutter.front.sparse'),
            Foreground::Dense => $this->assumptions->value('clutter.front.dense'),
        };
    }

    /** How many others pass, as a mean count of those that may take the focus. */
    public function passing(): float
    {
        return match ($this->rush->clutter->crossers) {
            Crossers::None => 0.0,
            Crossers::Occasional => $this->assumptions->value('clutter.pass.occasional'),
            Crossers::Frequent => $this->assumptions->value('clutter.pass.frequent'),
        };
    }

    /** How many times as long autofocus takes in this light and air on this subject. */
    public function focusSlower(): float
    {
        $dark =
            max(0.0, $this->assumptions->value('rehearse.dim') - $this->rush->ev100) /
            $this->assumptions->value('rehearse.dim_half');

        return 2 ** min(5.0, $dark) *
            $this->seeing->slower($this->contrast) *
            ($this->rush->subject->detail === Detail::Low ? $this->assumptions->value('rehearse.plain') : 1.0);
    }

    /** Where what stands or passes in front is focused on, in metres: never behind the subject. */
    public function frontM(): float
    {
        return min($this->obstacleM(), $this->rush->workM);
    }

    /** Where what is behind is focused on, in metres. */
    public function behindM(): float
    {
        return $this->rush->workM + max(0.1, $this->rush->clutter->backgroundGapM);
    }

    /** Whether there is anything behind to focus on. */
    public function seesBehind(): bool
    {
        return $this->rush->clutter->background !== Background::Clean;
    }

    /** How long the camera waits at this level of stay before it takes something else, in seconds. */
    public function waitS(?int $stay): float
    {
        $levels = $this->kit->body->stayLevelsS;

        return $levels === []
            ? $this->assumptions->value('rehearse.no_wait')
            : $levels[min(count($levels) - 1, $stay ?? 0)];
    }

    /** Blur as a share of the frame for a plane one dioptre off, at the widest aperture. */
    public function softPerDioptre(): float
    {
        return $this->optic->focalMm ** 2 / 1000 / $this->kit->widestF() / $this->kit->body->sensor->widthMm;
    }

    /** How wide what stands or passes in between is, in metres: as the rush says, or by assumption. */
    public function obstacleWidthM(): float
    {
        $clutter = $this->rush->clutter;

        return match (true) {
            $clutter->obstacleWidthM > 0 => $clutter->obstacleWidthM,
            $clutter->foreground !== Foreground::None => $this->assumptions->value('rehearse.twig'),
            default => $this->assumptions->value('rehearse.passer'),
        };
    }

    /** Where obstacles stand, in metres: as the rush says, or by assumption. */
    public function obstacleM(): float
    {
        return $this->rush->clutter->obstacleDistanceM ??
            $this->rush->workM * $this->assumptions->value('obstacle.place');
    }

    /** The largest blur that a standard allows on this body's sensor, in mm. */
    public function limitMm(SharpnessStandard $standard): float
    {
        return $standard->limitMm($this->kit->body->sensor);
    }

    /** Whether custom has a say in the shutter: for what lives, and for what drives while it drives. */
    public function hasCustom(): bool
    {
        return match ($this->rush->kind()->family) {
            Family::Small => false,
            Family::Vehicle => $this->rush->travel->speedMps > 0,
            default => true,
        };
    }

    /** Whether it will go up: it comes from below, or is a bird that springs from its perch. */
    public function rises(): bool
    {
        return match ($this->rush->intent->entry) {
            Entry::Below => true,
            Entry::Any => $this->rush->springs() && $this->rush->kind()->family === Family::Bird,
            default => false,
        };
    }

    /** How much of its way should stay in the frame, in seconds: your reaction, and the first of its burst. */
    public function roomS(): float
    {
        return $this->assumptions->value('person.reaction') + $this->assumptions->value('motion.spring');
    }

    /** How far it has gone after so long, in metres: from rest it needs a while to its speed. */
    public function wayM(float $speedMps, float $afterS): float
    {
        $springS = $this->rush->springs() ? $this->assumptions->value('motion.spring') : 0.0;

        return $afterS < $springS ? ($speedMps * $afterS ** 2) / (2 * $springS) : $speedMps * ($afterS - $springS / 2);
    }

    /** How long it needs for so much of its way, in seconds; infinite when it does not go. */
    public function timeS(float $speedMps, float $wayM): float
    {
        $springS = $this->rush->springs() ? $this->assumptions->value('motion.spring') : 0.0;

        return match (true) {
            $wayM <= 0 => 0.0,
            $speedMps <= 0 => INF,
            $wayM < ($speedMps * $springS) / 2 => sqrt((2 * $springS * $wayM) / $speedMps),
            default => $wayM / $speedMps + $springS / 2,
        };
    }

    /** Shutter in seconds that lets the background streak so far; null when the rush does not want it or nothing is panned. */
    public function streakShutterS(Streak $streak): ?float
    {
        $rate = $this->optic->focalMm * $this->rush->travel->panRateRadS($this->rush->workM);
        if ($this->rush->intent->style !== Style::PanBlur || ! $this->rush->photographer->panning || $rate <= 0) {
            return null;
        }

        return ($this->streakShare($streak) * $this->kit->body->sensor->widthMm) / $rate;
    }

    /** How far such a streak goes, as a share of the frame's width. */
    public function streakShare(Streak $streak): float
    {
        return $this->assumptions->value('pan.streak.'.$streak->value);
    }

    /** The largest blur with which a frame counts as sharp, in mm: the standard's, or more where the background streaks. */
    public function sharpMm(SharpnessStandard $standard): float
    {
        $limitMm = $this->limitMm($standard);
        if ($this->streakShutterS($this->rush->intent->streak) === null) {
            return $limitMm;
        }
        $sensor = $this->kit->body->sensor->diagonalMm() / SharpnessStandard::DIAGONAL_MM;

        return max($limitMm, $this->assumptions->value('pan.smear') * $sensor);
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
