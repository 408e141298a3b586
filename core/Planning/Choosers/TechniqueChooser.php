<?php

declare(strict_types=1);

namespace RushHold\Planning\Choosers;

use RushHold\Hold\ManualTechnique;
use RushHold\Kit\FocusMode;
use RushHold\Planning\AreaScore;
use RushHold\Planning\HandWork;
use RushHold\Planning\HoldDraft;
use RushHold\Planning\Situation;
use RushHold\Wording\Units;

/** Says what the hand is to do, at the aperture chosen, or why it is not needed. */
final class TechniqueChooser implements Chooser
{
    public function choose(Situation $situation, HoldDraft $draft): void
    {
        $hand = $draft->hand = HandWork::of($situation, $draft->settings->fNumber ?? $situation->kit->widestF());
        $numbers = [
            'break_even_af_hit' => $hand->breakEven, 'af_share' => $draft->areaScore()->score, 'trap_frames' => $hand->trap?->at->frames,
            'pull_frames' => $hand->pullFrames, 'follow_frames' => $hand->followFrames,
        ];
        $school = $situation->rush->photographer->schools->on('clutter') === 'manual' ? 'clutter: by hand' : null;
        $draft->because('manual_technique', fn (): string => match ($draft->technique) {
            ManualTechnique::Trap => $this->trap($situation, $hand),
            ManualTechnique::Pull => $this->pull($situation, $hand),
            ManualTechnique::Follow => sprintf(
                'Rock the ring to stay on it: it shifts %s a second, and about %s of %s frames will be sharp.',
                $situation->units->length(abs($situation->rush->travel->closingMps()), 2), Units::figures($hand->followFrames, 2), Units::figures($hand->followShare > 0 ? $hand->followFrames / $hand->followShare : 0.0, 2),
            ),
            null => $this->notNeeded($draft, $hand),
        }, $numbers, $draft->technique === null ? null : $school);
    }

    private function trap(Situation $situation, HandWork $hand): string
    {
        $trap = $hand->trap;
        if ($trap === null) {
            return 'Set the plane on its way first and burst as it crosses.';
        }
        $units = $situation->units;
        if (is_infinite($trap->at->timeS)) {
            return sprintf('Set the plane at %s: all of its way is sharp there.', $units->length($trap->distanceM));
        }

        return sprintf(
            'Set the plane at %s and press %s before it is there: it stays sharp for %s, about %s frames%s. One sharp frame in %s of the passes.',
            $units->length($trap->distanceM), $units->length($trap->leadM, 2), Units::time($trap->at->timeS), Units::figures($trap->at->frames, 2),
            $trap->at->frames > $trap->hereFrames * 1.05 ? sprintf(', against %s at %s', Units::figures($trap->hereFrames, 2), $units->length($situation->rush->workM)) : '',
            AreaScore::percent($trap->pOne()),
        );
    }

    private function pull(Situation $situation, HandWork $hand): string
    {
        $comes = $situation->rush->travel->closingMps() >= 0;

        return sprintf(
            'Sweep the ring from %s, at about %s through the scene, so that the plane meets it while you burst. One sweep gives about %s sharp frames.',
            $comes ? 'near to far' : 'far to near', $situation->units->speed($hand->sweepMps, 2), Units::figures($hand->pullFrames, 2),
        );
    }

    private function notNeeded(HoldDraft $draft, HandWork $hand): string
    {
        $share = AreaScore::percent($draft->areaScore()->score);
        $autofocus = $draft->focusMode !== FocusMode::Manual;

        return match (true) {
            ! $autofocus => 'Set the ring once and leave it.',
            $hand->breakEven <= 0 => sprintf('The camera focuses: it starts sooner than your hand whatever it misses, and here it keeps %s.', $share),
            $draft->areaScore()->score < $hand->breakEven && $hand->sharpShare() < $draft->areaScore()->score => sprintf(
                'Your hand would start sooner than a camera that keeps only %s, but would have %s of the frames sharp: let the camera focus.', $share, AreaScore::percent($hand->sharpShare()),
            ),
            $draft->areaScore()->score < $hand->breakEven => sprintf(
                'The camera keeps only %s, and your hand would start sooner and keep %s. With more practice by hand, or the school of the hand, this would be manual.', $share, AreaScore::percent($hand->sharpShare()),
            ),
            default => sprintf('The camera focuses: it must hit %s of the time to start sooner than your hand, and here it keeps %s.', AreaScore::percent($hand->breakEven), $share),
        };
    }
}
