<?php

declare(strict_types=1);

namespace RushHold\Planning\Explore;

use RushHold\Faults\Fault;
use RushHold\Hold\Hold;
use RushHold\Hold\HoldFields;
use RushHold\Light\Daylight;
use RushHold\Motion\Skill;
use RushHold\Motion\Support;
use RushHold\Planning\Plan;
use RushHold\Planning\Planner;
use RushHold\Rush\Background;
use RushHold\Rush\Crossers;
use RushHold\Rush\Foreground;
use RushHold\Rush\Rush;
use RushHold\Rush\Sky;

/**
 * What would change the answer: for speed, distance and light in both directions, and for every neighbouring word of clutter,
 * skill and support, the nearest value at which a field of the hold changes. Found by asking the planner itself: outwards in steps,
 * then halving the step in which a field changed.
 */
final class TippingPoints
{
    /** Steps outwards, each a quarter more or less (half a stop of light). */
    private const STEPS = 7;

    private const FACTOR = 1.25;

    /** Halvings of a step: to under half a percent. */
    private const HALVINGS = 6;

    private readonly Hold $now;

    /** @var array<string, bool|float|int|string|null> */
    private readonly array $nowValues;

    /** @var array<string, ?array{Hold, array<string, bool|float|int|string|null>}> holds asked for, with their comparable values */
    private array $known = [];

    public function __construct(private readonly Planner $planner, private readonly Plan $plan)
    {
        $this->now = $plan->hold;
        $this->nowValues = HoldFields::values($this->now);
    }

    /** @return list<TippingPoint> nearest first within each dimension */
    public function all(): array
    {
        $rush = $this->plan->situation->rush;
        $points = [];
        foreach (['below' => -1, 'above' => 1] as $direction => $sign) {
            array_push(
                $points,
                ...$this->numbers(
                    'speed',
                    $direction,
                    $rush->travel->speedMps > 0 ? $rush->travel->speedMps : ($sign > 0 ? 0.05 : 0.0),
                    $sign,
                    static fn (float $v): Rush => $rush->with(speedMps: $v),
                ),
                ...$this->numbers(
                    'distance',
                    $direction,
                    $rush->workM,
                    $sign,
                    static fn (float $v): Rush => $rush->with(workM: $v),
                ),
                ...$this->numbers(
                    'light',
                    $direction,
                    $rush->ev100,
                    $sign,
                    static fn (float $v): Rush => $rush->with(ev100: $v),
                ),
            );
        }

        return [...$points, ...$this->words()];
    }

    /**
     * One field's nearest flip of all, or null when nothing tried flips it.
     *
     * @param  list<TippingPoint>  $points
     */
    public static function nearest(array $points, string $field): ?TippingPoint
    {
        $nearest = null;
        foreach ($points as $point) {
            if (in_array($field, $point->fields, true) && ($nearest === null || $point->far < $nearest->far)) {
                $nearest = $point;
            }
        }

        return $nearest;
    }

    /**
     * @param  \Closure(float): Rush  $at
     * @return list<TippingPoint>
     */
    private function numbers(string $dimension, string $direction, float $from, int $sign, \Closure $at): array
    {
        if ($dimension !== 'light' && $from <= 0.0) {
            return [];
        }
        $step = static fn (float $value): float => $dimension === 'light'
            ? $value + $sign * 0.5
            : $value * self::FACTOR ** $sign;
        $hold = fn (float $value): ?array => ($this->known[$dimension.$value] ??= $this->valued($at($value)));
        $left = array_fill_keys(array_diff(array_keys(HoldFields::FIELDS), ['area.place']), true); // the place slides with everything
        $found = [];
        $inner = $from;
        for ($turn = 0; $turn < self::STEPS && $left !== []; $turn++) {
            $outer = $step($inner);
            $there = $hold($outer);
            if ($there === null) {
                break;
            }
            $values = $there[1];
            foreach (array_keys($left) as $field) {
                if ($values[$field] !== $this->nowValues[$field]) {
                    $value = $this->halve($field, $inner, $outer, $hold);
                    $found[(string) $value][] = $field;
                    unset($left[$field]);
                }
            }
            $inner = $outer;
        }

        return $this->gathered($dimension, $direction, $found, $from, $hold);
    }

    /** @param  \Closure(float): ?array{Hold, array<string, bool|float|int|string|null>}  $hold */
    private function halve(string $field, float $inner, float $outer, \Closure $hold): float
    {
        for ($turn = 0; $turn < self::HALVINGS; $turn++) {
            $middle = ($inner + $outer) / 2;
            $there = $hold($middle);
            if ($there !== null && $there[1][$field] === $this->nowValues[$field]) {
                $inner = $middle;
            } else {
                $outer = $middle;
            }
        }

        return $outer;
    }

    /**
     * @param  array<int|string, list<string>>  $found  fields by the value at which they change
     * @param  \Closure(float): ?array{Hold, array<string, bool|float|int|string|null>}  $hold
     * @return list<TippingPoint>
     */
    private function gathered(string $dimension, string $direction, array $found, float $from, \Closure $hold): array
    {
        $points = [];
        foreach ($found as $text => $fields) {
            $value = (float) $text;
            $there = $hold($value);
            if ($there !== null) {
                $far = $dimension === 'light' ? abs($value - $from) : abs(log($value / $from, 2));
                $points[] = new TippingPoint(
                    $dimension,
                    $direction,
                    (float) sprintf('%.4g', $value),
                    $far,
                    self::telling($fields),
                    $there[0],
                );
            }
        }
        usort($points, static fn (TippingPoint $a, TippingPoint $b): int => $a->far <=> $b->far);

        return $points;
    }

    /** @return list<TippingPoint> */
    private function words(): array
    {
        $rush = $this->plan->situation->rush;
        $clutter = $rush->clutter;
        $photographer = $rush->photographer;
        $choices = [
            'front' => [
                Foreground::cases(),
                $clutter->foreground,
                static fn (\BackedEnum $to): Rush => $rush->with(
                    clutter: $clutter->with(foreground: $to instanceof Foreground ? $to : null),
                ),
            ],
            'behind' => [
                Background::cases(),
                $clutter->background,
                static fn (\BackedEnum $to): Rush => $rush->with(
                    clutter: $clutter->with(background: $to instanceof Background ? $to : null),
                ),
            ],
            'crossers' => [
                Crossers::cases(),
                $clutter->crossers,
                static fn (\BackedEnum $to): Rush => $rush->with(
                    clutter: $clutter->with(crossers: $to instanceof Crossers ? $to : null),
                ),
            ],
            'skill' => [
                Skill::cases(),
                $photographer->skill,
                static fn (\BackedEnum $to): Rush => $rush->with(
                    photographer: $photographer->with(skill: $to instanceof Skill ? $to : null),
                ),
            ],
            'support' => [
                Support::cases(),
                $photographer->support,
                static fn (\BackedEnum $to): Rush => $rush->with(
                    photographer: $photographer->with(support: $to instanceof Support ? $to : null),
                ),
            ],
        ];
        if ($this->plan->situation->seeing->turbulence !== null) {
            $now = $rush->air->sky ?? Sky::Clear;
            $choices['sky'] = [
                Sky::cases(),
                $now,
                fn (\BackedEnum $to): Rush => $this->under($to instanceof Sky ? $to : $now),
            ];
        }
        $points = [];
        foreach ($choices as $dimension => [$cases, $now, $at]) {
            $here = array_search($now, $cases, true);
            foreach ($cases as $place => $case) {
                $there = $case === $now ? null : $this->holdOf($at($case));
                $fields = $there === null ? [] : HoldFields::differences($this->now, $there);
                if ($there !== null && $fields !== []) {
                    $points[] = new TippingPoint(
                        $dimension,
                        'to',
                        $case->value,
                        0.6 * abs($place - (int) $here),
                        self::telling($fields),
                        $there,
                    );
                }
            }
        }
        usort(
            $points,
            static fn (TippingPoint $a, TippingPoint $b): int => [$a->dimension, $a->far] <=> [$b->dimension, $b->far],
        );

        return $points;
    }

    /** The same under another sky, with the sun where it is. */
    private function under(Sky $sky): Rush
    {
        $situation = $this->plan->situation;
        $rush = $situation->rush;
        $light = new Daylight($situation->assumptions);

        return $rush->with(
            ev100: max(-6.0, $rush->ev100 + $light->skyStops($sky) - $light->skyStops($rush->air->sky ?? Sky::Clear)),
            air: $rush->air->under($sky, $situation->seeing->sunDeg),
        );
    }

    /** @return ?array{Hold, array<string, bool|float|int|string|null>} */
    private function valued(Rush $rush): ?array
    {
        $hold = $this->holdOf($rush);

        return $hold === null ? null : [$hold, HoldFields::values($hold)];
    }

    private function holdOf(Rush $rush): ?Hold
    {
        try {
            return $this->planner->again($this->plan, $rush)->hold;
        } catch (Fault) {
            return null;
        }
    }

    /**
     * What a photographer would notice first, first.
     *
     * @param  list<string>  $fields
     * @return list<string>
     */
    private static function telling(array $fields): array
    {
        $order = array_flip([
            'focus_mode',
            'manual_technique',
            'area.pattern',
            'aim',
            'tuning.stay',
            'tuning.pace',
            'shutter_s',
            'detection.eye',
            'f_number',
            'iso',
            'focal_mm',
            'drive.burst',
            'stabiliser',
            'limiter_m',
            'tuning.pick',
            'detection.subject',
            'scheme',
        ]);
        usort($fields, static fn (string $a, string $b): int => ($order[$a] ?? 99) <=> ($order[$b] ?? 99));

        return $fields;
    }
}
