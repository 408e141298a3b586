<?php

declare(strict_types=1);

namespace App\Log\Frames;

use App\Models\FrameRecord;
use Illuminate\Contracts\Filesystem\Factory;
use Illuminate\Contracts\Filesystem\Filesystem;

/** The small pictures of frames on the disk: all of each reduced, and a piece round its subject as it is. */
final readonly class FramePictures
{
    public const WHOLE = 'whole';

    public const PIECE = 'piece';

    public const BOTH = [self::WHOLE, self::PIECE];

    public function __construct(private Factory $disks) {}

    public function put(FrameRecord $frame, string $which, string $jpeg): void
    {
        $this->disk()->put(self::path($frame, $which), $jpeg);
    }

    /**
     * Those of a frame that has been read, before there is a record of it: bytes that no record comes to name go after a day.
     *
     * @return string under which name they are, which nobody can guess
     */
    public function putNew(int $account, string $whole, string $piece): string
    {
        $picture = bin2hex(random_bytes(16));
        foreach ([self::WHOLE => $whole, self::PIECE => $piece] as $which => $jpeg) {
            $this->disk()->put(FrameRecord::picturesOf($account, $picture).'-'.$which, $jpeg);
        }

        return $picture;
    }

    /** Takes those away that no record comes to name. */
    public function forget(int $account, string $picture): void
    {
        $path = FrameRecord::picturesOf($account, $picture);
        $this->disk()->delete(array_map(static fn (string $which): string => "{$path}-{$which}", self::BOTH));
    }

    /** Its bytes, a JPEG without a word in it; null when it has been let go. */
    public function get(FrameRecord $frame, string $which): ?string
    {
        $path = self::path($frame, $which);

        return $this->disk()->exists($path) ? $this->disk()->get($path) : null;
    }

    /**
     * Takes the pieces of some frames away, or all of their pictures. Those that belong to another account, because this is a copy of the
     * demo, stay.
     *
     * @param  iterable<FrameRecord>  $frames
     * @param  list<string>  $which
     */
    public function delete(iterable $frames, array $which = self::BOTH): void
    {
        $paths = [];
        foreach ($frames as $frame) {
            foreach ($frame->held_by === $frame->user_id ? $which : [] as $one) {
                $paths[] = self::path($frame, $one);
            }
        }
        $this->disk()->delete($paths);
    }

    public function bytesOf(FrameRecord $frame, string $which): int
    {
        $path = self::path($frame, $which);

        return $this->disk()->exists($path) ? $this->disk()->size($path) : 0;
    }

    private static function path(FrameRecord $frame, string $which): string
    {
        return $frame->pictures().'-'.$which;
    }

    private function disk(): Filesystem
    {
        return $this->disks->disk('files');
    }
}
