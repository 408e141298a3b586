<?php

declare(strict_types=1);

namespace App\Models;

use App\Documents\AsDocument;
use App\Undo\Undoable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * A place to photograph at.
 *
 * @property string $id
 * @property int $user_id
 * @property string $name
 * @property \stdClass $document place/1
 * @property int $revision
 * @property int $position
 * @property string $write_id
 * @property Carbon $updated_at
 */
final class PlaceRecord extends Model implements Undoable
{
    use BelongsToAccount;
    use SoftDeletes;

    protected $table = 'places';

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = ['name', 'document', 'revision', 'position', 'write_id', 'creation_id'];

    protected function casts(): array
    {
        return ['document' => AsDocument::class, 'revision' => 'integer', 'position' => 'integer'];
    }

    public function state(): \stdClass
    {
        return (object) ['document' => $this->document];
    }

    public function takeState(\stdClass $state): void
    {
        $this->fill(['document' => $state->document, 'name' => $state->document->name ?? $this->name]);
    }

    public static function kind(): string
    {
        return 'place';
    }
}
