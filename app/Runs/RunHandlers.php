<?php

declare(strict_types=1);

namespace App\Runs;

use App\Archive\ArchiveRuns;
use App\Archive\EmptyRuns;
use App\Archive\RestoreRuns;
use App\Log\IntakeRuns;
use App\Log\LearnRuns;
use App\Log\RejudgeRuns;
use App\Log\RelookRuns;
use App\Log\Table\TableRuns;
use App\Rehearsals\SweepRuns;
use App\Shoot\DemoShoot;
use Illuminate\Contracts\Container\Container;

/** Every kind of run there is, and who handles it. */
final readonly class RunHandlers
{
    public const SWEEP = 'sweep';

    public const INTAKE = 'intake';

    public const TABLE = 'table';

    public const LOOK = 'look';

    public const JUDGE = 'judge';

    public const DEMO = 'demo';

    public const RESTORE = 'restore';

    public const EMPTY = 'empty';

    public const ARCHIVE = 'archive';

    public const LEARN = 'learn';

    private const KINDS = [
        self::SWEEP => SweepRuns::class,
        self::INTAKE => IntakeRuns::class,
        self::TABLE => TableRuns::class,
        self::LOOK => RelookRuns::class,
        self::JUDGE => RejudgeRuns::class,
        self::DEMO => DemoShoot::class,
        self::LEARN => LearnRuns::class,
        self::RESTORE => RestoreRuns::class,
        self::EMPTY => EmptyRuns::class,
        self::ARCHIVE => ArchiveRuns::class,
    ];

    /** @param  array<string, class-string<RunHandler>>  $kinds */
    public function __construct(private Container $container, private array $kinds = self::KINDS) {}

    public function of(string $kind): RunHandler
    {
        $handler = $this->kinds[$kind] ?? throw new \LogicException("Nobody handles runs of the kind {$kind}.");

        return $this->container->make($handler);
    }
}
