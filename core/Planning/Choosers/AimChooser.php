<?php

declare(strict_types=1);

namespace RushHold\Planning\Choosers;

use RushHold\Hold\Aim;
use RushHold\Planning\HoldDraft;
use RushHold\Planning\Situation;
use RushHold\Rush\AimRule;
use RushHold\Rush\Detail;
use RushHold\Rush\Posture;
use RushHold\Rush\SchoolAnswer;

/** Where on the subject to put the focus. */
final class AimChooser implements Chooser
{
    public function choose(Situation $situation, HoldDraft $draft): void
    {
        $rush = $situation->rush;
        $school = $rush->photographer->schools->answerTo('people');
        [$aim, $code, $by] =
            $rush->subject->detail === Detail::Low
                ? [Aim::Edge, 'plain', null] // a point on its flank finds nothing
                : $this->byRule($situation, $rush->kind()->aim, $school);
        $draft->aim = $aim;
        $draft->because(
            'aim',
            $code,
            ['patch_share_of_frame' => $situation->framing->targetShare(), 'bearing_deg' => $situation->facingDeg()],
            $by,
        );
    }

    /** @return array{Aim, string, ?SchoolAnswer} */
    private function byRule(Situation $situation, AimRule $rule, ?SchoolAnswer $school): array
    {
        $away = $situation->showsBack();
        $small = $situation->framing->targetShare() < $situation->assumptions->value('aim.smallest_head');
        $bearingDeg = $situation->facingDeg();

        return match ($rule) {
            AimRule::Eye => match (true) {
                $away => [Aim::Body, 'back', null],
                $small => [Aim::Body, 'small-head', null],
                $situation->eyeShows() => [Aim::Eye, 'eye', null],
                default => [Aim::Head, 'small-eye', null],
            },
            AimRule::Shirt => match (true) {
                $away => [Aim::BackNumber, 'back-number', null],
                $school?->answer === 'face' &&
                    $bearingDeg <= $situation->assumptions->value('aim.face_turned') &&
                    ! $small => [Aim::Face, 'school', $school],
                default => [Aim::Chest, 'shirt', $school?->answer === 'chest' ? $school : null],
            },
            AimRule::Upper => [Aim::Head, 'upper', null],
            AimRule::Face => match (true) {
                $bearingDeg > $situation->assumptions->value('aim.face_hidden') => [Aim::Head, 'face-turned', null],
                $situation->rush->kind()->moving === Posture::InWater => [Aim::Face, 'surfaces', null],
                default => [Aim::Face, 'face', null],
            },
            AimRule::Middle => [Aim::Body, $situation->rush->moves() ? 'middle' : 'middle-still', null],
            AimRule::Helmet => [Aim::Helmet, 'helmet', null],
            AimRule::Front => $away ? [Aim::Edge, 'tail', null] : [Aim::LeadingEdge, 'front', null],
        };
    }
}
