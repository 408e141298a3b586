<?php

declare(strict_types=1);

namespace RushHold\Planning\Choosers;

use RushHold\Hold\ManualTechnique;
use RushHold\Kit\FocusMode;
use RushHold\Planning\HandWork;
use RushHold\Planning\HoldDraft;
use RushHold\Planning\Situation;

/** Says what the hand is to do, at the aperture chosen, or why it is not needed. */
final class TechniqueChooser implements Chooser
{
    public function choose(Situation $situation, HoldDraft $draft): void
    {
        $hand = $draft->hand = HandWork::of($situation, $draft->settings->fNumber ?? $situation->kit->widestF());
        $rush = $situation->rush;
        $trap = $hand->trap;
        $draft->because(
            'manual_technique',
            match ($draft->technique) {
                ManualTechnique::Trap => match (true) {
                    $trap === null => 'trap-way-unknown',
                    is_infinite($trap->at->timeS) => 'trap-all-sharp',
                    default => 'trap',
                },
                ManualTechnique::Pull => 'pull',
                ManualTechnique::Follow => 'follow',
                null => $this->notNeeded($draft, $hand),
            },
            [
                'break_even_af_hit' => $hand->breakEven,
                'af_share' => $draft->areaScore()->score,
                'hand_share' => $hand->sharpShare(),
                'trap_frames' => $trap?->at->frames,
                'pull_frames' => $hand->pullFrames,
                'follow_frames' => $hand->followFrames,
                'follow_share' => $hand->followShare,
                'sweep_mps' => $hand->sweepMps,
                'closing_mps' => $rush->travel->closingMps(),
                'work_m' => $rush->workM,
                'trap_m' => $trap?->distanceM,
                'lead_m' => $trap?->leadM,
                'trap_s' => $trap?->at->timeS,
                'frames_here' => $trap?->hereFrames,
                'trap_at' => $trap === null ? null : ($trap->distanceM === $rush->workM ? 'here' : 'elsewhere'),
                'trap_one_share' => $trap?->pOne(),
            ],
            $draft->technique === null || $rush->photographer->schools->on('clutter') !== 'manual'
                ? null
                : $rush->photographer->schools->answerTo('clutter'),
        );
    }

    private function notNeeded(HoldDraft $draft, HandWork $hand): string
    {
        $afShare = $draft->areaScore()->score;

        return match (true) {
            $draft->focusMode === FocusMode::Manual => 'set-once',
            $hand->breakEven <= 0 => 'camera-sooner',
            $afShare < $hand->breakEven && $hand->sharpShare() < $afShare => 'hand-sooner-but-fewer',
            $afShare < $hand->breakEven => 'hand-sooner',
            default => 'camera',
        };
    }
}
