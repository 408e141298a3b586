<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * One name for one thing: the dial that was called hold is stay, in every document that is kept; how a camera was left is a camera
 * state; what a result rests on is its fingerprint; what a writer knows its own write by is its write id.
 */
return new class extends Migration
{
    private const COLUMNS = [
        'plans' => ['mark' => 'fingerprint'],
        'rehearsals' => ['mark' => 'fingerprint'],
        'sweeps' => ['mark' => 'fingerprint'],
        'rushes' => ['write' => 'write_id', 'made' => 'creation_id'],
        'gear' => ['write' => 'write_id', 'made' => 'creation_id'],
        'cards' => ['write' => 'write_id', 'made' => 'creation_id'],
        'layouts' => ['write' => 'write_id'],
    ];

    private const FIGURES = ['hold.switching' => 'stay.switching', 'hold.hopping' => 'stay.hopping'];

    public function up(): void
    {
        foreach (self::COLUMNS as $table => $names) {
            foreach ($names as $from => $to) {
                Schema::table($table, static fn (Blueprint $change) => $change->renameColumn($from, $to));
            }
        }
        Schema::rename('lefts', 'camera_states');
        $this->rename('hold', 'stay', 'hold_levels_s', 'stay_levels_s', 'left/1', 'camera-state/1', self::FIGURES);
    }

    public function down(): void
    {
        $this->rename(
            'stay',
            'hold',
            'stay_levels_s',
            'hold_levels_s',
            'camera-state/1',
            'left/1',
            array_flip(self::FIGURES),
        );
        Schema::rename('camera_states', 'lefts');
        foreach (self::COLUMNS as $table => $names) {
            foreach ($names as $to => $from) {
                Schema::table($table, static fn (Blueprint $change) => $change->renameColumn($from, $to));
            }
        }
    }

    /** @param  array<string, string>  $figures */
    private function rename(
        string $dial,
        string $newDial,
        string $levels,
        string $newLevels,
        string $format,
        string $newFormat,
        array $figures,
    ): void {
        $body = static function (stdClass $document) use ($dial, $newDial, $levels, $newLevels): void {
            self::key($document, $levels, $newLevels);
            $tuning = $document->dialect->tuning ?? null;
            if ($tuning instanceof stdClass) {
                self::key($tuning, $dial, $newDial);
                foreach (is_array($tuning->presets ?? null) ? $tuning->presets : [] as $preset) {
                    self::key($preset, $dial, $newDial);
                }
            }
        };
        $dials = static fn (stdClass $taken) => self::key($taken, $dial, $newDial);
        $state = static function (stdClass $document) use ($dial, $newDial, $newFormat): void {
            $document->format = $newFormat;
            self::key($document, $dial, $newDial);
        };
        $this->each('gear', 'id', 'document', $body, ['type' => 'body']);
        $this->each('rushes', 'id', 'dials', $dials);
        $this->each('camera_states', 'gear_id', 'document', $state);
        $this->each('versions', 'id', 'state', static function (stdClass $kept) use ($body, $dials): void {
            foreach (['document' => $body, 'dials' => $dials] as $part => $change) {
                if (($kept->{$part} ?? null) instanceof stdClass) {
                    $change($kept->{$part});
                }
            }
        });
        $this->each('users', 'id', 'assumptions', static function (stdClass $changed) use ($figures): void {
            foreach ($figures as $from => $to) {
                self::key($changed, $from, $to);
            }
        });
        DB::statement('UPDATE cards SET ticks = REPLACE(ticks, ?, ?)', [':'.$dial.'=', ':'.$newDial.'=']);
        // reckoned again from what they rest on, at the next look
        DB::table('plans')->delete();
        DB::table('rehearsals')->delete();
        DB::table('sweeps')->delete();
        DB::table('cards')->update(['tips' => '{}']);
    }

    private static function key(stdClass $document, string $from, string $to): void
    {
        if (! property_exists($document, $from) || $from === $to) {
            return;
        }
        // every key keeps its place
        $all = [];
        foreach (get_object_vars($document) as $name => $value) {
            $all[$name === $from ? $to : $name] = $value;
        }
        foreach (array_keys(get_object_vars($document)) as $name) {
            unset($document->{$name});
        }
        foreach ($all as $name => $value) {
            $document->{$name} = $value;
        }
    }

    /**
     * @param  Closure(stdClass): void  $change
     * @param  array<string, string>  $where
     */
    private function each(string $table, string $key, string $column, Closure $change, array $where = []): void
    {
        foreach (DB::table($table)->where($where)->whereNotNull($column)->orderBy($key)->lazyById(200, $key) as $row) {
            $document = json_decode((string) $row->{$column});
            if (! ($document instanceof stdClass)) {
                continue;
            }
            $change($document);
            $text = json_encode($document, JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR);
            if ($text !== $row->{$column}) {
                DB::table($table)
                    ->where($key, $row->{$key})
                    ->update([$column => $text] + ($table === 'versions' ? ['bytes' => strlen($text)] : []));
            }
        }
    }
};
