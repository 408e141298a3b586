<?php

declare(strict_types=1);

namespace RushHold\Wording;

use RushHold\Hold\Hold;

/** The fields of a hold as a person calls them. */
final class HoldWords
{
    /** A value of a field in words: "large zone", "1/4000", "stay 3". */
    public static function word(string $field, Hold $hold, Units $units): string
    {
        return match ($field) {
            'focus_mode' => $hold->focusMode->words(),
            'manual_technique' => $hold->manualTechnique === null ? 'autofocus' : $hold->manualTechnique->value,
            'area.pattern' => $hold->area->words(),
            'area.place' => sprintf('area at %.0f %%, %.0f %%', $hold->place->x * 100, $hold->place->y * 100),
            'detection.subject' => $hold->detection->value === 'none'
                ? 'no detection'
                : $hold->detection->value.' detection',
            'detection.eye' => $hold->eye ? 'eye detection' : 'no eye detection',
            'tuning.stay' => 'stay '.($hold->stay ?? 'not set'),
            'tuning.pace' => 'pace '.($hold->pace ?? 'not set'),
            'tuning.pick' => 'pick '.($hold->pick->value ?? 'not set'),
            'aim' => 'aim at the '.$hold->aim->words(),
            'frame' => 'camera '.$hold->frame->words(),
            'drive.fps' => Units::figures($hold->fps).' frames a second',
            'drive.burst' => $hold->burst->value === 'single' ? 'single frames' : $hold->burst->value.' bursts',
            'stabiliser' => 'stabiliser '.
                ($hold->stabiliser->value === 'panning' ? 'in panning mode' : $hold->stabiliser->value),
            'limiter_m' => $hold->limiterM === null
                ? 'no limiter'
                : sprintf(
                    'limiter %s – %s',
                    $units->length($hold->limiterM[0]),
                    $hold->limiterM[1] === null ? '∞' : $units->length($hold->limiterM[1]),
                ),
            'focal_mm' => Units::figures($hold->focalMm).' mm',
            'shutter_s' => Units::shutter($hold->shutterS),
            'f_number' => 'f/'.Units::figures($hold->fNumber, 2),
            'iso' => 'ISO '.$hold->iso,
            'scheme' => str_replace('-', ' ', $hold->scheme->value).' focus',
            default => '',
        };
    }
}
