<?php

declare(strict_types=1);

namespace RushHold\Faults;

/** A document with at least one fault; carries them all, so that they can be put right in one go. */
final class FaultyDocument extends \DomainException
{
    /** @param  non-empty-list<Fault>  $faults */
    public function __construct(public readonly array $faults)
    {
        $words = array_map(static fn (Fault $fault): string => $fault->getMessage(), $faults);
        parent::__construct(implode("\n", $words));
    }
}
