<?php

declare(strict_types=1);

namespace RushHold\Planning\Routine;

use RushHold\Planning\Plan;
use RushHold\Rush\Background;
use RushHold\Rush\Foreground;

/** What to look at afterwards, at full magnification, and what a soft frame would mean. */
final readonly class AfterRush
{
    public function __construct(private Plan $plan) {}

    /** @return list<RoutineLine> */
    public function lines(): array
    {
        return array_values(
            array_filter([$this->look(), $this->firstAndLast(), $this->streaked(), $this->elsewhere()]),
        );
    }

    private function value(string $name): float
    {
        return $this->plan->situation->assumptions->value($name);
    }

    private function look(): RoutineLine
    {
        $rush = $this->plan->situation->rush;
        $sensor = $this->plan->situation->kit->body->sensor;
        $patchPx =
            ($this->plan->situation->framing->targetM * 1000 * $this->plan->situation->magnification) /
            $sensor->pitchMm();

        return $rush->subject->count > 1
            ? new RoutineLine('look-each', ['count' => $rush->subject->count])
            : new RoutineLine('look', ['aim' => $this->plan->hold->aim->value, 'patch_px' => $patchPx]);
    }

    /** A plane that trails shows between the first frame of a burst and the last. */
    private function firstAndLast(): ?RoutineLine
    {
        $situation = $this->plan->situation;
        $pace = $this->plan->hold->pace;
        if ($pace === null || ! $this->plan->hold->focusMode->follows() || ! $situation->rush->moves()) {
            return null;
        }
        $why = $this->plan->draft->reason('tuning.pace');

        return $why->number('drift_m') >= $this->value('routine.shows') * $why->number('half_depth_m')
            ? new RoutineLine($pace < 2 ? 'trails-raise' : 'trails-top', [
                'pace' => $pace,
                'change_mps2' => $why->number('change_mps2'),
            ])
            : null;
    }

    /** Where movement takes most of the budget, a soft frame is most likely streaked. */
    private function streaked(): ?RoutineLine
    {
        $blur = $this->plan->blur;
        $total = max(1e-9, $blur->totalMm());
        $still = $this->plan->odds()->still;
        if (1 - $still < $this->value('routine.likely')) {
            return null;
        }

        return match (true) {
            $blur->motionMm > $this->value('routine.most') * $total => new RoutineLine('streaked', [
                'motion_mm' => $blur->motionMm,
                'still' => $still,
            ]),
            $blur->shakeMm > $this->value('routine.most') * $total => new RoutineLine('doubled', [
                'shake_mm' => $blur->shakeMm,
            ]),
            default => null,
        };
    }

    /** What else is sharp tells what the focus took instead. */
    private function elsewhere(): ?RoutineLine
    {
        $clutter = $this->plan->situation->rush->clutter;
        $where = match (true) {
            $clutter->foreground !== Foreground::None => 'front',
            $clutter->background !== Background::Clean => 'behind',
            default => null,
        };

        return $where !== null && $this->plan->hold->focusMode->follows()
            ? new RoutineLine('elsewhere', ['where' => $where, 'area' => $this->plan->hold->area->value])
            : null;
    }
}
