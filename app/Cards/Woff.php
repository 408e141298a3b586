<?php

declare(strict_types=1);

namespace App\Cards;

/** Unpacks a web font (WOFF 1.0, W3C 2012) to the font it was made from: the same tables, each one compressed. */
final class Woff
{
    private const HEADER = 44;

    private const ENTRY = 20;

    /**
     * @return string a TrueType or OpenType font
     *
     * @throws \UnexpectedValueException when it is no such file
     */
    public static function unpacked(string $woff): string
    {
        /** @var array{signature: string, flavor: int, tables: int}|false $head */
        $head = unpack('a4signature/Nflavor/Nlength/ntables', $woff);
        if ($head === false || $head['signature'] !== 'wOFF') {
            throw new \UnexpectedValueException('This is no WOFF font.');
        }
        $count = $head['tables'];
        $power = 2 ** (int) floor(log($count, 2));
        $directory = pack('Nnnnn', $head['flavor'], $count, $power * 16, (int) log($power, 2), ($count - $power) * 16);
        $at = strlen($directory) + 16 * $count;
        $body = '';
        for ($table = 0; $table < $count; $table++) {
            /** @var array{tag: string, offset: int, packed: int, length: int, sum: int} $entry */
            $entry = unpack('a4tag/Noffset/Npacked/Nlength/Nsum', $woff, self::HEADER + self::ENTRY * $table);
            $data = substr($woff, $entry['offset'], $entry['packed']);
            $data = $entry['packed'] < $entry['length'] ? (string) gzuncompress($data, $entry['length']) : $data;
            $directory .= $entry['tag'].pack('NNN', $entry['sum'], $at, $entry['length']);
            $data = str_pad($data, strlen($data) + (-strlen($data) & 3), "\0");
            $body .= $data;
            $at += strlen($data);
        }

        return $directory.$body;
    }
}
