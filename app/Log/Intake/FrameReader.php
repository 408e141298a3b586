<?php

declare(strict_types=1);

namespace App\Log\Intake;

use App\Images\ExifReader;
use App\Images\JpegMaker;
use App\Images\JpegPicture;
use App\Images\RawPreview;
use App\Images\UnreadablePicture;
use RushHold\Log\FrameFacts;
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
    public function read(string $bytes): array
    {
        $jpeg = $this->jpeg($bytes);
        $facts = ExifReader::read($jpeg);
        // before all of it is decoded: there would not be room for both
        $whole = (new JpegMaker())->reduced($jpeg, $facts->orientation);
        [$looked, $piece, $crop] = $this->looked($jpeg, $facts, new Look());

        return [$looked, $whole, $piece, $crop];
    }

    /**
     * @param  string  $jpeg  {@see jpeg()}
     * @return array{Looked, string, Box} what was seen; a piece round the subject in full size, turned as it is looked at; and what
     *     of the file that shows
     *
     * @throws UnreadablePicture
     */
    public function look(string $jpeg, Look $look): array
    {
        return $this->looked($jpeg, ExifReader::read($jpeg), $look);
    }

    /**
     * @return array{Looked, string, Box} as {@see look()}
     *
     * @throws UnreadablePicture
     */
    private function looked(string $jpeg, FrameFacts $facts, Look $look): array
    {
        $picture = JpegPicture::read($jpeg, true);
        $looked = $look->look($picture, $facts);
        $box = $looked->blur->box
            ->grown(self::AROUND)
            ->between(self::LEAST, self::MOST)
            ->inside($looked->width, $looked->height);

        // without the picture, which takes more room than all else
        return [$looked->settled(), ...(new JpegMaker())->piece($picture, $box, $looked->facts->orientation)];
    }
}
