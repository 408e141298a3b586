<?php

declare(strict_types=1);

namespace RushHold\Rush;

use RushHold\Document\Reader;
use RushHold\Kit\Orientation;

/** What the photographer wants from it. */
final readonly class Intent
{
    /** @param  ?Orientation  $frame  how the camera is to be held, null when the plan may choose */
    private function __construct(
        public Follow $follow,
        public Limbs $limbs,
        public Style $style,
        public Entry $entry,
        public Streak $streak,
        public ?Orientation $frame,
    ) {}

    public static function read(Reader $intent): self
    {
        return new self(
            $intent->choice('follow', Follow::class),
            $intent->choice('limbs', Limbs::class),
            $intent->choice('style', Style::class),
            $intent->choice('entry', Entry::class),
            $intent->has('streak') ? $intent->choice('streak', Streak::class) : Streak::Plain,
            $intent->has('frame') ? $intent->choice('frame', Orientation::class) : null,
        );
    }

    /** The same but for what is given. */
    public function with(?Streak $streak = null, ?Orientation $frame = null): self
    {
        return new self(
            $this->follow,
            $this->limbs,
            $this->style,
            $this->entry,
            $streak ?? $this->streak,
            $frame ?? $this->frame,
        );
    }
}
