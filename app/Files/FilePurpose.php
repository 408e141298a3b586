<?php

declare(strict_types=1);

namespace App\Files;

/** What somebody uploads a file for: decides what it may be, how large, and how long it stays. */
enum FilePurpose: string
{
    /** A kit/1 file, to be looked at and taken in. */
    case Kit = 'kit';

    /** Largest file, in bytes. */
    public function largest(): int
    {
        return match ($this) {
            self::Kit => \App\Kits\KitFiles::LARGEST,
        };
    }

    /** @return list<string> media types its content may have */
    public function types(): array
    {
        return match ($this) {
            self::Kit => ['application/json'],
        };
    }

    /** As a sentence says it: what must be sent. */
    public function words(): string
    {
        return match ($this) {
            self::Kit => 'a kit file, which is text in JSON',
        };
    }

    /** Days after which it goes by itself. */
    public function days(): int
    {
        return match ($this) {
            self::Kit => 7,
        };
    }
}
