<?php

declare(strict_types=1);

namespace App\Shoot;

use App\Log\Counts\Tallies;
use App\Models\BurstRecord;
use App\Models\PromiseRecord;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use RushHold\Counts\BurstFacts;
use RushHold\Log\FrameFacts;
use RushHold\Sharpness\BlurFound;
use RushHold\Sharpness\Box;
use RushHold\Sharpness\FrameBlur;
use RushHold\Sharpness\FrameVerdict;

/**
 * A long log without pictures, to try the counts at their size: bursts of the rushes of an account, whose frames live and die
 * together. The same seed gives the same shares.
 *
 * @phpstan-import-type Sums from Tallies
 */
final class MadeUpLog
{
    /** Frames of a burst, from and to, and bursts of a day. */
    private const FRAMES = [3, 25];

    private const BURSTS_A_DAY = 60;

    /** Bursts written in one go. */
    private const BURSTS = 300;

    /** How far the share of a burst strays from what was promised. */
    private const STRAYS = 0.35;

    /** How blurred one is that is sharp, and one that is lost, in px. */
    private const BLURS_PX = [1.1, 6.4];

    /** A moment as the store has it. */
    private const AT = 'Y-m-d H:i:s.v';

    /** What becomes of a frame, by the digit it has among the outcomes of its burst: the first is sharp, the others are lost. */
    private const OUTCOMES = [
        FrameVerdict::Sharp,
        FrameVerdict::Soft,
        FrameVerdict::Moved,
        FrameVerdict::Elsewhere,
        FrameVerdict::Shaken,
        FrameVerdict::Out,
    ];

    /**
     * Writes the frames of many bursts where they are kept: each digit of a burst's outcomes is one, 80 ms after the one before. Ids and
     * hashes go with the number, so that what is found by them is written at its end.
     */
    private const FRAMES_OF_BURSTS = <<<'SQL'
        INSERT INTO frames (
            id, user_id, burst_id, hash, name, taken_at, width, height, facts, measured, found_by,
            total_px, floor_px, limit_px, verdict, confidence, held_by, picture, picture_bytes, created_at, updated_at
        )
        SELECT
            CONCAT(LEFT(burst_id, 17), LPAD(number, 9, '0')), @account, burst_id,
            CONCAT(LPAD(LOWER(HEX(number)), 12, '0'), LEFT(chance, 52)),
            CONCAT('SHOAL_', LPAD(number, 7, '0'), '.jpg'), taken_at, 6000, 4000,
            REPLACE(facts, '@', DATE_FORMAT(taken_at, '%Y-%m-%dT%T')), IF(outcome = 1, @sharp, @lost), 'file',
            IF(outcome = 1, @sharp_px, @lost_px), 0, 2, ELT(outcome, {verdicts}), 0.95,
            @account, CONCAT(LPAD(LOWER(HEX(number)), 8, '0'), RIGHT(chance, 24)), 0, taken_at, taken_at
        FROM (
            SELECT
                burst_id, facts, before_it + seq AS number, SHA2(CONCAT(burst_id, seq), 256) AS chance,
                began_at + INTERVAL 80000 * (seq - 1) MICROSECOND AS taken_at, 1 + SUBSTR(outcomes, seq, 1) AS outcome
            FROM JSON_TABLE(?, '$[*]' COLUMNS (
                burst_id CHAR(26) PATH '$.id', before_it INT PATH '$.before', began_at DATETIME(3) PATH '$.began_at',
                facts TEXT PATH '$.facts', outcomes VARCHAR(100) PATH '$.outcomes'
            )) bursts STRAIGHT_JOIN seq_1_to_100 ON seq <= LENGTH(outcomes)
        ) frames
        SQL;

    private int $number = 0;

    /** @var Sums what its bursts add up to */
    private array $sums = [];

    /**
     * @param  list<PromiseRecord>  $promises  what was shot under, one after another
     */
    public function __construct(
        private readonly User $user,
        private readonly array $promises,
        private readonly Tallies $tallies,
        private readonly \Random\Randomizer $dice,
        private readonly Carbon $from,
    ) {}

    /** @param  \Closure(int): void  $tell  hears how many frames there are by now */
    public function write(int $frames, \Closure $tell): void
    {
        $at = $this->from;
        $verdicts = array_map(static fn (FrameVerdict $one): string => DB::escape($one->value), self::OUTCOMES);
        $write = str_replace('{verdicts}', implode(', ', $verdicts), self::FRAMES_OF_BURSTS);
        DB::statement(
            'SET @account = ?, @sharp_px = ?, @lost_px = ?, @sharp = ?, @lost = ?',
            [$this->user->id, ...self::BLURS_PX, ...array_map(self::measured(...), self::BLURS_PX)],
        );
        while ($this->number < $frames) {
            $rows = ['bursts' => [], 'counted' => [], 'frames' => []];
            for ($burst = 0; $burst < self::BURSTS && $this->number < $frames; $burst++) {
                $this->burst($at, $rows);
                $at = $at->copy()->addSeconds(intdiv(10 * 3600, self::BURSTS_A_DAY));
                if ($at->hour >= 16) {
                    $at = $at->addDay()->setTime(6, 0);
                }
            }
            // the account is held for the bursts alone, so that two that fill one log stand in nobody's way
            DB::transaction(function () use ($rows): void {
                $this->user->inTurn();
                DB::table('bursts')->insert($rows['bursts']);
                DB::table('counted')->insert($rows['counted']);
            });
            DB::insert($write, [json_encode($rows['frames'], JSON_THROW_ON_ERROR)]);
            $tell($this->number);
        }
        DB::transaction(function (): void {
            $this->user->inTurn();
            $this->tallies->add($this->user->id, $this->sums);
        });
    }

    /** @param  array{bursts: list<array<string, mixed>>, counted: list<array<string, mixed>>, frames: list<array<string, mixed>>}  $rows */
    private function burst(Carbon $at, array &$rows): void
    {
        $promise = $this->promises[$this->dice->getInt(0, count($this->promises) - 1)];
        $value = $promise->value();
        $clock = $at->format('Y-m-d\TH:i:s');
        $facts = new FrameFacts(
            takenAt: $clock,
            shutterS: $value->shutterS * 2 ** $this->dice->getInt(-1, 1),
            fNumber: $value->fNumber,
            iso: 800,
            focalMm: 500,
            distanceM: round($value->workM * (0.5 + 1.5 * $this->chance()), 2),
            body: ['Skerry One', 'Skerry Half'][$this->dice->getInt(0, 1)],
            lens: 'Sandbar 500 f/5.6',
        );
        $share = max(0.02, min(0.98, (float) $value->share() + self::STRAYS * (2 * $this->chance() - 1)));
        $burst = [
            'id' => strtolower((string) Str::ulid()),
            'user_id' => $this->user->id,
            'rush_id' => $promise->rush_id,
            'promise_id' => $promise->id,
            'body' => (string) $facts->body,
            'lens' => (string) $facts->lens,
            'began_at' => $at->format(self::AT),
            'ended_at' => $at->copy()->addSeconds(2)->format(self::AT),
            'clock' => $clock,
            'frames' => $this->dice->getInt(...self::FRAMES),
            'keepers' => 0,
            'eyed' => 0,
            'created_at' => $at->format(self::AT),
            'updated_at' => $at->format(self::AT),
        ];
        [$before, $outcomes, $verdicts] = [$this->number, '', []];
        for ($frame = 0; $frame < $burst['frames']; $frame++) {
            $outcome = $this->chance() < $share ? 0 : $this->dice->getInt(1, count(self::OUTCOMES) - 1);
            $outcomes .= $outcome;
            $verdict = '/'.self::OUTCOMES[$outcome]->value;
            $verdicts[$verdict] = ($verdicts[$verdict] ?? 0) + 1;
        }
        $this->number += $burst['frames'];
        $burst['keepers'] = substr_count($outcomes, '0');
        $told = json_encode(['taken_at' => '@'] + $facts->toArray(), JSON_THROW_ON_ERROR);
        $rows['bursts'][] = $burst;
        $rows['frames'][] = ['before' => $before, 'facts' => $told, 'outcomes' => $outcomes] + $burst;
        $counts = BurstFacts::of($promise->rush_id, null, $burst['body'], $burst['lens'], $clock, $facts, $value);
        $counted = Tallies::row((new BurstRecord())->setRawAttributes($burst), $counts, $verdicts, 0);
        $rows['counted'][] = $counted;
        Tallies::sum($this->sums, Tallies::countsOf((object) $counted), 1);
    }

    /** From 0 to 1. */
    private function chance(): float
    {
        return $this->dice->getInt(0, 1_000_000) / 1_000_000;
    }

    private static function measured(float $px): string
    {
        $blur = new FrameBlur(new Box(2600, 1700, 800, 600), new BlurFound($px, 0, 0, 0, 0), null, null, 40, 200, 0);

        return (string) json_encode($blur->toArray());
    }
}
