<?php

declare(strict_types=1);

namespace RushHold\Sharpness;

use RushHold\Document\Reader;

/** What was measured in a frame: on the subject, around it, and how bright it is there. */
final readonly class FrameBlur
{
    /** The piece of a subject that is looked at is no smaller and no larger, in px to a side. */
    private const LEAST = 64;

    /** What lies around a subject begins this many times its box from its middle. */
    private const BESIDE = 2.2;

    /** What is in focus instead of the subject is looked for within its box made so many times as large. */
    public const NEAR = 1.5;

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

    /**
     * All that a verdict rests on, to be kept: it can be judged again by another standard without its picture.
     *
     * @return array<string, mixed>
     */
    public function toArray(): array
    {
        $close = [];
        foreach ($this->map?->sharpest($this->box->grown(self::NEAR), Judge::TILES) ?? [] as $tile) {
            $close[$tile] = $this->map?->closely($tile)?->toArray();
        }

        return [
            'box' => $this->box->toArray(),
            'subject' => $this->subject?->toArray(),
            'around' => $this->around?->toArray(),
            'discs' => $this->map?->discPx,
            'close' => (object) array_filter($close, static fn (?array $found): bool => $found !== null),
            'dark' => $this->dark,
            'bright' => $this->bright,
            'burnt' => $this->burnt,
        ];
    }

    /**
     * @param  Reader  $kept  from {@see toArray()}
     * @param  int  $width  of its picture, in px
     * @param  int  $height  of it
     */
    public static function kept(Reader $kept, int $width, int $height): self
    {
        $box = $kept->inside('box');
        $close = [];
        foreach ($kept->inside('close')->names() as $tile) {
            $close[(int) $tile] = BlurFound::kept($kept->inside('close')->inside($tile));
        }

        return new self(
            new Box($box->whole('x'), $box->whole('y'), $box->whole('width'), $box->whole('height')),
            $kept->has('subject') ? BlurFound::kept($kept->inside('subject')) : null,
            $kept->has('around') ? BlurFound::kept($kept->inside('around')) : null,
            $kept->has('discs')
                ? BlurMap::told(
                    $width,
                    $height,
                    array_map(
                        static fn (mixed $disc): ?float => is_int($disc) || is_float($disc) ? (float) $disc : null,
                        $kept->items('discs'),
                    ),
                    $close,
                )
                : null,
            $kept->whole('dark'),
            $kept->whole('bright'),
            $kept->number('burnt'),
        );
    }
}
