<?php

declare(strict_types=1);

namespace App\Archive;

/** One table of an archive: which of its columns go along, and what they name. */
final readonly class Part
{
    /**
     * @param  list<string>  $columns  besides id, in the order they are written
     * @param  list<string>  $documents  those of them that hold JSON
     * @param  array<string, string>  $names  part whose row a column names, by column
     * @param  array<string, string>  $lists  part whose rows a column lists, by column: those that did not come along are left out
     */
    private function __construct(
        public string $table,
        public array $columns,
        public array $documents = [],
        public array $names = [],
        public bool $hasId = true,
        public array $lists = [],
    ) {}

    /** @return list<self> all of them, each after those it names */
    public static function all(): array
    {
        $times = ['created_at', 'updated_at', 'deleted_at'];

        return [
            new self('gear', ['type', 'name', 'document', ...$times], ['document']),
            new self('kits', ['body_id', 'lens_id', 'converter_id', 'adapter_id', 'created_at', 'updated_at'], [], [
                'body_id' => 'gear',
                'lens_id' => 'gear',
                'converter_id' => 'gear',
                'adapter_id' => 'gear',
            ]),
            new self('rushes', ['kit_id', 'focal_mm', 'dials', 'name', 'document', ...$times], ['dials', 'document'], [
                'kit_id' => 'kits',
            ]),
            new self('layouts', ['gear_id', 'document', 'created_at', 'updated_at'], ['document'], [
                'gear_id' => 'gear',
            ]),
            new self('camera_states', ['gear_id', 'document', 'by', 'left_at'], ['document'], [
                'gear_id' => 'gear',
            ], false),
            new self('places', ['name', 'document', ...$times], ['document']),
            new self('outings', ['place_id', 'day', 'name', 'document', ...$times], ['document'], [
                'place_id' => 'places',
            ]),
            new self(
                'cards',
                ['name', 'rushes', 'ticks', 'outing_id', ...$times],
                ['rushes', 'ticks'],
                ['outing_id' => 'outings'],
                lists: ['rushes' => 'rushes'],
            ),
            new self('promises', ['rush_id', 'fingerprint', 'document', 'made_at'], ['document'], [
                'rush_id' => 'rushes',
            ]),
            new self(
                'bursts',
                ['rush_id', 'promise_id', 'body', 'lens', 'began_at', 'ended_at', 'clock', 'subject', 'by_hand', 'created_at', 'updated_at'],
                ['subject'],
                ['rush_id' => 'rushes', 'promise_id' => 'promises'],
            ),
            new self(
                'frames',
                [
                    'burst_id',
                    'hash',
                    'name',
                    'taken_at',
                    'width',
                    'height',
                    'facts',
                    'measured',
                    'found_by',
                    'total_px',
                    'floor_px',
                    'limit_px',
                    'verdict',
                    'confidence',
                    'eye',
                    'crop',
                    'created_at',
                    'updated_at',
                ],
                ['facts', 'measured'],
                ['burst_id' => 'bursts'],
            ),
        ];
    }
}
