<?php

declare(strict_types=1);

namespace RushHold\Planning\Choosers;

use RushHold\Hold\Aim;
use RushHold\Planning\AreaScore;
use RushHold\Planning\HoldDraft;
use RushHold\Planning\Situation;
use RushHold\Rush\AimRule;
use RushHold\Rush\Detail;

/** Where on the subject to put the focus. */
final class AimChooser implements Chooser
{
    /** Bearing from which it shows its back, in degrees. */
    private const AWAY = 125.0;

    /** Share of the frame's width below which a head is too small to aim at. */
    private const TOO_SMALL = 0.004;

    public function choose(Situation $situation, HoldDraft $draft): void
    {
        $rush = $situation->rush;
        $share = $situation->framing->targetShare();
        $away = $rush->travel->bearingDeg > self::AWAY;
        $school = $rush->photographer->schools->on('people');
        [$aim, $why, $by] = match (true) {
            $rush->subject->detail === Detail::Low => [Aim::Edge, 'It is plain, so a point on its flank finds nothing: aim where its edge meets the background.', null],
            default => $this->byRule($situation, $rush->kind()->aim, $away, $share < self::TOO_SMALL, $school),
        };
        $draft->aim = $aim;
        $draft->because('aim', $why, ['patch_share_of_frame' => $share, 'bearing_deg' => $rush->travel->bearingDeg], $by);
    }

    /** @return array{Aim, string, ?string} */
    private function byRule(Situation $situation, AimRule $rule, bool $away, bool $small, ?string $school): array
    {
        return match ($rule) {
            AimRule::Eye => match (true) {
                $away => [Aim::Body, 'It goes away from you and shows no eye; the back is what can be sharp.', null],
                $small => [Aim::Body, sprintf('Its head is %s of the frame\'s width, too small to aim at: keep the body under the area.', AreaScore::percent($situation->framing->targetShare())), null],
                $situation->eyeShows() => [Aim::Eye, 'A sharp eye makes the picture, and it is large enough here.', null],
                default => [Aim::Head, 'The eye is too small to aim at from here, the head is not.', null],
            },
            AimRule::Shirt => match (true) {
                $away => [Aim::BackNumber, 'Seen from behind: the number on the back has the contrast.', null],
                $school === 'face' && $situation->rush->travel->bearingDeg <= 75 && ! $small => [Aim::Face, 'Your school takes the face when it can be had; expect to lose it at each turn of the head.', 'people: face'],
                default => [Aim::Chest, 'The shirt\'s number and lettering hold the focus, the face turns away too often.', $school === 'chest' ? 'people: chest' : null],
            },
            AimRule::Upper => [Aim::Head, 'Head and shoulders stay put while arms and racket fly; never the ball.', null],
            AimRule::Face => $situation->rush->travel->bearingDeg > 110
                ? [Aim::Head, 'The face is turned away; the head is what shows.', null]
                : [Aim::Face, $situation->rush->subject->kind->value === 'swimmer' ? 'The face is the first thing out of the water.' : 'It stays where it is, so the face can be had.', null],
            AimRule::Middle => [Aim::Body, 'A larger patch in the middle stays under the area through the turn.', null],
            AimRule::Helmet => [Aim::Helmet, 'It has a hard edge and lies in one plane with the eyes.', null],
            AimRule::Front => $away
                ? [Aim::Edge, 'Seen from behind: take the edge of the tail.', null]
                : [Aim::LeadingEdge, 'The front edge is what must be sharp, and it is nearest to you.', null],
        };
    }
}
