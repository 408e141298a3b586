<?php

declare(strict_types=1);

namespace App\Logging;

use Monolog\Formatter\LineFormatter;
use Monolog\Handler\RotatingFileHandler;
use Monolog\Level;
use Monolog\Logger;
use Monolog\LogRecord;

/** A log of a few days and a few megabytes: whatever goes wrong how often, it does not fill the disk. */
final class BoundedLog extends RotatingFileHandler
{
    private const DAYS = 14;

    /** Largest file of one day, in bytes; what comes after is not written down. */
    private const DAY_BYTES = 8_000_000;

    /** Longest entry, in characters. */
    private const ENTRY = 6_000;

    /** @param  array<string, mixed>  $config */
    public function __invoke(array $config): Logger
    {
        $handler = new self(
            storage_path('logs/rush-hold.log'),
            self::DAYS,
            ($config['level'] ?? 'info') === 'debug' ? Level::Debug : Level::Info,
            true,
            0o664,
        );
        $handler->setFormatter(new LineFormatter(null, 'Y-m-d H:i:s', true, true, true));

        return new Logger('rush-hold', [$handler]);
    }

    /** @param  string  $filename  only the framework makes one without, to be invoked */
    public function __construct(
        string $filename = 'php://memory',
        int $maxFiles = self::DAYS,
        Level $level = Level::Debug,
        bool $bubble = true,
        ?int $filePermission = null,
    ) {
        parent::__construct($filename, $maxFiles, $level, $bubble, $filePermission);
    }

    protected function write(LogRecord $record): void
    {
        clearstatcache(true, (string) $this->url);
        if (is_string($this->url) && is_file($this->url) && filesize($this->url) > self::DAY_BYTES) {
            return;
        }
        parent::write($record->with(formatted: mb_strcut((string) $record->formatted, 0, self::ENTRY)."\n"));
    }
}
