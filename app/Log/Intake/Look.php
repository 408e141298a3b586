<?php

declare(strict_types=1);

namespace App\Log\Intake;

use App\Images\ExifReader;
use App\Images\JpegPicture;
use App\Images\UnreadablePicture;
use RushHold\Hold\AreaPlace;
use RushHold\Log\FrameFacts;
use RushHold\Sharpness\Box;
use RushHold\Sharpness\Finder;
use RushHold\Sharpness\FrameBlur;
use RushHold\Sharpness\Sighting;

/**
 * Looks at the frames of a burst one after the other: where the subject is, and what blurs it. The subject of the first is where a person
 * has touched it, else where the file says, else where the plan puts the area, else in the middle; in the others it is found again.
 */
final class Look
{
    /** Side of what is looked at where only a point is known, as a share of the frame's width; no smaller than this, in px. */
    private const POINT = 0.1;

    private const LEAST = 256;

    public const TOUCH = 'touch';

    public const FOUND = 'found';

    public const FILE = 'file';

    public const PLAN = 'plan';

    public const MIDDLE = 'middle';

    private ?Finder $finder = null;

    /**
     * @param  ?Box  $touched  where the person has touched the subject in the first frame
     * @param  ?AreaPlace  $planned  where the plan puts the AF area
     */
    public function __construct(private readonly ?Box $touched = null, private readonly ?AreaPlace $planned = null) {}

    /**
     * @param  string  $bytes  of a file
     *
     * @throws UnreadablePicture
     */
    public function at(string $bytes): Looked
    {
        return $this->look(JpegPicture::read($bytes), ExifReader::read($bytes));
    }

    public function look(JpegPicture $picture, FrameFacts $facts): Looked
    {
        [$box, $by, $sighting] = $this->subject($picture, $facts);
        $blur = FrameBlur::of($picture, $box);

        return new Looked($facts, $picture->width(), $picture->height(), $blur, $by, $sighting);
    }

    /** From here on the subject is the one that is here in this frame. */
    public function after(JpegPicture $picture, Box $box): void
    {
        $this->finder = Finder::of($picture->eighth(), $box);
    }

    /** @return array{Box, string, ?Sighting} where it is, by what that is known, and how it was found again */
    private function subject(JpegPicture $picture, FrameFacts $facts): array
    {
        [$width, $height] = [$picture->width(), $picture->height()];
        if ($this->finder !== null) {
            $eighth = $picture->eighth();
            [$box, $sighting] = $this->finder->find($eighth);
            if ($sighting->isClear()) {
                $this->finder = Finder::of($eighth, $box) ?? $this->finder;
            }

            return [$box, self::FOUND, $sighting];
        }
        if ($this->touched !== null) {
            $box = $this->touched->inside($width, $height);
            $this->finder = Finder::of($picture->eighth(), $box);

            return [$box, self::TOUCH, null];
        }
        if ($facts->subject !== null) {
            ['x' => $x, 'y' => $y, 'width' => $wide, 'height' => $high] = $facts->subject;
            // a file that knows only a point tells no size
            $box = $wide > 0 && $high > 0
                ? new Box($x, $y, $wide, $high)
                : self::round($x / max(1, $width), $y / max(1, $height), $width, $height);

            return [$box->inside($width, $height), self::FILE, null];
        }

        return $this->planned === null
            ? [self::round(0.5, 0.5, $width, $height), self::MIDDLE, null]
            : [self::round($this->planned->x, $this->planned->y, $width, $height), self::PLAN, null];
    }

    private static function round(float $x, float $y, int $width, int $height): Box
    {
        $side = max((int) round(self::POINT * $width), min(self::LEAST, intdiv(min($width, $height), 2)));

        return Box::around($x * $width, $y * $height, $side, $width, $height);
    }
}
