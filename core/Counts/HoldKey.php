<?php

declare(strict_types=1);

namespace RushHold\Counts;

use RushHold\Hold\Hold;
use RushHold\Kit\AfArea;
use RushHold\Kit\FocusMode;

/** What of a hold is told apart when frames are counted: how it focuses, where it looks, how it tracks, shutter and aperture. */
final readonly class HoldKey
{
    private function __construct(
        public FocusMode $focusMode,
        public AfArea $area,
        public TrackingDials $tracking,
        public float $shutterS,
        public float $fNumber,
    ) {}

    public static function of(Hold $hold): self
    {
        return new self($hold->focusMode, $hold->area, TrackingDials::of($hold), $hold->shutterS, $hold->fNumber);
    }

    /** @param  string  $text  from {@see text()} */
    public static function read(string $text): ?self
    {
        $parts = explode(' ', $text);
        $mode = FocusMode::tryFrom($parts[0]);
        $area = AfArea::tryFrom($parts[1] ?? '');

        if ($mode === null || $area === null || count($parts) !== 5) {
            return null;
        }
        [$shutterS, $fNumber] = [(float) $parts[3], (float) $parts[4]];

        return $shutterS > 0 && $fNumber > 0 && is_finite($shutterS) && is_finite($fNumber)
            ? new self($mode, $area, TrackingDials::read($parts[2]), $shutterS, $fNumber)
            : null;
    }

    public function text(): string
    {
        return sprintf(
            '%s %s %s %.6g %.3g',
            $this->focusMode->value,
            $this->area->value,
            $this->tracking->text(),
            $this->shutterS,
            $this->fNumber,
        );
    }
}
