<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Estimate;

use RushHold\Rehearsal\Verdict;
use RushHold\Statistics\WilsonInterval;

/** What became of the frames of many passes with one hold: counts that can be added to and read at any time. */
final class Tally
{
    /**
     * @param  list<int>  $frames  of each pass
     * @param  list<int>  $sharp  of each pass
     * @param  array<string, int>  $verdicts  of all passes
     */
    public function __construct(private array $frames = [], private array $sharp = [], private array $verdicts = []) {}

    /** @param  array<string, int>  $counts  frames of one pass by verdict */
    public function add(array $counts): void
    {
        $this->frames[] = array_sum($counts);
        $this->sharp[] = $counts[Verdict::Sharp->value] ?? 0;
        foreach ($counts as $verdict => $count) {
            $this->verdicts[$verdict] = ($this->verdicts[$verdict] ?? 0) + $count;
        }
    }

    public function passes(): int
    {
        return count($this->frames);
    }

    /** @return list<int> sharp frames of each pass */
    public function sharp(): array
    {
        return $this->sharp;
    }

    /** Frames of an average pass. */
    public function framesAPass(): float
    {
        return $this->frames === [] ? 0.0 : array_sum($this->frames) / count($this->frames);
    }

    /** Sharp frames of an average pass. */
    public function sharpAPass(): float
    {
        return $this->sharp === [] ? 0.0 : array_sum($this->sharp) / count($this->sharp);
    }

    /**
     * Share of frames that are sharp. Frames of one pass live and die together, so they count as fewer than they are: as many
     * as would scatter from pass to pass as much as these do (the design effect of a ratio).
     */
    public function keeperRate(): WilsonInterval
    {
        $frames = array_sum($this->frames);
        if ($frames === 0) {
            return WilsonInterval::of(0, 0);
        }
        $share = array_sum($this->sharp) / $frames;
        $passes = count($this->frames);
        $spread = 0.0;
        foreach ($this->frames as $at => $of) {
            $spread += ($this->sharp[$at] - $share * $of) ** 2;
        }
        $alone = $share * (1 - $share) * $frames;
        $effect = $passes > 1 && $alone > 0 ? max(1.0, ($spread * $passes) / ($passes - 1) / $alone) : 1.0;

        return WilsonInterval::of(($share * $frames) / $effect, $frames / $effect);
    }

    /** Chance of at least one sharp frame in a pass. */
    public function atLeastOne(): WilsonInterval
    {
        return WilsonInterval::of(
            count(array_filter($this->sharp, static fn (int $one): bool => $one > 0)),
            count($this->sharp),
        );
    }

    /**
     * Sharp frames of the middle half of the passes: what to expect of one.
     *
     * @return array{int, int}
     */
    public function usually(): array
    {
        if ($this->sharp === []) {
            return [0, 0];
        }
        $sorted = $this->sharp;
        sort($sorted);
        $last = count($sorted) - 1;

        return [$sorted[(int) floor($last * 0.25)], $sorted[(int) ceil($last * 0.75)]];
    }

    /** @return array<string, float> frames of an average pass by verdict, the most first; sharp ones are left out */
    public function losses(): array
    {
        $losses = array_diff_key($this->verdicts, [Verdict::Sharp->value => 0]);
        arsort($losses);
        $passes = max(1, count($this->frames));

        return array_map(static fn (int $count): float => $count / $passes, $losses);
    }

    /** How many sharp frames a pass this has more than another on the same passes, with half of its 95 % interval. */
    public function moreThan(self $other): Margin
    {
        return Margin::between($this->sharp, $other->sharp);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['frames' => $this->frames, 'sharp' => $this->sharp, 'verdicts' => (object) $this->verdicts];
    }

    /** @param  array{frames: list<int>, sharp: list<int>, verdicts: array<string, int>|\stdClass}  $kept */
    public static function fromArray(array $kept): self
    {
        /** @var array<string, int> $verdicts */
        $verdicts = (array) $kept['verdicts'];

        return new self($kept['frames'], $kept['sharp'], $verdicts);
    }
}
