<?php

declare(strict_types=1);

namespace RushHold\Sharpness;

/** How sharp a frame is here and there: tiles side by side, each with the diameter of the disc that blurs it. */
final readonly class BlurMap
{
    public const COLUMNS = 9;

    public const ROWS = 6;

    /** How much of a tile is looked at, in px to a side. */
    private const SIDE = 64;

    /** What is looked at to tell what all around is blurred by, in px to a side; and in how many of the tiles. */
    private const LARGER = 128;

    private const MOST = 4;

    /** Wide blur is looked at so many times as large at the most, a movement that is longer than can be told there in so many times. */
    private const WIDEST = 2;

    private const LONGEST = 4;

    /** From pixel to pixel, so that noise counts less than what stands there. */
    private const APART = 12;

    /** No less of it differs from pixel to pixel where there is something to see, in brightness. */
    private const STIR = 1.0;

    /**
     * @param  ?Picture  $picture  null of one that is only told of: it can no longer be looked at
     * @param  list<?float>  $discPx  row by row; null where nothing stands
     * @param  list<float>  $stirs  how much each tile differs from pixel to pixel, in brightness
     * @param  array<int, BlurFound>  $close  what blurs some tiles, looked at more closely
     */
    private function __construct(
        private int $width,
        private int $height,
        private ?Picture $picture,
        public array $discPx,
        private array $stirs,
        private array $close = [],
    ) {}

    /**
     * One that has been kept without its picture.
     *
     * @param  list<?float>  $discPx  row by row
     * @param  array<int, BlurFound>  $close  what blurs some tiles, looked at more closely
     */
    public static function told(int $width, int $height, array $discPx, array $close): self
    {
        return new self($width, $height, null, $discPx, [], $close);
    }

    public static function of(Picture $picture): self
    {
        $pieces = $stirs = [];
        $tiles = range(0, self::ROWS * self::COLUMNS - 1);
        foreach ($tiles as $tile) {
            $piece = self::piece($picture, $tile, self::SIDE);
            $stirs[] = $piece === null ? 0.0 : self::stir($piece);
            if ($piece !== null && $stirs[$tile] > self::STIR) {
                $pieces[$tile] = $piece;
            }
        }
        $discs = BlurMeter::discs($pieces, self::SIDE);

        return new self(
            $picture->width(),
            $picture->height(),
            $picture,
            array_map(static fn (int $tile): ?float => $discs[$tile] ?? null, $tiles),
            $stirs,
        );
    }

    /** @return array{float, float} the middle of a tile, as shares of the frame */
    public static function middle(int $tile): array
    {
        return [
            (($tile % self::COLUMNS) + 0.5) / self::COLUMNS,
            (intdiv($tile, self::COLUMNS) + 0.5) / self::ROWS,
        ];
    }

    /** @return array{float, float} from the middle of this to a place in the frame, in px to the right and downwards */
    public function from(Box $box, float $x, float $y): array
    {
        return [$x * $this->width - $box->middleX(), $y * $this->height - $box->middleY()];
    }

    /** What blurs everything along the border of the frame alike, away from this; null where nothing stands there. */
    public function outside(Box $box): ?BlurFound
    {
        $picture = $this->picture;
        if ($picture === null) {
            return null;
        }
        $tiles = array_filter(
            $this->tilesOutside($box),
            fn (int $tile): bool => $this->stirs[$tile] > self::STIR && self::isAtBorder($tile),
        );
        usort($tiles, fn (int $one, int $other): int => $this->stirs[$other] <=> $this->stirs[$one]);
        $tiles = array_slice($tiles, 0, self::MOST);
        $found = null;
        for ($times = 1; $times <= self::LONGEST; $times *= 2) {
            if ($times > self::WIDEST && ! BlurMeter::isAtEnd($found, $times)) {
                break;
            }
            $pieces = [];
            foreach ($tiles as $tile) {
                $pieces[] = self::around($picture, $tile, $times);
            }
            $now = $pieces === [] ? null : BlurMeter::together($pieces)?->enlarged($times);
            // a line that is longer than can be told looks like a short one
            $isShort = $found !== null && $now !== null && $found->totalPx() < BlurMeter::WIDE_PX;
            $found = $isShort ? BlurMeter::longer($found, $now, true) : $now ?? $found;
            $isNarrow = $found !== null && $found->totalPx() < BlurMeter::WIDE_PX * $times;
            if ($isNarrow && ! BlurMeter::mayBeLonger($found)) {
                break;
            }
        }

        return $found;
    }

    /** What blurs a tile, looked at more closely; null where nothing stands, or nobody has looked while there was a picture. */
    public function closely(int $tile): ?BlurFound
    {
        return $this->picture === null
            ? $this->close[$tile] ?? null
            : BlurMeter::together([self::around($this->picture, $tile, 1)]);
    }

    /**
     * The sharpest tiles away from this, sharpest first.
     *
     * @return list<int>
     */
    public function sharpest(Box $box, int $most): array
    {
        $tiles = array_values(
            array_filter($this->tilesOutside($box), fn (int $tile): bool => $this->discPx[$tile] !== null),
        );
        usort($tiles, fn (int $one, int $other): int => $this->discPx[$one] <=> $this->discPx[$other]);

        return array_slice($tiles, 0, $most);
    }

    /** A window round the middle of a tile, so many times as large and reduced by as much; moved inside where it would not fit. */
    private static function around(Picture $picture, int $tile, int $times): Luminance
    {
        [$width, $height] = [$picture->width(), $picture->height()];
        [$x, $y] = self::middle($tile);
        $side = self::LARGER * $times;
        $box = Box::around($x * $width, $y * $height, $side, $width, $height);
        $piece = $picture->piece($box->x, $box->y, $box->width, $box->height);
        for (; $times > 1; $times = intdiv($times, 2)) {
            $piece = $piece->halved();
        }

        return $piece;
    }

    /** @return list<int> tiles whose middle lies outside of it, and does not touch it */
    public function tilesOutside(Box $box): array
    {
        [$width, $height] = [$this->width, $this->height];
        $near = new Box(
            $box->x - intdiv(self::LARGER, 2),
            $box->y - intdiv(self::LARGER, 2),
            $box->width + self::LARGER,
            $box->height + self::LARGER,
        );
        $tiles = [];
        for ($tile = 0; $tile < self::ROWS * self::COLUMNS; $tile++) {
            [$x, $y] = self::middle($tile);
            if (! $near->holds($x * $width, $y * $height)) {
                $tiles[] = $tile;
            }
        }

        return $tiles;
    }

    private static function isAtBorder(int $tile): bool
    {
        return in_array($tile % self::COLUMNS, [0, self::COLUMNS - 1], true) ||
            in_array(intdiv($tile, self::COLUMNS), [0, self::ROWS - 1], true);
    }

    private static function piece(Picture $picture, int $tile, int $side): ?Luminance
    {
        [$x, $y] = self::middle($tile);
        $left = (int) ($x * $picture->width()) - intdiv($side, 2);
        $top = (int) ($y * $picture->height()) - intdiv($side, 2);
        $piece = $picture->piece($left, $top, $side, $side);

        return $left < 0 || $top < 0 || $piece->width < $side || $piece->height < $side ? null : $piece;
    }

    private static function stir(Luminance $piece): float
    {
        $sum = 0.0;
        $end = count($piece->values) - self::APART;
        for ($at = 0; $at < $end; $at += 3) {
            $sum += abs($piece->values[$at + self::APART] - $piece->values[$at]);
        }

        return $sum / max(1, $end / 3) - M_SQRT2 * $piece->noise();
    }
}
