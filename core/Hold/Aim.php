<?php

declare(strict_types=1);

namespace RushHold\Hold;

/** Where on the subject the focus belongs. */
enum Aim: string
{
    /** The eye, or the nearer of two. */
    case Eye = 'eye';

    /** The head, where the eye is too small or turned away. */
    case Head = 'head';

    /** The chest, on number or lettering. */
    case Chest = 'chest';

    /** The number on the back. */
    case BackNumber = 'back-number';

    /** The face. */
    case Face = 'face';

    /** The helmet. */
    case Helmet = 'helmet';

    /** The middle of the body. */
    case Body = 'body';

    /** The edge against the background. */
    case Edge = 'edge';

    /** The front edge of a machine. */
    case LeadingEdge = 'leading-edge';

    public function words(): string
    {
        return match ($this) {
            self::BackNumber => 'back number',
            self::LeadingEdge => 'leading edge',
            default => $this->value,
        };
    }

    /** Whether it is on the head or the front, where a drawing of the subject has a point of its own for it. */
    public function isOnHead(): bool
    {
        return in_array($this, [self::Eye, self::Head, self::Face, self::Helmet, self::LeadingEdge], true);
    }
}
