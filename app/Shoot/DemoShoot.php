<?php

declare(strict_types=1);

namespace App\Shoot;

use App\Log\BurstKeeper;
use App\Log\FrameKeeper;
use App\Log\FrameReader;
use App\Log\Promises;
use App\Models\RunRecord;
use App\Models\User;
use App\Plans\PlanCache;
use App\Runs\RunHandler;
use App\Runs\RunHandlers;
use App\Runs\Runs;

/** The frames of the demo: six bursts with a story each, taken with the simulated camera in the background, and a season before them without pictures. */
final readonly class DemoShoot implements RunHandler
{
    /** It rests on nothing that could change. */
    private const FINGERPRINT = 'demo';

    public function __construct(
        private PlanCache $plans,
        private FrameReader $reader,
        private FrameKeeper $keeper,
        private BurstKeeper $bursts,
        private Promises $promises,
        private PlayedLog $played,
    ) {}

    /** Begins it for the demo, once. */
    public static function begin(User $demo, Runs $runs, self $handler): void
    {
        if ($demo->runs()->where('kind', RunHandlers::DEMO)->doesntExist() && $demo->frames()->doesntExist()) {
            $work = $handler->of($demo, []);
            $runs->begin($demo, RunHandlers::DEMO, $work, self::FINGERPRINT);
        }
    }

    /** @return ?array{done: int, whole: int, broke_off: bool} how far the demo's bursts are, null once all are there */
    public static function under(): ?array
    {
        $run = RunRecord::query()
            ->where('kind', RunHandlers::DEMO)
            ->latest('id')
            ->first(['done', 'whole', 'status']);

        return $run === null || $run->status === RunRecord::DONE
            ? null
            : ['done' => $run->done, 'whole' => $run->whole, 'broke_off' => $run->status !== RunRecord::RUNNING];
    }

    public function atOnce(): int
    {
        return 1;
    }

    public function kept(): int
    {
        return 1;
    }

    public function fingerprint(RunRecord $run): string
    {
        return self::FINGERPRINT;
    }

    public function work(RunRecord $run): DemoShootWork
    {
        return $this->of($run->user, $run->state ?? []);
    }

    /** @param  array<string, mixed>  $state  where it was put down */
    public function of(User $demo, array $state): DemoShootWork
    {
        return new DemoShootWork(
            $demo,
            $this->plans,
            $this->reader,
            $this->keeper,
            $this->bursts,
            $this->promises,
            $this->played,
            $state,
        );
    }
}
