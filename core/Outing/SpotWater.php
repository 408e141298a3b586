<?php

declare(strict_types=1);

namespace RushHold\Outing;

use RushHold\Assumptions\Assumptions;

/**
 * What the water lets one do at one spot: when it is open, shut or not known, and when one may stand there: on the spot and on the whole
 * way to ground that stays dry the water must be known to be lower than what cuts it off, by so many minutes before it comes and after it
 * went.
 */
final readonly class SpotWater
{
    /**
     * @param  list<WaterStretch>  $stretches  from −INF to INF, one after the other
     * @param  list<Stretch>  $free  when the spot and the way to it are known to be out of the water, margins kept
     * @param  list<Stretch>  $stands  when one may stand there: there is time left for the way on and off
     */
    private function __construct(
        public Spot $spot,
        public WayOff $wayOff,
        public array $stretches,
        public array $free,
        public array $stands,
    ) {}

    /** @param  Water  $water  with what it goes on by, where that was asked for */
    public static function of(Spot $spot, Water $water, WayOff $wayOff, Assumptions $assumptions): self
    {
        $always = [new Stretch(-INF, INF)];
        if ($spot->cutOffM === null) {
            return new self($spot, $wayOff, [new WaterStretch(SpotState::Open, $always[0])], $always, $always);
        }
        $typed = 60 * $assumptions->value('outing.water');
        $reckoned = max($typed, 60 * $assumptions->value('outing.water_reckoned'));
        $stretches = $water->stretches($spot->cutOffM);
        // a time that comes twice in a night is kept out of both times
        $second = $water->second()?->stretches($spot->cutOffM) ?? [];
        $wet = [];
        foreach ([...$stretches, ...$second] as $one) {
            if ($one->state !== SpotState::Open) {
                $wet[] = $one->stretch->widened(
                    $one->fromReckoned ? $reckoned : $typed,
                    $one->untilReckoned ? $reckoned : $typed,
                );
            }
        }
        usort($wet, static fn (Stretch $a, Stretch $b): int => $a->fromS <=> $b->fromS);
        $free = Stretch::between($wet);
        $offS = 60 * $wayOff->minutes;
        $stands = array_map(static fn (Stretch $one): Stretch => $one->widened(-$offS, -$offS), $free);

        return new self(
            $spot,
            $wayOff,
            $stretches,
            $free,
            array_values(array_filter($stands, static fn (Stretch $one): bool => $one->untilS > $one->fromS)),
        );
    }

    /** Whether water can cut it off at all. */
    public function isCutOff(): bool
    {
        return $this->spot->cutOffM !== null;
    }

    public function state(float $unixS): SpotState
    {
        foreach ($this->stretches as $one) {
            if ($unixS < $one->stretch->untilS) {
                return $one->state;
            }
        }

        return SpotState::Unknown;
    }

    /** Whether one may stand there from one moment to another. */
    public function standsFrom(float $fromS, float $untilS): bool
    {
        return self::anyCovers($this->stands, $fromS, $untilS);
    }

    /** Whether the way to it may be walked from one moment to another. */
    public function isFree(float $fromS, float $untilS): bool
    {
        return self::anyCovers($this->free, $fromS, $untilS);
    }

    /** When one must be off the spot, of the while in which one stands there at a moment; null where one may not, or where it has no end. */
    public function beOffS(float $unixS): ?float
    {
        foreach ($this->stands as $one) {
            if ($one->holds($unixS)) {
                return is_finite($one->untilS) ? $one->untilS : null;
            }
        }

        return null;
    }

    /** @param  list<Stretch>  $stretches */
    private static function anyCovers(array $stretches, float $fromS, float $untilS): bool
    {
        foreach ($stretches as $one) {
            if ($one->covers($fromS, $untilS)) {
                return true;
            }
        }

        return false;
    }
}
