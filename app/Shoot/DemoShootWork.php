<?php

declare(strict_types=1);

namespace App\Shoot;

use App\Log\Bursts\BurstKeeper;
use App\Log\Counts\Promises;
use App\Log\Frames\FrameKeeper;
use App\Log\Intake\FrameReader;
use App\Log\Intake\ReadFrame;
use App\Models\FrameRecord;
use App\Models\PromiseRecord;
use App\Models\RushRecord;
use App\Models\User;
use App\Plans\PlanCache;
use App\Runs\Work;
use Illuminate\Support\Carbon;
use RushHold\Shoot\ShootFault;
use RushHold\Shoot\Shooting;

/** The bursts of the demo, a frame at a time: rendered, read and judged as anybody's would be. */
final class DemoShootWork implements Work
{
    /** Million pixels of a frame. */
    private const MEGAPIXELS = 3.0;

    /** @var list<array{string, int, ?ShootFault, string, bool}> rush, seed, mistake, when, whether the person has said which rush it was */
    private const STORIES = [
        ['Terns over the bar', 11, null, '2026-05-23T05:40:12+01:00', true],
        ['Terns over the bar', 14, ShootFault::Single, '2026-05-23T05:52:47+01:00', true],
        ['Warbler in the sea buckthorn', 5, ShootFault::Obstacle, '2026-05-23T06:31:05+01:00', true],
        ['Hare head-on at dusk', 3, ShootFault::Shutter, '2026-05-23T21:04:30+01:00', false],
        ['Slalom start, water streaking', 8, ShootFault::Shaken, '2026-06-13T11:20:18+01:00', true],
        ['Gannets from the cliff path', 9, null, '2026-05-23T10:12:40+01:00', false],
    ];

    /** Rushes of the spring before, shot pass after pass without pictures. */
    private const SEASON = ['Terns over the bar', 'Gannets from the cliff path', 'Paddler through gate 7'];

    /** Passes of each. */
    private const PASSES = 9;

    /** The photographer of the demo pans less well than plans assume, and aims better. */
    private const HABITS = ['panning.settled' => 0.74, 'panning.expert' => 0.86, 'aim.handheld' => 0.0016];

    private int $story;

    private int $season;

    private int $shot;

    private int $done;

    /** @var list<ReadFrame> */
    private array $read = [];

    private bool $isStoryDone = false;

    /** @var ?array{string, Shooting, FrameFolder} name, pass and frames of the story that is being shot: drawn for all portions of it */
    private static ?array $set = null;

    /** @var list<array{int, RushRecord, PromiseRecord}> passes of the season that have not been kept yet */
    private array $passes = [];

    /** What the plan promised that has just been shot. */
    private ?PromiseRecord $promise = null;

    /** @param  array<string, mixed>  $state  where it was put down */
    public function __construct(
        private readonly User $demo,
        private readonly PlanCache $plans,
        private readonly FrameReader $reader,
        private readonly FrameKeeper $keeper,
        private readonly BurstKeeper $bursts,
        private readonly Promises $promises,
        private readonly PlayedLog $played,
        array $state,
    ) {
        $this->story = (int) ($state['story'] ?? 0);
        $this->shot = (int) ($state['shot'] ?? 0);
        $this->done = (int) ($state['done'] ?? 0);
        $this->season = (int) ($state['season'] ?? 0);
    }

    public function step(): void
    {
        if ($this->isStoryDone) {
            return; // what has been taken is kept before the next begins
        }
        if ($this->story >= count(self::STORIES)) {
            $rush = $this->rush(self::SEASON[intdiv($this->season, self::PASSES)]);
            $promise = $rush === null ? null : $this->promises->of($rush, $this->demo);
            if ($rush !== null && $promise !== null) {
                $this->passes[] = [$this->season, $rush, $promise];
            }
            $this->season++;
            $this->done++;

            return;
        }
        [$name, $seed, $fault, $at] = self::STORIES[$this->story];
        $rush = $this->rush($name);
        $shots = [];
        if ($rush !== null) {
            [, $shooting, $folder] = $this->set($rush, $seed, $fault, $at);
            $shots = array_slice($shooting->shots(), 0, self::frames());
        }
        if (isset($folder, $shots[$this->shot])) {
            $jpeg = $folder->file($shots[$this->shot]);
            $hash = hash('sha256', $jpeg);
            $read = $this->reader->read($jpeg);
            $this->read[] = $this->keeper->put($this->demo, $hash, $this->name($this->shot), null, $read);
            $this->done++;
        }
        $this->shot++;
        if ($this->shot >= count($shots)) {
            $this->isStoryDone = true;
            self::$set = null;
            $this->promise = $rush === null ? null : $this->promises->of($rush, $this->demo);
        }
    }

    /** @return array{string, Shooting, FrameFolder} */
    private function set(RushRecord $rush, int $seed, ?ShootFault $fault, string $at): array
    {
        $name = $this->story.' '.$rush->id;
        if (self::$set === null || self::$set[0] !== $name) {
            self::$set = null; // two at once would not find room
            $shooting = Shooting::of($this->plans->planOf($rush, $this->demo), $seed, self::MEGAPIXELS, $fault);
            $names = [$rush->kit->body->name, $rush->kit->lens->name];
            $folder = new FrameFolder($shooting, $seed, $fault, new \DateTimeImmutable($at), true, ...$names);
            self::$set = [$name, $shooting, $folder];
        }

        return self::$set;
    }

    /** Frames of a burst at the most. */
    private static function frames(): int
    {
        return (int) config('rushhold.demo_frames');
    }

    public function isFinished(): bool
    {
        return $this->season >= self::PASSES * count(self::SEASON);
    }

    public function isFull(): bool
    {
        return false;
    }

    public function done(): int
    {
        return $this->done;
    }

    public function whole(): int
    {
        return max($this->done, self::frames() * count(self::STORIES) + self::PASSES * count(self::SEASON));
    }

    public function keep(): void
    {
        $this->demo->inTurn();
        foreach ($this->read as $read) {
            if ($this->demo->frames()->where('hash', $read->hash)->doesntExist()) {
                $this->join($this->keeper->keep($this->demo, $read));
            }
        }
        $this->read = [];
        if ($this->isStoryDone && self::STORIES[$this->story][4]) {
            $this->tell();
        }
        foreach ($this->passes as [$number, $rush, $promise]) {
            $at = Carbon::parse('2026-04-11 07:10:00')->addDays(9 * intdiv($number, self::PASSES));
            $at = $at->addMinutes(7 * ($number % self::PASSES));
            $this->played->pass($this->demo, $rush, $promise, self::HABITS, 40 + $number, $at);
        }
        $this->passes = [];
    }

    public function state(): array
    {
        return [
            'story' => $this->story + ($this->isStoryDone ? 1 : 0),
            'shot' => $this->isStoryDone ? 0 : $this->shot,
            'season' => $this->season,
            'done' => $this->done,
        ];
    }

    public function reading(): array
    {
        return [];
    }

    /** The burst of this pass: it is pressed in several short ones, and a person would have joined them. */
    private function burst(): ?string
    {
        $first = $this->demo->frames()->where('name', $this->name(0))->first();

        return $first?->burst_id;
    }

    private function name(int $shot): string
    {
        return sprintf('INLET_%d%03d.jpg', $this->story + 1, $shot + 1);
    }

    private function join(FrameRecord $frame): void
    {
        $own = $frame->burst_id;
        $burst = $this->burst() ?? $own;
        if ($own !== $burst) {
            $frame->fill(['burst_id' => $burst])->save();
            $this->demo->bursts()->whereKey($burst)->update(['by_hand' => true]);
            $this->bursts->recount($own);
            $this->bursts->recount($burst);
        }
    }

    /** Says which rush this burst was taken for. */
    private function tell(): void
    {
        $burst = $this->demo->bursts()->with('user')->find($this->burst());
        $rush = $this->rush(self::STORIES[$this->story][0]);
        if ($burst !== null && $rush !== null) {
            $burst->fill(['rush_id' => $rush->id, 'promise_id' => $this->promise?->id])->save();
            $this->keeper->judge($burst);
        }
    }

    private function rush(string $name): ?RushRecord
    {
        return $this->demo->rushes()->with(RushRecord::WITH_KIT)->where('name', $name)->first();
    }
}
