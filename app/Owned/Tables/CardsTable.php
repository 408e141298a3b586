<?php

declare(strict_types=1);

namespace App\Owned\Tables;

use App\Models\CardRecord;
use App\Owned\Column;
use App\Owned\OwnedTable;
use App\Owned\Row;
use RushHold\Controls\Layout;
use RushHold\Faults\HiddenCharacters;
use RushHold\Faults\WrongType;

/** Cards to carry. */
final readonly class CardsTable extends OwnedTable
{
    /** Ticks of a card. */
    private const TICKS = 500;

    public function name(): string
    {
        return 'cards';
    }

    public function columns(): array
    {
        return [
            'id' => Column::id(),
            'user_id' => Column::account(),
            'name' => Column::plain(),
            'rushes' => Column::lists('rushes'),
            'ticks' => Column::document('rushes'),
            'outing_id' => Column::names('outings'),
            'tips' => Column::document()->inside(static fn (): string => '{}'),
            ...Column::undo(),
            'share_token' => Column::plain()->inside()->left(),
            'share_hash' => Column::plain()->inside()->left(),
            'share_until' => Column::plain()->inside()->left(),
            ...Column::creation(),
            ...Column::times(),
        ];
    }

    /** @return class-string<CardRecord> */
    public function record(): string
    {
        return CardRecord::class;
    }

    public function check(Row $row): array
    {
        $ids = $row->value('rushes');
        $isList = is_array($ids) && array_is_list($ids) && array_filter($ids, is_string(...)) === $ids;
        if (! $isList || count($ids) > Layout::HOLDS * 4) {
            throw WrongType::of($row->at('rushes'), $ids, 'a list of rushes');
        }

        return ['name' => $row->name(), 'ticks' => self::ticks($row)] + $row->all();
    }

    private static function ticks(Row $row): \stdClass
    {
        $ticks = [];
        foreach (array_slice(get_object_vars((object) $row->value('ticks')), 0, self::TICKS, true) as $name => $tick) {
            $on = is_object($tick) ? ($tick->on ?? null) : null;
            $at = is_object($tick) ? ($tick->at ?? null) : null;
            if (! is_bool($on) || ! is_int($at) || $at < 0 || mb_strlen((string) $name) > 160) {
                throw WrongType::of($row->at('ticks'), $tick, 'ticks of a card');
            }
            HiddenCharacters::refuse((string) $name, $row->at('ticks'));
            $ticks[$name] = (object) ['on' => $on, 'at' => $at];
        }

        return (object) $ticks;
    }

    public function limits(): array
    {
        return ['cards' => 'cards'];
    }

    public function addresses(): array
    {
        return ['cards', 'shared'];
    }
}
