<?php

declare(strict_types=1);

namespace RushHold\Planning\Routine;

use RushHold\Hold\Burst;
use RushHold\Hold\ManualTechnique;
use RushHold\Kit\FocusAid;
use RushHold\Planning\Plan;
use RushHold\Rush\Follow;

/** What to do while it happens: where to pick it up, when to press, how long, and what when it is lost. */
final readonly class DuringRush
{
    public function __construct(private Plan $plan) {}

    /** @return list<RoutineLine> */
    public function lines(): array
    {
        return array_values(
            array_filter([$this->pickUp(), $this->press(), $this->peaking(), $this->burst(), $this->lost()]),
        );
    }

    private function value(string $name): float
    {
        return $this->plan->situation->assumptions->value($name);
    }

    /** Following begins well before the frame is wanted. */
    private function pickUp(): ?RoutineLine
    {
        $rush = $this->plan->situation->rush;
        if (
            ! $rush->moves() ||
            $rush->springs() ||
            $rush->intent->follow === Follow::WhoeverEnters ||
            $this->plan->hold->manualTechnique === ManualTechnique::Trap
        ) {
            return null;
        }
        $pickUp = PickUp::of($this->plan->situation);
        if (
            $rush->travel->closingMps() > 0.25 * $rush->travel->speedMps &&
            $pickUp->untilS > $this->value('person.reaction')
        ) {
            return new RoutineLine('pick-up-far', [
                'from_m' => $pickUp->fromM,
                'press_m' => $rush->workM,
                'until_s' => $pickUp->untilS,
            ]);
        }
        $crosses = $this->plan->frameCrossingS();

        return is_finite($crosses) && $rush->photographer->panning
            ? new RoutineLine('pick-up-side', [
                'before_s' => $this->value('af.acquire') + $this->value('person.reaction'),
                'crosses_s' => $crosses,
            ])
            : null;
    }

    private function press(): ?RoutineLine
    {
        $rush = $this->plan->situation->rush;
        $trap = $this->plan->draft->hand?->trap;

        return match (true) {
            $this->plan->hold->manualTechnique === ManualTechnique::Trap && $trap !== null => new RoutineLine(
                'press-early',
                ['lead_m' => $trap->leadM, 'lead_s' => $trap->leadS, 'distance_m' => $trap->distanceM],
            ),
            $this->plan->hold->manualTechnique === ManualTechnique::Pull => new RoutineLine('sweep', [
                'sweep_s' => $this->value('hand.sweep'),
            ]),
            $this->plan->hold->manualTechnique === ManualTechnique::Follow => new RoutineLine('rock', [
                'closing_mps' => abs($rush->travel->closingMps()),
            ]),
            $rush->springs() => new RoutineLine('press-at-sign', [
                'late_s' => $this->value('person.reaction') + $this->value('camera.shutter_lag'),
            ]),
            ! $rush->moves() && $rush->travel->speedMps > 0 => new RoutineLine('between-fidgets', [
                'every_s' => $this->value('rehearse.fidget'),
            ]),
            default => null,
        };
    }

    /** The ring is turned by what is marked sharp. */
    private function peaking(): ?RoutineLine
    {
        $situation = $this->plan->situation;
        $turns = in_array($this->plan->hold->manualTechnique, [ManualTechnique::Pull, ManualTechnique::Follow], true);

        return $turns && $situation->rush->moves() && $situation->kit->body->helpsWith(FocusAid::Peaking)
            ? new RoutineLine('peaking', ['side_m' => $situation->halfDepthM($this->plan->hold->fNumber)])
            : null;
    }

    private function burst(): RoutineLine
    {
        $hold = $this->plan->hold;
        $buffer = $this->plan->kit->body->bufferFrames ?? $this->value('rehearse.buffer');

        return match ($hold->burst) {
            Burst::Single => new RoutineLine('one-frame'),
            Burst::Short => new RoutineLine($hold->focusMode->follows() ? 'short-bursts' : 'short-bursts-still', [
                'frames' => $this->value('rehearse.burst'),
                'lasts_s' => $this->value('rehearse.burst') / $hold->fps,
            ]),
            Burst::Long => new RoutineLine('hold-down', [
                'frames' => $buffer,
                'full_s' => $buffer / $hold->fps,
            ]),
        };
    }

    /** What autofocus has lost it finds sooner from near its distance. */
    private function lost(): ?RoutineLine
    {
        $rush = $this->plan->situation->rush;
        $kept = $this->plan->draft->areaScore()->score;

        return $this->plan->hold->focusMode->follows() && $rush->moves() && $kept < $this->value('routine.sure')
            ? new RoutineLine('let-go', [
                'lost' => 1 - $kept,
                'distance_m' => $rush->workM,
                'recover_s' => $this->value('af.recover'),
                'acquire_s' => $this->value('af.acquire'),
            ])
            : null;
    }
}
