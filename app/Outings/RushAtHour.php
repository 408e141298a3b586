<?php

declare(strict_types=1);

namespace App\Outings;

use RushHold\Rush\Rush;

/** A rush in the light of the hour it is expected in. */
final readonly class RushAtHour
{
    /**
     * @param  string  $spot  where; it stays with whoever owns the card
     * @param  array<string, mixed>  $hours  as a card tells them, also to others
     * @param  list<array<mixed>>  $checks  what the day adds to what is looked at before going out
     */
    public function __construct(public Rush $rush, public string $spot, public array $hours, public array $checks) {}
}
