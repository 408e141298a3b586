<?php

declare(strict_types=1);

namespace RushHold\Counts;

use RushHold\Log\FrameFacts;

/** What a burst is counted by: one value in each {@see Dimension}. */
final readonly class BurstFacts
{
    /** Shutter and aperture may be so many stops off the plan's, and are its own still. */
    private const HEEDED_STOPS = 0.5;

    /** Counts of all bursts together. */
    public const ALL = 0;

    /** @param  array<string, string>  $values  by dimension, all of them */
    private function __construct(public array $values) {}

    /**
     * @param  ?string  $rush  id of the rush they were taken for
     * @param  ?string  $outing  id of the outing they were taken on
     * @param  ?string  $clock  what the camera's clock showed: 2026-05-22T05:12:33
     * @param  FrameFacts  $frame  of one frame out of its middle
     */
    public static function of(
        ?string $rush,
        ?string $outing,
        string $body,
        string $lens,
        ?string $clock,
        FrameFacts $frame,
        ?Promise $promise,
    ): self {
        $distanceM = $frame->distanceM ?? $promise?->workM;
        $shutterS = $frame->shutterS;
        $share = $promise?->share();

        return self::kept([
            Dimension::Rush->value => (string) $rush,
            Dimension::Hold->value => (string) $promise?->hold,
            Dimension::Area->value => (string) $promise?->area,
            Dimension::Tuning->value => (string) $promise?->tracking,
            Dimension::Heeded->value => self::heeded($frame, $promise),
            Dimension::Shutter->value => $shutterS === null || $shutterS <= 0 ? '' : (string) Bands::shutter($shutterS),
            Dimension::Distance->value => $distanceM === null || $distanceM <= 0
                    ? ''
                    : (string) Bands::distance($distanceM),
            Dimension::Body->value => $body,
            Dimension::Lens->value => $lens,
            Dimension::Support->value => (string) $promise?->support,
            Dimension::Outing->value => (string) $outing,
            Dimension::Month->value => substr((string) $clock, 0, 7),
            Dimension::Promised->value => $share === null ? '' : (string) round(100 * $share),
        ]);
    }

    /** @param  array<string, string>  $values  by dimension; one that is missing is not known */
    public static function kept(array $values): self
    {
        $all = [];
        foreach (Dimension::cases() as $dimension) {
            $all[$dimension->value] = $values[$dimension->value] ?? '';
        }

        return new self($all);
    }

    /** @return list<array{int, string, string}> everything it is counted in: the kind of count, and its one or two values */
    public function cells(): array
    {
        $cells = [[self::ALL, '', '']];
        $dimensions = Dimension::cases();
        foreach ($dimensions as $at => $dimension) {
            $value = $this->values[$dimension->value];
            $cells[] = [$dimension->kind(), $value, ''];
            foreach (array_slice($dimensions, $at + 1) as $other) {
                $cells[] = [$dimension->kindWith($other)[0], $value, $this->values[$other->value]];
            }
        }

        return $cells;
    }

    private static function heeded(FrameFacts $frame, ?Promise $promise): string
    {
        if ($promise === null || $frame->shutterS === null || $frame->shutterS <= 0 || (float) $frame->fNumber <= 0) {
            return '';
        }
        $off = max(
            abs(log($frame->shutterS / $promise->shutterS, 2)),
            2 * abs(log((float) $frame->fNumber / $promise->fNumber, 2)),
        );

        return $off <= self::HEEDED_STOPS + 1e-6 ? 'yes' : 'no';
    }
}
