<?php

declare(strict_types=1);

namespace RushHold\Counts;

/**
 * What the bursts of one kind add up to: enough to tell their share of sharp frames and how far to believe it, and never more numbers than
 * these, however many bursts there are. All are whole, so that adding and taking away in any order leaves the same.
 */
final readonly class Cell
{
    /** Sharp frames times themselves over frames are kept to a millionth. */
    public const PARTS = 1_000_000;

    /**
     * @param  int  $squares  of the frames of each burst
     * @param  int  $parts  of each burst its sharp frames times themselves over its frames, in millionths
     */
    public function __construct(
        public int $bursts = 0,
        public int $frames = 0,
        public int $keepers = 0,
        public int $squares = 0,
        public int $parts = 0,
    ) {}

    /** One burst; one without frames adds nothing. */
    public static function ofBurst(int $frames, int $keepers): self
    {
        return $frames === 0
            ? new self()
            : new self(1, $frames, $keepers, $frames ** 2, intdiv(self::PARTS * $keepers ** 2, $frames));
    }

    public function plus(self $other): self
    {
        return new self(
            $this->bursts + $other->bursts,
            $this->frames + $other->frames,
            $this->keepers + $other->keepers,
            $this->squares + $other->squares,
            $this->parts + $other->parts,
        );
    }

    public function minus(self $other): self
    {
        return $this->plus(
            new self(-$other->bursts, -$other->frames, -$other->keepers, -$other->squares, -$other->parts),
        );
    }

    /** Share of frames that are sharp, 0 without any. */
    public function share(): float
    {
        return $this->keepers / max(1, $this->frames);
    }

    /** Frames of the burst that an average frame is in. */
    public function framesAround(): float
    {
        return $this->frames === 0 ? 1.0 : $this->squares / $this->frames;
    }

    /**
     * How alike the frames of one burst are in being sharp: 0 where they are no more alike than any two, 1 where they live and die together.
     * Null where nothing scatters, or no burst has a second frame. Source: analysis of variance (Fleiss 1981, intraclass correlation).
     */
    public function alike(): ?float
    {
        $within = $this->frames - $this->bursts;
        if ($this->bursts < 2 || $within < 1 || $this->keepers === 0 || $this->keepers === $this->frames) {
            return null;
        }
        $explained = $this->parts / self::PARTS;
        $between = ($explained - $this->keepers ** 2 / $this->frames) / ($this->bursts - 1);
        $inside = ($this->keepers - $explained) / $within;
        $size = ($this->frames - $this->squares / $this->frames) / ($this->bursts - 1);
        $below = $between + ($size - 1) * $inside;

        return $below <= 0 ? null : max(0.0, min(1.0, ($between - $inside) / $below));
    }

    /** @return array{bursts: int, frames: int, keepers: int, squares: int, parts: int} */
    public function toArray(): array
    {
        return [
            'bursts' => $this->bursts,
            'frames' => $this->frames,
            'keepers' => $this->keepers,
            'squares' => $this->squares,
            'parts' => $this->parts,
        ];
    }
}
