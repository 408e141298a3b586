<?php

declare(strict_types=1);

namespace App\Log\Counts;

use App\Log\Bursts\LogShapes;
use App\Log\Yours\Learning;
use App\Models\OutingRecord;
use App\Models\PromiseRecord;
use App\Models\User;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use RushHold\Counts\Calibration;
use RushHold\Counts\Cell;
use RushHold\Counts\ComparisonWords;
use RushHold\Counts\CountWords;
use RushHold\Counts\Difference;
use RushHold\Counts\Dimension;
use RushHold\Counts\Loss;
use RushHold\Counts\PairedDifference;
use RushHold\Counts\Promise;
use RushHold\Counts\Rate;
use RushHold\Counts\Suspect;
use RushHold\Counts\Tenth;
use RushHold\Rehearsal\Verdict;

/** What is told of counts. */
final readonly class CountShapes
{
    /** Rows of a table of counts; those with the most frames. */
    private const ROWS = 300;

    /** Rushes told one by one. */
    private const RUSHES = 60;

    /**
     * @param  array<string, string>  $where  value of each dimension that is to be so
     * @return array<string, mixed>
     */
    public function rates(User $user, Dimension $by, ?Dimension $and, array $where): array
    {
        $counting = Counting::of($user, $where);
        $whole = $counting->whole();
        $crossed = $counting->crossed($by, $and);
        usort($crossed, self::largest(...));
        $shown = array_slice($crossed, 0, self::ROWS);
        $words = $this->words($user, $by, array_column($shown, 0));
        $others = $and === null ? [] : $this->words($user, $and, array_column($shown, 1));

        return [
            'by' => $by->value,
            'and' => $and?->value,
            'where' => $this->where($user, $where),
            'whole' => self::rate(Rate::of($whole)),
            'rows' => array_map(
                static fn (array $row): array => [
                    'value' => $row[0],
                    'words' => $words[$row[0]],
                    'other' => $and === null ? null : $row[1],
                    'other_words' => $and === null ? null : $others[$row[1]],
                ] + self::rate(Rate::of($row[2], $whole)),
                $shown,
            ),
            'more' => count($crossed) - count($shown),
        ];
    }

    /**
     * @param  array<string, string>  $where
     * @return array<string, mixed> two values of a dimension beside each other
     */
    public function compared(User $user, Dimension $by, string $one, string $other, array $where): array
    {
        $where = array_diff_key($where, [$by->value => '']);
        $whole = Counting::of($user, $where)->whole();
        $cells = Counting::of($user, $where)->by($by);
        $words = $this->words($user, $by, [$one, $other]);
        $rates = array_map(
            static fn (string $value): Rate => Rate::of($cells[$value] ?? new Cell(), $whole),
            [$one, $other],
        );
        $difference = Difference::between(...$rates);
        [$pairs, $paired] = $by === Dimension::Rush || isset($where[Dimension::Rush->value])
            ? [[], PairedDifference::of([])]
            : $this->paired($user, $by, $one, $other, $where, $whole);

        return [
            'by' => $by->value,
            'where' => $this->where($user, $where),
            'one' => ['value' => $one, 'words' => $words[$one]] + self::rate($rates[0]),
            'other' => ['value' => $other, 'words' => $words[$other]] + self::rate($rates[1]),
            'more' => $difference->more,
            'least' => $difference->least,
            'most' => $difference->most,
            'is_told' => $difference->isTold(),
            'bursts_to_tell' => $difference->burstsToTell(),
            'words' => ComparisonWords::difference($words[$one], $words[$other], $difference),
            'paired' => $paired->pairs === 0
                ? null
                : [
                    'more' => $paired->more,
                    'least' => $paired->more - $paired->half,
                    'most' => $paired->more + $paired->half,
                    'is_told' => $paired->isTold(),
                    'words' => (string) ComparisonWords::paired($words[$one], $words[$other], $paired),
                    'rushes' => $pairs,
                ],
        ];
    }

    /**
     * @param  array<string, string>  $where
     * @return array<string, mixed> what was promised beside what was found
     */
    public function promises(User $user, array $where): array
    {
        $counting = Counting::of($user, $where);
        $percents = [];
        foreach ($counting->by(Dimension::Promised) as $percent => $cell) {
            if ($percent !== '') {
                $percents[(int) $percent] = $cell;
            }
        }
        $calibration = Calibration::of($percents);
        $rushes = $this->rushes($user, $counting);
        $losses = self::together($rushes);

        return [
            'where' => $this->where($user, $where),
            'calibration' => $calibration === null
                ? null
                : [
                    'promised' => $calibration->promised,
                    'found' => self::rate($calibration->found),
                    'is_off' => $calibration->isOff(),
                    'score' => $calibration->score,
                    'off' => $calibration->off,
                    'apart' => $calibration->apart,
                    'luck' => $calibration->luck,
                    'tenths' => array_map(
                        static fn (Tenth $tenth): array => ['from' => $tenth->from, 'promised' => $tenth->promised] + self::rate($tenth->found),
                        $calibration->tenths,
                    ),
                ],
            'losses' => $losses,
            'likely' => $calibration === null ? null : self::likely($user, $losses),
            'rushes' => $rushes,
        ];
    }

    /**
     * @param  array{string, string, Cell}  $a
     * @param  array{string, string, Cell}  $b
     */
    private static function largest(array $a, array $b): int
    {
        return [$b[2]->frames, $a[0], $a[1]] <=> [$a[2]->frames, $b[0], $b[1]];
    }

    /**
     * Where promises are off: what frames are lost to more or less than expected, and which figure of the person's own speaks of that.
     *
     * @param  list<array{loss: string, words: string, promised: float, found: float}>  $losses
     * @return ?array{loss: string, words: string, promised: float, found: float, meaning: ?string, assumed: ?float, value: ?float, unit: ?string, is_on: bool}
     */
    private static function likely(User $user, array $losses): ?array
    {
        $loss = Suspect::furthest($losses);
        if ($loss === null) {
            return null;
        }
        $told = array_column($losses, null, 'loss')[$loss->value];
        foreach (Learning::apart($user) as [$known, $row]) {
            if (Suspect::mayBe($known->name, $loss)) {
                return $told + [
                    'meaning' => $known->meaning,
                    'assumed' => (float) $row->assumed,
                    'value' => (float) $row->value,
                    'unit' => $known->unit,
                    'is_on' => (bool) $row->is_on,
                ];
            }
        }

        return $told + ['meaning' => null, 'assumed' => null, 'value' => null, 'unit' => null, 'is_on' => false];
    }

    /** @return array{bursts: int, frames: int, keepers: int, share: float, least: float, most: float, worth: float} */
    public static function rate(Rate $rate): array
    {
        return [
            'bursts' => $rate->cell->bursts,
            'frames' => $rate->cell->frames,
            'keepers' => $rate->cell->keepers,
        ] + $rate->interval->toArray() + ['worth' => round($rate->worth, 1)];
    }

    /**
     * @param  array<string, string>  $where  value of each dimension that is to be so
     * @return list<array{by: string, value: string, words: string}> the same, as a person reads it
     */
    public function where(User $user, array $where): array
    {
        $told = [];
        foreach ($where as $by => $value) {
            $words = $this->words($user, Dimension::from($by), [$value]);
            $told[] = ['by' => $by, 'value' => $value, 'words' => $words[$value]];
        }

        return $told;
    }

    /**
     * @param  list<string>  $values
     * @return array<string, string> values of a dimension in words
     */
    public function words(User $user, Dimension $dimension, array $values): array
    {
        $names = match ($dimension) {
            Dimension::Rush => LogShapes::rushes($user)->whereKey($values)->pluck('name', 'id')->all(),
            Dimension::Outing => OutingRecord::query()
                ->withoutGlobalScope(SoftDeletingScope::class)
                ->where('user_id', $user->id)
                ->whereKey($values)
                ->pluck('name', 'id')
                ->all(),
            default => [],
        };
        $words = [];
        foreach ($values as $value) {
            $gone = match ($dimension) {
                Dimension::Rush => 'a rush that is gone',
                Dimension::Outing => 'an outing that is gone',
                default => $value,
            };
            $name = $value === '' ? '' : (string) ($names[$value] ?? $gone);
            $words[$value] = CountWords::value($dimension, $name, $user->units());
        }

        return $words;
    }

    /**
     * @param  array<string, string>  $where
     * @return array{list<array<string, mixed>>, PairedDifference} the rushes that have both
     */
    private function paired(User $user, Dimension $by, string $one, string $other, array $where, Cell $whole): array
    {
        $cells = [];
        foreach (Counting::of($user, $where)->crossed(Dimension::Rush, $by) as [$rush, $value, $cell]) {
            if ($rush !== '' && ($value === $one || $value === $other)) {
                $cells[$rush][$value] = Rate::of($cell, $whole);
            }
        }
        $both = array_filter($cells, static fn (array $rates): bool => count($rates) === 2);
        $names = $this->words($user, Dimension::Rush, self::names($both));
        $pairs = [];
        foreach ($both as $rush => $rates) {
            $pairs[] = [
                'words' => $names[$rush],
                'one' => self::rate($rates[$one]),
                'other' => self::rate($rates[$other]),
            ];
        }

        return [
            array_slice($pairs, 0, self::RUSHES),
            PairedDifference::of(
                array_map(static fn (array $rates): array => [$rates[$one], $rates[$other]], array_values($both)),
            ),
        ];
    }

    /**
     * @return list<array{rush: string, words: string, found: array{bursts: int, frames: int, keepers: int, share: float, least: float, most: float, worth: float}, promised: float, frames_a_pass: float, usually_least: int, usually_most: int, losses: list<array{loss: string, words: string, promised: float, found: float}>}> of each rush what was promised, what was found, and what frames were lost to
     */
    private function rushes(User $user, Counting $counting): array
    {
        $promised = $this->promised($user, $counting->promises());
        $lost = $counting->losses();
        // of a rush without a plan nothing was promised
        $found = array_intersect_key($counting->by(Dimension::Rush), $promised);
        uasort($found, static fn (Cell $a, Cell $b): int => $b->frames <=> $a->frames);
        $found = array_slice($found, 0, self::RUSHES, true);
        $names = $this->words($user, Dimension::Rush, self::names($found));
        $told = [];
        foreach ($found as $rush => $cell) {
            $promise = $promised[$rush];
            $told[] = [
                'rush' => (string) $rush,
                'words' => $names[$rush],
                'found' => self::rate(Rate::of($cell)),
                'promised' => $promise['share'],
                'frames_a_pass' => $promise['last']->frames,
                'usually_least' => $promise['last']->usuallyLeast,
                'usually_most' => $promise['last']->usuallyMost,
                'losses' => self::losses($promise['losses'], $lost[$rush] ?? [], $cell->frames),
            ];
        }

        return $told;
    }

    /**
     * @param  array<string, array<string, int>>  $frames  by rush and by the promise they were shot under
     * @return array<string, array{share: float, losses: array<string, float>, last: Promise}> of all promises a rush was shot under, weighed by
     *     the frames shot under each, and the last of them
     */
    private function promised(User $user, array $frames): array
    {
        /** @var array<string, PromiseRecord> $kept */
        $kept = $user
            ->promises()
            ->whereKey(array_merge(...array_map(self::names(...), array_values($frames))))
            ->get()
            ->keyBy('id')
            ->all();
        $told = [];
        foreach ($frames as $rush => $by) {
            ksort($by);
            [$sum, $share, $losses, $last] = [0, 0.0, [], null];
            foreach ($by as $id => $count) {
                $promise = ($kept[$id] ?? null)?->value();
                if ($promise?->share() === null) {
                    continue;
                }
                $last = $promise;
                $sum += $count;
                $share += $count * $promise->share();
                foreach ($promise->losses as $verdict => $lost) {
                    $loss = Loss::promised(Verdict::from($verdict))->value ?? '';
                    $losses[$loss] = ($losses[$loss] ?? 0.0) + ($count * $lost) / $promise->frames;
                }
            }
            if ($last !== null && $sum > 0) {
                $told[$rush] = [
                    'share' => $share / $sum,
                    'losses' => array_map(static fn (float $lost): float => $lost / $sum, $losses),
                    'last' => $last,
                ];
            }
        }

        return $told;
    }

    /**
     * @param  array<string, float>  $promised  shares of frames
     * @param  array<string, int>  $found  frames
     * @return list<array{loss: string, words: string, promised: float, found: float}>
     */
    private static function losses(array $promised, array $found, int $frames): array
    {
        $told = [];
        foreach (Loss::cases() as $loss) {
            $there = ['promised' => $promised[$loss->value] ?? 0.0, 'found' => ($found[$loss->value] ?? 0) / max(1, $frames)];
            if (max($there) > 0.0) {
                $told[] = ['loss' => $loss->value, 'words' => $loss->words()] + $there;
            }
        }

        return $told;
    }

    /**
     * @param  list<array{found: array{frames: int}, losses: list<array{loss: string, words: string, promised: float, found: float}>}>  $rushes  as they are told
     * @return list<array{loss: string, words: string, promised: float, found: float}> what frames of all of them are lost to
     */
    private static function together(array $rushes): array
    {
        $sums = [];
        $frames = 0;
        foreach ($rushes as $rush) {
            $of = $rush['found']['frames'];
            $frames += $of;
            foreach ($rush['losses'] as $loss) {
                $there = $sums[$loss['loss']] ?? ['loss' => $loss['loss'], 'words' => $loss['words'], 'promised' => 0.0, 'found' => 0.0];
                $there['promised'] += $of * $loss['promised'];
                $there['found'] += $of * $loss['found'];
                $sums[$loss['loss']] = $there;
            }
        }

        $told = [];
        foreach ($sums as $loss) {
            $told[] = [
                'loss' => $loss['loss'],
                'words' => $loss['words'],
                'promised' => $loss['promised'] / $frames,
                'found' => $loss['found'] / $frames,
            ];
        }

        return $told;
    }

    /**
     * @param  array<int|string, mixed>  $by
     * @return list<string> keys, which may look like numbers
     */
    private static function names(array $by): array
    {
        return array_map(strval(...), array_keys($by));
    }
}
