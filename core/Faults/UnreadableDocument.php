<?php

declare(strict_types=1);

namespace RushHold\Faults;

/** Something that was to be JSON and is not. */
final class UnreadableDocument extends Fault
{
    public static function because(string $what, string $reason): self
    {
        return new self('', null, 'a JSON object', sprintf('%s cannot be read as JSON: %s.', $what, $reason));
    }

    /** The beginning of a file that was to be a photograph. */
    public static function asPhotograph(): self
    {
        return new self(
            'start',
            null,
            'the beginning of a JPEG',
            'The file does not begin as a JPEG does, so nothing can be read from it. Take one as the camera wrote it.',
        );
    }

    /** A file that was to hold points of a map. */
    public static function asPlaces(string $reason): self
    {
        return new self(
            'text',
            null,
            'a GPX or KML file',
            sprintf('The file cannot be read as GPX or KML: %s.', $reason),
        );
    }

    /** A file that was to hold a table of frames. */
    public static function asTable(string $reason): self
    {
        return new self(
            'file_id',
            null,
            'a table of frames: CSV, or log/1',
            sprintf('The file cannot be read as a table of frames: %s.', $reason),
        );
    }
}
