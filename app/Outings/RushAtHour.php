<?php

declare(strict_types=1);

namespace App\Outings;

use RushHold\Rush\Rush;

/** A rush on a day out: in the light of the hour it is set for, and what the water does where it is expected. */
final readonly class RushAtHour
{
    /**
     * @param  ?Rush  $rush  null where the day has no hour to set it for: it stands as it is written
     * @param  string  $spot  where; it stays with whoever owns the card
     * @param  ?array<string, mixed>  $hours  as a card tells them, also to others
     * @param  ?string  $water  what the water does there, without the name of the spot; null where it does nothing
     * @param  list<array<mixed>>  $checks  what the day adds to what is looked at before going out
     */
    public function __construct(
        public ?Rush $rush,
        public string $spot,
        public ?array $hours,
        public ?string $water,
        public array $checks,
    ) {}
}
