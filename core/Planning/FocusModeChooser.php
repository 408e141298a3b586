<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Hold\ManualTechnique;
use RushHold\Kit\FocusMode;
use RushHold\Motion\Pattern;
use RushHold\Rush\Foreground;
use RushHold\Rush\Route;
use RushHold\Units;

/**
 * How to focus. What moves gets continuous; what stays inside the sharp zone for as long as a single lock lasts gets single;
 * the school of the hand takes over where clutter is in front.
 */
final class FocusModeChooser implements Chooser
{
    public function choose(Situation $situation, Draft $draft): Draft
    {
        $rush = $situation->rush;
        if ($rush->photographer->schools->on('clutter') === 'manual' && $rush->clutter->foreground !== Foreground::None
            && $situation->kit->body->offers(FocusMode::Manual)) {
            return $this->byHand($situation, $draft);
        }
        $waitS = $situation->assumptions->value('focus.single_wait');
        $halfDepthM = $situation->halfDepthM($situation->kit->widestF());
        $driftM = $this->driftM($situation, $waitS);
        $stays = ! $rush->moves() && $driftM <= $halfDepthM;
        $mode = $this->firstOffered($situation, $stays ? $this->forStill($rush->clutter->foreground) : [
            FocusMode::Continuous, FocusMode::AutoSwitch, FocusMode::Manual, FocusMode::SingleWithOverride, FocusMode::Single,
        ]);

        return $draft->withFocus($mode, null, new Reason('focus_mode', $this->why($situation, $mode, $stays, $driftM, $halfDepthM), [
            'drift_m' => $driftM, 'half_depth_m' => $halfDepthM, 'wait_s' => $waitS, 'closing_mps' => $rush->travel->closingMps(),
        ]), new Reason('manual_technique', 'The camera focuses, so no technique of the hand is needed.'));
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
        foreach ($wanted as $mode) {
            if ($situation->kit->body->offers($mode)) {
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
        $lack = $mode === FocusMode::Continuous ? '' : ' This body has no continuous mode, so this is the nearest to it.';
        if ($driftM > $halfDepthM) {
            return sprintf(
                'A single lock would be %s off by the end of a short burst; only %s is sharp.%s',
                $units->length($driftM), $units->length($halfDepthM), $lack,
            );
        }

        return sprintf(
            'It moves at %s. It would stay sharp for %s after a single lock, but a turn would end that at once.%s',
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

    private function byHand(Situation $situation, Draft $draft): Draft
    {
        $rush = $situation->rush;
        $driftM = $this->driftM($situation, 1.0);
        [$technique, $why] = match (true) {
            $rush->pattern === Pattern::Sudden => [ManualTechnique::Pull, 'It comes without warning: sweep the ring one way through it while you burst.'],
            $rush->route === Route::Known && $rush->moves() => [ManualTechnique::Trap, 'Its way is known: set the plane on it first and burst as it crosses.'],
            default => [ManualTechnique::Follow, sprintf('It shifts %s in a second, slow enough to stay on it with the ring.', $situation->units->length($driftM))],
        };

        return $draft->withFocus(
            FocusMode::Manual,
            $technique,
            new Reason('focus_mode', 'There is clutter in front, and you would rather miss by your own hand than by the camera\'s.', [], 'clutter: by hand'),
            new Reason('manual_technique', $why, ['drift_in_one_second_m' => $driftM], 'clutter: by hand'),
        );
    }
}
