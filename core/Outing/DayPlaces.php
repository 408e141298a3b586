<?php

declare(strict_types=1);

namespace RushHold\Outing;

/** The places one may be at on a day: the spots of its rushes, and dry ground to wait on off each that the water cuts off. */
final readonly class DayPlaces
{
    /**
     * @param  list<Spot>  $spots  by place: the spot; of dry ground the one it lies off
     * @param  list<bool>  $isAshore  by place: whether it is dry ground off that spot, and not the spot itself
     * @param  array<string, SpotWater>  $waters  by spot
     */
    private function __construct(
        public array $spots,
        private array $isAshore,
        private array $waters,
        private Ways $ways,
    ) {}

    /**
     * @param  array<string, SpotWater>  $waters  by spot
     */
    public static function of(Outing $outing, array $waters, Ways $ways): self
    {
        $spots = [];
        foreach ($outing->expected as $expected) {
            $spots[$expected->spot->id] = $expected->spot;
        }
        $ashore = [];
        foreach ($spots as $id => $spot) {
            $ground = $waters[$id]->wayOff->spot;
            if ($waters[$id]->isCutOff() && $ground !== null) {
                $spots[$ground] ??= $outing->place->spots[$ground];
            } elseif ($waters[$id]->isCutOff()) {
                $ashore[] = $spot;
            }
        }
        $places = [...array_values($spots), ...$ashore];

        return new self(
            $places,
            array_map(static fn (int $at): bool => $at >= count($spots), array_keys($places)),
            $waters,
            $ways,
        );
    }

    /** Which place a spot is. */
    public function number(Spot $spot): int
    {
        foreach ($this->spots as $place => $one) {
            if ($one->id === $spot->id && ! $this->isAshore[$place]) {
                return $place;
            }
        }

        return 0;
    }

    public function isDry(int $place): bool
    {
        return $this->isAshore[$place] || ! $this->waters[$this->spots[$place]->id]->isCutOff();
    }

    /** The spot a place is; null of dry ground that is none. */
    public function spot(int $place): ?Spot
    {
        return $this->isAshore[$place] ? null : $this->spots[$place];
    }

    /**
     * Minutes from one place to another; null where nobody goes so. From dry ground off a spot it is as far to all others as from that spot,
     * as nobody has said where it lies, and no nearer to one that the water cuts off than dry ground is to that.
     */
    public function minutes(int $from, int $to): ?float
    {
        [$a, $b] = [$this->spots[$from], $this->spots[$to]];
        if ($this->isAshore[$from] || $this->isAshore[$to]) {
            return match (true) {
                $a->id === $b->id => $this->waters[$a->id]->wayOff->minutes,
                // one goes ashore off the spot one is at
                $this->isAshore[$to] => null,
                $this->isDry($to) => $this->ways->minutes($a, $b),
                default => max($this->ways->minutes($a, $b), $this->waters[$b->id]->wayOff->minutes),
            };
        }

        return $this->ways->minutes($a, $b);
    }

    /**
     * Whether the way from one place to another is free of water when it is walked from one moment to another: whatever of it the water takes,
     * known to be out of it all the while.
     */
    public function isFree(int $from, int $to, float $fromS, float $untilS): bool
    {
        $wet = 60 * match (true) {
            $this->isAshore[$from], $this->isAshore[$to] => ($untilS - $fromS) / 60,
            default => $this->ways->wetMinutes($this->spots[$from], $this->spots[$to]),
        };
        $leaves = $this->isDry($from) || $this->water($from)->isFree($fromS, min($untilS, $fromS + $wet));

        return $leaves && ($this->isDry($to) || $this->water($to)->isFree(max($fromS, $untilS - $wet), $untilS));
    }

    public function mayStand(int $place, float $fromS, float $untilS): bool
    {
        return $this->isDry($place) || $this->water($place)->standsFrom($fromS, $untilS);
    }

    private function water(int $place): SpotWater
    {
        return $this->waters[$this->spots[$place]->id];
    }
}
