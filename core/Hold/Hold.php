<?php

declare(strict_types=1);

namespace RushHold\Hold;

use RushHold\Kit\FocusMode;

/** The camera set-up that answers a rush ("hold/1"). A field that nothing has chosen yet is null, never a made-up value. */
final readonly class Hold
{
    /** @param  float  $focalMm as marked on the lens, before any converter */
    public function __construct(
        public FocusMode $focusMode,
        public ?ManualTechnique $manualTechnique,
        public StabiliserUse $stabiliser,
        public float $focalMm,
        public float $shutterS,
        public float $fNumber,
        public int $iso,
    ) {}

    /** @return array<string, mixed> a hold/1 document */
    public function toArray(): array
    {
        return [
            'format' => 'hold/1',
            'focus_mode' => $this->focusMode->value,
            'manual_technique' => $this->manualTechnique?->value,
            'area' => null,
            'detection' => null,
            'tuning' => null,
            'aim' => null,
            'drive' => null,
            'stabiliser' => $this->stabiliser->value,
            'limiter_m' => null,
            'focal_mm' => $this->focalMm,
            'shutter_s' => $this->shutterS,
            'f_number' => $this->fNumber,
            'iso' => $this->iso,
            'scheme' => null,
        ];
    }
}
