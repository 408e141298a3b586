<?php

declare(strict_types=1);

namespace App\Kits;

use App\History\Creation;
use App\History\History;
use App\Limits\Room;
use App\Models\Gear;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use RushHold\Document\DocumentChecker;
use RushHold\Faults\Fault;
use RushHold\Faults\FaultyDocument;
use RushHold\Faults\TextOutOfBounds;

/** Kit/1 files to pass on: one piece, or everything somebody owns. */
final readonly class Sheets
{
    /** Largest file that is read, in bytes. */
    public const LARGEST = 1_200_000;

    private const LISTS = ['bodies' => 'body', 'lenses' => 'lens', 'converters' => 'converter', 'adapters' => 'adapter', 'supports' => 'support'];

    public function __construct(private DocumentChecker $checker, private GearDocuments $documents, private History $history, private Creation $creation, private Room $room) {}

    /** One piece as a kit/1 file; what a converter is called goes along only in a list. */
    public function of(Gear $gear): \stdClass
    {
        $named = $this->named($gear);

        return in_array($gear->type, ['body', 'lens'], true)
            ? (object) ['format' => 'kit/1', $gear->type => $named]
            : (object) ['format' => 'kit/1', (string) array_search($gear->type, self::LISTS, true) => [$named]];
    }

    /** Everything somebody owns. */
    public function whole(User $user): \stdClass
    {
        /** @var Collection<int, Gear> $gear */
        $gear = $user->gear()->orderBy('created_at')->orderBy('id')->get();

        return (object) (['format' => 'kit/1'] + array_map(
            fn (string $type): array => $gear->where('type', $type)->map($this->named(...))->values()->all(), self::LISTS,
        ));
    }

    /**
     * Reads a file and tells what it would change; nothing is changed.
     *
     * @return list<array{type: string, name: string, gear_id: ?string, state: string, changes: list<array{field: string, from: mixed, to: mixed}>, document: \stdClass}>
     *
     * @throws Fault|FaultyDocument naming what is amiss
     */
    public function preview(User $user, string $text): array
    {
        if (strlen($text) > self::LARGEST) {
            throw TextOutOfBounds::of('sheet', sprintf('%.1f MB long', strlen($text) / 1e6), sprintf('a file of at most %.0f MB', self::LARGEST / 1e6));
        }
        $sheet = DocumentChecker::decoded($text, 'The sheet');
        $this->checker->check($sheet, 'sheet');
        /** @var \stdClass $sheet */
        $own = $user->gear()->get();

        return array_map(function (array $piece) use ($own): array {
            [$type, $document, $field] = $piece;
            $this->documents->check($document, $type, $field);
            $name = is_string($document->name ?? null) ? trim($document->name) : 'Imported '.$type;
            unset($document->name);
            $there = $own->first(static fn (Gear $gear): bool => $gear->type === $type && $gear->name === $name);
            $changes = $there === null ? [] : self::differences($there->document, $document);

            return [
                'type' => $type, 'name' => $name, 'gear_id' => $there?->id,
                'state' => $there === null ? 'new' : ($changes === [] ? 'same' : 'changed'), 'changes' => $changes, 'document' => $document,
            ];
        }, self::pieces($sheet));
    }

    /**
     * Takes pieces of a file, all or none.
     *
     * @param  list<string>  $choices  for each piece: new, over or skip
     * @param  ?string  $mark  the writer's own mark: sent again, what is new is found and not made twice
     * @return list<Gear> what was made or changed
     */
    public function take(User $user, string $text, array $choices, ?string $mark = null): array
    {
        $pieces = $this->preview($user, $text);

        return DB::transaction(function () use ($user, $pieces, $choices, $mark): array {
            $user->inTurn();
            $taken = [];
            foreach ($pieces as $at => $piece) {
                $taken[] = match ($choices[$at] ?? 'skip') {
                    'over' => $piece['gear_id'] === null ? $this->make($user, $piece, $mark === null ? null : $mark.'.'.$at) : $this->over($user, $piece),
                    'new' => $this->make($user, $piece, $mark === null ? null : $mark.'.'.$at),
                    default => null,
                };
            }

            $this->room->forGear($user, 1);

            return array_values(array_filter($taken));
        });
    }

    /** @param  array{type: string, name: string, gear_id: ?string, document: \stdClass}  $piece */
    private function make(User $user, array $piece, ?string $mark): Gear
    {
        return $this->creation->once($user, Gear::class, $mark, fn (): Gear => $this->another($user, $piece))[0];
    }

    /** @param  array{type: string, name: string, gear_id: ?string, document: \stdClass}  $piece */
    private function another(User $user, array $piece): Gear
    {
        $this->room->forAnother($piece['type'], $user->gear()->where('type', $piece['type'])->count());
        $name = $piece['gear_id'] === null ? $piece['name'] : Str::limit($piece['name'].' (imported)', 118, '…');
        $gear = $user->gear()->make(['type' => $piece['type'], 'name' => $name, 'document' => $piece['document'], 'revision' => 1, 'position' => 1]);
        $gear->save();
        $this->history->begin($gear);

        return $gear;
    }

    /** @param  array{gear_id: ?string, document: \stdClass}  $piece */
    private function over(User $user, array $piece): Gear
    {
        $gear = $user->gear()->whereKey($piece['gear_id'])->firstOrFail();

        return $this->history->edit($gear, $gear->revision, 'import '.Str::random(12), '', static function (Gear $gear) use ($piece): void {
            $gear->document = $piece['document'];
        });
    }

    private function named(Gear $gear): \stdClass
    {
        return (object) (['name' => $gear->name] + get_object_vars($gear->document));
    }

    /** @return list<array{string, \stdClass, string}> type, document and where it stands in the file */
    private static function pieces(\stdClass $sheet): array
    {
        $pieces = [];
        foreach (['body', 'lens'] as $type) {
            if (($sheet->{$type} ?? null) instanceof \stdClass) {
                $pieces[] = [$type, $sheet->{$type}, $type];
            }
        }
        if (is_numeric($sheet->converter ?? null) && $sheet->converter > 1) {
            $pieces[] = ['converter', (object) ['name' => '×'.$sheet->converter, 'factor' => $sheet->converter], 'converter'];
        }
        foreach (self::LISTS as $list => $type) {
            foreach ((array) ($sheet->{$list} ?? []) as $at => $document) {
                $pieces[] = [$type, $document instanceof \stdClass ? $document : new \stdClass, $list.'.'.$at];
            }
        }

        return $pieces;
    }

    /** @return list<array{field: string, from: mixed, to: mixed}> values that differ, by their path; lists are taken whole */
    private static function differences(\stdClass $from, \stdClass $to, string $under = ''): array
    {
        $found = [];
        foreach (array_keys(get_object_vars($from) + get_object_vars($to)) as $name) {
            [$a, $b] = [$from->{$name} ?? null, $to->{$name} ?? null];
            $field = $under.$name;
            if ($a instanceof \stdClass && $b instanceof \stdClass) {
                array_push($found, ...self::differences($a, $b, $field.'.'));
            } elseif ($a != $b || is_bool($a) !== is_bool($b)) { // 36 and 36.0 are the same
                $found[] = ['field' => $field, 'from' => $a, 'to' => $b];
            }
        }

        return $found;
    }
}
