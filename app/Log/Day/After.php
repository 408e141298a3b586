<?php

declare(strict_types=1);

namespace App\Log\Day;

use App\Log\Counts\Counting;
use App\Log\Counts\CountShapes;
use App\Log\Yours\Learning;
use App\Log\Yours\Learns;
use App\Models\OutingRecord;
use App\Models\RushRecord;
use App\Models\User;
use App\Rehearsals\RehearsalCache;
use RushHold\Counts\AfterWords;
use RushHold\Counts\Cell;
use RushHold\Counts\Dimension;
use RushHold\Counts\Loss;
use RushHold\Counts\Rate;
use RushHold\Document\Reader;
use RushHold\Faults\Fault;
use RushHold\Rehearsal\Verdict;

/** What a day out has come to: what it was for, what came home, what cost most, what to change, what was learnt. */
final readonly class After
{
    public function __construct(
        private CountShapes $shapes,
        private RehearsalCache $rehearsals,
        private Learns $learns,
    ) {}

    /** @return array<string, mixed> */
    public function of(OutingRecord $outing, User $user): array
    {
        $learning = $this->learns->wake($user);
        $where = [Dimension::Outing->value => $outing->id];
        $counting = Counting::of($user, $where);
        $whole = $counting->whole();
        $told = $this->shapes->promises($user, $where);
        /** @var list<array{rush: string, words: string, found: array{frames: int, keepers: int}, promised: float}> $promised */
        $promised = $told['rushes'];
        /** @var list<array{loss: string, words: string, promised: float, found: float}> $losses */
        $losses = $told['losses'];
        $rushes = $this->rushes($outing, $user, $counting, array_column($promised, null, 'rush'));
        $names = static fn (array $some): array => array_values(array_unique(array_column($some, 'words')));
        $expected = array_filter($rushes, static fn (array $rush): bool => $rush['is_expected']);
        $also = array_filter(
            $rushes,
            static fn (array $rush): bool => $rush['frames'] > 0 && ! $rush['is_expected'] && $rush['rush'] !== '',
        );
        $planned = array_sum(array_map(static fn (array $rush): int => $rush['found']['frames'], $promised));
        $cost = self::most($losses, $planned);

        return [
            'outing' => [
                'id' => $outing->id,
                'name' => $outing->name,
                'date' => $outing->day,
                'place' => $outing->place->name,
            ],
            'whole' => CountShapes::rate(Rate::of($whole)),
            'rushes' => $rushes,
            'losses' => $losses,
            'went' => AfterWords::went(
                $names($expected),
                $names($also),
                $names(array_filter($expected, static fn (array $rush): bool => $rush['frames'] === 0)),
            ),
            'brought' => AfterWords::brought(
                $whole,
                $promised === []
                    ? null
                    : array_sum(array_map(self::expected(...), $promised)),
            ),
            'cost' => $cost === null
                ? null
                : AfterWords::cost($cost[0], $cost[1], $planned - self::keepers($promised), $cost[2]),
            'change' => $cost === null ? null : $this->change($user, $counting, $cost[0]),
            'learnt' => self::learnt($user),
            'learning' => $learning?->counted(),
        ];
    }

    /**
     * @param  array<string, array{promised: float}>  $promised  by rush
     * @return list<array<string, mixed>> the rushes it was for, and those that were shot besides
     */
    private function rushes(OutingRecord $outing, User $user, Counting $counting, array $promised): array
    {
        $cells = $counting->by(Dimension::Rush);
        $expected = array_map(strval(...), array_column($outing->document->rushes ?? [], 'rush_id'));
        $ids = array_values(array_unique([...$expected, ...array_map(strval(...), array_keys($cells))]));
        $words = $this->shapes->words($user, Dimension::Rush, $ids);
        $rushes = [];
        foreach ($ids as $id) {
            $rushes[] = [
                'rush' => $id,
                'words' => $words[$id],
                'is_expected' => in_array($id, $expected, true),
                'promised' => $promised[$id]['promised'] ?? null,
            ] + CountShapes::rate(Rate::of($cells[$id] ?? new Cell()));
        }

        return $rushes;
    }

    /**
     * @param  list<array{loss: string, promised: float, found: float}>  $losses
     * @return ?array{Loss, int, float} what cost most, how many frames, and how many rehearsals expected
     */
    private static function most(array $losses, int $frames): ?array
    {
        $losses = array_filter($losses, static fn (array $loss): bool => $loss['loss'] !== Loss::Unclear->value);
        usort($losses, static fn (array $a, array $b): int => $b['found'] <=> $a['found']);
        $most = $losses[0] ?? null;

        return $most === null || $most['found'] <= 0
            ? null
            : [Loss::from($most['loss']), (int) round($most['found'] * $frames), $most['promised'] * $frames];
    }

    /** @param  array{promised: float, found: array{frames: int}}  $rush */
    private static function expected(array $rush): float
    {
        return $rush['promised'] * $rush['found']['frames'];
    }

    /** @param  list<array{found: array{keepers: int}}>  $promised */
    private static function keepers(array $promised): int
    {
        return array_sum(array_map(static fn (array $rush): int => $rush['found']['keepers'], $promised));
    }

    /** @return ?array{rush: string, words: string} the one change that would have saved most of what cost most, in the rush it cost most in */
    private function change(User $user, Counting $counting, Loss $cost): ?array
    {
        $lost = array_map(
            static fn (array $by): int => $by[$cost->value] ?? 0,
            array_filter($counting->losses(), static fn (string|int $rush): bool => $rush !== '', ARRAY_FILTER_USE_KEY),
        );
        arsort($lost);
        $id = (string) array_key_first($lost);
        /** @var ?RushRecord $rush */
        $rush = $user->rushes()->with([...RushRecord::WITH_KIT, 'rehearsal'])->find($id);
        if ($rush === null || ($lost[$id] ?? 0) === 0) {
            return null;
        }
        try {
            $estimate = Reader::of(Reader::plain($this->rehearsals->estimate($rush, $user)));
            $remedies = Reader::of(Reader::plain($this->rehearsals->remedies($rush, $user)));
        } catch (Fault) {
            return null; // without a plan there is nothing to change
        }
        $is = static fn (Reader $one): bool => Loss::promised($one->choice('verdict', Verdict::class)) === $cost;
        $ways = array_filter($remedies->objects('losses'), $is);
        usort($ways, static fn (Reader $a, Reader $b): int => $b->number('saves') <=> $a->number('saves'));
        $causes = array_values(array_filter($estimate->objects('losses'), $is));
        $frames = array_sum(array_map(static fn (Reader $one): float => $one->number('frames'), $causes));
        $words = match (true) {
            $ways !== [] => AfterWords::change(
                $rush->name,
                $ways[0]->text('words'),
                $cost,
                $ways[0]->number('saves'),
                $frames,
            ),
            $causes !== [] => AfterWords::noChange($rush->name, $causes[0]->text('treated_by')),
            default => null,
        };

        return $words === null ? null : ['rush' => $id, 'words' => $words];
    }

    /** @return list<string> what the frames speak against of what is assumed */
    private static function learnt(User $user): array
    {
        $told = [];
        foreach (Learning::apart($user) as [$known, $row]) {
            $told[] = AfterWords::learnt(
                $known->meaning,
                (float) $row->value,
                (float) $row->assumed,
                $known->unit,
                (int) $row->frames,
                (bool) $row->is_on,
            );
        }

        return $told;
    }
}
