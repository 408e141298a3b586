<?php

declare(strict_types=1);

namespace RushHold\Hold;

use RushHold\Document\Reader;
use RushHold\Kit\AfArea;

/**
 * Dials of a hold that a person has turned away from what the plan would set, after trying them in a rehearsal.
 * What is null is left to the plan.
 */
final readonly class Dials
{
    public function __construct(
        public ?AfArea $area = null,
        public ?int $stay = null,
        public ?int $pace = null,
        public ?float $shutterS = null,
        public ?float $fNumber = null,
    ) {}

    public static function none(): self
    {
        return new self();
    }

    /**
     * @param  array<mixed>  $document  held against schemas/dials.json
     *
     * @throws \RushHold\Faults\Fault naming the first field that is amiss
     */
    public static function fromArray(array $document): self
    {
        $dials = Reader::of($document, 'dials');

        return new self(
            $dials->has('area') ? $dials->choice('area', AfArea::class) : null,
            $dials->has('stay') ? $dials->whole('stay') : null,
            $dials->has('pace') ? $dials->whole('pace') : null,
            $dials->has('shutter_s') ? $dials->number('shutter_s') : null,
            $dials->has('f_number') ? $dials->number('f_number') : null,
        );
    }

    /** @return array<string, int|float|string> as in schemas/dials.json */
    public function toArray(): array
    {
        return array_filter(
            [
                'area' => $this->area?->value,
                'stay' => $this->stay,
                'pace' => $this->pace,
                'shutter_s' => $this->shutterS,
                'f_number' => $this->fNumber,
            ],
            static fn (mixed $value): bool => $value !== null,
        );
    }

    public function areNone(): bool
    {
        return $this->toArray() === [];
    }

    /** These where they are turned, else the others. */
    public function over(self $others): self
    {
        return new self(
            $this->area ?? $others->area,
            $this->stay ?? $others->stay,
            $this->pace ?? $others->pace,
            $this->shutterS ?? $others->shutterS,
            $this->fNumber ?? $others->fNumber,
        );
    }

    /** A hold with these dials turned; exposure is the planner's business and stays as it was but for shutter and aperture. */
    public function on(Hold $hold): Hold
    {
        return $hold->with(
            area: $this->area,
            stay: $hold->stay === null ? null : $this->stay,
            pace: $hold->pace === null ? null : $this->pace,
            shutterS: $this->shutterS,
            fNumber: $this->fNumber,
        );
    }
}
