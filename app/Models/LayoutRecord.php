<?php

declare(strict_types=1);

namespace App\Models;

use App\Documents\AsDocument;
use App\Undo\Undoable;
use Illuminate\Database\Eloquent\Model;

/**
 * What the controls of one body do.
 *
 * @property string $id
 * @property int $user_id
 * @property string $gear_id the body
 * @property \stdClass $document layout/1
 * @property int $revision
 * @property int $position
 * @property string $write_id
 */
final class LayoutRecord extends Model implements Undoable
{
    use BelongsToAccount;

    protected $table = 'layouts';

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = ['gear_id', 'document', 'revision', 'position', 'write_id'];

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
        $this->document = $state->document;
    }

    public static function kind(): string
    {
        return 'layout';
    }
}
