<?php

declare(strict_types=1);

namespace App\Archive;

use RushHold\Faults\Fault;

/** An archive of which nothing is taken. */
final class RefusedArchive extends Fault
{
    public static function because(string $words): self
    {
        return new self('archive', '', '', $words);
    }
}
