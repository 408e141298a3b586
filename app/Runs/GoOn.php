<?php

declare(strict_types=1);

namespace App\Runs;

use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;

/** One portion of a run. Called for twice, it is done once. */
final class GoOn implements ShouldQueue
{
    use Dispatchable;

    /** What fails is tried again; a worker that dies is seen to by the others, {@see Runs::wakeAll()}. */
    public int $tries = Runs::MOST_TRIES;

    public int $timeout = 60;

    /** @param  int  $portion  how many of the run have been kept before it */
    public function __construct(private readonly string $run, private readonly int $portion) {}

    public function handle(Runs $runs): void
    {
        $runs->goOn($this->run, $this->portion);
    }

    public function failed(): void
    {
        app(Runs::class)->fail($this->run, Runs::BROKE_OFF);
    }
}
