<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Estimate;

use RushHold\Rehearsal\Verdict;

/** Names of verdicts for a person, and which dials treat them. */
final class VerdictWords
{
    /** What a frame dies of, to follow "3 die": "of its motion". */
    public static function diesOf(Verdict $verdict): string
    {
        return match ($verdict) {
            Verdict::Sharp => '',
            Verdict::Motion => 'of its motion',
            Verdict::Shake => 'of your hands',
            Verdict::Front => 'with the plane in front of it',
            Verdict::Back => 'with the plane behind it',
            Verdict::WrongThing => 'because the focus is on something else',
            Verdict::OutOfArea => 'because the area is off it',
            Verdict::OutOfFrame => 'outside the frame',
            Verdict::Hidden => 'behind what stands in between',
            Verdict::Depth => 'because the group is deeper than what is sharp',
            Verdict::Diffraction => 'of so small an aperture',
            Verdict::Air => 'of trembling air',
        };
    }

    /**
     * What treats it, where no dial does.
     *
     * @param  bool  $byHand  whether a hand focuses
     */
    public static function treatedBy(Verdict $verdict, bool $byHand = false): string
    {
        return match ($verdict) {
            Verdict::Sharp => '',
            Verdict::Motion => 'a faster shutter, or a better pan',
            Verdict::Shake => 'support, the stabiliser, a faster shutter',
            Verdict::Front, Verdict::Back => $byHand
                ? 'a smaller aperture, or pressing nearer to the plane'
                : 'pace, or a smaller aperture',
            Verdict::WrongThing => 'stay, or another area: a sweep tells which',
            Verdict::OutOfArea => 'a larger area',
            Verdict::OutOfFrame => 'a shorter focal length, or more distance',
            Verdict::Hidden => 'another place to stand',
            Verdict::Depth => 'a smaller aperture, or waiting until they line up',
            Verdict::Diffraction => 'a larger aperture',
            Verdict::Air => 'a shorter way through the air, an earlier hour, or a line of sight higher over the ground',
        };
    }
}
