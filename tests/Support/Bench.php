<?php

declare(strict_types=1);

namespace Tests\Support;

use Symfony\Component\Process\Process;

/** What the measures of bin/bench share: a visitor of the demo who waits for a turn as the page does, and how much is tried. */
final class Bench
{
    /** @var list<string> lines to be shown below the figures */
    public array $tables = [];

    private ?Stranger $visitor = null;

    /** @param  bool  $isWhole  whether the wider set is tried */
    public function __construct(public readonly bool $isWhole) {}

    /** One visitor of the demo, with a line kept open like a browser's. */
    public function visitor(): Stranger
    {
        return $this->visitor ??= Stranger::inTheDemo();
    }

    /**
     * @param  array<string, mixed>|null  $body
     * @return array{float, mixed} ms, and what was answered
     */
    public function send(string $verb, string $path, ?array $body = null): array
    {
        do {
            $answer = $this->visitor()->ask($verb, $path, $body);
        } while ($answer->status === 429 && $answer->json('type') === 'busy' && usleep(100_000) === null);
        if ($answer->status >= 400 || $answer->status === 0) {
            throw new \RuntimeException("{$verb} {$path} answered {$answer->status}: {$answer->head()}");
        }

        return [1000 * $answer->seconds, json_decode($answer->body, true)];
    }

    /** The first rush of the visitor. */
    public function rush(): string
    {
        return $this->send('GET', '/api/rushes')[1]['rushes'][0]['id'];
    }

    /** @return array<string, string> gear of the visitor, by name */
    public function gear(): array
    {
        return array_column($this->send('GET', '/api/gear')[1]['gear'], 'id', 'name');
    }

    public function base(): string
    {
        return TestServer::address('');
    }

    /** @param  list<float>  $times */
    public function median(array $times): float
    {
        sort($times);

        return $times[intdiv(count($times), 2)];
    }

    /** What a script prints, run as a worker runs it. */
    public function compiled(string ...$command): string
    {
        return $this->process(...$command)->mustRun()->getOutput();
    }

    /**
     * What a script prints, and what is done over and over while it runs.
     *
     * @param  list<string>  $command
     */
    public function beside(array $command, \Closure $do): string
    {
        $process = $this->process(...$command);
        $process->start();
        while ($process->isRunning()) {
            $do();
        }
        $process->isSuccessful() || throw new \RuntimeException($process->getErrorOutput());

        return $process->getOutput();
    }

    /** What a script prints that does half of its work, with 0 or 1 and 2 after its arguments, and beside it the other half. */
    public function parts(string ...$command): string
    {
        $halves = array_map(fn (int $part): Process => $this->process(...$command, ...[(string) $part, '2']), [0, 1]);
        array_map(static fn (Process $half) => $half->start(), $halves);
        array_map(static fn (Process $half): int => $half->wait(), $halves);
        foreach ($halves as $half) {
            $half->isSuccessful() || throw new \RuntimeException($half->getErrorOutput());
        }

        return implode("\n", array_map(static fn (Process $half): string => trim($half->getOutput()), $halves));
    }

    private function process(string ...$command): Process
    {
        return new Process(['bin/serve/compiled', ...$command], TestServer::root(), timeout: 3600);
    }

    /** Waits until nothing is worked at in the background. */
    public function whenIdle(): void
    {
        $until = microtime(true) + 600;
        while (TestServer::store()->query("SELECT COUNT(*) FROM runs WHERE status = 'running'")->fetchColumn() > 0) {
            if (microtime(true) > $until) {
                throw new \RuntimeException('The worker does not come to rest.');
            }
            usleep(500_000);
        }
    }
}
