<?php

declare(strict_types=1);

namespace RushHold\Kit;

use RushHold\Document\Reader;
use RushHold\Guard;

/** The AF points of a body as its sheet counts them, and how much of the frame they cover. */
final readonly class AfPoints
{
    /** @param  array<string, int>  $ofAreas  how many points an AF area takes, where the sheet says so, by area */
    private function __construct(
        public int $count,
        public float $width,
        public float $height,
        private array $ofAreas,
    ) {}

    public static function read(Reader $points): self
    {
        $ofAreas = [];
        if ($points->has('areas')) {
            $areas = $points->inside('areas');
            foreach ($areas->names() as $area) {
                $ofAreas[AfArea::from($area)->value] = $areas->whole($area);
            }
        }

        return new self(
            $points->whole('count'),
            Guard::between('body.points.width', $points->number('width'), 0.02, 1.0),
            Guard::between('body.points.height', $points->number('height'), 0.02, 1.0),
            $ofAreas,
        );
    }

    /**
     * Width and height of an area as shares of the frame: as much of the field as it has points of all, square in the grid; null
     * where nobody has said how many it has.
     *
     * @return ?array{float, float}
     */
    public function extent(AfArea $area): ?array
    {
        $points = $this->ofAreas[$area->value] ?? null;
        if ($points === null) {
            return null;
        }
        $share = sqrt(min(1.0, $points / max(1, $this->count)));

        return [$this->width * $share, $this->height * $share];
    }
}
