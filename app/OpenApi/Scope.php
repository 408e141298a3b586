<?php

declare(strict_types=1);

namespace App\OpenApi;

/** What a key of another program may do. */
enum Scope: string
{
    /** Reads, and reckons without keeping anything. */
    case Read = 'read';

    /** Reads and changes. */
    case Write = 'write';

    /** @return list<self> the scopes of which one must be given to a key for this */
    public function allowedBy(): array
    {
        return $this === self::Read ? [self::Read, self::Write] : [self::Write];
    }
}
