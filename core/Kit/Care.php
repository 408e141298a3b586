<?php

declare(strict_types=1);

namespace RushHold\Kit;

use RushHold\Document\Reader;

/** When a piece was last looked after; dates as "2026-11-24", null where nobody has said. */
final readonly class Care
{
    private function __construct(public ?string $firmwareOn, public ?string $contactsOn, public ?string $tunedOn) {}

    public static function read(Reader $piece): self
    {
        if (! $piece->has('care')) {
            return new self(null, null, null);
        }
        $care = $piece->inside('care');

        return new self(self::day($care, 'firmware_on'), self::day($care, 'contacts_on'), self::day($care, 'tuned_on'));
    }

    /** Whole days from one day to another, both as "2026-11-24". */
    public static function daysBetween(string $from, string $to): int
    {
        return (int) (new \DateTimeImmutable($from))->diff(new \DateTimeImmutable($to))->format('%r%a');
    }

    private static function day(Reader $care, string $name): ?string
    {
        $day = $care->optionalText($name);
        if ($day === null) {
            return null;
        }
        $read = \DateTimeImmutable::createFromFormat('!Y-m-d', $day);

        return $read !== false && $read->format('Y-m-d') === $day
            ? $day
            : throw \RushHold\Faults\NotADay::in($care->path($name), $day);
    }
}
