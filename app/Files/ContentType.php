<?php

declare(strict_types=1);

namespace App\Files;

use App\Images\RawPreview;

/** What a file is, by what is in it; what it is called, and what its sender says it is, count for nothing. */
final class ContentType
{
    public const UNKNOWN = 'application/octet-stream';

    /** A raw file, or another that may hold a photograph. */
    public const RAW = 'image/x-raw';

    /** Text in an older alphabet than UTF-8. */
    public const OTHER_TEXT = 'text/x-other';

    /** Bytes of the beginning that are looked at. */
    public const BEGINNING = 65_536;

    /** @param  string  $beginning  its first {@see BEGINNING} bytes, or all of it */
    public static function of(string $beginning): string
    {
        if (RawPreview::isIn($beginning)) {
            return self::RAW;
        }
        $found = (new \finfo(FILEINFO_MIME_TYPE))->buffer($beginning);
        $type = $found === false || $found === '' ? self::UNKNOWN : $found;
        $maybe = ['application/json', 'application/csv', self::UNKNOWN];
        if (! str_starts_with($type, 'text/') && ! in_array($type, $maybe, true)) {
            return $type;
        }
        // what is longer is cut somewhere, perhaps in the middle of a letter
        $whole =
            strlen($beginning) < self::BEGINNING ? $beginning : mb_strcut($beginning, 0, self::BEGINNING - 4, 'UTF-8');
        $text = ltrim($whole, "\u{FEFF} \t\r\n");
        $isText = mb_check_encoding($whole, 'UTF-8');

        return match (true) {
            str_contains($whole, "\0") => self::UNKNOWN,
            ! $isText => $type === self::UNKNOWN ? self::UNKNOWN : self::OTHER_TEXT,
            preg_match('/^[{\[]/', $text) === 1 => 'application/json',
            preg_match('/^<\?xml|^<(gpx|kml)\b/i', $text) === 1 => 'application/xml',
            default => 'text/plain',
        };
    }
}
