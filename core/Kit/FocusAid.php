<?php

declare(strict_types=1);

namespace RushHold\Kit;

/** What a body shows to help the hand focus. */
enum FocusAid: string
{
    /** Edges that are sharp are marked in the finder. */
    case Peaking = 'peaking';

    /** A part of the picture is shown enlarged. */
    case Magnified = 'magnified';

    /** The lens is closed to the aperture that will be used. */
    case DepthPreview = 'depth-preview';

    public function words(): string
    {
        return match ($this) {
            self::Peaking => 'peaking',
            self::Magnified => 'magnified view',
            self::DepthPreview => 'depth preview',
        };
    }
}
