<?php

declare(strict_types=1);

namespace RushHold\Hold;

/** Which button focuses. */
enum Scheme: string
{
    /** Half a press of the shutter. */
    case Shutter = 'shutter';

    /** A rear button; the shutter only fires. */
    case Thumb = 'thumb';

    /** One rear button for a small area, a second for tracking. */
    case TwoThumbs = 'two-thumbs';

    /** The shutter with wide tracking, two rear buttons for choosing one and for locking a plane. */
    case ThreeButtons = 'three-buttons';
}
