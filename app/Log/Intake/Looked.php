<?php

declare(strict_types=1);

namespace App\Log\Intake;

use App\Models\FrameRecord;
use RushHold\Document\Reader;
use RushHold\Log\FrameFacts;
use RushHold\Sharpness\BlurFound;
use RushHold\Sharpness\BlurMap;
use RushHold\Sharpness\FrameBlur;
use RushHold\Sharpness\Judge;
use RushHold\Sharpness\Judgement;
use RushHold\Sharpness\Sighting;
use RushHold\Sharpness\Standard;
use RushHold\Sharpness\Turn;
use RushHold\Wording\Frames\JudgementWords;

/** What has been seen of a frame. */
final readonly class Looked
{
    /**
     * @param  string  $by  by what it is known where the subject is, one of the names in {@see Look}
     * @param  ?Sighting  $sighting  how it was found again, where it was
     */
    public function __construct(
        public FrameFacts $facts,
        public int $width,
        public int $height,
        public FrameBlur $blur,
        public string $by,
        public ?Sighting $sighting,
    ) {}

    /** From what is kept of a frame. */
    public static function kept(FrameRecord $frame): self
    {
        return self::of(
            Reader::of(Reader::plain($frame->facts)),
            Reader::of(Reader::plain($frame->measured)),
            $frame->width,
            $frame->height,
            $frame->found_by,
        );
    }

    /**
     * @param  Reader  $facts  from {@see FrameFacts::toArray()}
     * @param  Reader  $measured  from {@see measured()}
     * @param  int  $width  of the picture as the file lies, in px
     * @param  string  $by  by what it is known where the subject is
     */
    public static function of(Reader $facts, Reader $measured, int $width, int $height, string $by): self
    {
        $blur = FrameBlur::kept($measured, $width, $height);
        $sighting = $measured->has('likeness')
            ? new Sighting(
                $blur->box->x,
                $blur->box->y,
                $measured->number('likeness'),
                $measured->has('elsewhere') ? $measured->number('elsewhere') : 0.0,
            )
            : null;

        return new self(FrameFacts::kept($facts), $width, $height, $blur, $by, $sighting);
    }

    /** All that a verdict rests on: it can be judged again without its file. */
    public function measured(): \stdClass
    {
        $found = $this->sighting;

        return (object) ($this->blur->toArray() +
            ($found === null ? [] : ['likeness' => $found->likeness, 'elsewhere' => $found->elsewhere]));
    }

    /** The same without its picture, as it is kept: what a verdict may ask of that is looked up now. */
    public function settled(): self
    {
        $blur = FrameBlur::kept(Reader::of(Reader::plain($this->blur->toArray())), $this->width, $this->height);

        return new self($this->facts, $this->width, $this->height, $blur, $this->by, $this->sighting);
    }

    public function judged(Standard $standard): Judgement
    {
        return (new Judge($standard->limitPx, $standard->floorPx))->of($this->blur, $this->sighting);
    }

    /** @return list<string> what the verdict rests on, two sentences at the most */
    public function why(Judgement $judgement, Standard $standard): array
    {
        return (new JudgementWords($standard->pitchMm, new Turn($this->facts->orientation)))->why($judgement);
    }

    /** @return array<string, mixed> what `hold:look` prints of it */
    public function told(Standard $standard): array
    {
        $judgement = $this->judged($standard);
        $box = $this->blur->box;

        return [
            'exif' => (object) $this->facts->toArray(),
            'subject' => ['x' => $box->x, 'y' => $box->y, 'w' => $box->width, 'h' => $box->height, 'by' => $this->by] +
                ($this->sighting === null ? [] : ['likeness' => round($this->sighting->likeness, 3)]),
            'blur' => self::blur($this->blur->subject, $standard),
            'around' => $this->around($standard),
            'limit_px' => round($standard->limitPx, 2),
            'verdict' => $judgement->verdict->value,
            'confidence' => round($judgement->confidence, 2),
            'why' => $this->why($judgement, $standard),
        ];
    }

    /** @return ?array<string, ?float> widths in px, to the hundredth, and on the sensor */
    public static function blur(?BlurFound $blur, Standard $standard): ?array
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
                'floor_px' => round($standard->floorPx, 2),
            ];
    }

    /** @return array<string, mixed> */
    private function around(Standard $standard): array
    {
        $map = $this->blur->map;

        return [
            'blur' => self::blur($this->blur->around, $standard),
            'columns' => BlurMap::COLUMNS,
            'rows' => BlurMap::ROWS,
            'disc_px' => array_map(
                static fn (?float $disc): ?float => $disc === null ? null : round($disc, 1),
                $map === null ? [] : $map->discPx,
            ),
        ];
    }
}
