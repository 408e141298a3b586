<?php

declare(strict_types=1);

namespace RushHold\Planning\Choosers;

use RushHold\Assumptions\Assumptions;
use RushHold\Kit\AfSensor;
use RushHold\Kit\Kit;
use RushHold\Kit\Orientation;
use RushHold\Motion\Pattern;
use RushHold\Planning\Reason;
use RushHold\Rush\Detail;
use RushHold\Rush\Entry;
use RushHold\Rush\Family;
use RushHold\Rush\Follow;
use RushHold\Rush\Posture;
use RushHold\Rush\Rush;

/**
 * Whether the camera is turned: upright where the subject comes out clearly larger so and needs no room to the sides. Room in the
 * frame, the shape of the areas and the zoom follow from it, so this comes before everything.
 */
final class FrameChooser
{
    /** How much of its own height a subject needs above it that will go up, or turns over. */
    private const ROOM_ABOVE = 1.0;

    /** @return array{Kit, Reason} the kit as held, and why */
    public static function set(Rush $rush, Kit $kit, Assumptions $assumptions): array
    {
        $longest = $kit->lens->zoom ? $kit->at(max($kit->lens->focalMm, $kit->lens->focalMaxMm)) : $kit;
        $level = self::filled($rush, $longest, $assumptions);
        $upright = self::filled($rush, $longest->held(Orientation::Portrait), $assumptions);
        $gain = $upright > 0 && is_finite($level) && is_finite($upright) ? $level / $upright : 1.0;
        [$orientation, $code] = match (true) {
            $rush->intent->frame !== null => [$rush->intent->frame, 'fixed'],
            self::fitsUprightOnly($rush, $kit, $assumptions, $level, $upright) => [Orientation::Portrait, 'fits'],
            default => self::byNumbers($rush, $kit, $assumptions, $gain, $level),
        };

        return [
            $kit->held($orientation),
            new Reason('frame', $code, [
                'frame' => $orientation->value,
                'gain' => $gain,
                'fills_level' => is_finite($level) ? $level : null,
                'fills_upright' => is_finite($upright) ? $upright : null,
                'bearing_deg' => $rush->travel->bearingDeg,
            ]),
        ];
    }

    /** @return array{Orientation, string} */
    private static function byNumbers(Rush $rush, Kit $kit, Assumptions $assumptions, float $gain, float $level): array
    {
        $larger = $gain >= $assumptions->value('frame.turn_gain');
        $rises = self::goesUp($rush);

        return match (true) {
            ! $rises && self::goesAcross($rush, $assumptions) => [Orientation::Landscape, 'across'],
            ! $rises && self::mayTurn($rush) => [Orientation::Landscape, 'may-turn'],
            $level < $assumptions->value('frame.turn_least') => [Orientation::Landscape, 'small'],
            $larger => [Orientation::Portrait, $rises ? 'rises' : 'upright'],
            $gain >= 1 && $kit->body->afSensor === AfSensor::Line && $rush->subject->detail === Detail::Low => [
                Orientation::Portrait,
                'lines',
            ],
            default => [Orientation::Landscape, 'wide'],
        };
    }

    /**
     * Whether, as wide as the lens goes, it is cut off level and not upright.
     *
     * @param  float  $level  what it fills at the longest focal length
     * @param  float  $upright  the same upright
     */
    private static function fitsUprightOnly(
        Rush $rush,
        Kit $kit,
        Assumptions $assumptions,
        float $level,
        float $upright,
    ): bool {
        if (! $kit->lens->zoom || $level <= 1) {
            return $level > 1 && $upright <= 1;
        }
        $widest = $kit->at(min($kit->lens->focalMm, $kit->lens->focalMinMm));

        return self::filled($rush, $widest, $assumptions) > 1 &&
            self::filled($rush, $widest->held(Orientation::Portrait), $assumptions) <= 1;
    }

    /** Share of the frame that it takes in the fuller direction, with what it needs above it. */
    private static function filled(Rush $rush, Kit $kit, Assumptions $assumptions): float
    {
        return FocalChooser::filled($rush, $kit, $assumptions, self::goesUp($rush) ? self::ROOM_ABOVE : 0.0);
    }

    /** Whether it leaves the ground, comes up from below, or turns over in the air. */
    private static function goesUp(Rush $rush): bool
    {
        return $rush->intent->entry === Entry::Below ||
            ($rush->springs() && $rush->intent->entry === Entry::Any && $rush->kind()->family === Family::Bird) ||
            ($rush->kind()->moving === Posture::Tumbling && $rush->moves());
    }

    private static function goesAcross(Rush $rush, Assumptions $assumptions): bool
    {
        $off = min($rush->travel->bearingDeg, 180 - $rush->travel->bearingDeg);

        return $rush->moves() &&
            ($rush->intent->entry !== Entry::Any ||
                ($rush->travel->speedMps >= $assumptions->value('motion.travels') &&
                    $off > $assumptions->value('frame.turn_across')));
    }

    /** Whether it, or who is followed, may go any way. */
    private static function mayTurn(Rush $rush): bool
    {
        return $rush->intent->follow !== Follow::ThisOne ||
            $rush->subject->count > 1 ||
            in_array($rush->pattern, [Pattern::Erratic, Pattern::StopStart, Pattern::Sudden], true);
    }
}
