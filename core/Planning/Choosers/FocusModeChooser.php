<?php

declare(strict_types=1);

namespace RushHold\Planning\Choosers;

use RushHold\Kit\FocusMode;
use RushHold\Motion\Pattern;
use RushHold\Planning\HandWork;
use RushHold\Planning\HoldDraft;
use RushHold\Planning\Situation;
use RushHold\Rush\Foreground;
use RushHold\Rush\SchoolAnswer;

/**
 * How to focus. What moves gets continuous; what stays inside the sharp zone for as long as a single lock lasts gets single;
 * the school of the hand takes over where clutter is in front.
 */
final class FocusModeChooser implements Chooser
{
    public function choose(Situation $situation, HoldDraft $draft): void
    {
        $rush = $situation->rush;
        $hand = HandWork::of($situation, $situation->kit->widestF());
        if ($situation->kit->body->offers(FocusMode::Manual) && $this->wantsHand($situation, $draft, $hand)) {
            return;
        }
        $waitS = $situation->assumptions->value('focus.single_wait');
        $halfDepthM = $situation->halfDepthM($situation->kit->widestF());
        $driftM = $this->driftM($situation, $waitS);
        $stays = ! $rush->moves() && $driftM <= $halfDepthM;
        $net =
            $rush->photographer->schools->on('auto_switch') === 'net' &&
            $stays &&
            $rush->travel->speedMps > 0 &&
            $situation->kit->body->offers(FocusMode::AutoSwitch);
        $mode = $net
            ? FocusMode::AutoSwitch
            : $this->firstOffered(
                $situation,
                $stays
                    ? $this->forStill($rush->clutter->foreground)
                    : [
                        FocusMode::Continuous,
                        FocusMode::AutoSwitch,
                        FocusMode::Manual,
                        FocusMode::SingleWithOverride,
                        FocusMode::Single,
                    ],
            );
        if ($mode === FocusMode::Manual && ! $stays) {
            $draft->technique = $hand->best();
        }
        $draft->focusMode = $mode;
        $draft->because(
            'focus_mode',
            match (true) {
                $net => 'net',
                $stays => 'stays',
                $driftM > $halfDepthM => 'drifts',
                default => 'turns',
            },
            [
                'drift_m' => $driftM,
                'half_depth_m' => $halfDepthM,
                'wait_s' => $waitS,
                'closing_mps' => $rush->travel->closingMps(),
                'mode' => $mode->value,
                'speed_mps' => $rush->travel->speedMps,
                'stays_sharp_s' => $this->staysSharpS($situation, $halfDepthM),
            ],
            $net ? $rush->photographer->schools->answerTo('auto_switch') : null,
        );
    }

    /** Whether the hand focuses: by school where there is clutter in front, or because its numbers are clearly better. */
    private function wantsHand(Situation $situation, HoldDraft $draft, HandWork $hand): bool
    {
        $photographer = $situation->rush->photographer;
        $cluttered = $situation->cluttered();
        [$code, $school] = match ($photographer->schools->on('hand')) {
            'never' => [null, null],
            'always' => ['hand-always', $photographer->schools->answerTo('hand')],
            'in-clutter' => [$cluttered ? 'hand-by-school' : null, $photographer->schools->answerTo('hand')],
            default => $this->byClutter($situation, $draft, $hand),
        };
        if ($code === null) {
            return false;
        }
        $draft->focusMode = FocusMode::Manual;
        $draft->technique = $situation->rush->moves() || $cluttered ? $hand->best() : null;
        $draft->because(
            'focus_mode',
            $code,
            [
                'af_share' => $draft->areaScore()->score,
                'hand_share' => $hand->sharpShare(),
                'break_even' => $hand->breakEven,
            ],
            $school,
        );

        return true;
    }

    /** @return array{?string, ?SchoolAnswer} by the school of clutter, or because the hand's numbers are clearly better there */
    private function byClutter(Situation $situation, HoldDraft $draft, HandWork $hand): array
    {
        $photographer = $situation->rush->photographer;
        $school = $photographer->schools->answerTo('clutter');
        if (! $situation->cluttered()) {
            return [null, null];
        }
        if ($school !== null) {
            return $school->answer === 'manual' ? ['hand-by-school', $school] : [null, null];
        }
        $better =
            $photographer->manualSkill >= $situation->assumptions->value('hand.able') &&
            $hand->sharpShare() > $draft->areaScore()->score + $situation->assumptions->value('hand.margin');

        return [$better ? 'hand-by-numbers' : null, null];
    }

    /** How far it may leave the plane before the last frame of a short burst; fidgets of what sits go in any direction. */
    private function driftM(Situation $situation, float $waitS): float
    {
        $travel = $situation->rush->travel;
        if ($situation->rush->pattern === Pattern::Still) {
            return $travel->speedMps * $waitS;
        }

        return abs($travel->closingMps()) * $waitS +
            0.5 * $travel->closingChangeMps2($situation->rush->workM) * $waitS ** 2;
    }

    /** @return list<FocusMode> */
    private function forStill(Foreground $foreground): array
    {
        $singles = [FocusMode::Single, FocusMode::SingleWithOverride];

        return [
            ...$foreground === Foreground::None ? $singles : array_reverse($singles),
            FocusMode::Manual,
            FocusMode::Continuous,
            FocusMode::AutoSwitch,
        ];
    }

    /** @param  list<FocusMode>  $wanted */
    private function firstOffered(Situation $situation, array $wanted): FocusMode
    {
        $never = $situation->rush->photographer->schools->on('auto_switch') === 'never';
        foreach ($wanted as $mode) {
            if ($situation->kit->body->offers($mode) && ! ($never && $mode === FocusMode::AutoSwitch)) {
                return $mode;
            }
        }

        return $wanted[0];
    }

    /** Seconds until it leaves the half-depth: the positive root of ½·a·t² + v·t = half-depth. */
    private function staysSharpS(Situation $situation, float $halfDepthM): float
    {
        $closing = abs($situation->rush->travel->closingMps());
        $change = $situation->rush->travel->closingChangeMps2($situation->rush->workM);
        if ($change > 0) {
            return (sqrt($closing ** 2 + 2 * $change * $halfDepthM) - $closing) / $change;
        }

        return $closing > 0 ? $halfDepthM / $closing : INF;
    }
}
