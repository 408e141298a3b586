<?php

declare(strict_types=1);

namespace App\Owned\Tables;

use App\Models\BurstRecord;
use App\Owned\Column;
use App\Owned\OwnedTable;
use App\Owned\Row;
use RushHold\Document\Reader;

/** Frames taken in one go. */
final readonly class BurstsTable extends OwnedTable
{
    public function name(): string
    {
        return 'bursts';
    }

    public function columns(): array
    {
        return [
            'id' => Column::id(),
            'user_id' => Column::account(),
            'rush_id' => Column::names('rushes'),
            'promise_id' => Column::names('promises'),
            'body' => Column::plain(),
            'lens' => Column::plain(),
            'began_at' => Column::plain(),
            'ended_at' => Column::plain(),
            'clock' => Column::plain(),
            'subject' => Column::document('frames'),
            'by_hand' => Column::plain(),
            'frames' => Column::plain()->inside(),
            'keepers' => Column::plain()->inside(),
            'eyed' => Column::plain()->inside(),
            'created_at' => Column::plain(),
            'updated_at' => Column::plain(),
        ];
    }

    /** @return class-string<BurstRecord> */
    public function record(): string
    {
        return BurstRecord::class;
    }

    public function check(Row $row): array
    {
        return [
            'body' => (string) $row->value('body'),
            'lens' => (string) $row->value('lens'),
            'began_at' => $row->text('began_at'),
            'ended_at' => $row->text('ended_at'),
            'clock' => $row->value('clock') === null ? null : mb_substr($row->text('clock'), 0, 32),
            'subject' => $row->value('subject') === null ? null : self::subject($row),
            'by_hand' => (bool) $row->value('by_hand'),
        ] + $row->all();
    }

    private static function subject(Row $row): \stdClass
    {
        $read = Reader::of(Reader::plain($row->object('subject')), $row->at('subject'));
        $box = [];
        foreach (['x', 'y', 'w', 'h'] as $side) {
            $box[$side] = $read->whole($side);
        }

        return (object) (['frame' => $read->text('frame')] + $box);
    }

    public function addresses(): array
    {
        return ['bursts', 'log'];
    }
}
