<?php

declare(strict_types=1);

namespace RushHold\Wording\Reasons;

use RushHold\Kit\AfArea;
use RushHold\Planning\Reason;
use RushHold\Wording\Share;

/** What the camera looks for on the subject, and where to aim. */
final readonly class SubjectReasons implements FieldWords
{
    public function fields(): array
    {
        return ['detection.subject', 'detection.eye', 'aim'];
    }

    public function why(Reason $reason): string
    {
        return match ($reason->field) {
            'detection.subject' => self::detection($reason),
            'detection.eye' => self::eye($reason),
            default => self::aim($reason),
        };
    }

    public function adopted(Reason $adopted): string
    {
        return '';
    }

    private static function detection(Reason $reason): string
    {
        $asked = $reason->choice('asked');
        $set = sprintf('Set it to %s: at %s of the frame', $asked, Share::percent($reason->number('share_of_frame')));

        return match ($reason->code) {
            'unknown' => 'No detection knows this subject; one left on from yesterday would look for the wrong thing.',
            'not-offered' => sprintf(
                'Your body does not detect %s, so the area alone decides.',
                $asked === 'person' ? 'people' : $asked.'s',
            ),
            'broken' => sprintf('%s it shows, but what is in front breaks its outline, so do not count on it.', $set),
            'no-room' => sprintf(
                'Set it to %s, though %s gives it nothing to work in.',
                $asked,
                AfArea::from($reason->choice('area'))->words(),
            ),
            default => sprintf(
                '%s it finds the outline about %s of the time here.',
                $set,
                Share::percent($reason->number('found')),
            ),
        };
    }

    private static function eye(Reason $reason): string
    {
        $head = Share::percent($reason->number('head_share_of_frame'));

        return match ($reason->code) {
            'finds' => sprintf('The head takes %s of the frame\'s width, enough to find the eye.', $head),
            'no-detection' => 'Without detection there is no eye to find.',
            'not-the-eye' => 'The eye is not what you focus on here.',
            'not-in-area' => sprintf(
                'Your body finds no eyes in the %s, only the body.',
                AfArea::from($reason->choice('area'))->words(),
            ),
            'away' => 'It goes away from you, so there is no eye to find.',
            default => sprintf(
                'The head takes %s of the frame\'s width; eye detection needs about %s.',
                $head,
                Share::percent($reason->number('least_share')),
            ),
        };
    }

    private static function aim(Reason $reason): string
    {
        return match ($reason->code) {
            'plain' => 'It is plain, so a point on its flank finds nothing: aim where its edge meets the background.',
            'back' => 'It goes away from you and shows no eye; the back is what can be sharp.',
            'small-head' => sprintf(
                'Its head is %s of the frame\'s width, too small to aim at: keep the body under the area.',
                Share::percent($reason->number('patch_share_of_frame')),
            ),
            'eye' => 'A sharp eye makes the picture, and it is large enough here.',
            'small-eye' => 'The eye is too small to aim at from here, the head is not.',
            'back-number' => 'Seen from behind: the number on the back has the contrast.',
            'school' => 'Your school takes the face when it can be had; expect to lose it at each turn of the head.',
            'shirt' => 'The shirt\'s number and lettering hold the focus, the face turns away too often.',
            'upper' => 'Head and shoulders stay put while arms and racket fly; never the ball.',
            'face-turned' => 'The face is turned away; the head is what shows.',
            'surfaces' => 'The face is the first thing out of the water.',
            'face' => 'It stays where it is, so the face can be had.',
            'middle-still' => 'Its middle is what must be sharp.',
            'middle' => 'A larger patch in the middle stays under the area through the turn.',
            'helmet' => 'It has a hard edge and lies in one plane with the eyes.',
            'tail' => 'Seen from behind: take the edge of the tail.',
            default => 'The front edge is what must be sharp, and it is nearest to you.',
        };
    }
}
