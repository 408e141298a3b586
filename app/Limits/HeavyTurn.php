<?php

declare(strict_types=1);

namespace App\Limits;

/** One account's turn at reckoning, until it ends. */
final class HeavyTurn
{
    /** @param  resource  $file */
    private function __construct(private $file) {}

    /** @param  resource  $file  already locked */
    public static function in($file, string $account): self
    {
        ftruncate($file, 0);
        rewind($file);
        fwrite($file, $account);
        fflush($file);

        return new self($file);
    }

    public function end(): void
    {
        if (is_resource($this->file)) {
            ftruncate($this->file, 0);
            flock($this->file, LOCK_UN);
            fclose($this->file);
        }
    }
}
