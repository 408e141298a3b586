<?php

declare(strict_types=1);

namespace RushHold\Sharpness;

/**
 * Which disc and which line, together, explain a spectrum best. What has not been blurred falls with the length of its waves in the same
 * way wherever one looks (power ~ f^−2.2), more strongly in some directions than in others; the noise hides what is weaker than it.
 * Source: docs/model.md, Sharpness of a frame.
 */
final class BlurFit
{
    /** How the power of natural scenes falls with the frequency (*assumed*; Field 1987 has 2, near by 1.8 to 2.6). */
    private const FALLS = 2.2;

    /** What the pixels themselves blur, as a spread in px. */
    private const PIXEL = 0.55;

    /** A wave counts from so many times the power of the noise on; less of it than the second tells nothing. */
    private const OVER_NOISE = 2.0;

    private const HIDDEN = 0.3;

    /** How far a bin may be off by what the scene is like, in logarithms of power; and how far directions may differ. */
    private const SCENE = 0.35;

    private const DIRECTIONS = 0.5;

    /** Further off than this, it is something of its own and counts no more with its square. */
    private const TAIL = 1.0;

    /** Bins over the noise a spectrum must have, and sectors with two. */
    private const FEWEST = 20;

    private const FEWEST_SECTORS = 8;

    /** A line is only believed where it explains more by this, in squares of logarithms a bin: a scene has lines of its own. */
    private const LINE = 0.016;

    /** Lines and turns are first looked at in these steps. */
    private const COARSE = 2;

    private readonly int $rings;

    private readonly Fading $fading;

    /** @var list<float> by bin: the logarithm of what is there, less what nature and the pixels do to it */
    private array $there = [];

    /** @var list<float> the same of what the noise hides */
    private array $hidden = [];

    /** @var list<float> what a bin weighs */
    private array $weights = [];

    /** @var list<float> the same of those over the noise, 0 of others */
    private array $over = [];

    /** @var list<float> by sector: all of those */
    private array $overBySector = [];

    /** @var list<float> by sector: what is there, times those */
    private array $thereBySector = [];

    /** @var array<int, list<float>> by disc and sector: what it fades, times those */
    private array $fadedByDisc = [];

    /** @var array<int, array<int, array<int, float>>> by line, how far it is turned from a sector, and sector: what it fades, times those */
    private array $fadedByLine = [];

    /** @var array<int, float> by place: what has been looked at */
    private array $known = [];

    /** @var array<int, float> by place: what it costs at the least, where nobody wanted to know more */
    private array $least = [];

    private function __construct(Spectrum $spectrum, float $noise)
    {
        $this->rings = count($spectrum->rings->waves);
        $this->fading = Fading::of($spectrum->side);
        $grain = $noise ** 2 * $spectrum->grain;
        $hidden = log(self::HIDDEN * $grain);
        $falls = array_map(
            static fn (float $wave): float => self::FALLS * log($wave) + (2 * M_PI * self::PIXEL * $wave) ** 2,
            $spectrum->rings->waves,
        );
        foreach ($spectrum->power as $bin => $power) {
            $fall = $falls[$bin % $this->rings];
            $count = $spectrum->rings->counts[$bin];
            $weight = $count > 0 ? 1 / (2 / $count + self::SCENE ** 2) : 0.0;
            $this->there[] = log(max($power - $grain, self::HIDDEN * $grain)) + $fall;
            $this->hidden[] = $hidden + $fall;
            $this->weights[] = $weight;
            $this->over[] = $power > self::OVER_NOISE * $grain ? $weight : 0.0;
        }
        foreach (array_chunk($this->over, max(1, $this->rings)) as $sector => $ofSector) {
            $this->overBySector[] = array_sum($ofSector);
            $there = array_slice($this->there, $sector * $this->rings, $this->rings);
            $this->thereBySector[] = $this->weighed($sector, $there);
        }
    }

    /** @param  float  $noise  what is weaker is hidden by it, in brightness */
    public static function of(Spectrum $spectrum, float $noise): ?BlurFound
    {
        $fit = new self($spectrum, $noise);

        return $fit->says() ? $fit->found() : null;
    }

    /** The disc alone, in px, where nobody asks for more. */
    public static function disc(Spectrum $spectrum, float $noise): ?float
    {
        $fit = new self($spectrum, $noise);
        if (! $fit->says()) {
            return null;
        }

        return $fit->between($fit->fading->discs, $fit->bestDisc(), fn (int $at): float => $fit->cost($at, 0, 0));
    }

    /** Whether enough waves stand over the noise, in enough directions. */
    private function says(): bool
    {
        $sectors = $bins = 0;
        foreach (array_chunk($this->over, max(1, $this->rings)) as $ofSector) {
            $count = count(array_filter($ofSector, static fn (float $weight): bool => $weight > 0));
            $bins += $count;
            $sectors += $count >= 2 ? 1 : 0;
        }

        return $bins >= self::FEWEST && $sectors >= self::FEWEST_SECTORS;
    }

    private function found(): BlurFound
    {
        $disc = $this->bestDisc();
        $alone = $this->cost($disc, 0, 0);
        [$cost, $best] = $this->climbed([$disc, 0, 0]);
        foreach ([$this->bestLine(0), $this->bestLine($disc)] as $start) {
            [$other, $there] = $this->climbed($start);
            if ($other < $cost) {
                [$cost, $best] = [$other, $there];
            }
        }
        $bins = array_sum($this->weights);
        if ($alone - $cost < self::LINE * $bins) {
            [$cost, $best] = [$alone, [$disc, 0, 0]];
        }
        [$disc, $line, $turn] = $best;

        return new BlurFound(
            $this->between($this->fading->discs, $disc, fn (int $at): float => $this->cost($at, $line, $turn)),
            $line === 0
                ? 0.0
                : $this->between($this->fading->lines, $line, fn (int $at): float => $this->cost($disc, $at, $turn)),
            $line === 0 ? 0.0 : (180 * $turn) / Fading::TURNS,
            $cost / $bins,
            ($alone - $cost) / $bins,
        );
    }

    /** Without a line. */
    private function bestDisc(): int
    {
        [$least, $best] = [INF, 0];
        foreach (array_keys($this->fading->discs) as $disc) {
            $cost = $this->cost($disc, 0, 0, $least);
            if ($cost < $least) {
                [$least, $best] = [$cost, $disc];
            }
        }

        return $best;
    }

    /** @return array{int, int, int} with this disc */
    private function bestLine(int $disc): array
    {
        [$least, $best] = [INF, [$disc, 0, 0]];
        for ($line = 1; $line < count($this->fading->lines); $line += self::COARSE) {
            for ($turn = 0; $turn < Fading::TURNS; $turn += self::COARSE) {
                $cost = $this->cost($disc, $line, $turn, $least);
                if ($cost < $least) {
                    [$least, $best] = [$cost, [$disc, $line, $turn]];
                }
            }
        }

        return $best;
    }

    /**
     * From neighbour to better neighbour, as long as there is one.
     *
     * @param  array{int, int, int}  $from  disc, line, turn
     * @return array{float, array{int, int, int}} cost and place
     */
    private function climbed(array $from): array
    {
        [$discs, $lines] = [count($this->fading->discs), count($this->fading->lines)];
        $least = $this->cost(...$from);
        do {
            $best = $from;
            [$disc, $line, $turn] = $from;
            foreach ([-1, 0, 1] as $wider) {
                foreach ([-1, 0, 1] as $longer) {
                    foreach ([-1, 0, 1] as $turned) {
                        $there = [
                            max(0, min($discs - 1, $disc + $wider)),
                            max(0, min($lines - 1, $line + $longer)),
                            ($turn + $turned + Fading::TURNS) % Fading::TURNS,
                        ];
                        $cost = $this->cost($there[0], $there[1], $there[2], $least - 1e-9);
                        if ($cost < $least - 1e-9) {
                            [$least, $best] = [$cost, $there];
                        }
                    }
                }
            }
            $moved = $best !== $from;
            $from = $best;
        } while ($moved);

        return [$least, $from];
    }

    /**
     * Where between the sizes beside it the cost would be least, by a parabola.
     *
     * @param  list<float>  $sizes
     * @param  \Closure(int): float  $cost
     */
    private function between(array $sizes, int $at, \Closure $cost): float
    {
        [$smaller, $larger] = [$sizes[$at - 1] ?? null, $sizes[$at + 1] ?? null];
        if ($smaller === null || $larger === null) {
            return $sizes[$at] ?? 0.0;
        }
        [$before, $here, $after] = [$cost($at - 1), $cost($at), $cost($at + 1)];
        $bend = $before - 2 * $here + $after;
        $off = $bend > 1e-12 ? max(-0.5, min(0.5, ($before - $after) / 2 / $bend)) : 0.0;

        return $sizes[$at] + $off * ($off < 0 ? $sizes[$at] - $smaller : $larger - $sizes[$at]);
    }

    /**
     * How badly this disc and this line explain what is there: squares of what is off, in logarithms of power.
     *
     * @param  float  $limit  from here on nobody wants to know how much more
     * @return float what it costs, or what it costs at the least where that is no less than the limit
     */
    private function cost(int $disc, int $line, int $turn, float $limit = INF): float
    {
        $turn = $line === 0 ? 0 : $turn;
        $place = ($disc * count($this->fading->lines) + $line) * Fading::TURNS + $turn;
        if (isset($this->known[$place])) {
            return $this->known[$place];
        }
        if (($this->least[$place] ?? -INF) >= $limit) {
            return $this->least[$place];
        }
        [$cost, $isAll] = $this->reckoned($disc, $line, $turn, $limit);
        if ($isAll) {
            $this->known[$place] = $cost;
        } else {
            $this->least[$place] = $cost;
        }

        return $cost;
    }

    /** @return array{float, bool} what it costs, and whether that is all of it */
    private function reckoned(int $disc, int $line, int $turn, float $limit): array
    {
        $strengths = $this->strengths($disc, $line, $turn);
        $all = array_sum($strengths) / max(1e-9, array_sum($this->overBySector));
        $pull = 1 / self::DIRECTIONS ** 2;
        $rings = $this->rings;
        $byDisc = $this->fading->byDisc[$disc];
        [$there, $hidden, $weights] = [$this->there, $this->hidden, $this->weights];
        $cost = 0.0;
        for ($sector = 0, $bin = 0; $sector < Rings::SECTORS; $sector++) {
            if ($cost >= $limit) {
                return [$cost, false];
            }
            $strength = ($strengths[$sector] + $pull * $all) / ($this->overBySector[$sector] + $pull);
            $cost += ($pull * ($strength - $all) ** 2) / 2;
            $byLine = $this->fading->byLine[$line][Fading::from($turn, $sector)];
            for ($ring = 0; $ring < $rings; $ring++, $bin++) {
                $would = $byDisc[$ring] + $byLine[$ring] + $strength;
                $off = $there[$bin] - ($would > $hidden[$bin] ? $would : $hidden[$bin]);
                $off = $off < 0 ? -$off : $off;
                $cost += $weights[$bin] * ($off < self::TAIL ? ($off * $off) / 2 : $off - self::TAIL / 2);
            }
        }

        return [$cost, true];
    }

    /** @return list<float> by sector: what is there over the noise, before this disc and this line faded it, weighed and added up */
    private function strengths(int $disc, int $line, int $turn): array
    {
        $byDisc = $this->fadedByDisc[$disc] ??= array_map(
            fn (int $sector): float => $this->weighed($sector, $this->fading->byDisc[$disc]),
            range(0, Rings::SECTORS - 1),
        );
        $strengths = [];
        foreach ($this->thereBySector as $sector => $there) {
            $from = Fading::from($turn, $sector);
            $byLine = $this->fadedByLine[$line][$from][$sector] ??= $this->weighed(
                $sector,
                $this->fading->byLine[$line][$from],
            );
            $strengths[] = $there - $byDisc[$sector] - $byLine;
        }

        return $strengths;
    }

    /**
     * Of what stands over the noise in a sector.
     *
     * @param  list<float>  $values  by ring
     */
    private function weighed(int $sector, array $values): float
    {
        $sum = 0.0;
        $bin = $sector * $this->rings;
        foreach ($values as $value) {
            $sum += $this->over[$bin++] * $value;
        }

        return $sum;
    }
}
