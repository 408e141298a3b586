<?php

declare(strict_types=1);

namespace Tests\Support;

use DateTimeImmutable;
use DateTimeZone;
use Random\Engine\Mt19937;
use Random\Randomizer;
use RushHold\Assumptions\Assumptions;
use RushHold\Document\Reader;
use RushHold\Outing\Day;
use RushHold\Outing\Outing;
use RushHold\Planning\Planner;
use RushHold\Wording\Outing\DayDocument;

/**
 * Days at a shore that floods, drawn by chance, and a reckoning of them that shares nothing with the craft: minutes since the midnight the
 * date begins with, the water minute by minute from the moments it was drawn at, and where somebody is from what the day says.
 */
final class TidalDays
{
    /** What is assumed of margins, in minutes. */
    public const MARGIN = 15;

    private const WIDER = 45;

    /**
     * @return array{document: array<string, mixed>, zero: int, turns: list<array{int, float}>, rule: string, goesOn: bool, truth: list<array{int, float}>}
     * the outing, Unix seconds of its midnight, the typed turns by minute, and the turns there really are
     */
    public static function draw(int $seed): array
    {
        $dice = new Randomizer(new Mt19937($seed));
        $number = static fn (float $least, float $most): float => $least + ($most - $least) * ($dice->getInt(0, 100_000) / 100_000);
        $dates = ['2026-05-16', '2026-06-21', '2026-03-28', '2026-10-24', '2026-12-05'];
        [$date, $zoneName] = [$dates[$seed % 5], $seed % 3 === 0 ? 'Pacific/Chatham' : 'Europe/Dublin'];
        $zone = new DateTimeZone($zoneName);
        $zero = (new DateTimeImmutable($date, $zone))->getTimestamp();
        $clock = static fn (int $minute): string => (new DateTimeImmutable('@'.($zero + 60 * $minute)))->setTimezone($zone)->format('H:i');
        $dayOf = static fn (int $minute): int => (int) (new DateTimeImmutable($date))->diff(
            new DateTimeImmutable((new DateTimeImmutable('@'.($zero + 60 * $minute)))->setTimezone($zone)->format('Y-m-d')),
        )->format('%r%a');
        // a third of them are nights
        $from = 5 * ($seed % 3 === 1 ? $dice->getInt(228, 280) : $dice->getInt(36, 160));
        $until = $from + 5 * $dice->getInt(36, 168);

        // the water as it really goes: a flood that takes its own time, every 745 minutes and a little
        $truth = [];
        $rise = $dice->getInt(300, 430);
        $at = $from - 2600 + $dice->getInt(0, 744);
        [$high, $low] = [$number(3.4, 5.5), $number(-0.3, 1.2)];
        while ($at < $until + 2600) {
            $truth[] = [$at, round($low + $number(-0.1, 0.1), 2)];
            $truth[] = [$at + $rise, round($high + $number(-0.15, 0.15), 2)];
            $at += 745 + $dice->getInt(-10, 10);
        }
        $kind = $seed % 10;
        $near = array_values(array_filter(
            array_keys($truth),
            static fn (int $one): bool => $truth[$one][0] > $from - ($kind < 6 ? 900 : 500) && $truth[$one][0] < $until + ($kind < 6 ? 900 : 200),
        ));
        // typed whole, half, one alone, none
        $typed = match (true) {
            $kind === 9 => [],
            $kind === 8 => array_slice($near, $dice->getInt(0, count($near) - 1), 1),
            $kind >= 6 => array_slice($near, $dice->getInt(0, 1), $dice->getInt(2, 3)),
            default => $near,
        };
        $turns = array_map(static fn (int $one): array => $truth[$one], $typed);
        $waters = [];
        foreach ($turns as $number_ => [$minute, $height]) {
            $isHigh = $typed[$number_] % 2 === 1;
            $isPlain = $number_ > 0 || ($dayOf($minute) === 0 && $turns[count($turns) - 1][0] > $from - 300 && $minute < $until + 300);
            $waters[] = ['at' => $clock($minute), 'kind' => $isHigh ? 'high' : 'low', 'height_m' => $height] +
                ($isPlain ? [] : ['day' => $dayOf($minute)]);
        }
        $spots = [];
        $bars = $dice->getInt(1, 2);
        for ($bar = 0; $bar < $bars; $bar++) {
            $spots[] = Outings::spot("bar{$bar}", 53.300 + $number(0, 0.012), -6.1 + $number(0, 0.012), 270, ['cut_off_m' => round($number(0.8, 3.6), 2)] +
                ($dice->getInt(0, 2) === 0 ? ['way_off_minutes' => $dice->getInt(5, 60)] : []));
        }
        if ($dice->getInt(0, 3) > 0) {
            $spots[] = Outings::spot('dyke', 53.306, -6.104, 90);
        }
        $rushes = $walks = [];
        foreach ($spots as $at => $spot) {
            $begins = $dice->getInt(0, 1) === 0 ? $from : $from + 5 * $dice->getInt(0, 40);
            // light of its own: planned once, so that the water is what is tried
            $rushes[] = ['own_light' => true] + Outings::expected("r{$at}", Documents::rush(['name' => "Rush {$at}"]), $spot['id'], $clock($begins), $clock($dice->getInt(0, 1) === 0 ? $until : $begins + 5 * $dice->getInt(12, 80)), $dice->getInt(1, 12));
            foreach (array_slice($spots, $at + 1) as $other) {
                if ($dice->getInt(0, 1) === 0) {
                    $walks[] = ['from' => $spot['id'], 'to' => $other['id'], 'minutes' => $dice->getInt(5, 90)];
                }
            }
        }
        $rule = $dice->getInt(0, 1) === 0 ? 'cosine' : 'twelfths';
        $goesOn = $kind === 7 || $kind === 5;
        $document = Outings::document(
            ['date' => $date, 'from' => $clock($from), 'until' => $clock($until), 'waters' => $waters, 'tide' => $rule, 'waters_go_on' => $goesOn, 'walks' => $walks, 'rushes' => $rushes],
            ['zone' => $zoneName, 'spots' => $spots] + ($zoneName === 'Pacific/Chatham' ? ['longitude_deg' => -6.1] : []),
        );

        return compact('document', 'zero', 'turns', 'rule', 'goesOn', 'truth');
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  array<string, float>  $assumed
     * @return array<string, mixed> the day as it is told
     */
    public static function reckoned(array $document, array $assumed = []): array
    {
        return DayDocument::of(
            Day::of(Outing::fromArray(Reader::plain($document)), Planner::standard(), Assumptions::with($assumed)),
        );
    }

    /**
     * The height at a minute by the turns given, or null beyond them.
     *
     * @param  list<array{int, float}>  $turns
     */
    public static function height(array $turns, float $minute, string $rule): ?float
    {
        foreach ($turns as $at => [$begins, $was]) {
            if (! isset($turns[$at + 1]) || $minute < $begins || $minute > $turns[$at + 1][0]) {
                continue;
            }
            [$ends, $becomes] = $turns[$at + 1];
            $time = ($minute - $begins) / ($ends - $begins);
            if ($rule === 'cosine') {
                return ($was + $becomes) / 2 - (($becomes - $was) / 2) * cos(3.14159265358979 * $time);
            }
            $gone = 0.0;
            foreach ([1, 2, 3, 3, 2, 1] as $sixth => $twelfths) {
                $gone += ($twelfths / 12) * max(0.0, min(1.0, 6 * $time - $sixth));
            }

            return $was + ($becomes - $was) * $gone;
        }

        return null;
    }

    /**
     * Where somebody is over ground that the water takes: spot, first and last minute.
     *
     * @param  array<string, mixed>  $day
     * @param  array<string, array<string, mixed>>  $spots  those that can be cut off, by id
     * @param  array<string, mixed>  $document
     * @return list<array{string, float, float, string}>
     */
    public static function overWetGround(array $day, array $spots, array $document, int $zero): array
    {
        $minute = static fn (string $iso): float => (strtotime($iso) - $zero) / 60;
        $found = [];
        foreach ($day['order']['ways'] as $way) {
            [$leaves, $arrives] = [$minute($way['leaves']), $minute($way['arrives'])];
            foreach (['from_spot', 'to_spot'] as $end) {
                $spot = $spots[$way[$end] ?? ''] ?? null;
                $other = $way[$end === 'from_spot' ? 'to_spot' : 'from_spot'];
                if ($spot === null) {
                    continue;
                }
                // where it was typed how far dry ground is, only so much of a way to a dry spot counts
                $wet = isset($spot['way_off_minutes']) && ! isset($spots[$other ?? '']) ? min($arrives - $leaves, $spot['way_off_minutes']) : $arrives - $leaves;
                $found[] = $end === 'from_spot' ? [$spot['id'], $leaves, $leaves + $wet, 'way'] : [$spot['id'], $arrives - $wet, $arrives, 'way'];
            }
        }
        $stays = $day['order']['stays'];
        foreach ($stays as $number => $stay) {
            if (! isset($spots[$stay['spot']])) {
                continue;
            }
            [$from, $until] = [$minute($stay['from']), $minute($stay['until'])];
            $left = array_filter($day['order']['ways'], static fn (array $way): bool => $way['from_spot'] === $stay['spot'] && $minute($way['leaves']) >= $until - 0.01);
            $came = array_filter($day['order']['ways'], static fn (array $way): bool => $way['to_spot'] === $stay['spot'] && $minute($way['arrives']) <= $from + 0.01);
            $leaves = $left === [] ? INF : min(array_map(static fn (array $way): float => $minute($way['leaves']), $left));
            $arrives = $came === [] ? -INF : max(array_map(static fn (array $way): float => $minute($way['arrives']), $came));
            $found[] = [$stay['spot'], $arrives, $leaves, 'stay'];
        }

        return $found;
    }

    /**
     * Every minute on a spot, or on the way to or from it, at which the water is too high, not known, or about to be or just was; in words.
     *
     * @param  array{document: array<string, mixed>, zero: int, turns: list<array{int, float}>, rule: string, goesOn: bool, truth: list<array{int, float}>}  $drawn
     * @param  array<string, mixed>  $day
     * @return list<string>
     */
    public static function dangers(array $drawn, array $day): array
    {
        ['document' => $document, 'zero' => $zero, 'turns' => $turns, 'rule' => $rule] = $drawn;
        $spots = array_filter(array_column($document['place']['spots'], null, 'id'), static fn (array $spot): bool => isset($spot['cut_off_m']));
        $dangers = [];
        foreach (self::overWetGround($day, $spots, $document, $zero) as [$id, $from, $until, $what]) {
            if (! is_finite($from) || ! is_finite($until)) {
                $dangers[] = "{$what} at {$id} without a way on and off";

                continue;
            }
            for ($minute = $from - self::MARGIN; $minute <= $until + self::MARGIN; $minute++) {
                $height = self::height($turns, $minute, $rule);
                // where the water was asked to go on it is held against what it really did, without a margin
                if ($height === null && $drawn['goesOn'] && count($turns) > 1) {
                    $height = $minute >= $from && $minute <= $until ? self::height($drawn['truth'], $minute, $rule) : -INF;
                }
                if ($height === null || $height >= $spots[$id]['cut_off_m'] - 1e-6) {
                    $dangers[] = sprintf('%s at %s %.0f–%.0f: minute %.0f %s', $what, $id, $from, $until, $minute, $height === null ? 'not known' : "{$height} m");

                    break;
                }
            }
        }

        return $dangers;
    }

    /**
     * The most a day can bring, found anew: from every five minutes and place to the next, each rush, wait and walk that the water lets one
     * do by its height minute by minute, with a margin of so many minutes.
     *
     * @param  array{document: array<string, mixed>, zero: int, turns: list<array{int, float}>, rule: string, goesOn: bool, truth: list<array{int, float}>}  $drawn
     * @param  array<string, mixed>  $day
     */
    public static function most(array $drawn, array $day, float $margin): float
    {
        ['document' => $document, 'zero' => $zero, 'turns' => $turns, 'rule' => $rule] = $drawn;
        $minute = static fn (string $iso): float => (strtotime($iso) - $zero) / 60;
        [$from, $until] = [$minute($day['from']), $minute($day['until'])];
        $steps = (int) ceil(($until - $from) / 5);
        $spots = array_column($document['place']['spots'], null, 'id');
        $off = array_column($day['spots'], 'way_off_minutes', 'spot');
        $isDry = static fn (string $place): bool => str_starts_with($place, 'off ') || ! isset($spots[$place]['cut_off_m']);
        $height = static function (float $at) use ($turns, $rule): ?float {
            static $kept = [];

            return $kept[(string) $at] ??= self::height($turns, $at, $rule);
        };
        $free = static function (string $id, float $begins, float $ends) use ($spots, $height, $margin): bool {
            for ($at = $begins - $margin; $at <= $ends + $margin + 0.5; $at++) {
                $stands = $height(min($at, $ends + $margin));
                if ($stands === null || $stands >= $spots[$id]['cut_off_m']) {
                    return false;
                }
            }

            return true;
        };
        $stands = static fn (string $place, float $begins, float $ends): bool => $isDry($place) || $free($place, $begins - $off[$place], $ends + $off[$place]);
        $minutes = [];
        foreach ($day['walks'] as $walk) {
            $minutes[$walk['from']][$walk['to']] = $minutes[$walk['to']][$walk['from']] = $walk['minutes'];
        }
        $places = array_keys($spots);
        $hasDry = array_filter($places, $isDry) !== [];
        foreach (array_keys($spots) as $id) {
            if (! $isDry($id) && (isset($spots[$id]['way_off_minutes']) || ! $hasDry)) {
                $places[] = "off {$id}";
            }
        }
        $rushesAt = $along = [];
        foreach ($day['rushes'] as $rush) {
            $rushesAt[$rush['spot']][] = $rush['id'];
            foreach ($rush['along'] as $number => $step) {
                [$begins, $ends] = [$from + 5 * ($rush['first'] + $number), min($until, $from + 5 * ($rush['first'] + $number + 1))];
                $lasts = 0.0;
                foreach ($rush['hours'] as $hours) {
                    $lasts += max(0.0, min($ends, $minute($hours['until'])) - max($begins, $minute($hours['from'])));
                }
                $along[$rush['id']][$rush['first'] + $number] = ($step['worth_per_hour'] ?? 0.0) * $lasts / 60;
            }
        }
        $kept = [];
        $best = static function (int $step, string $place, ?string $hand) use (&$best, &$kept, $steps, $from, $until, $stands, $isDry, $places, $minutes, $off, $spots, $free, $rushesAt, $along): float {
            $key = "{$step} {$place} {$hand}";
            if (isset($kept[$key])) {
                return $kept[$key];
            }
            $now = min($until, $from + 5 * $step);
            $next = min($until, $from + 5 * ($step + 1));
            $most = $stands($place, $now, $now) ? 0.0 : -INF;
            if ($step < $steps && $stands($place, $now, $next)) {
                $most = max($most, $best($step + 1, $place, null));
                foreach ($rushesAt[$place] ?? [] as $rush) {
                    $worth = ($along[$rush][$step] ?? 0.0) * ($hand !== null && $hand !== $rush ? 0.8 : 1.0);
                    $most = $worth > 0 ? max($most, $worth + $best($step + 1, $place, $rush)) : $most;
                }
            }
            foreach (is_finite($most) ? $places : [] as $other) {
                $home = str_starts_with($place, 'off ') ? substr($place, 4) : $place;
                if ($other === $place || (str_starts_with($other, 'off ') && $other !== "off {$place}")) {
                    continue;
                }
                $walk = match (true) {
                    $other === "off {$place}" => $off[$place],
                    $other === $home => $off[$home],
                    str_starts_with($place, 'off ') && ! $isDry($other) => max($minutes[$home][$other], $off[$other]),
                    default => $minutes[$home][$other],
                };
                $arrives = $step + (int) ceil($walk / 5 - 1e-6);
                if ($arrives > $steps || $arrives === $step) {
                    continue;
                }
                $short = static fn (string $wet, string $dry): float => isset($spots[$wet]['way_off_minutes']) && $isDry($dry) && ! str_starts_with($dry, 'off ') ? min($walk, $spots[$wet]['way_off_minutes']) : $walk;
                $isFree = ($isDry($place) || $free($place, $now, $now + $short($place, $other))) &&
                    ($isDry($other) || ($free($other, $now + $walk - $short($other, $place), $now + $walk) && $stands($other, min($now + $walk, $until), min($until, $from + 5 * $arrives))));
                $most = $isFree ? max($most, $best($arrives, $other, null)) : $most;
            }

            return $kept[$key] = $most;
        };
        $most = 0.0;
        foreach ($places as $place) {
            for ($step = 0; $step <= $steps; $step++) {
                $most = max($most, $best($step, $place, null));
            }
        }

        return $most;
    }
}
