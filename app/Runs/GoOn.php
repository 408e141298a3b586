<?php

declare(strict_types=1);

namespace App\Runs;

use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;

/** One portion of a run. */
final class GoOn implements ShouldQueue
{
    use Dispatchable;

    /** A portion whose worker died is taken up again; one that breaks four workers is not. */
    public int $tries = 4;

    public int $timeout = 60;

    public function __construct(private readonly string $run) {}

    public function handle(Runs $runs): void
    {
        $runs->goOn($this->run);
    }

    public function failed(): void
    {
        app(Runs::class)->fail($this->run, 'It broke off four times at the same place, and was given up.');
    }
}
