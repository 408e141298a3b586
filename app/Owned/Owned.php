<?php

declare(strict_types=1);

namespace App\Owned;

use App\OpenApi\Scope;
use Illuminate\Contracts\Container\Container;

/** Every table whose rows belong to an account. */
final class Owned
{
    /** Each after those it names. */
    private const TABLES = [
        Tables\UsersTable::class,
        Tables\SessionsTable::class,
        Tables\KeysTable::class,
        Tables\FilesTable::class,
        Tables\RunsTable::class,
        Tables\GearTable::class,
        Tables\KitsTable::class,
        Tables\RushesTable::class,
        Tables\PlansTable::class,
        Tables\RehearsalsTable::class,
        Tables\LayoutsTable::class,
        Tables\CameraStatesTable::class,
        Tables\PlacesTable::class,
        Tables\OutingsTable::class,
        Tables\DaysTable::class,
        Tables\CardsTable::class,
        Tables\PromisesTable::class,
        Tables\BurstsTable::class,
        Tables\FramesTable::class,
        Tables\CountedTable::class,
        Tables\TalliesTable::class,
        Tables\LearntTable::class,
        Tables\LogActsTable::class,
        Tables\VersionsTable::class,
    ];

    /** Tables in which nothing is anybody's own. */
    public const NOBODYS = ['migrations', 'cache', 'cache_locks', 'jobs', 'password_reset_tokens'];

    /** @var ?array<string, OwnedTable> */
    private ?array $tables = null;

    /** @param  list<class-string<OwnedTable>>  $classes */
    public function __construct(
        private readonly Container $container,
        private readonly array $classes = self::TABLES,
    ) {}

    /** The same with another table, behind those it names. */
    public function with(OwnedTable $table): self
    {
        $all = new self($this->container, $this->classes);
        $all->tables = $this->all() + [$table->name() => $table];

        return $all;
    }

    /** @return array<string, OwnedTable> by name, each after those it names */
    public function all(): array
    {
        if ($this->tables === null) {
            $this->tables = [];
            foreach ($this->classes as $class) {
                $table = $this->container->make($class);
                $this->tables[$table->name()] = $table;
            }
        }

        return $this->tables;
    }

    public function table(string $name): OwnedTable
    {
        return $this->all()[$name] ?? throw new \LogicException("Nobody has told of the table {$name}.");
    }

    /** @return array<string, OwnedTable> those that go into an archive */
    public function archived(): array
    {
        return array_filter($this->all(), static fn (OwnedTable $table): bool => $table->isArchived());
    }

    /** @return array<string, OwnedTable> those a copy of the demo has */
    public function copied(): array
    {
        return array_filter($this->all(), static fn (OwnedTable $table): bool => $table->isCopied());
    }

    /**
     * What a key must be allowed for something that is asked of one of them; null where only somebody at a page may ask.
     *
     * @param  bool  $changes  whether anything is different afterwards
     */
    public function scope(string $address, bool $changes): ?Scope
    {
        $first = explode('/', $address)[0];
        foreach ($this->all() as $table) {
            if (in_array($first, $table->addresses(), true)) {
                return $changes ? $table->writes() : $table->reads();
            }
        }

        return null;
    }
}
