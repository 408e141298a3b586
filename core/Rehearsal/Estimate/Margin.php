<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Estimate;

use RushHold\Statistics\WilsonInterval;

/** How much better one hold does than another on the very same passes: the mean of the differences, with its 95 % interval. */
final readonly class Margin
{
    private function __construct(public float $mean, public float $half) {}

    /**
     * @param  list<int>  $these  sharp frames, pass by pass
     * @param  list<int>  $those  of the same passes in the same order; passes that only one has are left out
     */
    public static function between(array $these, array $those): self
    {
        $count = min(count($these), count($those));
        if ($count < 2) {
            return new self(0.0, INF);
        }
        $sum = $squares = 0.0;
        for ($at = 0; $at < $count; $at++) {
            $off = $these[$at] - $those[$at];
            $sum += $off;
            $squares += $off * $off;
        }
        $mean = $sum / $count;

        return new self($mean, WilsonInterval::Z * sqrt(max(0.0, $squares / $count - $mean ** 2) / ($count - 1)));
    }

    /** Whether chance alone would hardly make such a difference. */
    public function isTelling(): bool
    {
        return abs($this->mean) > $this->half && $this->mean !== 0.0;
    }

    /** @return array{mean: float, half: ?float, telling: bool} half is null when nothing is known */
    public function toArray(): array
    {
        return [
            'mean' => $this->mean,
            'half' => is_finite($this->half) ? $this->half : null,
            'telling' => $this->isTelling(),
        ];
    }
}
