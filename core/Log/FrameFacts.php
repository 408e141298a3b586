<?php

declare(strict_types=1);

namespace RushHold\Log;

use RushHold\Document\Reader;

/** What a camera wrote into a file of how the frame was taken. What it did not write, or cannot be true, is null. */
final readonly class FrameFacts
{
    /** What a number may be: least, most. */
    public const BOUNDS = [
        'shutter_s' => [1e-6, 3600.0],
        'f_number' => [0.5, 128.0],
        'iso' => [1.0, 10_000_000.0],
        'focal_mm' => [1.0, 5000.0],
        'compensation' => [-10.0, 10.0],
        'distance_m' => [0.01, 100_000.0],
    ];

    /** Longest name of a body or a lens that is kept, in characters. */
    public const NAME = 80;

    /**
     * @param  ?string  $takenAt  by the camera's clock, 2026-05-22T05:12:33.120, fractions as far as they were written
     * @param  ?string  $offset  how far that clock is ahead of UTC, +01:00
     * @param  ?float  $compensation  in stops
     * @param  ?float  $distanceM  to what it was focused on
     * @param  int  $orientation  1 to 8 as EXIF has it: how the file must be turned to be looked at
     * @param  ?array{x: int, y: int, width: int, height: int}  $subject  in pixels as the file lies
     * @param  ?array{least_mm: float, most_mm: float, widest_f: ?float, widest_long_f: ?float}  $lensRange  what the lens can be set to, and its
     *     widest apertures at both ends
     * @param  ?float  $sensorWidthMm  of what the file shows, from its pixels and how finely they lie
     * @param  list<string>  $leftOut  what was written and cannot be true, in words
     */
    public function __construct(
        public ?string $takenAt = null,
        public ?string $offset = null,
        public ?float $shutterS = null,
        public ?float $fNumber = null,
        public ?int $iso = null,
        public ?float $focalMm = null,
        public ?float $focalIn35Mm = null,
        public ?float $compensation = null,
        public ?float $distanceM = null,
        public int $orientation = 1,
        public ?array $subject = null,
        public ?string $body = null,
        public ?string $lens = null,
        public ?int $rating = null,
        public ?array $lensRange = null,
        public ?float $sensorWidthMm = null,
        public array $leftOut = [],
    ) {}

    /** EV at ISO 100 of a scene that these settings show as bright as it is, what was compensated taken off; null where one is not known. */
    public function exposedFor(): ?float
    {
        return $this->shutterS === null || $this->fNumber === null || $this->iso === null
            ? null
            : log(($this->fNumber ** 2 / $this->shutterS) * (100 / $this->iso), 2) + (float) $this->compensation;
    }

    /** @return array<string, mixed> without what is not known */
    public function toArray(): array
    {
        return array_filter(
            [
                'taken_at' => $this->takenAt,
                'offset' => $this->offset,
                'shutter_s' => $this->shutterS,
                'f_number' => $this->fNumber,
                'iso' => $this->iso,
                'focal_mm' => $this->focalMm,
                'focal_in_35_mm' => $this->focalIn35Mm,
                'compensation' => $this->compensation,
                'distance_m' => $this->distanceM,
                'orientation' => $this->orientation,
                'subject' => $this->subject,
                'body' => $this->body,
                'lens' => $this->lens,
                'rating' => $this->rating,
                'lens_range' => $this->lensRange,
                'sensor_width_mm' => $this->sensorWidthMm,
                'left_out' => $this->leftOut === [] ? null : $this->leftOut,
            ],
            static fn (mixed $value): bool => $value !== null,
        );
    }

    /** @return array{shutter_s: ?float, f_number: ?float, iso: ?int, focal_mm: ?float, distance_m: ?float, rating: ?int} how it was taken and what stars it has, as whoever asks is told */
    public function howTaken(): array
    {
        return [
            'shutter_s' => $this->shutterS,
            'f_number' => $this->fNumber,
            'iso' => $this->iso,
            'focal_mm' => $this->focalMm,
            'distance_m' => $this->distanceM,
            'rating' => $this->rating,
        ];
    }

    /** @param  Reader  $kept  from {@see toArray()} */
    public static function kept(Reader $kept): self
    {
        $number = static fn (string $name): ?float => $kept->has($name) ? $kept->number($name) : null;
        $text = static fn (string $name): ?string => $kept->has($name) ? $kept->text($name) : null;
        $subject = $kept->has('subject') ? $kept->inside('subject') : null;
        $lens = $kept->has('lens_range') ? $kept->inside('lens_range') : null;

        return new self(
            $text('taken_at'),
            $text('offset'),
            $number('shutter_s'),
            $number('f_number'),
            $kept->has('iso') ? $kept->whole('iso') : null,
            $number('focal_mm'),
            $number('focal_in_35_mm'),
            $number('compensation'),
            $number('distance_m'),
            $kept->has('orientation') ? $kept->whole('orientation') : 1,
            $subject === null
                ? null
                : [
                    'x' => $subject->whole('x'),
                    'y' => $subject->whole('y'),
                    'width' => $subject->whole('width'),
                    'height' => $subject->whole('height'),
                ],
            $text('body'),
            $text('lens'),
            $kept->has('rating') ? $kept->whole('rating') : null,
            $lens === null
                ? null
                : [
                    'least_mm' => $lens->number('least_mm'),
                    'most_mm' => $lens->number('most_mm'),
                    'widest_f' => $lens->has('widest_f') ? $lens->number('widest_f') : null,
                    'widest_long_f' => $lens->has('widest_long_f') ? $lens->number('widest_long_f') : null,
                ],
            $number('sensor_width_mm'),
            $kept->has('left_out') ? $kept->texts('left_out') : [],
        );
    }
}
