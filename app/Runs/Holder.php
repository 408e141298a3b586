<?php

declare(strict_types=1);

namespace App\Runs;

/** A process that is at a run, as it is told in the store: machine, number, and when it began, since numbers come again. */
final readonly class Holder
{
    private const PARTED = ' ';

    private function __construct(private string $machine, private int $pid, private string $began) {}

    /** This process. */
    public static function me(): self
    {
        return self::of((int) getmypid());
    }

    /** One of this machine. */
    public static function of(int $pid): self
    {
        return new self(str_replace(self::PARTED, '', (string) gethostname()), $pid, self::began($pid));
    }

    /** @param  string  $told  {@see told()} */
    public static function from(string $told): self
    {
        [$machine, $pid, $began] = explode(self::PARTED, $told) + ['', '0', ''];

        return new self($machine, (int) $pid, $began);
    }

    public function told(): string
    {
        return implode(self::PARTED, [$this->machine, $this->pid, $this->began]);
    }

    /** Whether it is known to be gone: nobody knows so of another machine's. */
    public function isGone(): bool
    {
        return $this->machine === self::me()->machine && self::began($this->pid) !== $this->began;
    }

    /** When a process of this machine began, in ticks since the machine did; nothing where there is none. */
    private static function began(int $pid): string
    {
        $stat = (string) @file_get_contents("/proc/{$pid}/stat");

        // behind the name, which may hold anything; a dead one that nobody has asked for yet is none
        $fields = explode(' ', substr($stat, (int) strrpos($stat, ')') + 2));

        return in_array($fields[0], ['Z', 'X'], true) ? '' : $fields[19] ?? '';
    }
}
