<?php

declare(strict_types=1);

namespace RushHold\Log;

/**
 * Which frames were taken in one go: of one body and lens, with like settings, each soon after the one before. Where the camera wrote no
 * fractions of a second, a second of doubt is left.
 */
final class Bursts
{
    /** So many frames may be missing between two of one burst; and no gap shorter than this parts them, in seconds. */
    private const MISSING = 3.0;

    private const LEAST_S = 0.5;

    /** Where nobody knows how fast a body is, frames a second (*assumed*). */
    private const FPS = 10.0;

    /** Settings are alike within so many stops, and a zoom within this ratio. */
    private const STOPS = 1.05;

    private const ZOOMED = 1.15;

    /**
     * @param  list<FrameFacts>  $frames  in any order
     * @param  \Closure(?string): ?float  $fps  frames a second of a body by its name, null where nobody knows
     * @return list<list<int>> numbers of frames, by time; what has no time stands by itself, at the end
     */
    public static function of(array $frames, \Closure $fps): array
    {
        $timed = $untimed = [];
        foreach ($frames as $number => $frame) {
            $at = self::atS($frame);
            if ($at === null) {
                $untimed[] = [$number];
            } else {
                $timed[] = [$at, $number];
            }
        }
        sort($timed);
        $bursts = [];
        /** @var array<string, array{int, float, FrameFacts}> $open the burst that may go on, and its last frame, by body */
        $open = [];
        foreach ($timed as [$at, $number]) {
            $frame = $frames[$number];
            $body = (string) $frame->body;
            [$burst, $lastAt, $last] = $open[$body] ?? [count($bursts), $at, null];
            if (
                $last === null ||
                $at - $lastAt > self::gapS($last, $frame, $fps($frame->body)) ||
                ! self::areAlike($last, $frame)
            ) {
                $burst = count($bursts);
                $bursts[] = [];
            }
            $bursts[$burst][] = $number;
            $open[$body] = [$burst, $at, $frame];
        }

        return [...array_values($bursts), ...$untimed];
    }

    /** When it was taken in seconds since 1970, by the camera's clock where it wrote no zone; null when it says nothing. */
    public static function atS(FrameFacts $frame): ?float
    {
        if ($frame->takenAt === null) {
            return null;
        }
        $zone = new \DateTimeZone($frame->offset ?? '+00:00');
        $whole = substr($frame->takenAt, 0, 19);
        $at = \DateTimeImmutable::createFromFormat('!Y-m-d\TH:i:s', $whole, $zone);

        return $at === false ? null : $at->getTimestamp() + (float) ('0'.substr($frame->takenAt, 19));
    }

    private static function gapS(FrameFacts $one, FrameFacts $other, ?float $fps): float
    {
        $doubt = self::hasFractions($one) && self::hasFractions($other) ? 0.0 : 1.0;

        return max(self::MISSING / ($fps ?? self::FPS), self::LEAST_S) + $doubt;
    }

    private static function hasFractions(FrameFacts $frame): bool
    {
        return strlen((string) $frame->takenAt) > 19;
    }

    private static function areAlike(FrameFacts $one, FrameFacts $other): bool
    {
        return $one->lens === $other->lens &&
            self::isWithin($one->focalMm, $other->focalMm, self::ZOOMED) &&
            self::isWithin($one->shutterS, $other->shutterS, 2 ** self::STOPS) &&
            // a stop of the aperture is a factor of √2 on its number
            self::isWithin($one->fNumber, $other->fNumber, M_SQRT2 ** self::STOPS);
    }

    /** Whether neither is so many times the other; what is not known stands in nobody's way. */
    private static function isWithin(?float $one, ?float $other, float $ratio): bool
    {
        return $one === null || $other === null || max($one, $other) <= $ratio * min($one, $other);
    }
}
