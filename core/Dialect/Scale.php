<?php

declare(strict_types=1);

namespace RushHold\Dialect;

use RushHold\Document\Reader;

/** A dial or slider of a body: its own values in their order, each with the point of our axis it stands for. */
final readonly class Scale
{
    /** @param  non-empty-list<array{word: string, at: float}>  $steps */
    public function __construct(public string $name, public SettingLocation $where, public array $steps) {}

    public static function read(Reader $scale): ?self
    {
        $steps = array_map(
            static fn (Reader $step): array => ['word' => $step->text('word'), 'at' => $step->number('at')],
            $scale->objects('steps'),
        );

        return $steps === []
            ? null
            : new self($scale->text('name'), SettingLocation::read($scale->inside('where')), $steps);
    }

    /**
     * The step nearest a point of our axis; of two as near the first.
     *
     * @return array{word: string, at: float, position: int}
     */
    public function nearest(float $at): array
    {
        $best = 0;
        foreach ($this->steps as $position => $step) {
            if (abs($step['at'] - $at) < abs($this->steps[$best]['at'] - $at) - 1e-9) {
                $best = $position;
            }
        }

        return $this->steps[$best] + ['position' => $best];
    }

    /** The point of our axis one of the body's values stands for; null when it has no such value. */
    public function understand(string $word): ?float
    {
        foreach ($this->steps as $step) {
            if (Words::alike($step['word'], $word)) {
                return $step['at'];
            }
        }

        return null;
    }

    /** Clicks from one point of our axis to another. */
    public function clicks(float $from, float $to): int
    {
        return abs($this->nearest($from)['position'] - $this->nearest($to)['position']);
    }
}
