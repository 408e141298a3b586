<?php

declare(strict_types=1);

namespace RushHold\Light;

/** What the sun does between two moments: when it rises, sets, stands highest, and when it is dark. */
final readonly class SunDay
{
    /** How far apart the moments are looked at before a crossing is narrowed down, in seconds. */
    private const STEP_S = 600.0;

    /**
     * @param  list<SunEvent>  $events  in order of time
     * @param  float  $highestDeg  the highest geometric altitude it comes to
     * @param  float  $lowestDeg  the lowest
     */
    private function __construct(public array $events, public float $highestDeg, public float $lowestDeg) {}

    public static function between(Observer $observer, float $fromS, float $toS): self
    {
        $altitude = static fn (float $at): float => Sun::at($observer, $at)->altitudeDeg;
        $moments = self::moments($observer, $fromS, $toS);
        $events = [];
        foreach ([SunEventKind::Transit->value => 0.0, SunEventKind::Lowest->value => 180.0] as $kind => $angle) {
            foreach (self::passes($observer, $angle, $fromS, $toS) as $at) {
                $events[] = new SunEvent(SunEventKind::from($kind), $at);
            }
        }
        $heights = array_map($altitude, $moments);
        $levels = [
            [Sun::RISING_DEG, SunEventKind::Rise, SunEventKind::Set],
            [Sun::CIVIL_DEG, SunEventKind::Dawn, SunEventKind::Dusk],
        ];
        foreach ($levels as [$level, $up, $down]) {
            for ($at = 1; $at < count($moments); $at++) {
                [$before, $after] = [$heights[$at - 1] - $level, $heights[$at] - $level];
                if ($before < 0 !== $after < 0) {
                    $events[] = new SunEvent(
                        $after < 0 ? $down : $up,
                        self::root(
                            static fn (float $s): float => $altitude($s) - $level,
                            $moments[$at - 1],
                            $moments[$at],
                        ),
                    );
                }
            }
        }
        usort($events, static fn (SunEvent $a, SunEvent $b): int => $a->unixS <=> $b->unixS);

        return new self($events, max($heights), min($heights));
    }

    /** The first of a kind, in Unix seconds; null where there is none. */
    public function first(SunEventKind $kind): ?float
    {
        foreach ($this->events as $event) {
            if ($event->kind === $kind) {
                return $event->unixS;
            }
        }

        return null;
    }

    /** Whether it stays over the horizon all the while. */
    public function neverSets(): bool
    {
        return $this->lowestDeg > Sun::RISING_DEG;
    }

    /** Whether it stays under the horizon all the while. */
    public function neverRises(): bool
    {
        return $this->highestDeg < Sun::RISING_DEG;
    }

    /**
     * Moments between which the altitude only rises or only falls: a grid, and the moments it turns at.
     *
     * @return non-empty-list<float>
     */
    private static function moments(Observer $observer, float $fromS, float $toS): array
    {
        $grid = [$fromS, $toS];
        for ($at = $fromS + self::STEP_S; $at < $toS; $at += self::STEP_S) {
            $grid[] = $at;
        }
        sort($grid);
        $altitude = static fn (float $at): float => Sun::at($observer, $at)->altitudeDeg;
        $heights = array_map($altitude, $grid);
        $turns = [];
        for ($at = 1; $at < count($grid) - 1; $at++) {
            $sign = match (true) {
                $heights[$at] >= $heights[$at - 1] && $heights[$at] > $heights[$at + 1] => 1.0,
                $heights[$at] <= $heights[$at - 1] && $heights[$at] < $heights[$at + 1] => -1.0,
                default => 0.0,
            };
            if ($sign !== 0.0) {
                $turns[] = self::turn(
                    static fn (float $s): float => $sign * $altitude($s),
                    $grid[$at - 1],
                    $grid[$at + 1],
                );
            }
        }
        $moments = [...$grid, ...$turns];
        sort($moments);

        return $moments;
    }

    /**
     * When it passes an hour angle.
     *
     * @return list<float>
     */
    private static function passes(Observer $observer, float $angleDeg, float $fromS, float $toS): array
    {
        $off = static fn (float $at): float => Angle::signed(Sun::at($observer, $at)->hourAngleDeg - $angleDeg);
        $found = [];
        for ($at = $fromS; $at < $toS; $at += self::STEP_S) {
            $end = min($toS, $at + self::STEP_S);
            // it only ever grows; a fall is the step from +180 to −180 on the other side of the sky
            if ($off($at) <= 0 && $off($end) > 0) {
                $found[] = self::root($off, $at, $end);
            }
        }

        return $found;
    }

    /**
     * The moment something passes nought, to a twentieth of a second.
     *
     * @param  \Closure(float): float  $of  of opposite signs at the two ends
     */
    public static function root(\Closure $of, float $fromS, float $toS): float
    {
        $isUnder = $of($fromS) < 0;
        while ($toS - $fromS > 0.05) {
            $half = ($fromS + $toS) / 2;
            if ($of($half) < 0 === $isUnder) {
                $fromS = $half;
            } else {
                $toS = $half;
            }
        }

        return ($fromS + $toS) / 2;
    }

    /**
     * The moment of the largest value, by golden section.
     *
     * @param  \Closure(float): float  $of  with one peak between the ends
     */
    private static function turn(\Closure $of, float $fromS, float $toS): float
    {
        $golden = (sqrt(5) - 1) / 2;
        while ($toS - $fromS > 1.0) {
            $left = $toS - $golden * ($toS - $fromS);
            $right = $fromS + $golden * ($toS - $fromS);
            if ($of($left) < $of($right)) {
                $fromS = $left;
            } else {
                $toS = $right;
            }
        }

        return ($fromS + $toS) / 2;
    }
}
