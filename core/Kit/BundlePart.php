<?php

declare(strict_types=1);

namespace RushHold\Kit;

/** A setting that a bundle recalled by a button may contain. */
enum BundlePart: string
{
    /** Focusing begins with the press. */
    case Start = 'start';

    case FocusMode = 'focus-mode';
    case Area = 'area';
    case Detection = 'detection';
    case Tuning = 'tuning';
    case Drive = 'drive';
    case Stabiliser = 'stabiliser';
    case Shutter = 'shutter';
    case Aperture = 'aperture';
    case Iso = 'iso';
    case Compensation = 'compensation';
    case Metering = 'metering';

    public function words(): string
    {
        return match ($this) {
            self::Start => 'focusing on',
            self::FocusMode => 'focus mode',
            self::Area => 'AF area',
            self::Detection => 'detection',
            self::Tuning => 'tuning',
            self::Drive => 'drive',
            self::Stabiliser => 'stabiliser',
            self::Shutter => 'shutter',
            self::Aperture => 'aperture',
            self::Iso => 'ISO',
            self::Compensation => 'exposure compensation',
            self::Metering => 'metering',
        };
    }

    /** Whether it changes the exposure, which a focus button must leave alone. */
    public function isExposure(): bool
    {
        return in_array($this, [self::Shutter, self::Aperture, self::Iso, self::Compensation, self::Metering], true);
    }

    /** Whether it belongs in the bundle of a hold. */
    public function isFocus(): bool
    {
        return in_array($this, [self::Start, self::FocusMode, self::Area, self::Detection, self::Tuning], true);
    }
}
