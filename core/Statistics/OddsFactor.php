<?php

declare(strict_types=1);

namespace RushHold\Statistics;

/**
 * How many times more readily something happens than was reckoned, from what happened and what did not: the factor that makes it likeliest
 * (logistic, its logarithm by Fisher scoring). What was assumed counts as so many of the things seen, fewer the more plainly they contradict
 * it; those of one group hang together, which widens the interval (Liang and Zeger 1986). Source: docs/model.md, Yours instead of assumed.
 */
final readonly class OddsFactor
{
    private const ROUNDS = 60;

    private const CLOSE = 1e-6;

    /** Spread of the logarithm of the factor from one person to another (*assumed*). */
    private const PEOPLE = 0.8;

    /** No step goes further than this in the logarithm, and the factor no further than this from what was assumed. */
    private const STRIDE = 1.0;

    private const FURTHEST = 4.0;

    /** Something tells of the factor where this makes up so much of its odds. */
    private const TELLS = 0.2;

    /**
     * @param  float  $least  of the interval it lies in 95 times of 100
     * @param  float  $most  the same
     * @param  int  $count  of things in which it makes up much of the odds
     * @param  list<string>  $groups  they are in
     * @param  float  $worth  things that what was assumed counts as beside them
     */
    private function __construct(
        public float $factor,
        public float $least,
        public float $most,
        public int $count,
        public array $groups,
        public float $worth,
    ) {}

    /**
     * @param  list<OddsSighted>  $sighted
     * @param  float  $worth  things that the assumed factor counts as
     * @return ?self null where nothing tells of it
     */
    public static function of(array $sighted, float $assumed, float $worth): ?self
    {
        $telling = array_values(
            array_filter(
                $sighted,
                static fn (OddsSighted $one): bool => $one->share * $assumed >=
                    self::TELLS * ($one->known + $one->share * $assumed),
            ),
        );
        if ($telling === []) {
            return null;
        }
        // what one of them tells on average where the factor is as assumed
        $each = self::told($telling, $assumed)[1] / count($telling);
        $alone = self::fitted($telling, $assumed, $each);
        $apart = log($alone / $assumed) / self::error($telling, $alone, $each);
        $left = $worth / (1 + $apart ** 2);
        $factor = self::fitted($telling, $assumed, $left * $each);
        $groups = array_values(array_unique(array_map(static fn (OddsSighted $one): string => $one->group, $telling)));
        $reach =
            Student::of(max(1.0, count($groups) - 1 + $left)) * self::error($telling, $factor, $left * $each);

        return new self(
            $factor,
            $factor * exp(-$reach),
            $factor * exp($reach),
            count($telling),
            $groups,
            $left,
        );
    }

    /**
     * @param  list<OddsSighted>  $sighted
     * @param  float  $held  how surely it is known without them
     */
    private static function fitted(array $sighted, float $assumed, float $held): float
    {
        $off = 0.0;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            [$slopes, $known] = self::told($sighted, $assumed * exp($off));
            $step = (array_sum($slopes) - $held * $off) / ($known + $held);
            $step = max(-self::STRIDE, min(self::STRIDE, $step));
            $next = max(-self::FURTHEST, min(self::FURTHEST, $off + $step));
            [$moved, $off] = [abs($next - $off), $next];
            if ($moved < self::CLOSE) {
                break;
            }
        }

        return $assumed * exp($off);
    }

    /**
     * @param  list<OddsSighted>  $sighted
     * @return array{array<string, float>, float} which way each group pulls the logarithm of the factor, and how well all of them know it
     */
    private static function told(array $sighted, float $factor): array
    {
        $slopes = [];
        $known = 0.0;
        foreach ($sighted as $one) {
            $odds = $one->known + $one->share * $factor;
            $own = ($one->share * $factor) / $odds;
            $likely = $odds / (1 + $odds);
            $slopes[$one->group] = ($slopes[$one->group] ?? 0.0) + ((float) $one->happened - $likely) * $own;
            $known += $likely * (1 - $likely) * $own ** 2;
        }

        return [$slopes, $known];
    }

    /**
     * Standard error of the logarithm of the factor.
     *
     * @param  list<OddsSighted>  $sighted
     */
    private static function error(array $sighted, float $factor, float $held): float
    {
        [$slopes, $known] = self::told($sighted, $factor);
        $groups = count($slopes);
        $scatter = array_sum(array_map(static fn (float $slope): float => $slope ** 2, $slopes));
        $scatter *= $groups > 1 ? $groups / ($groups - 1) : 1.0;
        // what was assumed may itself be as far off as people differ
        $scatter += $held ** 2 * self::PEOPLE ** 2;
        $sum = max(1e-12, $known + $held);

        // never surer than if each told by itself
        return sqrt(max($scatter / $sum ** 2, 1 / $sum));
    }
}
