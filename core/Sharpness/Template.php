<?php

declare(strict_types=1);

namespace RushHold\Sharpness;

/**
 * A piece of a picture that is looked for in others, by normalised cross-correlation: alike is what goes up and down together, however
 * bright it is and however strong its contrast. Source: docs/model.md, Sharpness of a frame.
 */
final readonly class Template
{
    /**
     * Between places that are looked at first, in pixels, the fewer the more there would be to look at: up to so many pixels of the
     * template over all places. Round the best of them every pixel is.
     */
    private const STRIDES = [1 => 8e5, 2 => 5e6];

    private const FURTHEST = 3;

    /** How many of the first places are looked at more closely. */
    private const CLOSER = 4;

    /** Places with less than this share of its own contrast are less alike by as much. */
    private const CONTRAST = 0.4;

    /** @param  list<float>  $values  less their mean */
    private function __construct(
        private int $width,
        private int $height,
        private array $values,
        private float $length,
    ) {}

    /** Null of a piece without any contrast: it looks like everything. */
    public static function of(Luminance $piece): ?self
    {
        $mean = array_sum($piece->values) / max(1, count($piece->values));
        $values = array_map(static fn (float|int $value): float => $value - $mean, $piece->values);
        $length = sqrt(array_sum(array_map(static fn (float $value): float => $value * $value, $values)));

        return $length < 1e-6 ? null : new self($piece->width, $piece->height, $values, $length);
    }

    /**
     * The most alike place whose corner lies within this many pixels of a corner, all of it inside the picture; null where there is no
     * room for one.
     *
     * @param  ?Box  $beside  none whose middle lies in it
     */
    public function find(Luminance $picture, int $left, int $top, int $within, ?Box $beside = null): ?Sighting
    {
        [$from, $to] = [max(0, $left - $within), min($picture->width - $this->width, $left + $within)];
        [$above, $below] = [max(0, $top - $within), min($picture->height - $this->height, $top + $within)];
        if ($from > $to || $above > $below) {
            return null;
        }
        $stride = $this->stride(($to - $from + 1) * ($below - $above + 1));
        $found = $this->among($picture, [$from, $to], [$above, $below], $stride);
        $found = $beside === null
            ? $found
            : array_values(array_filter($found, fn (Sighting $one): bool => ! $this->lies($one, $beside)));
        $best = $found[0] ?? null;
        if ($stride === 1 || $best === null) {
            return $best;
        }
        $near = $stride - 1;
        foreach (array_slice($found, 0, self::CLOSER) as $one) {
            $across = [max($from, $one->left - $near), min($to, $one->left + $near)];
            $down = [max($above, $one->top - $near), min($below, $one->top + $near)];
            $closer = $this->among($picture, $across, $down, 1)[0];
            $best = $closer->likeness > $best->likeness ? $closer : $best;
        }

        return $best;
    }

    /** Whether it would have its middle in a box there. */
    private function lies(Sighting $there, Box $in): bool
    {
        return $in->holds($there->left + $this->width / 2, $there->top + $this->height / 2);
    }

    private function stride(int $places): int
    {
        foreach (self::STRIDES as $stride => $most) {
            if (($places * count($this->values)) / $stride ** 2 <= $most) {
                return $stride;
            }
        }

        return self::FURTHEST;
    }

    /**
     * @param  array{int, int}  $across  first and last corner that is looked at
     * @param  array{int, int}  $down
     * @return non-empty-list<Sighting> the most alike first
     */
    private function among(Luminance $picture, array $across, array $down, int $stride): array
    {
        $found = [];
        for ($y = $down[0]; $y <= $down[1]; $y += $stride) {
            for ($x = $across[0]; $x <= $across[1]; $x += $stride) {
                $found[] = new Sighting($x, $y, $this->likeness($picture, $x, $y));
            }
        }
        usort($found, static fn (Sighting $a, Sighting $b): int => $b->likeness <=> $a->likeness);

        return $found === [] ? [new Sighting($across[0], $down[0], 0.0)] : $found;
    }

    private function likeness(Luminance $picture, int $left, int $top): float
    {
        $sum = $squares = $product = 0.0;
        $mine = 0;
        $theirs = $picture->values;
        for ($row = 0; $row < $this->height; $row++) {
            $at = ($top + $row) * $picture->width + $left;
            for ($end = $at + $this->width; $at < $end; $at++) {
                $value = $theirs[$at];
                $sum += $value;
                $squares += $value * $value;
                $product += $value * $this->values[$mine++];
            }
        }
        $spread = $squares - $sum ** 2 / count($this->values);

        // the template has no mean, so that the mean of the other drops out of the product; hardly any contrast is like everything
        return $spread < 1e-6
            ? 0.0
            : ($product / sqrt($spread) / $this->length) * min(1.0, sqrt($spread) / (self::CONTRAST * $this->length));
    }
}
