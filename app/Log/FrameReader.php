<?php

declare(strict_types=1);

namespace App\Log;

use App\Images\JpegMaker;
use App\Images\RawPreview;
use App\Images\UnreadablePicture;
use RushHold\Sharpness\Box;

/** From the file of a frame to all that is kept of it. Only workers and commands may use it. */
final readonly class FrameReader
{
    /** How much larger than the subject its piece is; no smaller and no larger than this to a side, in px. */
    private const AROUND = 1.6;

    private const LEAST = 480;

    private const MOST = 1200;

    public function __construct(private RawPreview $raws) {}

    /**
     * The JPEG that is looked at: the file itself, or the one inside of it.
     *
     * @param  string  $bytes  of the file
     *
     * @throws UnreadablePicture
     */
    public function jpeg(string $bytes): string
    {
        return $this->raws->jpeg($bytes);
    }

    /**
     * @param  string  $bytes  of the file
     * @return array{Looked, string, string, Box} what was seen; all of it reduced; a piece round the subject, and what that shows
     *
     * @throws UnreadablePicture
     */
    public function read(string $bytes, Look $look): array
    {
        $jpeg = $this->jpeg($bytes);
        [$looked, $piece, $crop] = $this->look($jpeg, $look);

        return [$looked, (new JpegMaker())->reduced($jpeg, $looked->facts->orientation), $piece, $crop];
    }

    /**
     * @param  string  $jpeg  {@see jpeg()}
     * @return array{Looked, string, Box} what was seen; a piece round the subject as it is in the file, turned as it is looked at; and what
     *     of the file that shows
     *
     * @throws UnreadablePicture
     */
    public function look(string $jpeg, Look $look): array
    {
        $looked = $look->at($jpeg);
        $box = $looked->blur->box
            ->grown(self::AROUND)
            ->between(self::LEAST, self::MOST)
            ->inside($looked->width, $looked->height);

        return [$looked, ...(new JpegMaker())->piece($jpeg, $box, $looked->facts->orientation)];
    }
}
