<?php

declare(strict_types=1);

namespace RushHold\Outing;

use RushHold\Hold\HoldFields;
use RushHold\Planning\Concession;

/** A stretch of hours in which one hold is right and the same things have given way. */
final readonly class HoldBand
{
    /** Fields whose change makes another hold of it; ISO follows the light within a band, the place in the frame the aim. */
    private const FIELDS = ['focus_mode', 'area.pattern', 'tuning.stay', 'tuning.pace', 'tuning.pick', 'shutter_s', 'f_number'];

    /**
     * @param  non-empty-list<HoldStep>  $steps
     * @param  list<string>  $changed  fields of the hold that are other than in the band before
     * @param  list<string>  $entered  what has given way that had not in the band before, or more than there
     */
    private function __construct(public array $steps, public array $changed, public array $entered) {}

    /**
     * @param  array<int, HoldStep>  $steps  by their number, in order of time; a gap in it ends a band
     * @return list<self>
     */
    public static function through(array $steps): array
    {
        $bands = [];
        $run = [];
        $last = null;
        foreach ($steps as $number => $step) {
            if ($run !== [] && ($number !== $last + 1 || self::key($run[0]) !== self::key($step))) {
                $bands[] = $run;
                $run = [];
            }
            $run[] = $step;
            $last = $number;
        }
        if ($run !== []) {
            $bands[] = $run;
        }
        $found = [];
        foreach ($bands as $at => $run) {
            $before = $at === 0 ? null : $bands[$at - 1][0];
            $found[] = new self(
                $run,
                $before === null ? [] : self::changed($before, $run[0]),
                self::entered($before, $run[0]),
            );
        }

        return $found;
    }

    public function fromS(): float
    {
        return $this->steps[0]->fromS;
    }

    /** The end of what it may happen in of its last five minutes. */
    public function untilS(): float
    {
        return $this->steps[count($this->steps) - 1]->untilS;
    }

    /** @return list<Concession> what has given way in it */
    public function concessions(): array
    {
        return $this->steps[0]->planned->concessions ?? [];
    }

    /** @return array{float, float} least and most ISO in it */
    public function isos(): array
    {
        $isos = array_map(static fn (HoldStep $step): float => (float) ($step->planned->hold->iso ?? 0), $this->steps);

        return [min($isos), max($isos)];
    }

    /** @return array{float, float} least and most share of frames that come out */
    public function shares(): array
    {
        $shares = array_map(static fn (HoldStep $step): float => $step->share, $this->steps);

        return [min($shares), max($shares)];
    }

    private static function key(HoldStep $step): string
    {
        if ($step->planned === null) {
            return '';
        }
        $values = array_intersect_key(HoldFields::values($step->planned->hold), array_flip(self::FIELDS));

        return serialize($values).serialize(self::given($step));
    }

    /** @return array<string, string> what has given way, and how far, by step */
    private static function given(HoldStep $step): array
    {
        $given = [];
        foreach ($step->planned->concessions ?? [] as $one) {
            // by whole stops: what deepens a little is no other hold
            $given[$one->step] = $one->cause.' '.floor($one->costStops + 1e-9).' '.($one->figures['standard'] ?? '');
        }
        unset($given['frame']);

        return $given;
    }

    /** @return list<string> */
    private static function changed(HoldStep $before, HoldStep $now): array
    {
        if ($before->planned === null || $now->planned === null) {
            return [];
        }

        return array_values(
            array_intersect(HoldFields::differences($before->planned->hold, $now->planned->hold), self::FIELDS),
        );
    }

    /** @return list<string> */
    private static function entered(?HoldStep $before, HoldStep $now): array
    {
        return array_map(
            strval(...),
            array_keys(array_diff_assoc(self::given($now), $before === null ? [] : self::given($before))),
        );
    }
}
