<?php

declare(strict_types=1);

namespace App\Log\Bursts;

use Illuminate\Support\Facades\DB;
use RushHold\Document\Reader;
use RushHold\Log\FrameFacts;
use RushHold\Sharpness\FrameVerdict;

/** What the frames of a burst add up to. */
final readonly class BurstSums
{
    /**
     * @param  ?string  $beganAt  when the first was taken, as the store has it; null where no file says
     * @param  array<string, int>  $verdicts  frames by the person's verdict and the machine's, as eye/verdict
     * @param  array<int, int>  $bytes  of their pictures, by the account in whose folder they are
     * @param  FrameFacts  $first  of the first of them
     * @param  FrameFacts  $middle  of one out of the middle
     */
    private function __construct(
        public int $frames,
        public int $keepers,
        public int $eyed,
        public ?string $beganAt,
        public ?string $endedAt,
        public array $verdicts,
        public array $bytes,
        public FrameFacts $first,
        public FrameFacts $middle,
    ) {}

    /**
     * @param  list<string>  $ids  of bursts
     * @return array<string, self> by burst; none for one without frames
     */
    public static function of(array $ids): array
    {
        $groups = DB::table('frames')
            ->whereIn('burst_id', $ids)
            ->groupBy('burst_id', 'eye', 'verdict', 'held_by')
            ->orderBy('eye')
            ->orderBy('verdict')
            ->get([
                'burst_id',
                'eye',
                'verdict',
                'held_by',
                DB::raw('COUNT(*) AS count'),
                DB::raw('MIN(taken_at) AS began'),
                DB::raw('MAX(taken_at) AS ended'),
                DB::raw('SUM(picture_bytes) AS bytes'),
            ])
            ->groupBy('burst_id');
        $facts = self::facts($ids);
        $all = [];
        foreach ($groups as $burst => $of) {
            $all[(string) $burst] = self::folded(array_values($of->all()), ...$facts[(string) $burst]);
        }

        return $all;
    }

    /** @param  list<\stdClass>  $groups  frames that are alike in verdict and folder */
    private static function folded(array $groups, FrameFacts $first, FrameFacts $middle): self
    {
        [$frames, $keepers, $eyed, $verdicts, $bytes] = [0, 0, 0, [], []];
        foreach ($groups as $group) {
            [$count, $pair] = [(int) $group->count, "{$group->eye}/{$group->verdict}"];
            $frames += $count;
            $keepers += FrameVerdict::from((string) ($group->eye ?? $group->verdict))->isKeeper() ? $count : 0;
            $eyed += $group->eye === null ? 0 : $count;
            $verdicts[$pair] = ($verdicts[$pair] ?? 0) + $count;
            $bytes[(int) $group->held_by] = ($bytes[(int) $group->held_by] ?? 0) + (int) $group->bytes;
        }
        $said = static fn (string $name): array => array_filter(array_map(
            static fn (\stdClass $group): string => (string) $group->{$name},
            $groups,
        ));

        return new self(
            $frames,
            $keepers,
            $eyed,
            $said('began') === [] ? null : min($said('began')),
            $said('ended') === [] ? null : max($said('ended')),
            $verdicts,
            $bytes,
            $first,
            $middle,
        );
    }

    /**
     * @param  list<string>  $ids
     * @return array<string, array{FrameFacts, FrameFacts}> what the first frame of each says, and the one in the middle
     */
    private static function facts(array $ids): array
    {
        $order = 'PARTITION BY burst_id ORDER BY taken_at, name, id';
        $placed = DB::table('frames')
            ->whereIn('burst_id', $ids)
            ->select('id')
            ->selectRaw("ROW_NUMBER() OVER ({$order}) AS place, COUNT(*) OVER (PARTITION BY burst_id) AS frames");
        $facts = [];
        $ends = DB::query()
            ->fromSub($placed, 'placed')
            ->join('frames AS f', 'f.id', '=', 'placed.id')
            ->whereRaw('placed.place = 1 OR placed.place = 1 + (placed.frames - 1) DIV 2')
            ->orderBy('placed.place')
            ->get(['f.burst_id', 'f.facts']);
        foreach ($ends as $one) {
            $told = FrameFacts::kept(Reader::of((array) json_decode((string) $one->facts, true)));
            $facts[(string) $one->burst_id] = [$facts[(string) $one->burst_id][0] ?? $told, $told];
        }

        return $facts;
    }
}
