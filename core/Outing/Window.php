<?php

declare(strict_types=1);

namespace RushHold\Outing;

/**
 * The hours somebody is out, from a date on and perhaps past its midnight. Whatever is told of it by the clock alone is a moment of these
 * hours, or of the day they touch, and so has a date.
 */
final readonly class Window
{
    /** Days before and after its date on which a time of day is looked for. */
    private const DAYS = [0, 1, -1];

    private function __construct(public LocalDay $day, public float $fromS, public float $untilS) {}

    /** An end that does not lie after the begin is the next day's. */
    public static function of(LocalDay $day, string $from, string $until, string $under = ''): self
    {
        $fromS = $day->at($from, $under.'from');

        return new self($day, $fromS, $day->after($fromS, $until, $under.'until'));
    }

    public function stretch(): Stretch
    {
        return new Stretch($this->fromS, $this->untilS);
    }

    /** When the clocks show a time: within these hours, or as near to them as it comes; of two as near the one of the date. */
    public function at(string $time, string $field = 'at'): float
    {
        [$found, $least] = [0.0, INF];
        foreach (self::DAYS as $days) {
            $at = $this->day->plus($days)->at($time, $field);
            $apart = max(0.0, $this->fromS - $at, $at - $this->untilS);
            if ($apart < $least - 1e-6) {
                [$found, $least] = [$at, $apart];
            }
        }

        return $found;
    }

    /**
     * Hours of the day that come again every day: those of them that fall into this window, or touch it.
     *
     * @return list<Stretch> in order; none where they all lie outside
     */
    public function hours(string $from, string $until, string $under = ''): array
    {
        $found = [];
        foreach ([-1, 0, 1] as $days) {
            $day = $this->day->plus($days);
            $begins = $day->at($from, $under.'from');
            $ends = $day->after($begins, $until, $under.'until');
            if ($begins < $this->untilS && $ends > $this->fromS) {
                $found[] = new Stretch($begins, $ends);
            }
        }

        return $found;
    }
}
