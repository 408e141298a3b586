<?php

declare(strict_types=1);

namespace RushHold\Tables;

use RushHold\Faults\TextOutOfBounds;
use RushHold\Log\FrameFacts;
use RushHold\Sharpness\FrameVerdict;

/**
 * From a row of a table to a frame. What stands in a field and cannot be read is left out, and said so; only without a moment is it no frame.
 */
final readonly class RowReader
{
    /** Longest name of a file, a burst or a rush, in characters. */
    private const NAME = 120;

    /** No blur is wider, in px. */
    private const WIDEST_PX = 10_000;

    public function __construct(private TableMatch $match) {}

    /**
     * @param  list<string>  $cells
     * @param  int  $line  of the file, to name it by
     *
     * @throws TextOutOfBounds where nothing says when it was taken
     */
    public function read(array $cells, int $line): FrameRow
    {
        $text = fn (FrameColumn $column): string => $this->match->text($cells, $column);
        $moment = $this->moment($text, $line);
        $leftOut = [];
        $number = function (FrameColumn $column) use ($text, &$leftOut): ?float {
            $read = $column->number($text($column), $this->match->isInFeet());
            // cameras write 0 for what they do not know
            if ($read === null && TableField::number($text($column)) !== 0.0) {
                self::leave($column, $text($column), $leftOut);
            }

            return $read;
        };
        $iso = $number(FrameColumn::Iso);
        $rating = TableField::stars($text(FrameColumn::Rating));
        if ($rating === null) {
            self::leave(FrameColumn::Rating, $text(FrameColumn::Rating), $leftOut);
        }
        [$verdict, $eye] = self::verdicts($text, $leftOut);
        $confidence = TableField::number($text(FrameColumn::Confidence));

        return new FrameRow(
            TableField::name(self::fileName($text(FrameColumn::File)), self::NAME) ?? "line {$line}",
            TableField::hash($text(FrameColumn::Hash)),
            new FrameFacts(
                takenAt: $moment,
                offset: TableField::offset($text(FrameColumn::Offset)) ??
                TableField::offset($text(FrameColumn::TakenAt)),
                shutterS: $number(FrameColumn::Shutter),
                fNumber: $number(FrameColumn::Aperture),
                iso: $iso === null ? null : (int) $iso,
                focalMm: $number(FrameColumn::Focal),
                compensation: $number(FrameColumn::Compensation),
                distanceM: $number(FrameColumn::Distance),
                body: TableField::name($text(FrameColumn::Body), FrameFacts::NAME),
                lens: TableField::name($text(FrameColumn::Lens), FrameFacts::NAME),
                rating: $rating,
                leftOut: $leftOut,
            ),
            $verdict,
            $confidence !== null && $confidence >= 0 && $confidence <= 1
                ? $confidence
                : ($verdict === FrameVerdict::Unclear ? 0.0 : 1.0),
            $eye,
            self::px($text(FrameColumn::Blur)),
            self::px($text(FrameColumn::Limit)),
            TableField::name($text(FrameColumn::Burst), self::NAME),
            TableField::name($text(FrameColumn::Rush), self::NAME),
        );
    }

    /** @param  \Closure(FrameColumn): string  $text */
    private function moment(\Closure $text, int $line): string
    {
        $whole = $text(FrameColumn::TakenAt);
        $day = TableField::day($whole !== '' ? $whole : $text(FrameColumn::Day), $this->match->days);
        $time = TableField::time($whole) ?? TableField::time($text(FrameColumn::Time));
        if ($day === null || $time === null) {
            $told = $whole !== '' ? $whole : trim($text(FrameColumn::Day).' '.$text(FrameColumn::Time));
            throw TextOutOfBounds::of(
                "line {$line}, day and time",
                mb_substr($told, 0, 40),
                'a moment, as 2026-05-22 05:12:33',
            );
        }

        return "{$day}T{$time}";
    }

    /**
     * @param  \Closure(FrameColumn): string  $text
     * @param  list<string>  $leftOut
     * @return array{FrameVerdict, ?FrameVerdict} as measured, and by the person
     */
    private static function verdicts(\Closure $text, array &$leftOut): array
    {
        $read = [];
        foreach ([FrameColumn::Verdict, FrameColumn::Eye] as $column) {
            $verdict = TableField::verdict($text($column));
            if ($verdict === null) {
                self::leave($column, $text($column), $leftOut);
            }
            $read[] = $verdict;
        }
        [$verdict, $eye] = $read;
        // who keeps it has called it sharp; who does not has not said why
        $eye ??= TableField::isYes($text(FrameColumn::Kept)) === true ? FrameVerdict::Sharp : null;

        return [$verdict ?? FrameVerdict::Unclear, $eye === FrameVerdict::Unclear ? null : $eye];
    }

    /**
     * Says that something cannot be read, where anything stands there.
     *
     * @param  list<string>  $leftOut
     */
    private static function leave(FrameColumn $column, string $told, array &$leftOut): void
    {
        if ($told !== '') {
            $leftOut[] = sprintf('Its %s is “%s” in the table, which cannot be read.', $column->words(), mb_substr($told, 0, 30));
        }
    }

    private static function px(string $text): ?float
    {
        $px = TableField::number($text);

        return $px !== null && $px >= 0 && $px <= self::WIDEST_PX ? $px : null;
    }

    private static function fileName(string $path): string
    {
        return (string) preg_replace('#^.*[/\\\\]#', '', $path);
    }
}
