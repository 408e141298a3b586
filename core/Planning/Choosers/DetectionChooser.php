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
        $finds = in_array(
            $situation->rush->kind()->aim,
            [AimRule::Eye, AimRule::Face, AimRule::Upper, AimRule::Shirt],
            true,
        );
        $draft->eye =
            $draft->detection !== Detection::None &&
            in_array($asked, [Detection::Animal, Detection::Bird, Detection::Person], true) &&
            $finds &&
            $body->findsEyesIn($score->area) &&
            $situation->eyeShows();
        $draft->because('detection.subject', $this->subjectCode($situation, $draft, $score), [
            'found' => $score->detection,
            'asked' => $asked->value,
            'share_of_frame' => $situation->framing->largestShare(),
            'area' => $score->area->value,
        ]);
        $draft->because('detection.eye', $this->eyeCode($situation, $draft, $finds), [
            'head_share_of_frame' => $situation->framing->targetShare(),
            'least_share' => $situation->assumptions->value('detection.eye_least'),
            'area' => $score->area->value,
        ]);
    }

    private function subjectCode(Situation $situation, HoldDraft $draft, AreaScore $score): string
    {
        return match (true) {
            $situation->rush->subject->detection === Detection::None => 'unknown',
            $draft->detection === Detection::None => 'not-offered',
            $situation->rush->clutter->foreground === Foreground::Dense => 'broken',
            $score->detection <= 0 => 'no-room',
            default => 'finds',
        };
    }

    private function eyeCode(Situation $situation, HoldDraft $draft, bool $finds): string
    {
        return match (true) {
            $draft->eye => 'finds',
            $draft->detection === Detection::None => 'no-detection',
            ! $finds => 'not-the-eye',
            ! $situation->kit->body->findsEyesIn($draft->areaScore()->area) => 'not-in-area',
            $situation->showsBack() => 'away',
            default => 'too-small',
        };
    }
}
