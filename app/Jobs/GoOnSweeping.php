<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Rehearsals\Sweeps;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;

/** One portion of a sweep. */
final class GoOnSweeping implements ShouldQueue
{
    use Dispatchable;

    /** A portion whose worker died is taken up again; one that breaks four workers is not. */
    public int $tries = 4;

    public int $timeout = 60;

    public function __construct(private readonly string $sweep) {}

    public function handle(Sweeps $sweeps): void
    {
        $sweeps->goOn($this->sweep);
    }

    public function failed(): void
    {
        app(Sweeps::class)->fail($this->sweep);
    }
}
