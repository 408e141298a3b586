<?php

declare(strict_types=1);

namespace RushHold\Hold;

use RushHold\Kit\AfArea;
use RushHold\Kit\Detection;
use RushHold\Kit\FocusMode;
use RushHold\Kit\Orientation;

/** The camera set-up that answers a rush ("hold/1"). A dial that the body lacks is null, never a made-up value. */
final readonly class Hold
{
    /**
     * @param  ?int  $stay  level of the body's own dial, 0 upwards
     * @param  ?int  $pace  0 to 2
     * @param  ?array{float, ?float}  $limiterM  range of the limiter in metres, null at infinity; null when the lens has no limiter
     * @param  float  $focalMm  as marked on the lens, before any converter
     */
    public function __construct(
        public FocusMode $focusMode,
        public ?ManualTechnique $manualTechnique,
        public AfArea $area,
        public AreaPlace $place,
        public Detection $detection,
        public bool $eye,
        public ?int $stay,
        public ?int $pace,
        public ?Pick $pick,
        public Aim $aim,
        public float $fps,
        public Burst $burst,
        public StabiliserUse $stabiliser,
        public ?array $limiterM,
        public float $focalMm,
        public float $shutterS,
        public float $fNumber,
        public int $iso,
        public Scheme $scheme,
        public Orientation $frame = Orientation::Landscape,
    ) {}

    /** The same but for what is given. */
    public function with(
        ?AfArea $area = null,
        ?int $stay = null,
        ?int $pace = null,
        ?float $shutterS = null,
        ?float $fNumber = null,
        ?int $iso = null,
        ?Burst $burst = null,
        ?FocusMode $focusMode = null,
    ): self {
        return new self(
            $focusMode ?? $this->focusMode,
            $this->manualTechnique,
            $area ?? $this->area,
            $this->place,
            $this->detection,
            $this->eye,
            $stay ?? $this->stay,
            $pace ?? $this->pace,
            $this->pick,
            $this->aim,
            $this->fps,
            $burst ?? $this->burst,
            $this->stabiliser,
            $this->limiterM,
            $this->focalMm,
            $shutterS ?? $this->shutterS,
            $fNumber ?? $this->fNumber,
            $iso ?? $this->iso,
            $this->scheme,
            $this->frame,
        );
    }

    /** @return array<string, mixed> a hold/1 document */
    public function toArray(): array
    {
        return [
            'format' => 'hold/1',
            'focus_mode' => $this->focusMode->value,
            'manual_technique' => $this->manualTechnique?->value,
            'area' => ['pattern' => $this->area->value, 'place' => $this->place->toArray()],
            'detection' => ['subject' => $this->detection->value, 'eye' => $this->eye],
            'tuning' => ['stay' => $this->stay, 'pace' => $this->pace, 'pick' => $this->pick?->value],
            'aim' => $this->aim->value,
            'frame' => $this->frame->value,
            'drive' => ['fps' => $this->fps, 'burst' => $this->burst->value],
            'stabiliser' => $this->stabiliser->value,
            'limiter_m' => $this->limiterM,
            'focal_mm' => $this->focalMm,
            'shutter_s' => $this->shutterS,
            'f_number' => $this->fNumber,
            'iso' => $this->iso,
            'scheme' => $this->scheme->value,
        ];
    }
}
