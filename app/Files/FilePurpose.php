<?php

declare(strict_types=1);

namespace App\Files;

/** What somebody uploads a file for: decides what it may be, how large, and how long it stays. */
enum FilePurpose: string
{
    /** A kit/1 file, to be looked at and taken in. */
    case Kit = 'kit';

    /** A photograph that is taken into the log; once that has been done it may go. */
    case Frame = 'frame';

    /** Everything of another account, to go into this one. */
    case Archive = 'archive';

    /** Everything of the account, made here to be fetched. */
    case Out = 'out';

    /** Its log for other programs, made here to be fetched. */
    case LogOut = 'log-out';

    /** Frames told in a table, to be looked at and taken into the log. */
    case Table = 'table';

    /** Largest file, in bytes. */
    public function largest(): int
    {
        return match ($this) {
            self::Kit => \App\Kits\KitFiles::LARGEST,
            self::Frame => \App\Log\Intake\Intakes::LARGEST,
            self::Archive => \App\Archive\ArchiveWork::LARGEST,
            self::Out, self::LogOut => PHP_INT_MAX,
            self::Table => \App\Log\Table\TableText::LARGEST,
        };
    }

    /** @return list<string> media types its content may have */
    public function types(): array
    {
        return match ($this) {
            self::Kit => ['application/json'],
            self::Frame => ['image/jpeg', ContentType::RAW],
            self::Archive => ['application/zip'],
            self::Out, self::LogOut => [],
            self::Table => ['text/plain', ContentType::OTHER_TEXT, 'application/json'],
        };
    }

    /** As a sentence says it: what must be sent. */
    public function words(): string
    {
        return match ($this) {
            self::Kit => 'a kit file, which is text in JSON',
            self::Frame => 'a photograph: a JPEG, or a raw file with one inside',
            self::Archive => 'an archive of an account, which is a zip',
            self::Out, self::LogOut => 'nothing that is sent',
            self::Table => 'a table of frames, which is text: CSV or log/1, saved as UTF-8',
        };
    }

    /** Days after which it goes by itself. */
    public function days(): int
    {
        return match ($this) {
            self::Kit => 7,
            self::Frame => 3,
            self::Archive, self::Out, self::LogOut, self::Table => 1,
        };
    }

    /** Whether a file goes as soon as there is need of its room, once what is in it has been taken in. */
    public function givesWay(): bool
    {
        return $this === self::Frame;
    }

    /** Whether somebody sends such a file; else it is made here. */
    public function isSent(): bool
    {
        return ! in_array($this, [self::Out, self::LogOut], true);
    }
}
