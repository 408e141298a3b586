<?php

declare(strict_types=1);

namespace RushHold\Rush;

use RushHold\Document\Reader;

/** What the photographer wants from it. */
final readonly class Intent
{
    private function __construct(public Follow $follow, public Limbs $limbs, public Style $style, public Entry $entry) {}

    public static function read(Reader $intent): self
    {
        return new self(
            $intent->choice('follow', Follow::class),
            $intent->choice('limbs', Limbs::class),
            $intent->choice('style', Style::class),
            $intent->choice('entry', Entry::class),
        );
    }
}
