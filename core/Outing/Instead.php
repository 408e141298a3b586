<?php

declare(strict_types=1);

namespace RushHold\Outing;

/** What stands against working a rush: why, and what is done in its best moment instead. */
final readonly class Instead
{
    /**
     * @param  float  $atS  the moment it would bring most
     * @param  float  $perHour  sharp frames an hour it would bring then, times how much they matter
     * @param  ?int  $other  the rush that is worked then
     * @param  float  $otherPerHour  what that brings an hour
     */
    private function __construct(
        public LeftOut $why,
        public float $atS,
        public float $perHour,
        public ?int $other,
        public float $otherPerHour,
    ) {}

    /** Why the order of a day has no turn for a rush at its best moment. */
    public static function of(Day $day, int $rush): self
    {
        $steps = $day->steps[$rush];
        $expected = $day->outing->expected[$rush];
        $plain = static fn (LeftOut $why): self => new self($why, 0.0, 0.0, null, 0.0);
        if ($steps === []) {
            return $plain(LeftOut::Outside);
        }
        if ($expected->perHour <= 0 || $expected->importance <= 0) {
            return $plain(LeftOut::NoChances);
        }
        [$best, $number] = [null, 0];
        foreach ($steps as $at => $step) {
            if ($step->worth > ($best->worth ?? 0.0) && $day->mayStand($rush, $step)) {
                [$best, $number] = [$step, $at];
            }
        }
        if ($best === null) {
            $comesOut = array_filter($steps, static fn (HoldStep $step): bool => $step->worth > 0);

            $water = $day->waters[$expected->spot->id];

            return $plain($comesOut === [] ? LeftOut::Nothing : self::water($water, $comesOut));
        }
        $other = $day->order->at($number)?->rush;
        $instead = $other === null ? 0.0 : $day->steps[$other][$number]->worth ?? 0.0;

        return new self(
            $instead >= $best->worth ? LeftOut::Other : LeftOut::Elsewhere,
            $best->fromS,
            $best->worth,
            $other,
            $instead,
        );
    }

    /** @param  array<int, HoldStep>  $steps  those in which something would come out */
    private static function water(SpotWater $water, array $steps): LeftOut
    {
        $states = array_map(static fn (HoldStep $step): SpotState => $water->state($step->fromS), $steps);

        return match (true) {
            in_array(SpotState::Open, $states, true) => self::open($water, $steps),
            in_array(SpotState::Shut, $states, true) => LeftOut::Shut,
            default => LeftOut::NotKnown,
        };
    }

    /**
     * Of a spot that is open while something would come out, though nobody may stand there then.
     *
     * @param  array<int, HoldStep>  $steps
     */
    private static function open(SpotWater $water, array $steps): LeftOut
    {
        foreach ($water->stretches as $one) {
            foreach ($steps as $step) {
                $isThen = $one->state === SpotState::Open && $one->stretch->holds($step->fromS);
                foreach ($isThen ? $water->stands : [] as $stands) {
                    if ($one->stretch->covers($stands->fromS, $stands->untilS)) {
                        return LeftOut::NotLeft;
                    }
                }
            }
        }

        return LeftOut::TooShort;
    }
}
