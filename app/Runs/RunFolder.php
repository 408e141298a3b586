<?php

declare(strict_types=1);

namespace App\Runs;

use Illuminate\Filesystem\Filesystem;

/** What a run has written so far and not packed yet, in a folder of this machine; another machine begins again. What is left over goes after a day. */
final readonly class RunFolder
{
    public string $path;

    public function __construct(string $run)
    {
        $this->path = sys_get_temp_dir().'/rush-hold-run-'.$run;
    }

    public function isThere(): bool
    {
        return is_dir($this->path);
    }

    /** A folder inside, or itself. */
    public function inside(string $name = ''): string
    {
        $path = rtrim("{$this->path}/{$name}", '/');
        is_dir($path) || mkdir($path, 0o700, true);

        return $path;
    }

    /**
     * Writes on in a file from where what was kept ends: what was written and not kept is written again.
     *
     * @param  int<0, max>  $at  bytes
     * @return int<0, max> how long it is now
     */
    public static function append(string $file, int $at, string $text): int
    {
        $to = fopen($file, 'cb') ?: throw new \RuntimeException('Nothing can be written here.');
        ftruncate($to, $at);
        fseek($to, $at);
        fwrite($to, $text);
        fclose($to);

        return $at + strlen($text);
    }

    public function forget(): void
    {
        (new Filesystem())->deleteDirectory($this->path);
    }
}
