<?php

declare(strict_types=1);

namespace RushHold\Outing;

use DateTimeImmutable;
use DateTimeZone;
use RushHold\Faults\NotADay;
use RushHold\Faults\NotATime;
use RushHold\Faults\UnknownChoice;

/** A day by the clocks of a place, which may change their hour in the middle of it. */
final readonly class LocalDay
{
    /** So far clocks go back in the night they do, in seconds. */
    private const BACK_S = [3600.0, 1800.0];

    private function __construct(public string $date, private DateTimeZone $zone) {}

    /**
     * @param  string  $date  2026-05-16
     * @param  string  $zone  a zone of the list PHP carries
     */
    public static function of(string $date, string $zone, string $dateField = 'date', string $zoneField = 'zone'): self
    {
        $zone = self::zone($zone, $zoneField);
        $read = DateTimeImmutable::createFromFormat('!Y-m-d', $date, $zone);
        if ($read === false || $read->format('Y-m-d') !== $date || $date < '1900' || $date > '2101') {
            throw NotADay::in($dateField, $date);
        }

        return new self($date, $zone);
    }

    /** A zone of the list PHP carries, by the names of today or by older ones, which some browsers still give. */
    public static function zone(string $zone, string $field): DateTimeZone
    {
        return in_array($zone, DateTimeZone::listIdentifiers(DateTimeZone::ALL_WITH_BC), true)
            ? new DateTimeZone($zone)
            : throw UnknownChoice::of($field, $zone, ['a zone of the list, such as UTC']);
    }

    /** When the clocks show a time, in Unix seconds; of an hour that is left out the moment after, of one that comes twice the first. */
    public function at(string $time, string $field = 'at'): float
    {
        if (preg_match('/^([01]\d|2[0-3]):[0-5]\d$/', $time) !== 1) {
            throw NotATime::in($field, $time);
        }

        $at = (float) (new DateTimeImmutable("{$this->date} {$time}", $this->zone))->getTimestamp();
        foreach (self::BACK_S as $earlier) {
            if ($this->clock($at - $earlier) === $time) {
                return $at - $earlier;
            }
        }

        return $at;
    }

    /** When the clocks show a time for the second time, where they go back in between; null where it comes once. */
    public function again(string $time, string $field = 'at'): ?float
    {
        $at = $this->at($time, $field);
        foreach (self::BACK_S as $later) {
            if ($this->clock($at + $later) === $time) {
                return $at + $later;
            }
        }

        return null;
    }

    /** The same, on the next day where it is not after another moment of this one. */
    public function after(float $fromS, string $time, string $field = 'until'): float
    {
        $at = $this->at($time, $field);

        return $at > $fromS ? $at : $this->next()->at($time, $field);
    }

    public function next(): self
    {
        return $this->plus(1);
    }

    /** So many days on, or back. */
    public function plus(int $days): self
    {
        $other = (new DateTimeImmutable($this->date, $this->zone))->modify("{$days} day");

        return new self($other->format('Y-m-d'), $this->zone);
    }

    /** How many days after this one a moment lies by the clocks of the place: 0 on it, 1 on the next, −1 on the one before. */
    public function daysUntil(float $unixS): int
    {
        $date = $this->moment($unixS)->format('Y-m-d');

        return $date === $this->date
            ? 0
            : (int) (new DateTimeImmutable($this->date))->diff(new DateTimeImmutable($date))->format('%r%a');
    }

    /** Its first moment. */
    public function begins(): float
    {
        return (float) (new DateTimeImmutable($this->date, $this->zone))->getTimestamp();
    }

    /** What the clocks show at a moment: 07:40. */
    public function clock(float $unixS): string
    {
        return $this->moment($unixS)->format('H:i');
    }

    /** A moment by these clocks with how far they are ahead: 2026-05-16T07:40:00+01:00. */
    public function iso(float $unixS): string
    {
        return $this->moment($unixS)->format('c');
    }

    /** The hour of this day the clocks show; from 24 on of the next, under 0 of the one before. */
    public function hour(float $unixS): int
    {
        return (int) $this->moment($unixS)->format('G') + 24 * $this->daysUntil($unixS);
    }

    private function moment(float $unixS): DateTimeImmutable
    {
        return (new DateTimeImmutable('@'.(int) round($unixS)))->setTimezone($this->zone);
    }
}
