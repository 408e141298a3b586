<?php

declare(strict_types=1);

namespace RushHold\Statistics;

/**
 * How much each of several parts scatters, from deviations in which they stand together: the mean squares that make what was measured
 * likeliest, those too small to be measured included (Dempster, Laird and Rubin 1977). What was assumed
 * counts as so many frames, fewer the more plainly the measured ones contradict it. Deviations of one group hang together, which widens
 * the intervals (Liang and Zeger 1986). Source: docs/model.md, Yours instead of assumed.
 */
final readonly class VarianceParts
{
    private const ROUNDS = 60;

    private const CLOSE = 1e-6;

    /** Spread of the logarithm of a mean square from one person to another: a third of people have more than half as much again, or less than two
     *  thirds, of what is usual (*assumed*). */
    private const PEOPLE = 0.8;

    /** No step goes further than this in the logarithm of a mean square. */
    private const STRIDE = 1.0;

    /** What is further off than so many standard deviations is no deviation but something else. */
    private const OUTLIER = 4.0;

    /** A part tells where it makes up so much of the mean square. */
    private const TELLS = 0.2;

    /** Standard errors between what was assumed and what was measured at which the assumed counts half. */
    private const CONTRADICTS = 1.0;

    /**
     * @param  list<VariancePart>  $parts
     * @param  list<string>  $keptOut  what lies too far off to be a deviation
     */
    private function __construct(public array $parts, public array $keptOut) {}

    /**
     * @param  list<Sighted>  $sighted
     * @param  list<float>  $assumed  mean square of each part
     * @param  float  $worth  frames that each of these counts as
     */
    public static function of(array $sighted, array $assumed, float $worth): self
    {
        $keptOut = [];
        $alone = self::fitted($sighted, $assumed, array_fill(0, count($assumed), 1.0));
        for ($round = 1; $round < 3; $round++) {
            $in = array_values(array_filter($sighted, static fn (Sighted $one): bool => ! self::isOut($one, $alone)));
            if (count($in) === count($sighted)) {
                break;
            }
            array_push($keptOut, ...array_map(
                static fn (Sighted $one): string => $one->id,
                array_filter($sighted, static fn (Sighted $one): bool => self::isOut($one, $alone)),
            ));
            $sighted = $in;
            $alone = self::fitted($sighted, $assumed, array_fill(0, count($assumed), 1.0));
        }
        $spread = self::errors($sighted, $alone, array_fill(0, count($assumed), 1.0));
        $worths = [];
        foreach ($assumed as $part => $square) {
            $apart = $spread[$part] > 0 ? log($alone[$part] / $square) / $spread[$part] : 0.0;
            $worths[] = $worth / (1 + ($apart / self::CONTRADICTS) ** 2);
        }
        $squares = self::fitted($sighted, $assumed, $worths);
        $errors = self::errors($sighted, $squares, $worths);
        $parts = [];
        foreach ($squares as $part => $square) {
            [$frames, $groups] = self::telling($sighted, $squares, $part);
            $reach = Student::of(max(1.0, count($groups) - 1 + $worths[$part])) * $errors[$part];
            $parts[] = new VariancePart(
                $square,
                $square * exp(-$reach),
                $square * exp($reach),
                $frames,
                $groups,
                $worths[$part],
            );
        }

        return new self($parts, $keptOut);
    }

    /**
     * The likeliest squares, by steps of their logarithms against what they are known to (Fisher scoring).
     *
     * @param  list<Sighted>  $sighted
     * @param  list<float>  $assumed
     * @param  list<float>  $worths
     * @return list<float>
     */
    private static function fitted(array $sighted, array $assumed, array $worths): array
    {
        $squares = $assumed;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            [$slopes, $known] = self::slopes($sighted, $squares, $worths);
            $back = Matrix::inverse($known);
            // the assumed figure pulls like so many frames of it
            $pulls = [];
            foreach ($squares as $part => $square) {
                $pulls[] =
                    array_sum(array_column($slopes, $part)) +
                    ($worths[$part] / 2) * ($assumed[$part] / $square - 1);
            }
            [$moved, $next] = [0.0, []];
            foreach ($back as $part => $row) {
                $step = array_sum(array_map(static fn (float $one, float $pull): float => $one * $pull, $row, $pulls));
                $step = max(-self::STRIDE, min(self::STRIDE, $step));
                $next[] = $squares[$part] * exp($step);
                $moved = max($moved, abs($step));
            }
            $squares = $next;
            if ($moved < self::CLOSE) {
                break;
            }
        }

        return $squares;
    }

    /**
     * @param  list<Sighted>  $sighted
     * @param  list<float>  $squares
     * @param  list<float>  $worths
     * @return array{array<string, list<float>>, list<list<float>>} which way each group pulls the logarithm of each square, and how well all
     *     of them together know them
     */
    private static function slopes(array $sighted, array $squares, array $worths): array
    {
        $count = count($squares);
        $known = array_fill(0, $count, array_fill(0, $count, 0.0));
        $slopes = [];
        foreach ($sighted as $one) {
            $whole = self::whole($one, $squares);
            $off = self::square($one, $whole);
            // what was too small to be measured tells as much less as its square may still vary
            $tells = $one->off === null ? self::toldByNothing($one, $whole) : self::toldWithin($one, $whole);
            $slopes[$one->group] ??= array_fill(0, $count, 0.0);
            foreach ($one->shares as $part => $share) {
                $own = ($share * $squares[$part]) / $whole;
                $slopes[$one->group][$part] += 0.5 * $own * ($off / $whole - self::usual($one, $whole));
                foreach ($one->shares as $other => $also) {
                    $known[$part][$other] += (0.5 * $tells * $own * $also * $squares[$other]) / $whole;
                }
            }
        }
        for ($part = 0; $part < $count; $part++) {
            $known[$part][$part] += $worths[$part] / 2;
        }

        return [$slopes, array_map(array_values(...), $known)];
    }

    /**
     * @param  list<Sighted>  $sighted
     * @param  list<float>  $squares
     * @param  list<float>  $worths
     * @return list<float> standard error of the logarithm of each
     */
    private static function errors(array $sighted, array $squares, array $worths): array
    {
        [$slopes, $known] = self::slopes($sighted, $squares, $worths);
        $count = count($squares);
        $scatter = array_fill(0, $count, array_fill(0, $count, 0.0));
        $groups = count($slopes);
        $few = $groups > 1 ? $groups / ($groups - 1) : 1.0;
        foreach ($slopes as $slope) {
            for ($part = 0; $part < $count; $part++) {
                for ($other = 0; $other < $count; $other++) {
                    $scatter[$part][$other] += $few * $slope[$part] * $slope[$other];
                }
            }
        }
        for ($part = 0; $part < $count; $part++) {
            // what was assumed may itself be as far off as people differ
            $scatter[$part][$part] += ($worths[$part] / 2) ** 2 * self::PEOPLE ** 2;
        }
        $back = Matrix::inverse($known);
        $errors = [];
        for ($part = 0; $part < $count; $part++) {
            $sum = 0.0;
            for ($a = 0; $a < $count; $a++) {
                for ($b = 0; $b < $count; $b++) {
                    $sum += $back[$part][$a] * $scatter[$a][$b] * $back[$b][$part];
                }
            }
            // never surer than if every frame told by itself
            $errors[] = sqrt(max($sum, $back[$part][$part]));
        }

        return $errors;
    }

    /** Mean square of what can be seen at all, over that of all there is. */
    private static function usual(Sighted $one, float $whole): float
    {
        return is_infinite($one->within) ? 1.0 : NormalCurve::squareWithin($one->within / sqrt($whole));
    }

    /** How much of what a frame tells is left where what lies far off is never seen. */
    private static function toldWithin(Sighted $one, float $whole): float
    {
        return is_infinite($one->within)
            ? 1.0
            : max(0.02, NormalCurve::scatterWithin($one->within / sqrt($whole)) / 2);
    }

    /** How much of what a measured frame tells is told by one of which only a bound is known. */
    private static function toldByNothing(Sighted $one, float $whole): float
    {
        $b = $one->below / sqrt($whole);
        $left = NormalCurve::squareWithin($b);

        // the variance that is taken off by knowing the bound, over that of a square
        return max(0.02, min(1.0, (1 - $left) ** 2));
    }

    /**
     * @param  list<Sighted>  $sighted
     * @param  list<float>  $squares
     * @return array{int, list<string>} frames, and groups of them, in which a part is much of the whole
     */
    private static function telling(array $sighted, array $squares, int $part): array
    {
        $groups = [];
        foreach ($sighted as $one) {
            if (($one->shares[$part] * $squares[$part]) / self::whole($one, $squares) >= self::TELLS) {
                $groups[$one->group] = ($groups[$one->group] ?? 0) + 1;
            }
        }

        return [array_sum($groups), array_map(strval(...), array_keys($groups))];
    }

    /** @param  list<float>  $squares */
    private static function isOut(Sighted $one, array $squares): bool
    {
        return $one->off !== null && $one->off ** 2 > self::OUTLIER ** 2 * self::whole($one, $squares);
    }

    /** @param  list<float>  $squares */
    private static function whole(Sighted $one, array $squares): float
    {
        $whole = $one->known;
        foreach ($one->shares as $part => $share) {
            $whole += $share * $squares[$part];
        }

        return max(1e-30, $whole);
    }

    /** The square of the deviation; of one too small to be measured what it is on average. */
    private static function square(Sighted $one, float $whole): float
    {
        return $one->off !== null
            ? $one->off ** 2
            : $whole * NormalCurve::squareWithin($one->below / sqrt($whole));
    }
}
