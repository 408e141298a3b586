<?php

declare(strict_types=1);

namespace App\Log\Table;

use App\Documents\SchemaChecker;
use App\Files\Files;
use App\Models\FileRecord;
use RushHold\Faults\Fault;
use RushHold\Faults\FaultyDocument;
use RushHold\Sharpness\FrameVerdict;
use RushHold\Tables\FrameRow;
use RushHold\Tables\TableMatch;

/** Tables of frames before they are taken: how their columns are read, what would come of them. */
final readonly class TableLook
{
    /** Frames that are shown, rows that are looked through for those that cannot be taken, and reasons that are told. */
    private const SHOWN = 6;

    private const THROUGH = 400;

    private const TOLD = 8;

    /** Longest example of what stands in a column, in characters, and how many. */
    private const EXAMPLE = 40;

    private const EXAMPLES = 3;

    public function __construct(private Files $files, private SchemaChecker $checker) {}

    public function text(FileRecord $file): TableText
    {
        return TableText::of($this->checker, $this->files->text($file));
    }

    /**
     * What the columns of a table say, as chosen or as guessed; null where it needs no telling.
     *
     * @param  array<string, mixed>  $chosen  columns and days
     */
    public static function match(TableText $text, array $chosen): ?TableMatch
    {
        $columns = $chosen['columns'] ?? null;
        $days = $chosen['days'] ?? null;

        return match (true) {
            $text->isLog => null,
            is_array($columns) => TableMatch::chosen($text->names(), $columns, is_string($days) ? $days : ''),
            default => $text->guess(),
        };
    }

    /**
     * What would be taken of a file, and how it is read.
     *
     * @param  array<string, mixed>  $chosen  columns and days; nothing of these for a guess
     * @return array<string, mixed>
     */
    public function look(FileRecord $file, array $chosen): array
    {
        $text = $this->text($file);
        $match = self::match($text, $chosen);
        [$shown, $refused, $beyond] = $this->first($text, $match);

        return [
            'name' => $file->name,
            'is_log' => $text->isLog,
            'rows' => $text->count(),
            'columns' => $match === null ? [] : self::columns($text, $match),
            'days' => $match === null ? 'ymd' : $match->days->value,
            'days_are_sure' => $match === null || $match->areDaysSure($text->sample()),
            'is_whole' => $match === null || $match->isWhole(),
            'tells_verdicts' => $match === null || $match->tellsVerdicts(),
            'frames' => array_map(self::frame(...), $shown),
            'refused' => $refused,
            'refused_beyond' => $beyond,
        ];
    }

    /** @return array{list<FrameRow>, list<array{name: string, why: string}>, int} frames to be shown, rows that cannot be read, and how many more of them */
    private function first(TableText $text, ?TableMatch $match): array
    {
        if ($match !== null && ! $match->isWhole()) {
            return [[], [], 0];
        }
        $rows = $text->rows($match);
        [$shown, $refused, $beyond] = [[], [], 0];
        for ($through = 0; $through < self::THROUGH; $through++) {
            try {
                $next = $rows->next();
            } catch (Fault|FaultyDocument $fault) {
                if (count($refused) < self::TOLD) {
                    $refused[] = ['name' => $rows->called(), 'why' => TableText::why($fault)];
                } else {
                    $beyond++;
                }

                continue;
            }
            if ($next === null) {
                break;
            }
            array_push($shown, ...array_slice($next, 0, max(0, self::SHOWN - count($shown))));
        }

        return [$shown, $refused, $beyond];
    }

    /** @return list<array{name: string, as: ?string, examples: list<string>}> */
    private static function columns(TableText $text, TableMatch $match): array
    {
        $as = array_flip($match->columns);
        $sample = $text->sample();
        $columns = [];
        foreach ($text->names() as $number => $name) {
            $told = array_map(
                static fn (array $row): string => mb_substr(trim($row[$number] ?? ''), 0, self::EXAMPLE),
                $sample,
            );
            $told = array_filter($told, static fn (string $one): bool => $one !== '');
            $columns[] = [
                'name' => $name,
                'as' => $as[$number] ?? null,
                'examples' => array_slice(array_values(array_unique($told)), 0, self::EXAMPLES),
            ];
        }

        return $columns;
    }

    /** @return array<string, mixed> */
    private static function frame(FrameRow $row): array
    {
        return [
            'name' => $row->name,
            'clock' => $row->facts->takenAt,
            'body' => (string) $row->facts->body,
            'shutter_s' => $row->facts->shutterS,
            'f_number' => $row->facts->fNumber,
            'iso' => $row->facts->iso,
            'focal_mm' => $row->facts->focalMm,
            'distance_m' => $row->facts->distanceM,
            'verdict' => ($row->eye ?? $row->verdict)->value,
            'is_told' => $row->eye !== null || $row->verdict !== FrameVerdict::Unclear,
            'left_out' => $row->facts->leftOut,
        ];
    }
}
