<?php

declare(strict_types=1);

namespace RushHold\Tables;

use RushHold\Log\FrameFacts;
use RushHold\Sharpness\FrameVerdict;

/** One frame as a table tells it. */
final readonly class FrameRow
{
    /**
     * @param  string  $name  of its file
     * @param  ?string  $hash  SHA-256 of its file
     * @param  FrameVerdict  $verdict  as measured; unclear where nobody says
     * @param  ?FrameVerdict  $eye  the person's
     * @param  ?string  $burst  what its burst is called there
     * @param  ?string  $rush  name of the rush it was taken for
     */
    public function __construct(
        public string $name,
        public ?string $hash,
        public FrameFacts $facts,
        public FrameVerdict $verdict,
        public float $confidence,
        public ?FrameVerdict $eye,
        public ?float $blurPx,
        public ?float $limitPx,
        public ?string $burst,
        public ?string $rush,
    ) {}

    /** What it is known by again: its file, or else all that is told of it. */
    public function key(): string
    {
        return $this->hash ??
            hash('sha256', (string) json_encode([
                $this->name,
                $this->facts->takenAt,
                $this->facts->body,
                $this->facts->shutterS,
                $this->facts->fNumber,
                $this->facts->focalMm,
            ]));
    }
}
