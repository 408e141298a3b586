<?php

declare(strict_types=1);

namespace RushHold\Planning\Choosers;

use RushHold\Kit\Detection;
use RushHold\Planning\AreaScore;
use RushHold\Planning\HoldDraft;
use RushHold\Planning\Situation;
use RushHold\Rush\AimRule;
use RushHold\Rush\Foreground;

/** What subject detection looks for, and whether it may look for eyes: never what the body or the area cannot do. */
final class DetectionChooser implements Chooser
{
    public function choose(Situation $situation, HoldDraft $draft): void
    {
        $body = $situation->kit->body;
        $asked = $situation->rush->subject->detection;
        $score = $draft->areaScore();
        $draft->detection = $body->detects($asked) ? $asked : Detection::None;
        $finds = in_array($situation->rush->kind()->aim, [AimRule::Eye, AimRule::Face, AimRule::Upper, AimRule::Shirt], true);
        $draft->eye = $draft->detection !== Detection::None && in_array($asked, [Detection::Animal, Detection::Bird, Detection::Person], true)
            && $finds && $body->findsEyesIn($score->area) && $situation->eyeShows();
        $share = $situation->framing->targetShare();
        $draft->because('detection.subject', fn (): string => $this->subjectWhy($situation, $draft, $score), ['found' => $score->detection]);
        $draft->because('detection.eye', fn (): string => $this->eyeWhy($situation, $draft, $finds), ['head_share_of_frame' => $share]);
    }

    private function subjectWhy(Situation $situation, HoldDraft $draft, AreaScore $score): string
    {
        $asked = $situation->rush->subject->detection;
        if ($asked === Detection::None) {
            return 'No detection knows this subject; one left on from yesterday would look for the wrong thing.';
        }
        if ($draft->detection === Detection::None) {
            return sprintf('Your body does not detect %s, so the area alone decides.', match ($asked) {
                Detection::Person => 'people',
                default => $asked->value.'s',
            });
        }
        $fraction = AreaScore::percent($situation->framing->largestShare());
        $set = sprintf('Set it to %s: at %s of the frame', $asked->value, $fraction);

        return match (true) {
            $situation->rush->clutter->foreground === Foreground::Dense => sprintf('%s it shows, but what is in front breaks its outline, so do not count on it.', $set),
            $score->detection <= 0 => sprintf('Set it to %s, though %s gives it nothing to work in.', $asked->value, $score->area->words()),
            default => sprintf('%s it finds the outline about %s of the time here.', $set, AreaScore::percent($score->detection)),
        };
    }

    private function eyeWhy(Situation $situation, HoldDraft $draft, bool $finds): string
    {
        $least = $situation->assumptions->value('detection.eye_least');

        return match (true) {
            $draft->eye => sprintf('The head takes %s of the frame\'s width, enough to find the eye.', AreaScore::percent($situation->framing->targetShare())),
            $draft->detection === Detection::None => 'Without detection there is no eye to find.',
            ! $finds => 'The eye is not what you focus on here.',
            ! $situation->kit->body->findsEyesIn($draft->areaScore()->area) => sprintf('Your body finds no eyes in the %s, only the body.', $draft->areaScore()->area->words()),
            $situation->rush->travel->bearingDeg > 125 => 'It goes away from you, so there is no eye to find.',
            default => sprintf('The head takes %s of the frame\'s width; eye detection needs about %s.', AreaScore::percent($situation->framing->targetShare()), AreaScore::percent($least)),
        };
    }
}
