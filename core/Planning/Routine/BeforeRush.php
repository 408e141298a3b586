<?php

declare(strict_types=1);

namespace RushHold\Planning\Routine;

use RushHold\Hold\ManualTechnique;
use RushHold\Kit\FocusAid;
use RushHold\Kit\FocusMode;
use RushHold\Motion\Support;
use RushHold\Planning\Plan;
use RushHold\Rush\Background;
use RushHold\Rush\Follow;
use RushHold\Rush\LightDirection;
use RushHold\Rush\Posture;
use RushHold\Rush\Route;

/** What to do before it comes: where the lens waits, where to stand, what to watch for. */
final readonly class BeforeRush
{
    public function __construct(private Plan $plan) {}

    /** @return list<RoutineLine> */
    public function lines(): array
    {
        return array_values(
            array_filter([
                $this->preFocus(),
                $this->magnified(),
                $this->lower(),
                $this->air(),
                $this->lightSide(),
                $this->steadier(),
                $this->testLight(),
                $this->learn(),
                $this->lineUp(),
                $this->depthPreview(),
            ]),
        );
    }

    private function value(string $name): float
    {
        return $this->plan->situation->assumptions->value($name);
    }

    /** Where the lens waits, and on what: a lens far off its distance finds nothing for a while. */
    private function preFocus(): ?RoutineLine
    {
        $rush = $this->plan->situation->rush;
        $hold = $this->plan->hold;
        if ($hold->manualTechnique === ManualTechnique::Trap) {
            $trap = $this->plan->draft->hand?->trap;

            return new RoutineLine('set-plane', ['distance_m' => $trap->distanceM ?? $rush->workM]);
        }
        if (! $rush->moves() || $hold->focusMode === FocusMode::Manual) {
            return null;
        }

        return new RoutineLine('pre-focus', [
            'distance_m' => PickUp::of($this->plan->situation)->fromM,
            'on' => $rush->springs() ? 'seat' : self::ground($this->plan->situation->framing->posture),
            'found_s' => $this->value('af.acquire'),
            'lost_s' => $this->value('af.recover'),
        ]);
    }

    /** What there is to focus on at its distance, by how it shows itself. */
    private static function ground(Posture $posture): string
    {
        return match ($posture) {
            Posture::FourLegged, Posture::Upright, Posture::Mounted, Posture::Rolling, Posture::Stalking => 'ground',
            Posture::InWater, Posture::Seated, Posture::Afloat => 'water',
            Posture::Flying, Posture::Perched, Posture::Tumbling, Posture::Winged, Posture::Small => 'same-distance',
        };
    }

    /** A plane that stays where it is put is put there under magnification, as finely as it is sharp. */
    private function magnified(): ?RoutineLine
    {
        $situation = $this->plan->situation;
        $trap = $this->plan->hold->manualTechnique === ManualTechnique::Trap ? $this->plan->draft->hand?->trap : null;
        $byRing = $trap !== null || (! $situation->rush->moves() && $this->plan->hold->focusMode->turnsByRing());
        if (! $byRing || ! $situation->kit->body->helpsWith(FocusAid::Magnified)) {
            return null;
        }
        $planeM = $trap->distanceM ?? $situation->rush->workM;

        return new RoutineLine('magnified', [
            'distance_m' => $planeM,
            'side_m' => $situation->halfDepthM($this->plan->hold->fNumber, $planeM),
        ]);
    }

    /** A lower camera throws the ground behind it farther away. */
    private function lower(): ?RoutineLine
    {
        $clutter = $this->plan->situation->rush->clutter;
        if (
            $clutter->background === Background::Clean ||
            $clutter->backgroundGapM >= $this->value('routine.far_ground')
        ) {
            return null;
        }

        return new RoutineLine('lower', ['gap_m' => $clutter->backgroundGapM]);
    }

    /** No setting sharpens what warm air has blurred on its way. */
    private function air(): ?RoutineLine
    {
        $rush = $this->plan->situation->rush;

        return $rush->workM >= $this->value('routine.air') && $rush->ev100 >= $this->value('routine.warm')
            ? new RoutineLine('air', ['distance_m' => $rush->workM, 'ev100' => $rush->ev100])
            : null;
    }

    private function lightSide(): ?RoutineLine
    {
        $rush = $this->plan->situation->rush;

        return $rush->lightDirection === LightDirection::Back
            ? new RoutineLine('light-side', ['ev100' => $rush->ev100])
            : null;
    }

    /** Hands that take a good share of the budget are worth steadying. */
    private function steadier(): ?RoutineLine
    {
        $blur = $this->plan->blur;
        $support = $this->plan->situation->rush->photographer->support;
        $hands = $blur->shakeMm / max(1e-9, $blur->limitMm);
        $heavy = $this->plan->situation->kit->focalMm() >= $this->value('care.long_lens');
        $workM = $this->plan->situation->rush->workM;

        return match (true) {
            $support !== Support::Handheld => null,
            $hands >= $this->value('routine.shaky') => new RoutineLine('elbows-shake', [
                'shake_mm' => $blur->shakeMm,
                'limit_mm' => $blur->limitMm,
            ]),
            $heavy => new RoutineLine('elbows-aim', [
                'strays_m' => $this->value('aim.handheld') * $workM,
                'rested_m' => $this->value('aim.braced') * $workM,
            ]),
            default => null,
        };
    }

    /** Near the ISO ceiling a wrong guess of the light costs the frames. */
    private function testLight(): ?RoutineLine
    {
        $settings = $this->plan->settings;
        $rush = $this->plan->situation->rush;
        $left = log($rush->isoCeiling / max(1.0, $settings->exactIso), 2);

        return $left < 1.0
            ? new RoutineLine('test-light', ['ev100' => $rush->ev100, 'left_stops' => max(0.0, $left)])
            : null;
    }

    private function learn(): ?RoutineLine
    {
        $rush = $this->plan->situation->rush;

        return match (true) {
            $rush->springs() => new RoutineLine('signs', [
                'family' => $rush->kind()->family->value,
                'reaction_s' => $this->value('person.reaction'),
                'gone_m' => $rush->travel->speedMps * $this->value('person.reaction') -
                    ($rush->travel->speedMps * $this->value('motion.spring')) / 2,
            ]),
            $rush->intent->follow === Follow::WhoeverEnters => new RoutineLine('where-from', [
                'entry' => $rush->intent->entry->value,
            ]),
            $rush->route === Route::Known && $rush->moves() => new RoutineLine('repeat', [
                'distance_m' => $rush->workM,
            ]),
            default => null,
        };
    }

    /** How deep a group is sharp shows only with the lens closed. */
    private function depthPreview(): ?RoutineLine
    {
        $spreadM = $this->plan->situation->rush->subject->depthSpreadM;
        $fNumber = $this->plan->hold->fNumber;

        return $spreadM > 0 &&
            $this->plan->situation->kit->body->helpsWith(FocusAid::DepthPreview) &&
            $fNumber > $this->plan->situation->kit->widestF() * 1.01
            ? new RoutineLine('depth-preview', ['spread_m' => $spreadM, 'f_number' => $fNumber])
            : null;
    }

    /** A group deeper than what is sharp is waited for until it lines up. */
    private function lineUp(): ?RoutineLine
    {
        $spread = $this->plan->situation->rush->subject->depthSpreadM;
        $depth = $this->plan->depth->depthM();

        return $spread > $depth ? new RoutineLine('line-up', ['spread_m' => $spread, 'depth_m' => $depth]) : null;
    }
}
