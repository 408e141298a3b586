<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Documents\AsDocument;
use App\Models\BelongsToAccount;
use App\Owned\Column;
use App\Owned\OwnedTable;
use App\Owned\Row;
use App\Undo\Undoable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Facades\DB;
use RushHold\Faults\TextOutOfBounds;

/** The record of a room that does not exist: a note on a rush, which names others. Nothing but {@see NotesTable} tells of it. */
final class Notes extends Model implements Undoable
{
    use BelongsToAccount;
    use SoftDeletes;

    protected $table = 'notes';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['document' => AsDocument::class];
    }

    /** A table that goes by itself with the connection, and commits nothing. */
    public static function migrate(): void
    {
        DB::statement('DROP TEMPORARY TABLE IF EXISTS notes');
        DB::statement(<<<'SQL'
            CREATE TEMPORARY TABLE notes (
                id CHAR(26) COLLATE utf8mb4_bin PRIMARY KEY, user_id BIGINT NOT NULL, rush_id CHAR(26) COLLATE utf8mb4_bin, name VARCHAR(120),
                document TEXT, secret VARCHAR(40), revision INT DEFAULT 1, position INT DEFAULT 0, write_id VARCHAR(40) DEFAULT '',
                creation_id VARCHAR(40), created_at TIMESTAMP(6) NULL, updated_at TIMESTAMP(6) NULL, deleted_at TIMESTAMP(6) NULL
            )
            SQL);
    }

    public function state(): \stdClass
    {
        return (object) ['name' => $this->name, 'document' => $this->document];
    }

    public function takeState(\stdClass $state): void
    {
        $this->fill(['name' => $state->name, 'document' => $state->document]);
    }

    public static function kind(): string
    {
        return 'note';
    }
}

/** All that is to be told of that room's table. */
final readonly class NotesTable extends OwnedTable
{
    public function name(): string
    {
        return 'notes';
    }

    public function columns(): array
    {
        return [
            'id' => Column::id(),
            'user_id' => Column::account(),
            'rush_id' => Column::names('rushes'),
            'name' => Column::plain(),
            'document' => Column::document('rushes', 'places'),
            'secret' => Column::plain()->inside()->left(),
            ...Column::undo(),
            ...Column::creation(),
            ...Column::times(),
        ];
    }

    public function record(): string
    {
        return Notes::class;
    }

    public function check(Row $row): array
    {
        if (! isset($row->object('document')->words)) {
            throw TextOutOfBounds::of($row->at('document/words'), '', 'words');
        }

        return ['name' => $row->name()] + $row->all();
    }

    public function limits(): array
    {
        return ['notes' => 'notes'];
    }

    public function addresses(): array
    {
        return ['notes'];
    }
}
