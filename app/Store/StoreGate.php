<?php

declare(strict_types=1);

namespace App\Store;

/**
 * Remembers for a second that the store does not answer, so that only one request at a time waits for it and all others are told at
 * once. On this machine only; each node finds out for itself.
 */
final readonly class StoreGate
{
    /** How long the others are told without asking, in seconds. */
    private const CLOSED_S = 1.0;

    public function __construct(private string $file) {}

    /** Whether this request may ask the store now. Whoever is the first to ask again after a failure closes the gate behind it. */
    public function isOpen(): bool
    {
        clearstatcache(true, $this->file);
        if (! is_file($this->file)) {
            return true;
        }
        $handle = @fopen($this->file, 'c+');
        if ($handle === false || ! flock($handle, LOCK_EX | LOCK_NB)) {
            return false;
        }
        $since = (float) stream_get_contents($handle);
        if (microtime(true) - $since < self::CLOSED_S) {
            return false;
        }
        self::stamp($handle);

        return true;
    }

    public function close(): void
    {
        $handle = @fopen($this->file, 'c+');
        if ($handle !== false && flock($handle, LOCK_EX | LOCK_NB)) {
            self::stamp($handle);
        }
    }

    public function open(): void
    {
        if (is_file($this->file)) {
            @unlink($this->file);
        }
    }

    /** @param  resource  $handle */
    private static function stamp($handle): void
    {
        ftruncate($handle, 0);
        rewind($handle);
        fwrite($handle, sprintf('%.4f', microtime(true)));
        fflush($handle);
    }
}
