<?php

declare(strict_types=1);

namespace RushHold\Outing;

use RushHold\Document\Reader;
use RushHold\Guard;
use RushHold\Rush\Sky;

/** The weather of a day by its hours; an hour of which nothing was said is as the one before it, or else the first after. */
final readonly class SkyHours
{
    /** @param  array<int, Weather>  $hours  by hour of the day, 24 and more on the next, in order */
    private function __construct(private array $hours) {}

    /** @param  list<Reader>  $entries */
    public static function read(array $entries): self
    {
        $hours = [];
        foreach ($entries as $entry) {
            $hours[(int) Guard::between($entry->path('hour'), (float) $entry->whole('hour'), 0.0, 47.0)] = Weather::read($entry);
        }
        ksort($hours);

        return new self($hours);
    }

    /** Whether anything was said at all; else the sky is taken as clear. */
    public function isSaid(): bool
    {
        return $this->hours !== [];
    }

    public function at(int $hour): Weather
    {
        $found = null;
        foreach ($this->hours as $from => $weather) {
            if ($found === null || $from <= $hour) {
                $found = $weather;
            }
        }

        return $found ?? new Weather(Sky::Clear);
    }
}
