<?php

declare(strict_types=1);

namespace App\Log;

use App\Images\ExifReader;
use App\Images\JpegPicture;
use App\Images\UnreadablePicture;
use RushHold\Hold\Place;
use RushHold\Log\FrameFacts;
use RushHold\Sharpness\BlurFound;
use RushHold\Sharpness\BlurMap;
use RushHold\Sharpness\Box;
use RushHold\Sharpness\Finder;
use RushHold\Sharpness\FrameBlur;
use RushHold\Sharpness\Judge;
use RushHold\Sharpness\Judgement;
use RushHold\Sharpness\Sighting;
use RushHold\Sharpness\Standard;
use RushHold\Wording\Frames\JudgementWords;

/**
 * Looks at the frames of a burst one after the other: where the subject is, what blurs it, and the verdict. The subject of the first is
 * where a person has touched it, else where the file says, else where the plan puts the area, else in the middle; in the others it is
 * found again.
 */
final class Look
{
    /** Side of what is looked at where only a point is known, as a share of the frame's width. */
    private const POINT = 0.1;

    private ?Finder $finder = null;

    /**
     * @param  ?Box  $touched  where the person has touched the subject in the first frame
     * @param  ?Place  $planned  where the plan puts the AF area
     * @param  ?\Closure(FrameFacts, int, int): Standard  $standard  what counts as sharp; by the file when it is null
     */
    public function __construct(
        private readonly ?Box $touched = null,
        private readonly ?Place $planned = null,
        private readonly ?\Closure $standard = null,
    ) {}

    /**
     * @param  string  $bytes  of the file
     * @return array<string, mixed> see `hold:look` in docs/architecture.md
     *
     * @throws UnreadablePicture
     */
    public function at(string $bytes): array
    {
        $picture = JpegPicture::read($bytes);
        $facts = ExifReader::read($bytes);
        [$width, $height] = [$picture->width(), $picture->height()];
        $standard = $this->standard === null
            ? Standard::ofFile($facts, $width, $height)
            : ($this->standard)($facts, $width, $height);
        [$box, $by, $sighting] = $this->subject($picture, $facts);
        $judgement = (new Judge($standard->limitPx))->of(FrameBlur::of($picture, $box), $sighting);

        return [
            'exif' => (object) $facts->toArray(),
            'subject' => self::box($judgement->blur->box) + ['by' => $by] +
                ($sighting === null ? [] : ['likeness' => round($sighting->likeness, 3)]),
            'blur' => self::blur($judgement->blur->subject, $standard),
            'around' => self::around($judgement, $standard),
            'limit_px' => round($standard->limitPx, 2),
            'verdict' => $judgement->verdict->value,
            'confidence' => round($judgement->confidence, 2),
            'why' => (new JudgementWords($standard->pitchMm))->why($judgement),
        ];
    }

    /** @return array{Box, string, ?Sighting} where it is, by what that is known, and how it was found again */
    private function subject(JpegPicture $picture, FrameFacts $facts): array
    {
        [$width, $height] = [$picture->width(), $picture->height()];
        if ($this->finder !== null && $this->touched !== null) {
            $eighth = $picture->eighth();
            [$box, $sighting] = $this->finder->find($eighth);
            if ($sighting->isClear()) {
                $this->finder = Finder::of($eighth, $box) ?? $this->finder;
            }

            return [$box, 'found', $sighting];
        }
        if ($this->touched !== null) {
            $box = $this->touched->inside($width, $height);
            $this->finder = Finder::of($picture->eighth(), $box);

            return [$box, 'touch', null];
        }
        if ($facts->subject !== null) {
            ['x' => $x, 'y' => $y, 'width' => $wide, 'height' => $high] = $facts->subject;
            // a file that knows only a point tells no size
            $box = $wide > 0 && $high > 0
                ? new Box($x, $y, $wide, $high)
                : self::round($x / max(1, $width), $y / max(1, $height), $width, $height);

            return [$box->inside($width, $height), 'file', null];
        }

        return $this->planned === null
            ? [self::round(0.5, 0.5, $width, $height), 'middle', null]
            : [self::round($this->planned->x, $this->planned->y, $width, $height), 'plan', null];
    }

    private static function round(float $x, float $y, int $width, int $height): Box
    {
        $side = (int) round(self::POINT * $width);

        return Box::around($x * $width, $y * $height, $side, $width, $height);
    }

    /** @return array{x: int, y: int, w: int, h: int} */
    private static function box(Box $box): array
    {
        return ['x' => $box->x, 'y' => $box->y, 'w' => $box->width, 'h' => $box->height];
    }

    /** @return ?array<string, ?float> */
    private static function blur(?BlurFound $blur, Standard $standard): ?array
    {
        return $blur === null
            ? null
            : [
                'iso_px' => round($blur->isoPx, 2),
                'motion_px' => round($blur->motionPx, 2),
                'motion_deg' => round($blur->motionDeg, 1),
                'total_px' => round($blur->totalPx(), 2),
                'total_um' => $standard->pitchMm === null
                    ? null
                    : round($blur->totalPx() * $standard->pitchMm * 1000, 1),
                'floor_px' => 0.0,
            ];
    }

    /** @return array<string, mixed> */
    private static function around(Judgement $judgement, Standard $standard): array
    {
        $map = $judgement->blur->map;

        return [
            'blur' => self::blur($judgement->blur->around, $standard),
            'columns' => BlurMap::COLUMNS,
            'rows' => BlurMap::ROWS,
            'disc_px' => array_map(
                static fn (?float $disc): ?float => $disc === null ? null : round($disc, 1),
                $map === null ? [] : $map->discPx,
            ),
        ];
    }
}
