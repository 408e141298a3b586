<?php

declare(strict_types=1);

namespace RushHold\Outing;

use RushHold\Document\Reader;
use RushHold\Faults\TurnsOutOfOrder;
use RushHold\Guard;

/**
 * Water that comes in, from the high and low waters somebody has typed from an official table. Before the first and after the last it
 * is taken to go on as it came for one turn more; beyond that nothing is known.
 */
final readonly class Water
{
    private const STEP_S = 60.0;

    /** @param  list<array{float, float}>  $turns  moment and height of each high and low water, in order */
    private function __construct(private array $turns, public TideRule $rule) {}

    public static function none(): self
    {
        return new self([], TideRule::Cosine);
    }

    /** @param  list<array{float, float}>  $turns  moment in Unix seconds, height in metres */
    public static function through(array $turns, TideRule $rule): self
    {
        usort($turns, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        if (count($turns) > 1) {
            [$first, $second] = $turns;
            [$last, $before] = [$turns[count($turns) - 1], $turns[count($turns) - 2]];
            array_unshift($turns, [2 * $first[0] - $second[0], $second[1]]);
            $turns[] = [2 * $last[0] - $before[0], $before[1]];
        }

        return new self($turns, $rule);
    }

    /** @param  list<Reader>  $entries */
    public static function read(array $entries, LocalDay $day, TideRule $rule): self
    {
        $turns = [];
        $was = null;
        foreach ($entries as $entry) {
            $kind = $entry->choice('kind', TurnKind::class);
            $height = Guard::between($entry->path('height_m'), $entry->number('height_m'), -20.0, 20.0, 'm');
            $at = $day->at($entry->text('at'), $entry->path('at'));
            $isHigh = $kind === TurnKind::High;
            if ($was !== null && ($at <= $was[0] || $kind === $was[1] || $height > $was[2] !== $isHigh)) {
                throw TurnsOutOfOrder::at($entry->path('at'), $entry->text('at'));
            }
            $was = [$at, $kind, $height];
            $turns[] = [$at, $height];
        }

        return self::through($turns, $rule);
    }

    /** Its height at a moment in metres; null where nothing is known. */
    public function heightM(float $unixS): ?float
    {
        for ($to = 1; $to < count($this->turns); $to++) {
            [[$from, $low], [$until, $high]] = [$this->turns[$to - 1], $this->turns[$to]];
            if ($unixS >= $from && $unixS <= $until) {
                return $low + ($high - $low) * $this->rule->share(($unixS - $from) / ($until - $from));
            }
        }

        return null;
    }

    /**
     * When it stands as high as this, or higher.
     *
     * @return list<array{float, float}> from and until, in Unix seconds
     */
    public function over(float $heightM, float $fromS, float $toS): array
    {
        $found = [];
        $since = null;
        for ($at = $fromS; $at < $toS + self::STEP_S; $at += self::STEP_S) {
            $at = min($at, $toS);
            $isOver = ($this->heightM($at) ?? -INF) >= $heightM;
            if ($isOver && $since === null) {
                $since = $at;
            }
            if (! $isOver && $since !== null) {
                $found[] = [$since, $at];
                $since = null;
            }
        }

        return $since === null ? $found : [...$found, [$since, $toS]];
    }

    public function isKnown(): bool
    {
        return count($this->turns) > 1;
    }
}
