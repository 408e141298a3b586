<?php

declare(strict_types=1);

namespace RushHold\Rehearsal;

/** What became of one frame, and of what it died: the largest part of its blur, or what kept the subject out of it. */
enum Verdict: string
{
    /** All blur together is within the standard. */
    case Sharp = 'sharp';

    /** The subject streaked while the shutter was open. */
    case Motion = 'motion';

    /** The camera turned in the hands while the shutter was open. */
    case Shake = 'shake';

    /** On the subject, but the plane lay in front of it. */
    case Front = 'front';

    /** On the subject, but the plane lay behind it. */
    case Back = 'back';

    /** The focus had taken something else, or was on its way back from it. */
    case WrongThing = 'wrong-thing';

    /** The AF area was off the subject, and the focus went on without it. */
    case OutOfArea = 'out-of-area';

    /** The subject was not in the frame. */
    case OutOfFrame = 'out-of-frame';

    /** Something stood before the subject when the shutter opened. */
    case Hidden = 'hidden';

    /** The group is deeper than the aperture makes sharp. */
    case Depth = 'depth';

    /** The aperture is so small that diffraction alone softens it. */
    case Diffraction = 'diffraction';

    /** The air over warm ground trembled. */
    case Air = 'air';

    /** Whether it is there to be seen, and died because the plane was not on it, as far as a frame can tell that. */
    public function isFocusOff(): bool
    {
        return ! in_array($this, [self::Sharp, self::Motion, self::Shake], true) && $this->isThere();
    }

    /** Whether the subject is to be seen. */
    public function isThere(): bool
    {
        return $this !== self::OutOfFrame && $this !== self::Hidden;
    }

    /** In two or three words, as a frame is labelled. */
    public function words(): string
    {
        return match ($this) {
            self::Sharp => 'sharp',
            self::Motion => 'its motion',
            self::Shake => 'your hands',
            self::Front => 'plane in front',
            self::Back => 'plane behind',
            self::WrongThing => 'on something else',
            self::OutOfArea => 'area off it',
            self::OutOfFrame => 'outside the frame',
            self::Hidden => 'hidden',
            self::Depth => 'group too deep',
            self::Diffraction => 'aperture too small',
            self::Air => 'trembling air',
        };
    }
}
