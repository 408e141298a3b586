<?php

declare(strict_types=1);

namespace App\Runs;

use App\Archive\Archives;
use App\Archive\Emptying;
use App\Archive\Restores;
use App\Log\Frames\Rejudges;
use App\Log\Frames\Relooks;
use App\Log\Intake\Intakes;
use App\Log\Intake\ReadsAhead;
use App\Log\Out\LogsOut;
use App\Log\Table\Tables;
use App\Log\Yours\Learns;
use App\Rehearsals\Sweeps;
use App\Shoot\DemoShoot;
use Illuminate\Contracts\Container\Container;

/** Every kind of run there is. */
final readonly class RunKinds
{
    public const SWEEP = 'sweep';

    public const INTAKE = 'intake';

    public const AHEAD = 'ahead';

    public const TABLE = 'table';

    public const LOOK = 'look';

    public const JUDGE = 'judge';

    public const DEMO = 'demo';

    public const RESTORE = 'restore';

    public const EMPTY = 'empty';

    public const ARCHIVE = 'archive';

    public const LOG_OUT = 'log-out';

    public const LEARN = 'learn';

    private const KINDS = [
        self::SWEEP => Sweeps::class,
        self::INTAKE => Intakes::class,
        self::AHEAD => ReadsAhead::class,
        self::TABLE => Tables::class,
        self::LOOK => Relooks::class,
        self::JUDGE => Rejudges::class,
        self::DEMO => DemoShoot::class,
        self::LEARN => Learns::class,
        self::RESTORE => Restores::class,
        self::EMPTY => Emptying::class,
        self::ARCHIVE => Archives::class,
        self::LOG_OUT => LogsOut::class,
    ];

    /** @param  array<string, class-string<RunKind>>  $kinds */
    public function __construct(private Container $container, private array $kinds = self::KINDS) {}

    public function of(string $kind): RunKind
    {
        $class = $this->kinds[$kind] ?? throw new \LogicException("There are no runs of the kind {$kind}.");

        return $this->container->make($class);
    }
}
