<?php

declare(strict_types=1);

namespace RushHold\Sharpness;

/**
 * Finds a subject of one frame again in the others of its burst: on an eighth of the picture and smaller still, first near where it was
 * last, then everywhere.
 */
final class Finder
{
    private const EIGHTH = 8;

    /** A template is halved until it is no wider or higher than this, in px of the reduced picture. */
    private const WIDEST = 20;

    /**
     * It is looked for by itself first, then with this much around it, as a share of its sides: what is behind may go with it, and its
     * outline says more than its pattern. No smaller than this, in px of the reduced picture.
     */
    private const AROUND = [1.2, 2.2];

    /** What is around it may be alike without it: a likeness with it counts for so much less. */
    private const WITHOUT = 0.85;

    private const SMALLEST = 8;

    /** It is thought to be near by, within this share of the frame, unless elsewhere it is so much more alike. */
    private const NEAR = 0.2;

    private const MORE = 0.1;

    /** How far round the best coarse place it is looked for closely, in px of the eighth. */
    private const CLOSE = 3;

    /** Where it is not clearly found, it is looked for so many times as large too: it may have come nearer. */
    private const SIZES = [1.2, 0.83];

    private const CLEAR = 0.75;

    /** @param  non-empty-list<array{Box, Luminance}>  $pieces  what was cut out, with more and more around it */
    private function __construct(private readonly Box $box, private readonly array $pieces) {}

    /** @return ?self null of a subject without contrast */
    public static function of(Luminance $eighth, Box $box): ?self
    {
        $small = new Box(
            intdiv($box->x, self::EIGHTH),
            intdiv($box->y, self::EIGHTH),
            (int) ceil($box->width / self::EIGHTH),
            (int) ceil($box->height / self::EIGHTH),
        );
        $pieces = [];
        foreach (self::AROUND as $times) {
            $cut = $small->grown($times)->between(self::SMALLEST, 10_000)->inside($eighth->width, $eighth->height);
            $piece = $eighth->crop($cut->x, $cut->y, $cut->width, $cut->height);
            if (Template::of($piece) !== null) {
                $pieces[] = [$cut, $piece];
            }
        }

        return $pieces === [] ? null : new self($box, $pieces);
    }

    /** @return array{Box, Sighting} where it is in another frame of the same size, and how alike what is there */
    public function find(Luminance $eighth): array
    {
        $best = null;
        foreach ([1.0, ...self::SIZES] as $times) {
            foreach ($this->pieces as $number => [$cut, $piece]) {
                $found = $this->sized($eighth, $cut, $piece, $times, $number === 0 ? 1.0 : self::WITHOUT);
                if ($found !== null && ($best === null || $found[1]->likeness > $best[1]->likeness)) {
                    $best = $found;
                }
                if ($best !== null && $best[1]->likeness >= self::CLEAR) {
                    return $best;
                }
            }
        }
        if ($best === null) {
            return [$this->box, new Sighting($this->pieces[0][0]->x, $this->pieces[0][0]->y, 0.0)];
        }
        [$box, $there] = $best;

        return $there->isDoubtful()
            ? [$box, new Sighting($there->left, $there->top, $there->likeness, $this->elsewhere($eighth, $box))]
            : $best;
    }

    /** How alike the most alike place is whose middle is not in this: what likeness is worth in this frame. */
    private function elsewhere(Luminance $eighth, Box $box): float
    {
        $piece = $this->pieces[0][1];
        [$small, $reduced, $parts] = self::reduced($piece, $eighth);
        $around = new Box(
            intdiv($box->x, self::EIGHTH * $parts),
            intdiv($box->y, self::EIGHTH * $parts),
            (int) ceil($box->width / self::EIGHTH / $parts),
            (int) ceil($box->height / self::EIGHTH / $parts),
        );
        $found = Template::of($small)?->find($reduced, 0, 0, max($reduced->width, $reduced->height), $around);

        return $found === null
            ? 0.0
            : self::closely($piece, $eighth, $found, $parts)->likeness ?? 0.0;
    }

    /** @return array{Luminance, Luminance, int} a template and what it is looked for in, both reduced; by how much */
    private static function reduced(Luminance $piece, Luminance $eighth): array
    {
        $parts = 1;
        while (
            max($piece->width, $piece->height) > self::WIDEST &&
            min($piece->width, $piece->height) >= 2 * self::SMALLEST
        ) {
            $piece = $piece->halved();
            $eighth = $eighth->halved();
            $parts *= 2;
        }

        return [$piece, $eighth, $parts];
    }

    /** Round a place that was found in the reduced picture. */
    private static function closely(Luminance $piece, Luminance $eighth, Sighting $found, int $parts): ?Sighting
    {
        return Template::of($piece)?->find($eighth, $found->left * $parts, $found->top * $parts, $parts + self::CLOSE);
    }

    /** @return ?array{Box, Sighting} it so many times as large; null where there is no room for it */
    private function sized(Luminance $eighth, Box $cut, Luminance $piece, float $times, float $counts): ?array
    {
        $piece = $times === 1.0 ? $piece : $piece->scaled($times);
        [$small, $reduced, $parts] = self::reduced($piece, $eighth);
        $coarse = Template::of($small);
        $found = $coarse === null ? null : self::roughly($coarse, $reduced, $cut, $parts);
        $found = $found === null ? null : self::closely($piece, $eighth, $found, $parts);
        if ($found === null) {
            return null;
        }
        // where the subject lies in what was cut out with it
        $left = $this->box->x - self::EIGHTH * $cut->x;
        $top = $this->box->y - self::EIGHTH * $cut->y;

        return [
            new Box(
                (int) round(self::EIGHTH * $found->left + $times * $left),
                (int) round(self::EIGHTH * $found->top + $times * $top),
                (int) round($times * $this->box->width),
                (int) round($times * $this->box->height),
            ),
            new Sighting($found->left, $found->top, $counts * $found->likeness),
        ];
    }

    private static function roughly(Template $coarse, Luminance $reduced, Box $cut, int $parts): ?Sighting
    {
        $anywhere = $coarse->find($reduced, 0, 0, max($reduced->width, $reduced->height));
        $near = $coarse->find(
            $reduced,
            intdiv($cut->x, $parts),
            intdiv($cut->y, $parts),
            (int) (self::NEAR * $reduced->width),
        );

        return $near !== null && $anywhere !== null && $near->likeness > $anywhere->likeness - self::MORE
            ? $near
            : $anywhere;
    }
}
