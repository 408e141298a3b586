<?php

declare(strict_types=1);

namespace App\Models;

use App\Documents\AsDocument;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use RushHold\Document\Reader;
use RushHold\Log\FrameFacts;
use RushHold\Sharpness\Box;
use RushHold\Sharpness\FrameBlur;
use RushHold\Sharpness\FrameVerdict;

/**
 * A frame that came home: what its file told, what was measured in it, the machine's verdict and the person's.
 *
 * @property string $id
 * @property int $user_id
 * @property string $burst_id
 * @property ?string $file_id its file, as long as that is kept
 * @property string $hash SHA-256 of its file
 * @property string $name of its file
 * @property ?Carbon $taken_at by the camera's clock where the file names no zone
 * @property int $width as the file lies, in px
 * @property int $height
 * @property \stdClass $facts {@see FrameFacts::toArray()}
 * @property \stdClass $measured {@see \App\Log\Intake\Looked::measured()}
 * @property string $found_by touch, found, file, plan or middle; table where it came without a picture
 * @property ?float $total_px blur of the subject; null where nothing stands there
 * @property float $floor_px what of that is the body's own
 * @property float $limit_px
 * @property FrameVerdict $verdict the machine's
 * @property float $confidence
 * @property ?FrameVerdict $eye the person's
 * @property int $held_by in whose folder its pictures are: a copy of the demo shows those of the demo
 * @property string $picture under which name, which nobody can guess
 * @property int $picture_bytes
 * @property ?string $table_run the run that brought it, where it came in a table
 * @property ?string $crop what of the picture its piece shows, as x,y,w,h in px of the file; null once the piece has been let go
 * @property BurstRecord $burst
 * @property ?FileRecord $file
 */
final class FrameRecord extends Model
{
    use BelongsToAccount;
    use WithItsParts;

    /** It was told in a table: there is no picture of it, nothing was measured, and the verdict it came with stands. */
    public const TABLE = 'table';

    /** Its width and height then: of the shape most frames have. */
    public const UNSEEN = [3, 2];

    protected $table = 'frames';

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $guarded = ['id', 'user_id'];

    protected function casts(): array
    {
        return [
            'taken_at' => 'datetime',
            'width' => 'integer',
            'height' => 'integer',
            'facts' => AsDocument::class,
            'measured' => AsDocument::class,
            'total_px' => 'float',
            'floor_px' => 'float',
            'limit_px' => 'float',
            'verdict' => FrameVerdict::class,
            'confidence' => 'float',
            'eye' => FrameVerdict::class,
            'held_by' => 'integer',
            'picture_bytes' => 'integer',
        ];
    }

    protected static function parts(): array
    {
        return ['burst'];
    }

    /** @return BelongsTo<BurstRecord, $this> */
    public function burst(): BelongsTo
    {
        return $this->belongsTo(BurstRecord::class, 'burst_id');
    }

    /** @return BelongsTo<FileRecord, $this> */
    public function file(): BelongsTo
    {
        return $this->belongsTo(FileRecord::class, 'file_id');
    }

    public function isFromTable(): bool
    {
        return $this->found_by === self::TABLE;
    }

    /** What stands for measurements where there was nothing to measure. */
    public static function unmeasured(): \stdClass
    {
        return (object) (new FrameBlur(new Box(0, 0, ...self::UNSEEN), null, null, null, 0, 0, 0.0))->toArray();
    }

    public function facts(): FrameFacts
    {
        return FrameFacts::kept(Reader::of(Reader::plain($this->facts)));
    }

    public function blur(): FrameBlur
    {
        return FrameBlur::kept(Reader::of(Reader::plain($this->measured)), $this->width, $this->height);
    }

    /** What of the picture its piece shows. */
    public function crop(): ?Box
    {
        return $this->crop === null ? null : new Box(...array_map(intval(...), explode(',', $this->crop)));
    }

    /** Where its pictures are on the disk, without what tells them apart. */
    public function pictures(): string
    {
        return self::picturesOf($this->held_by, $this->picture);
    }

    /** Where they are in the folder of an account, by the name they are kept under. */
    public static function picturesOf(int $account, string $picture): string
    {
        return "{$account}/frames/".substr($picture, 0, 2)."/{$picture}";
    }
}
