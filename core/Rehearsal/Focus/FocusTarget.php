<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Focus;

/** What the focus holds at one moment. Whole numbers, because there is one for every step of every pass. */
final class FocusTarget
{
    /** Nothing: it looks for something to focus on. */
    public const NOTHING = 0;

    /** The subject. */
    public const SUBJECT = 1;

    /** Something in front of it. */
    public const FRONT = 2;

    /** What is behind it. */
    public const BEHIND = 3;

    /** A nearer part of it, or another of its kind beside it. */
    public const PART = 4;

    /** The plane that a hand has set. */
    public const PLANE = 5;

    /** Each in words, as in "the focus is …". */
    public const WORDS = [
        self::NOTHING => 'looks for it',
        self::SUBJECT => 'on it',
        self::FRONT => 'on what is in front',
        self::BEHIND => 'on what is behind',
        self::PART => 'on a nearer part',
        self::PLANE => 'set by hand',
    ];
}
