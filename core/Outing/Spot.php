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
    ) {}

    public static function read(Reader $spot): self
    {
        return new self(
            $spot->text('id'),
            $spot->text('name'),
            self::position($spot),
            Guard::between($spot->path('bearing_deg'), $spot->number('bearing_deg'), 0.0, 360.0, '°'),
            $spot->has('ground') ? $spot->choice('ground', Ground::class) : null,
            $spot->has('height_m')
                ? Guard::between($spot->path('height_m'), $spot->number('height_m'), 0.1, 500.0, 'm')
                : null,
            $spot->has('cover') ? $spot->choice('cover', Cover::class) : Cover::None,
            $spot->has('cut_off_m')
                ? Guard::between($spot->path('cut_off_m'), $spot->number('cut_off_m'), -20.0, 20.0, 'm')
                : null,
        );
    }

    public static function position(Reader $of): Observer
    {
        return Observer::at(
            Guard::between($of->path('latitude_deg'), $of->number('latitude_deg'), -90.0, 90.0, '°'),
            Guard::between($of->path('longitude_deg'), $of->number('longitude_deg'), -180.0, 180.0, '°'),
        );
    }
}
