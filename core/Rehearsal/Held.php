<?php

declare(strict_types=1);

namespace RushHold\Rehearsal;

/** What the focus holds at one moment. Whole numbers, because there is one for every step of every pass. */
final class Held
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
}
