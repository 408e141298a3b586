<?php

declare(strict_types=1);

namespace RushHold\Planning\Choosers;

use RushHold\Kit\FocusMode;
use RushHold\Motion\Pattern;
use RushHold\Planning\AreaScore;
use RushHold\Planning\HandWork;
use RushHold\Planning\HoldDraft;
use RushHold\Planning\Situation;
use RushHold\Rush\Foreground;
use RushHold\Wording\Units;

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
        $net = $rush->photographer->schools->on('auto_switch') === 'net' && $stays && $rush->travel->speedMps > 0
            && $situation->kit->body->offers(FocusMode::AutoSwitch);
        $mode = $net ? FocusMode::AutoSwitch : $this->firstOffered($situation, $stays ? $this->forStill($rush->clutter->foreground) : [
            FocusMode::Continuous, FocusMode::AutoSwitch, FocusMode::Manual, FocusMode::SingleWithOverride, FocusMode::Single,
        ]);
        if ($mode === FocusMode::Manual && ! $stays) {
            $draft->technique = $hand->best();
        }
        $draft->focusMode = $mode;
        $draft->because('focus_mode', fn (): string => $net
            ? sprintf('Your school uses the camera\'s own guess as a net: it locks while it sits and follows when it goes. Single would do: it strays %s of %s.', $situation->units->length($driftM, 2), $situation->units->length($halfDepthM, 2))
            : $this->why($situation, $mode, $stays, $driftM, $halfDepthM), [
                'drift_m' => $driftM, 'half_depth_m' => $halfDepthM, 'wait_s' => $waitS, 'closing_mps' => $rush->travel->closingMps(),
            ], $net ? 'auto-switch: a net' : null);
    }

    /** Whether the hand focuses: by school where there is clutter in front, or because its numbers are clearly better. */
    private function wantsHand(Situation $situation, HoldDraft $draft, HandWork $hand): bool
    {
        $photographer = $situation->rush->photographer;
        $school = $photographer->schools->on('clutter');
        $cluttered = $situation->cluttered();
        $afShare = $draft->areaScore()->score;
        $bySchool = $school === 'manual' && $cluttered;
        $byNumbers = $school === null && $cluttered && $photographer->manualSkill >= $situation->assumptions->value('hand.able')
            && $hand->sharpShare() > $afShare + $situation->assumptions->value('hand.margin');
        if (! $bySchool && ! $byNumbers) {
            return false;
        }
        $draft->focusMode = FocusMode::Manual;
        $draft->technique = $hand->best();
        $draft->because('focus_mode', fn (): string => sprintf(
            '%s Autofocus would keep it %s of the time here, your hand %s.',
            $bySchool ? 'There is clutter, and you would rather miss by your own hand than by the camera\'s.' : 'Clutter defeats autofocus here, and you are able by hand.',
            AreaScore::percent($afShare), AreaScore::percent($hand->sharpShare()),
        ), ['af_share' => $afShare, 'hand_share' => $hand->sharpShare(), 'break_even' => $hand->breakEven], $bySchool ? 'clutter: by hand' : null);

        return true;
    }

    /** How far it may leave the plane before the last frame of a short burst; fidgets of what sits go in any direction. */
    private function driftM(Situation $situation, float $waitS): float
    {
        $travel = $situation->rush->travel;
        if ($situation->rush->pattern === Pattern::Still) {
            return $travel->speedMps * $waitS;
        }

        return abs($travel->closingMps()) * $waitS + 0.5 * $travel->closingChangeMps2($situation->rush->workM) * $waitS ** 2;
    }

    /** @return list<FocusMode> */
    private function forStill(Foreground $foreground): array
    {
        $singles = [FocusMode::Single, FocusMode::SingleWithOverride];

        return [...($foreground === Foreground::None ? $singles : array_reverse($singles)), FocusMode::Manual, FocusMode::Continuous, FocusMode::AutoSwitch];
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

    private function why(Situation $situation, FocusMode $mode, bool $stays, float $driftM, float $halfDepthM): string
    {
        $units = $situation->units;
        $rush = $situation->rush;
        if ($stays) {
            return sprintf(
                'It strays %s at most while a single lock lasts, inside the %s that is sharp.%s', $units->length($driftM), $units->length($halfDepthM),
                $mode === FocusMode::SingleWithOverride ? ' The ring then corrects for what is in front.' : '',
            );
        }
        $lack = $mode === FocusMode::Continuous ? '' : ' This body has no continuous mode; this is the nearest to it.';
        if ($driftM > $halfDepthM) {
            return sprintf(
                'A single lock would be %s off by the end of a short burst; only %s is sharp.%s',
                $units->length($driftM), $units->length($halfDepthM), $lack,
            );
        }

        return sprintf(
            'At %s it would stay sharp for %s after a single lock, but a turn would end that at once.%s',
            $units->speed($rush->travel->speedMps), Units::time($this->staysSharpS($situation, $halfDepthM)), $lack,
        );
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
