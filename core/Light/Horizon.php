<?php

declare(strict_types=1);

namespace RushHold\Light;

/** How high what stands around a place reaches: a few points, straight between them, all round. */
final readonly class Horizon
{
    /** @param  list<array{float, float}>  $points  azimuth from 0 to under 360, altitude; in order of azimuth, one at each */
    private function __construct(private array $points) {}

    public static function flat(): self
    {
        return new self([]);
    }

    /** @param  list<array{float, float}>  $points  azimuth and altitude in degrees, in any order; of two at one azimuth the higher */
    public static function through(array $points): self
    {
        $by = [];
        foreach ($points as [$azimuth, $altitude]) {
            $azimuth = Angle::full($azimuth);
            $by[(string) $azimuth] = [$azimuth, max($altitude, $by[(string) $azimuth][1] ?? -90.0)];
        }
        usort($by, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return new self($by);
    }

    /** Its altitude in a direction, in degrees; 0 where nothing was said. */
    public function altitudeDeg(float $azimuthDeg): float
    {
        $count = count($this->points);
        if ($count === 0) {
            return 0.0;
        }
        $azimuth = Angle::full($azimuthDeg);
        $after = 0;
        while ($after < $count && $this->points[$after][0] < $azimuth) {
            $after++;
        }
        [$fromAzimuth, $from] = $this->points[($after + $count - 1) % $count];
        [$toAzimuth, $to] = $this->points[$after % $count];
        $width = Angle::full($toAzimuth - $fromAzimuth);
        $share = $width > 0 ? Angle::full($azimuth - $fromAzimuth) / $width : 0.0;

        return $from * (1 - $share) + $to * $share;
    }

    /** How much higher what is seen of the sun's middle stands than the line, in degrees. */
    public function clearanceDeg(Sun $sun): float
    {
        return $sun->apparentDeg() - $this->altitudeDeg($sun->azimuthDeg);
    }

    /** Whether it hides the sun: what is seen of its centre stands under the line, and not under the true horizon. */
    public function hides(Sun $sun): bool
    {
        $seen = $sun->apparentDeg();

        return $seen > 0 && $seen < $this->altitudeDeg($sun->azimuthDeg);
    }
}
