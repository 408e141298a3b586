<?php

declare(strict_types=1);

namespace App\Kits;

use App\Documents\SchemaChecker;
use App\Files\FilePurpose;
use App\Files\Files;
use App\Http\Requests\RequestBody;
use App\Limits\Quota;
use App\Models\GearRecord;
use App\Models\User;
use App\Undo\Creation;
use App\Undo\History;
use App\Undo\Write;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use RushHold\Faults\Fault;
use RushHold\Faults\FaultyDocument;
use RushHold\Faults\NestedTooDeep;
use RushHold\Faults\NotAKitFile;
use RushHold\Faults\TextOutOfBounds;

/** Kit/1 files to pass on: one piece, or everything somebody owns. */
final readonly class KitFiles
{
    /** Largest file that is read, in bytes. */
    public const LARGEST = 1_200_000;

    /** Lists of a file, by the type of piece in them. */
    public const LISTS = [
        'bodies' => 'body',
        'lenses' => 'lens',
        'converters' => 'converter',
        'adapters' => 'adapter',
        'supports' => 'support',
    ];

    public function __construct(
        private SchemaChecker $checker,
        private GearDocuments $documents,
        private History $history,
        private Creation $creation,
        private Quota $quota,
        private Files $files,
    ) {}

    /** One piece as a kit/1 file; what a converter is called goes along only in a list. */
    public function of(GearRecord $gear): \stdClass
    {
        $named = $this->named($gear);

        return in_array($gear->type, ['body', 'lens'], true)
            ? (object) ['format' => 'kit/1', $gear->type => $named]
            : (object) ['format' => 'kit/1', (string) array_search($gear->type, self::LISTS, true) => [$named]];
    }

    /** Everything somebody owns. */
    public function whole(User $user): \stdClass
    {
        /** @var Collection<int, GearRecord> $gear */
        $gear = $user->gear()->orderBy('created_at')->orderBy('id')->get();

        return (object) (['format' => 'kit/1'] +
            array_map(
                fn (string $type): array => $gear->where('type', $type)->map($this->named(...))->values()->all(),
                self::LISTS,
            ));
    }

    /**
     * The text of a kit file: sent along, or of a file that was sent before.
     *
     * @throws Fault when neither is given, or it is no file of this account
     */
    public function text(User $user, RequestBody $body): string
    {
        $id = $body->optionalText('file_id', 26);

        return $id === null
            ? $body->longText('file')
            : $this->files->text($this->files->ofAccount($user, FilePurpose::Kit, $id, 'file_id'));
    }

    /**
     * Reads a file and tells what it would change; nothing is changed.
     *
     * @return list<array{type: string, name: string, gear_id: ?string, state: string, changes: list<array{field: string, from: mixed, to: mixed}>, document: \stdClass, notes: list<string>}>
     *
     * @throws Fault|FaultyDocument naming what is amiss
     */
    public function preview(User $user, string $text): array
    {
        if (strlen($text) > self::LARGEST) {
            throw TextOutOfBounds::of(
                'file',
                sprintf('%.1f MB long', strlen($text) / 1e6),
                sprintf('a file of at most %.0f MB', self::LARGEST / 1e6),
            );
        }
        try {
            $file = SchemaChecker::decoded($text, 'The file');
        } catch (FaultyDocument $broken) {
            // what is nested too deep is JSON all the same
            throw $broken->faults[0] instanceof NestedTooDeep ? $broken : NotAKitFile::of($text);
        }
        try {
            return $this->previewed($user, $file);
        } catch (FaultyDocument $faulty) {
            throw PlainFaults::of($faulty, $file);
        } catch (Fault $fault) {
            throw PlainFaults::of(new FaultyDocument([$fault]), $file);
        }
    }

    /**
     * @return list<array{type: string, name: string, gear_id: ?string, state: string, changes: list<array{field: string, from: mixed, to: mixed}>, document: \stdClass, notes: list<string>}>
     *
     * @throws Fault|FaultyDocument naming what is amiss
     */
    private function previewed(User $user, mixed $file): array
    {
        $notes = $file instanceof \stdClass ? OlderNames::renew($file) : [];
        $this->checker->check($file, 'kit-file');
        /** @var \stdClass $file */
        $own = $user->gear()->get();

        return array_map(function (array $piece) use ($own, $notes): array {
            [$type, $document, $field] = $piece;
            $this->documents->check($document, $type, $field);
            $name = is_string($document->name ?? null) ? trim($document->name) : 'Imported '.$type;
            unset($document->name);
            $there = $own->first(static fn (GearRecord $gear): bool => $gear->type === $type && $gear->name === $name);
            $changes = $there === null ? [] : self::differences($there->document, $document);

            return [
                'type' => $type,
                'name' => $name,
                'gear_id' => $there?->id,
                'state' => $there === null ? 'new' : ($changes === [] ? 'same' : 'changed'),
                'changes' => $changes,
                'document' => $document,
                'notes' => $notes[$field] ?? [],
            ];
        }, self::pieces($file));
    }

    /**
     * Takes pieces of a file, all or none.
     *
     * @param  list<string>  $choices  for each piece: new, over or skip
     * @param  ?string  $writeId  the writer's own mark: sent again, what is new is found and not made twice
     * @return list<GearRecord> what was made or changed
     */
    public function import(User $user, string $text, array $choices, ?string $writeId = null): array
    {
        $pieces = $this->preview($user, $text);

        return DB::transaction(function () use ($user, $pieces, $choices, $writeId): array {
            $user->inTurn();
            $taken = [];
            foreach ($pieces as $at => $piece) {
                $taken[] = match ($choices[$at] ?? 'skip') {
                    'over' => $piece['gear_id'] === null
                        ? $this->make($user, $piece, $writeId === null ? null : $writeId.'.'.$at)
                        : $this->over($user, $piece),
                    'new' => $this->make($user, $piece, $writeId === null ? null : $writeId.'.'.$at),
                    default => null,
                };
            }

            $this->quota->forGear($user, 1);

            return array_values(array_filter($taken));
        });
    }

    /** @param  array{type: string, name: string, gear_id: ?string, document: \stdClass}  $piece */
    private function make(User $user, array $piece, ?string $writeId): GearRecord
    {
        $name = $piece['gear_id'] === null ? $piece['name'] : Str::limit($piece['name'].' (imported)', 118, '…');
        $gear = $user->gear()->make(['type' => $piece['type'], 'name' => $name, 'document' => $piece['document']]);

        return $this->creation->once(
            $user,
            $gear,
            $writeId,
            fn () => $this->quota->forAnother($user, 'gear', $piece['type']),
        )[0];
    }

    /** @param  array{gear_id: ?string, document: \stdClass}  $piece */
    private function over(User $user, array $piece): GearRecord
    {
        $gear = $user->gear()->whereKey($piece['gear_id'])->firstOrFail();

        return $this->history->edit(
            $gear,
            new Write($gear->revision, 'import '.Str::random(12), ''),
            static function (GearRecord $gear) use ($piece): void {
                $gear->document = $piece['document'];
            },
        );
    }

    private function named(GearRecord $gear): \stdClass
    {
        return (object) (['name' => $gear->name] + get_object_vars($gear->document));
    }

    /** @return list<array{string, \stdClass, string}> type, document and where it stands in the file */
    private static function pieces(\stdClass $file): array
    {
        $pieces = [];
        foreach (['body', 'lens'] as $type) {
            if (($file->{$type} ?? null) instanceof \stdClass) {
                $pieces[] = [$type, $file->{$type}, $type];
            }
        }
        if (is_numeric($file->converter ?? null) && $file->converter > 1) {
            $pieces[] = [
                'converter',
                (object) ['name' => '×'.$file->converter, 'factor' => $file->converter],
                'converter',
            ];
        }
        foreach (self::LISTS as $list => $type) {
            foreach ((array) ($file->{$list} ?? []) as $at => $document) {
                $pieces[] = [$type, $document instanceof \stdClass ? $document : new \stdClass(), $list.'.'.$at];
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
            } elseif ($a != $b || is_bool($a) !== is_bool($b)) {
                // 36 and 36.0 are the same
                $found[] = ['field' => $field, 'from' => $a, 'to' => $b];
            }
        }

        return $found;
    }
}
