<?php

declare(strict_types=1);

namespace RushHold\Light;

use RushHold\Assumptions\Assumptions;
use RushHold\Rush\Sky;

/** How bright it is by the sun's altitude and the sky, as an exposure value at ISO 100. Source: docs/model.md, Light through the day. */
final readonly class Daylight
{
    /** Under this altitude nothing gets darker that a camera would tell. */
    private const NIGHT_DEG = -12.0;

    /** Altitudes with a figure each, from the lowest. */
    private const ALTITUDES_DEG = [-6, -3, 0, 3, 6, 10, 20, 30, 45];

    /** @var non-empty-list<array{float, float}> altitude and light of a clear sky, from the lowest */
    private array $points;

    public function __construct(private Assumptions $assumptions)
    {
        $this->points = array_map(
            static fn (int $deg): array => [(float) $deg, $assumptions->value("light.sun.{$deg}")],
            self::ALTITUDES_DEG,
        );
    }

    /**
     * @param  float  $altitudeDeg  geometric, of the sun's centre
     * @param  Cover  $cover  what stands between the sun and the spot
     */
    public function ev100(float $altitudeDeg, Sky $sky, Cover $cover = Cover::None): float
    {
        // a cloud takes the direct light as shade does: what is gone cannot be taken twice
        $loss = $cover !== Cover::None && $altitudeDeg > 0
            ? min($this->skyStops($sky), $this->assumptions->value('light.shade'))
            : $this->skyStops($sky);
        // leaves take of the sky's light too
        $leaves = $cover === Cover::Canopy ? $this->assumptions->value('light.canopy') : 0.0;

        return $this->clear($altitudeDeg) + $loss + $leaves;
    }

    /** With nothing between the sun and the spot. */
    public function clear(float $altitudeDeg): float
    {
        [$lowestDeg, $least] = $this->points[0];

        return $altitudeDeg < $lowestDeg
            ? // a stop a degree, as the last degrees of the table, until it is night
            $least + max($altitudeDeg, self::NIGHT_DEG) - $lowestDeg
            : self::along($this->points, $altitudeDeg);
    }

    /** The altitude a sun must have for this light under this sky; what is brighter than any has the highest of the table. */
    public function altitudeDeg(float $ev100, Sky $sky): float
    {
        $clear = $ev100 - $this->skyStops($sky);
        [$lowestDeg, $least] = $this->points[0];

        return $clear < $least
            ? max(self::NIGHT_DEG, $lowestDeg + $clear - $least)
            : self::along(array_map(array_reverse(...), $this->points), $clear);
    }

    /**
     * Straight between points, level after the last.
     *
     * @param  non-empty-list<array<float>>  $points
     */
    private static function along(array $points, float $at): float
    {
        for ($to = 1; $to < count($points); $to++) {
            [[$from, $low], [$until, $high]] = [$points[$to - 1], $points[$to]];
            if ($at <= $until) {
                return $until > $from ? $low + (($at - $from) / ($until - $from)) * ($high - $low) : $high;
            }
        }

        return $points[count($points) - 1][1];
    }

    /** Stops that clouds take of a clear sky's light; 0 or less. */
    public function skyStops(Sky $sky): float
    {
        return $sky === Sky::Clear ? 0.0 : $this->assumptions->value('light.sky.'.$sky->value);
    }
}
