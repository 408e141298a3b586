<?php

declare(strict_types=1);

namespace App\Models;

use App\Documents\AsDocument;
use App\Undo\Undoable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use RushHold\Document\Reader;
use RushHold\Faults\UnknownChoice;

/**
 * A body, lens, converter, adapter or support somebody owns.
 *
 * @property string $id
 * @property int $user_id
 * @property string $type one of {@see TYPES}
 * @property string $name
 * @property \stdClass $document the part of kit/1 of its type
 * @property int $revision
 * @property int $position
 * @property string $write_id
 */
final class GearRecord extends Model implements Undoable
{
    use BelongsToAccount;
    use SoftDeletes;

    /** Most characters of the name of any record. */
    public const NAME = 120;

    public const TYPES = ['body', 'lens', 'converter', 'adapter', 'support'];

    protected $table = 'gear';

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = ['type', 'name', 'document', 'revision', 'position', 'write_id', 'creation_id'];

    protected function casts(): array
    {
        return ['document' => AsDocument::class, 'revision' => 'integer', 'position' => 'integer'];
    }

    /**
     * This piece, which an address wants to be a body.
     *
     * @throws UnknownChoice when it is another
     */
    public function asBody(): self
    {
        return $this->type === 'body' ? $this : throw UnknownChoice::of('gear', $this->type, ['a body']);
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
        return 'gear';
    }

    /** @return array<mixed> the document as the core reads it */
    public function read(): array
    {
        return Reader::plain($this->document);
    }
}
