<?php

declare(strict_types=1);

namespace App\Log\Table;

use App\Documents\SchemaChecker;
use RushHold\Document\Reader;
use RushHold\Faults\TextOutOfBounds;
use RushHold\Faults\UnreadableDocument;
use RushHold\Log\FrameFacts;
use RushHold\Sharpness\FrameVerdict;
use RushHold\Tables\DayOrder;
use RushHold\Tables\FrameRow;
use RushHold\Tables\TableField;

/** The bursts of a log/1 document: each is cut out of the text by itself, so that a long log needs no more memory than its text. */
final class LogRows implements Rows
{
    /** Longest burst, in bytes. */
    private const LONGEST = 1_000_000;

    private const NAME = 120;

    private const NUMBERS = ['shutter_s', 'f_number', 'focal_mm', 'distance_m'];

    private function __construct(
        private readonly SchemaChecker $checker,
        private readonly string $text,
        private int $at,
        private int $burst,
    ) {}

    /**
     * @param  array{at: int, line: int}  $place  where it was put down; 0 for its beginning
     *
     * @throws UnreadableDocument when it is no such document
     */
    public static function of(SchemaChecker $checker, string $text, array $place = ['at' => 0, 'line' => 0]): self
    {
        if ($place['at'] > 0) {
            return new self($checker, $text, $place['at'], $place['line']);
        }
        $ends = substr($text, 0, 4096).substr($text, -4096);
        if (
            preg_match('#"format"\s*:\s*"log\\\\?/1"#', $ends) !== 1 ||
            preg_match('/"bursts"\s*:\s*\[/', $text, $found, PREG_OFFSET_CAPTURE) !== 1
        ) {
            throw UnreadableDocument::asTable('it does not say "format": "log/1" and its "bursts"');
        }

        return new self($checker, $text, $found[0][1] + strlen($found[0][0]), 0);
    }

    public function next(): ?array
    {
        $json = $this->cut();
        if ($json === null) {
            return null;
        }
        $under = 'bursts.'.$this->burst++;
        $burst = Reader::of(
            $this->checker->check(SchemaChecker::decoded($json, $under), 'log.json#/$defs/burst', $under),
            $under,
        );

        return array_map(static fn (Reader $frame): FrameRow => self::frame($burst, $frame), $burst->objects('frames'));
    }

    /** Goes past the next burst, and says how many frames it is likely to have, an empty one counted as one; null at the end. */
    public function skip(): ?int
    {
        $json = $this->cut();
        $this->burst++;

        return $json === null ? null : max(1, substr_count($json, '"sha256"'));
    }

    public function place(): array
    {
        return ['at' => $this->at, 'line' => $this->burst];
    }

    public function called(): string
    {
        return "burst {$this->burst}";
    }

    private static function frame(Reader $burst, Reader $frame): FrameRow
    {
        $text = static fn (Reader $from, string $name): string => $from->has($name) ? $from->text($name) : '';
        // one that says nothing was taken when its burst was
        $told = $frame->has('taken_at') ? $frame->text('taken_at') : $text($burst, 'began');
        $day = TableField::day($told, DayOrder::YearMonthDay);
        $time = TableField::time($told);
        if ($told !== '' && ($day === null || $time === null)) {
            throw TextOutOfBounds::of($frame->path('taken_at'), $told, 'a moment, as 2026-05-22T05:12:33');
        }
        $numbers = [];
        foreach (self::NUMBERS as $name) {
            $number = $frame->has($name) ? $frame->number($name) : null;
            [$least, $most] = FrameFacts::BOUNDS[$name];
            $numbers[$name] = $number !== null && $number >= $least && $number <= $most ? $number : null;
        }
        $eye = $frame->has('eye') ? FrameVerdict::from($frame->text('eye')) : null;

        return new FrameRow(
            TableField::name($frame->text('name'), self::NAME) ?? 'a frame',
            $frame->text('sha256'),
            new FrameFacts(
                takenAt: $day === null ? null : "{$day}T{$time}",
                offset: TableField::offset($text($frame, 'offset')),
                shutterS: $numbers['shutter_s'],
                fNumber: $numbers['f_number'],
                iso: $frame->has('iso') && $frame->whole('iso') > 0 ? $frame->whole('iso') : null,
                focalMm: $numbers['focal_mm'],
                distanceM: $numbers['distance_m'],
                body: TableField::name($burst->text('body'), FrameFacts::NAME),
                lens: TableField::name($burst->text('lens'), FrameFacts::NAME),
                rating: $frame->has('rating') ? TableField::stars((string) $frame->whole('rating')) : null,
            ),
            FrameVerdict::from($frame->text('verdict')),
            $frame->number('confidence'),
            $eye,
            $frame->has('blur_px') ? $frame->number('blur_px') : null,
            $frame->number('limit_px'),
            TableField::name($burst->text('id'), self::NAME),
            TableField::name($text($burst, 'rush'), self::NAME),
        );
    }

    /** The text of the next object in the list; null at its end. */
    private function cut(): ?string
    {
        $this->at += strspn($this->text, " \t\r\n,", $this->at);
        $next = $this->text[$this->at] ?? ']';
        if ($next === ']') {
            return null;
        }
        if ($next !== '{') {
            $this->at = strlen($this->text);
            throw UnreadableDocument::because("bursts.{$this->burst}", 'no burst begins there');
        }
        $from = $this->at;
        $depth = 0;
        do {
            $this->at += strcspn($this->text, '{}"', $this->at);
            $sign = $this->text[$this->at] ?? '';
            $this->at++;
            $depth += match ($sign) {
                '{' => 1,
                '}' => -1,
                default => 0,
            };
            if ($sign === '"') {
                $this->skipString();
            }
            if ($sign === '' || $this->at - $from > self::LONGEST) {
                $this->at = strlen($this->text);
                throw UnreadableDocument::because("bursts.{$this->burst}", 'it has no end');
            }
        } while ($depth > 0);

        return substr($this->text, $from, $this->at - $from);
    }

    private function skipString(): void
    {
        do {
            $this->at += strcspn($this->text, '"\\', $this->at);
            $sign = $this->text[$this->at] ?? '"';
            $this->at += $sign === '\\' ? 2 : 1;
        } while ($sign === '\\');
    }
}
