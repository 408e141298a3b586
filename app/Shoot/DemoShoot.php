<?php

declare(strict_types=1);

namespace App\Shoot;

use App\Log\Bursts\BurstKeeper;
use App\Log\Counts\Promises;
use App\Log\Frames\FrameKeeper;
use App\Log\Intake\FrameReader;
use App\Models\RunRecord;
use App\Models\User;
use App\Plans\PlanCache;
use App\Runs\RunKind;
use App\Runs\RunKinds;
use App\Runs\Runs;

/** The frames of the demo: six bursts with a story each, taken with the simulated camera in the background, and a season before them without pictures. */
final readonly class DemoShoot extends RunKind
{
    public function __construct(
        private Runs $runs,
        private PlanCache $plans,
        private FrameReader $reader,
        private FrameKeeper $keeper,
        private BurstKeeper $bursts,
        private Promises $promises,
        private PlayedLog $played,
    ) {}

    /** Begins it for the demo, once. */
    public function begin(User $demo): void
    {
        if ($demo->runs()->where('kind', RunKinds::DEMO)->doesntExist() && $demo->frames()->doesntExist()) {
            $this->runs->begin($demo, RunKinds::DEMO, $this->of($demo, []));
        }
    }

    /** @return ?array{done: int, whole: int, broke_off: bool} how far the demo's bursts are, null once all are there */
    public static function under(): ?array
    {
        $run = RunRecord::query()
            ->where('kind', RunKinds::DEMO)
            ->latest('id')
            ->first(['done', 'whole', 'status']);

        return $run === null || $run->status === RunRecord::DONE
            ? null
            : ['done' => $run->done, 'whole' => $run->whole, 'broke_off' => $run->status !== RunRecord::RUNNING];
    }

    public function resume(RunRecord $run): DemoShootWork
    {
        return $this->of($run->user, $run->state ?? []);
    }

    /** @param  array<string, mixed>  $state  where it was put down */
    private function of(User $demo, array $state): DemoShootWork
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
