<?php

declare(strict_types=1);

namespace Tests\Support;

use PDO;
use RuntimeException;

/** The server, its processes and its store, as bin/test has started them beside the tests. */
final class TestServer
{
    /** Ticks of the processor's time in a second, as the kernel tells them. */
    private const TICKS = 100;

    /** Files that name who answers, and all that works. */
    private const ANSWERING = ['server.pid', 'fpm.job'];

    private const ALL = [...self::ANSWERING, 'worker.pid'];

    public static function root(): string
    {
        return dirname(__DIR__, 2);
    }

    public static function address(string $path = '/'): string
    {
        $port = trim((string) @file_get_contents(self::root().'/storage/test/run/server.port'));

        return $port === ''
            ? throw new RuntimeException('The test server is not running; use bin/test.')
            : 'http://127.0.0.1:'.$port.$path;
    }

    public static function storePid(): int
    {
        return (int) file_get_contents(self::root().'/storage/test/run/mariadbd.pid');
    }

    /** Runs with a store that hangs: its process is stopped, its port still takes connections. */
    public static function whileTheStoreHangs(callable $run): void
    {
        $store = self::storePid();
        posix_kill($store, SIGSTOP);
        try {
            $run();
        } finally {
            posix_kill($store, SIGCONT);
        }
    }

    /** Rows of a table of the running copy. */
    public static function rows(string $table): int
    {
        return (int) self::store()
            ->query('SELECT COUNT(*) FROM '.$table)
            ->fetchColumn();
    }

    /** The store of the running copy. */
    public static function store(): PDO
    {
        $set = [];
        foreach (file(self::root().'/.env.testing', FILE_IGNORE_NEW_LINES) ?: [] as $line) {
            [$name, $value] = [...explode('=', $line, 2), ''];
            $set[$name] = $value;
        }

        return new PDO(
            "mysql:host=127.0.0.1;port={$set['DB_PORT']};dbname=rush_hold",
            'rush_hold',
            trim($set['DB_PASSWORD'], '"'),
        );
    }

    /** @return array<string, int> how long each file is in which this copy writes about itself, in bytes */
    public static function logged(): array
    {
        clearstatcache();
        $files = [
            ...glob(self::root().'/storage/logs/rush-hold-*.log') ?: [],
            ...glob(self::root().'/storage/logs/*-test.log') ?: [],
        ];

        return array_combine($files, array_map(filesize(...), $files));
    }

    /**
     * What it has written about itself since.
     *
     * @param  array<string, int>  $before  {@see logged()}
     */
    public static function said(array $before): string
    {
        $said = '';
        foreach (array_keys(self::logged()) as $file) {
            $said .= file_get_contents($file, false, null, $before[$file] ?? 0);
        }

        return $said;
    }

    /** Seconds of the processor that everything which answers requests has used so far. */
    public static function worked(): float
    {
        $used = 0;
        foreach (self::processes() as $fields) {
            $used += (int) $fields[11] + (int) $fields[12];
        }

        return $used / self::TICKS;
    }

    /** The most memory any process of the server has had so far, and of the worker unless only those that answer are asked for, in bytes. */
    public static function largest(bool $onlyAnswering = false): int
    {
        $most = 0;
        foreach (array_keys(self::processes($onlyAnswering ? self::ANSWERING : self::ALL)) as $pid) {
            if (
                preg_match(
                    '/^VmHWM:\s+(\d+) kB/m',
                    (string) shell_exec("cat /proc/{$pid}/status 2>/dev/null"),
                    $found,
                ) === 1
            ) {
                $most = max($most, 1024 * (int) $found[1]);
            }
        }

        return $most;
    }

    /**
     * @param  list<string>  $of  the files that name them
     * @return array<int, list<string>> of nginx, of php-fpm with its children, of the worker with its: what the kernel tells of each, from its state on, by its number
     */
    private static function processes(array $of = self::ALL): array
    {
        $groups = array_map(
            static fn (string $file): string => trim(
                (string) @file_get_contents(self::root().'/storage/test/run/'.$file),
            ),
            $of,
        );
        // one that ends meanwhile is nobody's loss
        exec('cat /proc/[0-9]*/stat 2>/dev/null', $lines);
        $found = [];
        foreach ($lines as $line) {
            $fields = explode(' ', substr($line, (int) strrpos($line, ')') + 2));
            if (in_array($fields[2] ?? '', $groups, true)) {
                $found[(int) $line] = $fields;
            }
        }

        return $found === [] ? throw new RuntimeException('No process of the test server was found.') : $found;
    }
}
