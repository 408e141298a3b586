<?php

declare(strict_types=1);

namespace RushHold\Light;

/** What sun and moon do while somebody is out, and what the sun did and will do just before and after. */
final readonly class SkyDay
{
    /** So far before and after the hours one is out the sun is looked at. */
    private const AROUND_S = 86_400.0;

    private const STEP_S = 300.0;

    /**
     * @param  list<SunEvent>  $events  of the sun while one is out, in order of time
     * @param  ?SunEvent  $before  the last rise or set before
     * @param  ?SunEvent  $after  the next rise or set after
     * @param  SunDay  $around  of the sun, from a day before to a day after
     * @param  list<MoonEvent>  $moon  its rises and sets while one is out
     * @param  Moon  $moonAtBegin  where it stands then
     */
    private function __construct(
        public array $events,
        public ?SunEvent $before,
        public ?SunEvent $after,
        public SunDay $around,
        public array $moon,
        public Moon $moonAtBegin,
    ) {}

    public static function around(Observer $observer, Horizon $horizon, float $fromS, float $untilS): self
    {
        $around = SunDay::between($observer, $fromS - self::AROUND_S, $untilS + self::AROUND_S);
        $events = self::ridge($observer, $horizon, $fromS, $untilS);
        $before = $after = null;
        foreach ($around->events as $event) {
            $isEdge = $event->kind === SunEventKind::Rise || $event->kind === SunEventKind::Set;
            if ($event->unixS >= $fromS && $event->unixS <= $untilS) {
                $events[] = $event;
            } elseif ($isEdge && $event->unixS < $fromS) {
                $before = $event;
            } elseif ($isEdge && $event->unixS > $untilS) {
                $after ??= $event;
            }
        }
        usort($events, static fn (SunEvent $a, SunEvent $b): int => $a->unixS <=> $b->unixS);

        return new self(
            $events,
            $before,
            $after,
            $around,
            self::moon($observer, $fromS, $untilS),
            Moon::at($observer, $fromS),
        );
    }

    /** @return list<SunEvent> those of a kind while one is out */
    public function of(SunEventKind $kind): array
    {
        return array_values(array_filter($this->events, static fn (SunEvent $one): bool => $one->kind === $kind));
    }

    /**
     * When the sun comes over what stands around, and goes behind it: where that is higher than a flat horizon.
     *
     * @return list<SunEvent>
     */
    private static function ridge(Observer $observer, Horizon $horizon, float $fromS, float $untilS): array
    {
        $clears = static fn (float $at): float => $horizon->clearanceDeg(Sun::at($observer, $at));
        $found = [];
        for ($at = $fromS; $at < $untilS; $at += self::STEP_S) {
            $ends = min($untilS, $at + self::STEP_S);
            $comes = $clears($at) < 0;
            if ($comes === $clears($ends) < 0) {
                continue;
            }
            $crosses = SunDay::root($clears, $at, $ends);
            $sun = Sun::at($observer, $crosses);
            if ($horizon->altitudeDeg($sun->azimuthDeg) > 0.05) {
                $found[] = new SunEvent($comes ? SunEventKind::Over : SunEventKind::Behind, $crosses);
            }
        }

        return $found;
    }

    /** @return list<MoonEvent> */
    private static function moon(Observer $observer, float $fromS, float $untilS): array
    {
        $above = static fn (float $at): float => Moon::at($observer, $at)->altitudeDeg - Moon::RISING_DEG;
        $found = [];
        for ($at = $fromS; $at < $untilS; $at += 2 * self::STEP_S) {
            $ends = min($untilS, $at + 2 * self::STEP_S);
            $rises = $above($at) < 0;
            if ($rises !== $above($ends) < 0) {
                $found[] = new MoonEvent($rises, SunDay::root($above, $at, $ends));
            }
        }

        return $found;
    }
}
