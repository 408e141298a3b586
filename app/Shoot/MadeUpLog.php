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
 * A long log without pictures, to try the counts at their size: bursts of the rushes of an account, whose frames live and die
 * together. The same seed gives the same shares.
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

    /** A moment as the store has it. */
    private const AT = 'Y-m-d H:i:s.v';

    private const LOST = [
        FrameVerdict::Soft,
        FrameVerdict::Moved,
        FrameVerdict::Elsewhere,
        FrameVerdict::Shaken,
        FrameVerdict::Out,
    ];

    /** What every frame has alike. */
    private const ALIKE = [
        'width' => 6000,
        'height' => 4000,
        'found_by' => "'file'",
        'floor_px' => 0,
        'limit_px' => 2.0,
        'confidence' => 0.95,
        'picture_bytes' => 0,
        'created_at' => 'taken_at',
        'updated_at' => 'taken_at',
    ];

    /** What is each one's own, in the order it is written in. */
    private const OWN = 'id, burst_id, hash, name, taken_at, facts, measured, total_px, verdict, picture';

    private int $number = 0;

    /** @var array<string, string> what is measured of a frame, by its blur, as JSON */
    private array $measured = [];

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
        $file = (string) tempnam(sys_get_temp_dir(), 'frames');
        while ($this->number < $frames) {
            // made before the account is held, so that two that fill one log stand in nobody's way
            $rows = ['bursts' => [], 'frames' => [], 'counted' => []];
            for ($burst = 0; $burst < self::BURSTS && $this->number < $frames; $burst++) {
                $this->burst($at, $rows);
                $at = $at->copy()->addSeconds(intdiv(10 * 3600, self::BURSTS_A_DAY));
                if ($at->hour >= 16) {
                    $at = $at->addDay()->setTime(6, 0);
                }
            }
            file_put_contents($file, implode("\n", $rows['frames']));
            DB::transaction(function () use ($rows): void {
                $this->user->inTurn();
                DB::table('bursts')->insert($rows['bursts']);
                DB::table('counted')->insert($rows['counted']);
            });
            DB::unprepared($this->reading($file));
            $tell($this->number);
        }
        unlink($file);
    }

    /** Reads a file of frames into the log: statements would take longer to be read than the rows to be written. */
    private function reading(string $file): string
    {
        $alike = self::ALIKE + ['user_id' => $this->user->id, 'held_by' => $this->user->id];
        $set = array_map(static fn (string $name): string => "{$name} = {$alike[$name]}", array_keys($alike));
        $as = "CHARACTER SET utf8mb4 FIELDS ESCAPED BY ''";

        return sprintf(
            'LOAD DATA LOCAL INFILE %s INTO TABLE frames %s (%s) SET %s',
            DB::escape($file),
            $as,
            self::OWN,
            implode(', ', $set),
        );
    }

    /** Adds up all that is in the log by now. */
    public function count(): void
    {
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
        $verdicts = [];
        $told = str_replace(['%', '@'], ['%%', '%s'], (string) json_encode(['taken_at' => '@'] + $facts->toArray()));
        $row = "%s\t{$burst['id']}\t%s\t%s\t%s\t{$told}\t%s\t%s\t%s\t%s";
        // ids of frames end in their number
        $ids = substr($burst['id'], 0, -9);
        $beganMs = 1000 * $at->getTimestamp();
        for ($frame = 0; $frame < $burst['frames']; $frame++) {
            $kept = $this->chance() < $share;
            $verdict = $kept ? FrameVerdict::Sharp : self::LOST[$this->dice->getInt(0, count(self::LOST) - 1)];
            $burst['keepers'] += $kept ? 1 : 0;
            $verdicts['/'.$verdict->value] = ($verdicts['/'.$verdict->value] ?? 0) + 1;
            $rows['frames'][] = $this->frame($row, $ids, $verdict, $beganMs + 80 * $frame);
        }
        $rows['bursts'][] = $burst;
        $counted = BurstFacts::of($promise->rush_id, null, $burst['body'], $burst['lens'], $clock, $facts, $value);
        $rows['counted'][] = Tallies::row((new BurstRecord())->setRawAttributes($burst), $counted, $verdicts, 0);
    }

    /** From 0 to 1. */
    private function chance(): float
    {
        return $this->dice->getInt(0, 1_000_000) / 1_000_000;
    }

    /** One frame as it is read in bulk; $row holds what it has in common with the others of its burst. */
    private function frame(string $row, string $ids, FrameVerdict $verdict, int $atMs): string
    {
        $id = sprintf('%s%09d', $ids, ++$this->number);
        $px = $verdict === FrameVerdict::Sharp ? '1.1' : '6.4';
        $time = gmdate('Y-m-d H:i:s', intdiv($atMs, 1000)).sprintf('.%03d', $atMs % 1000);
        // in the order of the rows, so that what is found by them is written at its end
        $hash = substr(sprintf('%012x', $this->number).hash('sha256', $id), 0, 64);

        return sprintf(
            $row,
            $id,
            $hash,
            sprintf('SHOAL_%07d.jpg', $this->number),
            $time,
            strtr($time, ' ', 'T'),
            $this->measured[$px] ??= self::measured((float) $px),
            $px,
            $verdict->value,
            sprintf('%08x', $this->number).substr($hash, -24),
        );
    }

    private static function measured(float $px): string
    {
        $blur = new FrameBlur(new Box(2600, 1700, 800, 600), new BlurFound($px, 0, 0, 0, 0), null, null, 40, 200, 0);

        return (string) json_encode($blur->toArray());
    }
}
