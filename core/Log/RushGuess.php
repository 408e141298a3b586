<?php

declare(strict_types=1);

namespace RushHold\Log;

/**
 * Which rush a burst was taken for: by body and lens, by when each was due, by how the camera was set. A proposal, with what speaks for it;
 * what speaks against all of them, or for two alike, is left to the person.
 */
final readonly class RushGuess
{
    /** What speaks for a rush and against it, in points (*assumed*): each about a factor of e. */
    private const SAME_BODY = 3.0;

    private const OTHER_BODY = -4.0;

    private const SAME_LENS = 2.0;

    private const OTHER_LENS = -3.0;

    private const OUT_OF_REACH = -4.0;

    private const DUE = 4.0;

    private const SAME_DAY = 1.5;

    private const AS_SET = 2.0;

    private const NEARLY_SET = 1.0;

    private const SET_OTHERWISE = -1.0;

    /** Settings are as planned within so many stops, nearly within one, otherwise beyond three. */
    private const STOPS = [0.4, 1.05, 3.0];

    /** Focal lengths are alike within this ratio: a file rounds them. */
    private const ROUNDED = 1.03;

    private const DAY_S = 86_400.0;

    /** No proposal under so many points, nor one that is not so many ahead of the next. */
    private const LEAST = 3.0;

    private const AHEAD = 1.5;

    /**
     * @param  float  $points  for it, less those against it
     * @param  list<string>  $because  what speaks for it, in words
     */
    private function __construct(public string $rush, public float $points, public array $because) {}

    /**
     * @param  list<RushCandidate>  $candidates
     * @return list<self> the likeliest first; those with nothing that speaks for them left out
     */
    public static function ranked(FrameFacts $facts, array $candidates): array
    {
        $guesses = array_map(static fn (RushCandidate $one): self => self::of($facts, $one), $candidates);
        $likely = array_values(array_filter($guesses, static fn (self $one): bool => $one->points > 0));
        usort($likely, static fn (self $one, self $other): int => $other->points <=> $one->points);

        return $likely;
    }

    /**
     * The one that is clearly ahead, to be taken with one key; null when none is.
     *
     * @param  list<self>  $ranked
     */
    public static function clearly(array $ranked): ?self
    {
        $first = $ranked[0] ?? null;

        return $first !== null &&
            $first->points >= self::LEAST &&
            $first->points - ($ranked[1]->points ?? 0.0) >= self::AHEAD
            ? $first
            : null;
    }

    private static function of(FrameFacts $facts, RushCandidate $rush): self
    {
        $points = 0.0;
        $because = [];
        $all = [self::kit($facts, $rush), self::time($facts, $rush), self::settings($facts, $rush)];
        foreach ($all as [$more, $words]) {
            $points += $more;
            if ($words !== null) {
                $because[] = $words;
            }
        }

        return new self($rush->id, $points, $because);
    }

    /** @return array{float, ?string} */
    private static function kit(FrameFacts $facts, RushCandidate $rush): array
    {
        $body = self::named($facts->body, $rush->body);
        $lens = self::named($facts->lens, $rush->lens);
        $points = match ($body) {
            true => self::SAME_BODY,
            false => self::OTHER_BODY,
            null => 0.0,
        };
        $points += match ($lens) {
            true => self::SAME_LENS,
            false => self::OTHER_LENS,
            null => 0.0,
        };
        if (
            $facts->focalMm !== null &&
            ($facts->focalMm * self::ROUNDED < $rush->focalLeastMm ||
                $facts->focalMm > $rush->focalMostMm * self::ROUNDED)
        ) {
            $points += self::OUT_OF_REACH;
        }

        return [
            $points,
            match (true) {
                $body === true && $lens === true => 'its body and lens',
                $body === true => 'its body',
                $lens === true => 'its lens',
                default => null,
            },
        ];
    }

    /** Whether two names are the same; null where nobody knows. */
    private static function named(?string $one, ?string $other): ?bool
    {
        return $one === null || $other === null ? null : $one === $other;
    }

    /** @return array{float, ?string} */
    private static function time(FrameFacts $facts, RushCandidate $rush): array
    {
        $at = Bursts::atS($facts);
        if ($at === null) {
            return [0.0, null];
        }
        $near = INF;
        foreach ($rush->turns as [$from, $until]) {
            $near = min($near, max(0.0, $from - $at, $at - $until));
        }

        return match (true) {
            $near <= 0.0 => [self::DUE, 'taken when it was due'],
            $near < self::DAY_S / 2 => [self::SAME_DAY, 'taken on a day it was due'],
            default => [0.0, null],
        };
    }

    /** @return array{float, ?string} */
    private static function settings(FrameFacts $facts, RushCandidate $rush): array
    {
        if ($facts->shutterS === null || $facts->fNumber === null) {
            return [0.0, null];
        }
        // a stop of the aperture is a factor of √2 on its number
        $off = max(
            abs(log($facts->shutterS / $rush->shutterS, 2)),
            abs(2 * log($facts->fNumber / $rush->fNumber, 2)),
        );
        [$same, $near, $far] = self::STOPS;

        return match (true) {
            $off <= $same => [self::AS_SET, 'set as planned'],
            $off <= $near => [self::NEARLY_SET, 'set nearly as planned'],
            $off > $far => [self::SET_OTHERWISE, null],
            default => [0.0, null],
        };
    }
}
