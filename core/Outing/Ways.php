<?php

declare(strict_types=1);

namespace RushHold\Outing;

use RushHold\Assumptions\Assumptions;
use RushHold\Light\Observer;
use RushHold\Rush\Ground;

/** How long one walks from spot to spot of a place, and from each to ground that stays dry. */
final readonly class Ways
{
    /** @param  array<string, float>  $typed  minutes between two spots, by "id id" */
    public function __construct(private Place $place, private array $typed, private Assumptions $assumptions) {}

    /** Minutes from one spot to another: as they were typed, or by the crow at one's pace over such ground. */
    public function minutes(Spot $from, Spot $to): float
    {
        return $from->id === $to->id
            ? 0.0
            : $this->typed["{$from->id} {$to->id}"] ??
                    $this->walked($from->position, $to->position, $from->cutOffM !== null || $to->cutOffM !== null);
    }

    public function isTyped(Spot $from, Spot $to): bool
    {
        return isset($this->typed["{$from->id} {$to->id}"]);
    }

    /**
     * The way off a spot: what was typed for it; or the shortest typed one to a spot that no water cuts off, or else the nearest such spot
     * by the crow. A place that has none is left for where the place itself is, and for no less than an assumed while.
     */
    public function off(Spot $spot): WayOff
    {
        if ($spot->cutOffM === null) {
            return new WayOff(0.0, $spot->id, WayKnown::Typed);
        }
        if ($spot->wayOffMinutes !== null) {
            return new WayOff($spot->wayOffMinutes, null, WayKnown::Typed);
        }
        $best = null;
        foreach ($this->place->spots as $other) {
            if ($other->cutOffM !== null) {
                continue;
            }
            $known = $this->isTyped($spot, $other) ? WayKnown::Typed : WayKnown::Reckoned;
            $one = new WayOff($this->minutes($spot, $other), $other->id, $known);
            $isAlike = $best !== null && $best->known === $known;
            $isNearer = $isAlike && $one->minutes < $best->minutes;
            if ($best === null || $isNearer || (! $isAlike && $known === WayKnown::Typed)) {
                $best = $one;
            }
        }
        if ($best !== null) {
            return $best;
        }
        $least = $this->assumptions->value('outing.way_off');
        $walked = $this->walked($spot->position, $this->place->position, true);

        return $walked > $least
            ? new WayOff($walked, null, WayKnown::Reckoned)
            : new WayOff($least, null, WayKnown::Assumed);
    }

    /** Minutes of a walk whose ground the water takes: to ground that stays dry, or all of it where it leads from such a spot to another. */
    public function wetMinutes(Spot $from, Spot $to): float
    {
        $whole = $this->minutes($from, $to);
        $wet = $from->cutOffM === null ? $to : $from;

        return $wet->wayOffMinutes === null || ($from->cutOffM !== null && $to->cutOffM !== null)
            ? $whole
            : min($whole, $wet->wayOffMinutes);
    }

    /** @param  bool  $isTidal  whether water covers it at times: what it leaves behind is sand at the best */
    private function walked(Observer $from, Observer $to, bool $isTidal): float
    {
        $slower = match ($this->place->ground) {
            Ground::Sand => $this->assumptions->value('outing.pace_sand'),
            Ground::Marsh, Ground::Water => $this->assumptions->value('outing.pace_mud'),
            Ground::Snow => $this->assumptions->value('outing.pace_snow'),
            Ground::Stone => $this->assumptions->value('outing.pace_stone'),
            Ground::Grass, Ground::Tarmac => 1.0,
        };

        if ($isTidal) {
            $slower = min($slower, $this->assumptions->value('outing.pace_sand'));
        }

        return $from->distanceM($to) / ($this->assumptions->value('outing.pace') * $slower) / 60;
    }
}
