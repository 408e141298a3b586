<?php

declare(strict_types=1);

namespace App\Shoot;

use App\Log\Tallies;
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
 * A long log without pictures, to try the counts at their size: bursts of the rushes of an account, whose frames live and die together.
 * The same seed gives the same shares.
 */
final class MadeUpLog
{
    /** Frames of a burst, from and to, and bursts of a day. */
    private const FRAMES = [3, 25];

    private const BURSTS_A_DAY = 60;

    /** Bursts written in one go. */
    private const BURSTS = 80;

    /** How far the share of a burst strays from what was promised. */
    private const STRAYS = 0.35;

    private const LOST = [
        FrameVerdict::Soft,
        FrameVerdict::Moved,
        FrameVerdict::Elsewhere,
        FrameVerdict::Shaken,
        FrameVerdict::Out,
    ];

    /** Every column of a frame, with what all of them have alike. */
    private const FRAME = [
        'id' => null,
        'user_id' => null,
        'burst_id' => null,
        'hash' => null,
        'name' => null,
        'taken_at' => null,
        'width' => 6000,
        'height' => 4000,
        'facts' => null,
        'measured' => null,
        'found_by' => 'file',
        'total_px' => null,
        'floor_px' => 0,
        'limit_px' => 2.0,
        'verdict' => null,
        'confidence' => 0.95,
        'held_by' => null,
        'picture' => null,
        'picture_bytes' => 0,
        'crop' => null,
        'created_at' => null,
        'updated_at' => null,
    ];

    private int $number = 0;

    /** @var array<string, string> what is measured of a frame, by its blur, as it stands in a statement */
    private array $measured = [];

    /**
     * @param  list<PromiseRecord>  $promises  what was shot under, one after another
     */
    public function __construct(
        private readonly User $user,
        private readonly array $promises,
        private readonly Tallies $tallies,
        private readonly \Random\Randomizer $dice,
    ) {}

    /** @param  \Closure(int): void  $tell  hears how many frames there are by now */
    public function write(int $frames, \Closure $tell): void
    {
        $at = Carbon::parse('2024-03-02 06:00:00');
        while ($this->number < $frames) {
            DB::transaction(function () use ($frames, &$at): void {
                $this->user->inTurn();
                $rows = ['bursts' => [], 'frames' => [], 'counted' => []];
                for ($burst = 0; $burst < self::BURSTS && $this->number < $frames; $burst++) {
                    $this->burst($at, $rows);
                    $at = $at->copy()->addSeconds(intdiv(10 * 3600, self::BURSTS_A_DAY));
                    if ($at->hour >= 16) {
                        $at = $at->addDay()->setTime(6, 0);
                    }
                }
                DB::table('bursts')->insert($rows['bursts']);
                // a million rows of placeholders would take longer to be read than the rows to be written
                $columns = implode(', ', array_keys(self::FRAME));
                DB::unprepared("INSERT INTO frames ({$columns}) VALUES ".implode(', ', $rows['frames']));
                DB::table('counted')->insert($rows['counted']);
            });
            $tell($this->number);
        }
        DB::transaction(function (): void {
            $this->user->inTurn();
            $this->tallies->again($this->user);
        });
    }

    /** @param  array{bursts: list<array<string, mixed>>, frames: list<string>, counted: list<array<string, mixed>>}  $rows */
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
        $burst = (new BurstRecord())->forceFill([
            'id' => strtolower((string) Str::ulid()),
            'user_id' => $this->user->id,
            'rush_id' => $promise->rush_id,
            'promise_id' => $promise->id,
            'body' => (string) $facts->body,
            'lens' => (string) $facts->lens,
            'began_at' => $at,
            'ended_at' => $at->copy()->addSeconds(2),
            'clock' => $clock,
            'frames' => $this->dice->getInt(...self::FRAMES),
            'keepers' => 0,
            'eyed' => 0,
            'created_at' => $at,
            'updated_at' => $at,
        ]);
        $verdicts = [];
        // all that the frames of a burst have alike; what is each one's own is put in its place
        $alike = array_map(
            static fn (string|int|float|null $value): string => match (true) {
                is_string($value) => DB::escape($value),
                default => (string) ($value ?? 'NULL'),
            },
            array_replace(self::FRAME, [
                'burst_id' => $burst->id,
                'user_id' => $this->user->id,
                'held_by' => $this->user->id,
            ]),
        );
        $told = (string) json_encode(['taken_at' => '@'] + $facts->toArray());
        $beganMs = 1000 * $at->getTimestamp();
        for ($frame = 0; $frame < $burst->frames; $frame++) {
            $kept = $this->chance() < $share;
            $verdict = $kept ? FrameVerdict::Sharp : self::LOST[$this->dice->getInt(0, count(self::LOST) - 1)];
            $burst->keepers += $kept ? 1 : 0;
            $verdicts['/'.$verdict->value] = ($verdicts['/'.$verdict->value] ?? 0) + 1;
            $rows['frames'][] = $this->row($alike, $told, $verdict, $beganMs + 80 * $frame);
        }
        $rows['bursts'][] = $burst->getAttributes();
        $counted = BurstFacts::of($promise->rush_id, null, $burst->body, $burst->lens, $clock, $facts, $value);
        $rows['counted'][] = Tallies::row($burst, $counted, $verdicts, 0);
    }

    /** From 0 to 1. */
    private function chance(): float
    {
        return $this->dice->getInt(0, 1_000_000) / 1_000_000;
    }

    /**
     * One frame as it stands in a statement.
     *
     * @param  array<string, string>  $alike  what it has in common with the others of its burst
     * @param  string  $told  its facts, with @ for the time
     */
    private function row(array $alike, string $told, FrameVerdict $verdict, int $atMs): string
    {
        $this->number++;
        $px = $verdict === FrameVerdict::Sharp ? 1.1 : 6.4;
        $time = gmdate('Y-m-d H:i:s', intdiv($atMs, 1000)).sprintf('.%03d', $atMs % 1000);
        $own = [
            'id' => strtolower((string) Str::ulid()),
            // in the order of the rows, so that what is found by them is written at its end
            'hash' => substr(sprintf('%012x', $this->number).hash('sha256', $alike['burst_id'].$this->number), 0, 64),
            'name' => sprintf('SHOAL_%07d.jpg', $this->number),
            'taken_at' => $time,
            'verdict' => $verdict->value,
            'picture' => sprintf('%08x', $this->number).bin2hex($this->dice->getBytes(12)),
            'created_at' => $time,
            'updated_at' => $time,
        ];
        $row = $alike;
        foreach ($own as $column => $value) {
            $row[$column] = "'{$value}'";
        }
        $row['facts'] = DB::escape(str_replace('@', strtr($time, ' ', 'T'), $told));
        $row['measured'] = $this->measured[(string) $px] ??= DB::escape(self::measured($px));
        $row['total_px'] = (string) $px;

        // each in its column: what is replaced keeps its place
        return '('.implode(', ', $row).')';
    }

    private static function measured(float $px): string
    {
        $blur = new FrameBlur(new Box(2600, 1700, 800, 600), new BlurFound($px, 0, 0, 0, 0), null, null, 40, 200, 0);

        return (string) json_encode($blur->toArray());
    }
}
