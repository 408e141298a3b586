<?php

declare(strict_types=1);

namespace App\Log;

use RushHold\Sharpness\Box;

/** A frame that has been read and not yet kept. */
final readonly class ReadFrame
{
    /** Under which name its pictures are kept, which nobody can guess. */
    public string $picture;

    /**
     * @param  string  $hash  SHA-256 of its file
     * @param  string  $name  of its file
     * @param  ?string  $fileId  its file, where that is kept for a while
     * @param  string  $whole  all of it, reduced: a JPEG
     * @param  string  $piece  round its subject, as it is: a JPEG
     * @param  Box  $crop  what of the picture that shows, as the file lies
     */
    public function __construct(
        public string $hash,
        public string $name,
        public ?string $fileId,
        public Looked $looked,
        public string $whole,
        public string $piece,
        public Box $crop,
    ) {
        $this->picture = bin2hex(random_bytes(16));
    }

    public function bytes(): int
    {
        return strlen($this->whole) + strlen($this->piece);
    }
}
