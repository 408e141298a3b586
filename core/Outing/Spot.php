<?php

declare(strict_types=1);

namespace RushHold\Outing;

use RushHold\Document\Reader;
use RushHold\Guard;
use RushHold\Light\Cover;
use RushHold\Light\Observer;
use RushHold\Rush\Ground;

/** Where somebody stands at a place, and which way they shoot. */
final readonly class Spot
{
    /**
     * @param  float  $bearingDeg  where the lens points, from true north
     * @param  ?Ground  $ground  what the line of sight runs over, where it is another than the place's
     * @param  ?float  $heightM  of the line of sight over it
     * @param  ?float  $cutOffM  height of water at which it is cut off
     * @param  ?float  $wayOffMinutes  on foot from it to ground that stays dry
     * @param  ?float  $nearM  how near what one shoots from there usually comes
     * @param  ?float  $farM  how far away it usually stays
     */
    private function __construct(
        public string $id,
        public string $name,
        public Observer $position,
        public float $bearingDeg,
        public ?Ground $ground,
        public ?float $heightM,
        public Cover $cover,
        public ?float $cutOffM,
        public ?float $wayOffMinutes,
        public ?float $nearM,
        public ?float $farM,
    ) {}

    public static function read(Reader $spot): self
    {
        return new self(
            $spot->text('id'),
            $spot->text('name'),
            self::position($spot),
            Guard::between($spot->path('bearing_deg'), $spot->number('bearing_deg'), 0.0, 360.0, '°'),
            $spot->has('ground') ? $spot->choice('ground', Ground::class) : null,
            $spot->optional('height_m', 0.1, 500.0, 'm'),
            $spot->has('cover') ? $spot->choice('cover', Cover::class) : Cover::None,
            $spot->optional('cut_off_m', -20.0, 20.0, 'm'),
            $spot->optional('way_off_minutes', 0.0, 600.0, 'min'),
            $spot->optional('near_m', 0.05, 100_000.0, 'm'),
            $spot->optional('far_m', 0.05, 100_000.0, 'm'),
        );
    }

    /** Whether what is so far away is nearer or farther than usual there. */
    public function isUnusual(float $distanceM): bool
    {
        return ($this->nearM !== null && $distanceM < $this->nearM) ||
            ($this->farM !== null && $distanceM > $this->farM);
    }

    public static function position(Reader $of): Observer
    {
        return Observer::at(
            Guard::between($of->path('latitude_deg'), $of->number('latitude_deg'), -90.0, 90.0, '°'),
            Guard::between($of->path('longitude_deg'), $of->number('longitude_deg'), -180.0, 180.0, '°'),
        );
    }
}
