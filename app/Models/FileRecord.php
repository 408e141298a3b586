<?php

declare(strict_types=1);

namespace App\Models;

use App\Files\FilePurpose;
use App\Runs\Held;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A file somebody has uploaded; its bytes are kept by {@see \App\Files\Files}.
 *
 * @property string $id
 * @property int $user_id
 * @property FilePurpose $purpose
 * @property string $name what its owner calls it
 * @property string $type media type, by its content
 * @property int $bytes
 * @property string $hash SHA-256 of its content, in hexadecimal
 * @property ?Carbon $expires_at when it goes by itself
 * @property ?Carbon $read_at when what is in it was taken in
 * @property ?string $outcome what came of reading it, until that is taken in: {@see \App\Log\Intake\ReadFrame}
 * @property Carbon $created_at
 */
final class FileRecord extends Model
{
    use BelongsToAccount;
    use Held;

    /** Most characters of a name. */
    public const NAME = 120;

    protected $table = 'files';

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = ['purpose', 'name', 'type', 'bytes', 'hash', 'expires_at', 'read_at', 'tries', 'outcome'];

    protected function casts(): array
    {
        return ['purpose' => FilePurpose::class, 'bytes' => 'integer', 'expires_at' => 'datetime', 'read_at' => 'datetime', 'held_until' => 'datetime', 'tries' => 'integer'];
    }

    /** Where its bytes are: in a folder of its account, by its id. */
    public function path(): string
    {
        return "{$this->user_id}/".substr($this->hash, 0, 2)."/{$this->id}";
    }
}
