<?php

declare(strict_types=1);

namespace App\Archive;

/** How far an archive has been put back. */
final class RestoreState
{
    /**
     * @param  list<string>  $files  ids of those it was sent as
     * @param  string  $secret  what tells its ids from those of any other
     * @param  array<string, list<string>>  $starter  ids of what the account began with, by table: it goes when there is a kit of its own
     * @param  int  $most  rows that are read
     * @param  int  $table  number of the table that is unpacked or read
     * @param  int  $at  lines of it that have been read
     * @param  int  $byte  where the next begins
     * @param  int  $file  number of the file of the archive that is looked at next
     * @param  string  $burst  id of the burst that was counted last
     * @param  int  $bytes  of pictures that have come
     * @param  array<string, int>  $counts  rows that have come, by table
     */
    private function __construct(
        public readonly array $files,
        public readonly string $secret,
        public readonly array $starter,
        public readonly int $most,
        public RestorePhase $phase,
        public int $table,
        public int $at,
        public int $byte,
        public int $file,
        public string $burst,
        public int $pictures,
        public int $bytes,
        public int $done,
        public int $whole,
        public array $counts,
    ) {}

    /**
     * @param  list<string>  $files
     * @param  array<string, list<string>>  $starter
     */
    public static function begin(array $files, array $starter, int $most): self
    {
        $secret = bin2hex(random_bytes(16));

        return self::kept(['files' => $files, 'starter' => $starter, 'most' => $most, 'secret' => $secret]);
    }

    /** @param  array<string, mixed>  $state  {@see toArray()} */
    public static function kept(array $state): self
    {
        return new self(
            array_values((array) ($state['files'] ?? [])),
            (string) ($state['secret'] ?? ''),
            (array) ($state['starter'] ?? []),
            (int) ($state['most'] ?? Restores::MOST),
            RestorePhase::from((string) ($state['phase'] ?? RestorePhase::Unpack->value)),
            (int) ($state['table'] ?? 0),
            (int) ($state['at'] ?? 0),
            (int) ($state['byte'] ?? 0),
            (int) ($state['file'] ?? 0),
            (string) ($state['burst'] ?? ''),
            (int) ($state['pictures'] ?? 0),
            (int) ($state['bytes'] ?? 0),
            (int) ($state['done'] ?? 0),
            (int) ($state['whole'] ?? 0),
            (array) ($state['counts'] ?? []),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['phase' => $this->phase->value] + get_object_vars($this);
    }
}
