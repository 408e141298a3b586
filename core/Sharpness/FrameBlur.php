<?php

declare(strict_types=1);

namespace RushHold\Sharpness;

/** What was measured in a frame: on the subject, around it, and how bright it is there. */
final readonly class FrameBlur
{
    /** The piece of a subject that is looked at is no smaller and no larger, in px to a side. */
    private const LEAST = 64;

    /** How much larger than the subject what is not around it. */
    private const BESIDE = 2.2;

    /**
     * @param  Box  $box  where the subject is
     * @param  ?BlurFound  $subject  null where too little stands there
     * @param  ?BlurFound  $around  what blurs all else alike, null where nothing stands
     * @param  int  $dark  what only a fiftieth of the subject is darker than, in brightness
     * @param  int  $bright  what only a twentieth of it is brighter than
     * @param  float  $burnt  share of it that is as bright as can be
     */
    public function __construct(
        public Box $box,
        public ?BlurFound $subject,
        public ?BlurFound $around,
        public ?BlurMap $map,
        public int $dark,
        public int $bright,
        public float $burnt,
    ) {}

    public static function of(Picture $picture, Box $box): self
    {
        $box = $box->inside($picture->width(), $picture->height());
        $looked = $box->between(self::LEAST, BlurMeter::PIECE)->inside($picture->width(), $picture->height());
        $wide = $box->between(self::LEAST, 4 * BlurMeter::PIECE)->inside($picture->width(), $picture->height());
        // wide blur is looked at in a larger piece, if there is more of the subject
        $piece = $picture->piece($looked->x, $looked->y, $looked->width, $looked->height);
        $subject = BlurMeter::of($piece);
        if ($subject !== null && $subject->totalPx() > BlurMeter::WIDE_PX && $wide->toArray() !== $looked->toArray()) {
            $subject = BlurMeter::of($picture->piece($wide->x, $wide->y, $wide->width, $wide->height)) ?? $subject;
        }
        $map = BlurMap::of($picture);
        $tones = $piece->values;
        sort($tones);
        $count = count($tones);

        return new self(
            $box,
            $subject,
            $map->outside($box->grown(self::BESIDE)),
            $map,
            (int) $tones[intdiv($count, 50)],
            (int) $tones[$count - 1 - intdiv($count, 20)],
            count(array_filter($tones, static fn (float|int $tone): bool => $tone >= 253)) / $count,
        );
    }
}
