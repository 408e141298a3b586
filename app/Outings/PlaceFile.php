<?php

declare(strict_types=1);

namespace App\Outings;

use RushHold\Faults\TextOutOfBounds;
use RushHold\Faults\UnreadableDocument;

/**
 * Points of a GPX or KML file: waypoints, the points of a route, placemarks. Read as a stream, without any document type and so without
 * entities; too long, too deep and too many are refused in words.
 */
final class PlaceFile
{
    /** Longest file that is read, in bytes. */
    public const LARGEST = 1_500_000;

    /** Deepest nesting of its elements. */
    private const DEEPEST = 32;

    /** Elements it may have. */
    private const ELEMENTS = 50_000;

    /** Elements that are points. */
    private const POINT = ['wpt', 'rtept', 'Placemark'];

    /** Points that are given back. */
    private const POINTS = 200;

    /**
     * @return array{points: list<array{name: string, latitude_deg: float, longitude_deg: float}>, left_out: int} in the order of the file
     *
     * @throws UnreadableDocument|TextOutOfBounds saying what is amiss
     */
    public static function read(string $text): array
    {
        if (strlen($text) > self::LARGEST) {
            throw TextOutOfBounds::of(
                'text',
                sprintf('%.1f MB long', strlen($text) / 1e6),
                sprintf('a file of at most %.1f MB', self::LARGEST / 1e6),
            );
        }
        // in another encoding what is refused below could not be seen
        if (
            ! mb_check_encoding($text, 'UTF-8') ||
            str_contains($text, "\0") ||
            preg_match('/^[^>]*<\?xml[^>]*\sencoding\s*=\s*["\'](?!utf-8["\'])/i', $text) === 1
        ) {
            throw self::refused('it is not in UTF-8');
        }
        if (preg_match('/<!(DOCTYPE|ENTITY)/i', $text) === 1) {
            throw self::refused('it brings a document type or entities of its own, which are not read');
        }
        $reader = new \XMLReader();
        $before = libxml_use_internal_errors(true);
        try {
            if ($text === '' || ! $reader->XML($text, null, LIBXML_NONET | LIBXML_COMPACT)) {
                throw self::refused('it is not XML');
            }

            return self::points($reader);
        } finally {
            $reader->close();
            libxml_clear_errors();
            libxml_use_internal_errors($before);
        }
    }

    /** @return array{points: list<array{name: string, latitude_deg: float, longitude_deg: float}>, left_out: int} */
    private static function points(\XMLReader $reader): array
    {
        $points = [];
        $elements = $leftOut = 0;
        $root = $open = null;
        while (@$reader->read()) {
            if ($reader->depth > self::DEEPEST) {
                throw self::refused('its elements are nested deeper than '.self::DEEPEST);
            }
            $name = $reader->localName;
            if ($reader->nodeType === \XMLReader::ELEMENT) {
                if (++$elements > self::ELEMENTS) {
                    throw self::refused(sprintf('it has more than %s elements', number_format(self::ELEMENTS)));
                }
                $root ??= strtolower($name);
                if ($root !== 'gpx' && $root !== 'kml') {
                    throw self::refused('it is neither GPX nor KML');
                }
                if (in_array($name, ['wpt', 'rtept'], true)) {
                    $open = ['name' => '', 'lat' => $reader->getAttribute('lat'), 'lon' => $reader->getAttribute('lon')];
                    $open = $reader->isEmptyElement ? self::closed($open, $points, $leftOut) : $open;
                } elseif ($name === 'Placemark') {
                    $open = ['name' => '', 'lat' => null, 'lon' => null];
                } elseif ($open !== null && $name === 'name' && $open['name'] === '') {
                    $open['name'] = $reader->readString();
                } elseif ($open !== null && $name === 'coordinates' && $open['lat'] === null) {
                    $parts = explode(',', trim(explode(' ', trim($reader->readString()))[0]));
                    [$open['lon'], $open['lat']] = [$parts[0], $parts[1] ?? null];
                }
            } elseif ($reader->nodeType === \XMLReader::END_ELEMENT && in_array($name, self::POINT, true)) {
                $open = $open === null ? null : self::closed($open, $points, $leftOut);
            }
        }
        // what is only warned of, such as a name space that is no address, is read all the same
        $faults = array_filter(
            libxml_get_errors(),
            static fn (\LibXMLError $one): bool => $one->level > LIBXML_ERR_WARNING,
        );
        if ($faults !== []) {
            throw self::refused('it is not XML from beginning to end');
        }
        if ($root === null) {
            throw self::refused('it is not XML');
        }
        if ($points === []) {
            throw self::refused(
                $leftOut > 0
                    ? 'none of its points has a latitude from −90 to 90 and a longitude from −180 to 180'
                    : 'it has no waypoints, routes or placemarks',
            );
        }

        return ['points' => $points, 'left_out' => $leftOut];
    }

    /**
     * Takes a point whose element has ended, if it is one.
     *
     * @param  array{name: string, lat: ?string, lon: ?string}  $point
     * @param  list<array{name: string, latitude_deg: float, longitude_deg: float}>  $points
     */
    private static function closed(array $point, array &$points, int &$leftOut): null
    {
        [$lat, $lon] = [trim((string) $point['lat']), trim((string) $point['lon'])];
        $isOne = is_numeric($lat) && is_numeric($lon) && abs((float) $lat) <= 90 && abs((float) $lon) <= 180;
        if (! $isOne || count($points) >= self::POINTS) {
            $leftOut++;

            return null;
        }
        $points[] = [
            'name' => self::cleaned($point['name']) ?: 'Spot '.(count($points) + 1),
            'latitude_deg' => round((float) $lat, 7),
            'longitude_deg' => round((float) $lon, 7),
        ];

        return null;
    }

    /** A name as it may be shown: one line, without what is hidden. */
    private static function cleaned(string $name): string
    {
        $plain = preg_replace('/[\p{C}\p{Z}]+/u', ' ', $name) ?? '';

        return mb_substr(trim($plain), 0, 120);
    }

    private static function refused(string $why): UnreadableDocument
    {
        return UnreadableDocument::asPlaces($why);
    }
}
