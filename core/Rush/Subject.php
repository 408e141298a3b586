<?php

declare(strict_types=1);

namespace RushHold\Rush;

use RushHold\Document\Reader;
use RushHold\Guard;
use RushHold\Kit\Detection;

/** What moves: its kind, its size, and how many. */
final readonly class Subject
{
    /** @param  ?string  $called  what the photographer calls it, without an article; null when the kind has the word */
    private function __construct(
        public KindId $kind,
        public float $lengthM,
        public Detection $detection,
        public Detail $detail,
        public float $limbSpeedMps,
        public int $count,
        public float $depthSpreadM,
        public ?string $called = null,
    ) {}

    public static function read(Reader $subject): self
    {
        Guard::above('subject.count', $subject->whole('count'), 0.0);

        return new self(
            $subject->choice('kind', KindId::class),
            Guard::above('subject.length_m', $subject->number('length_m'), 0.0, 'm'),
            $subject->choice('detection', Detection::class),
            $subject->choice('detail', Detail::class),
            Guard::notNegative('subject.limb_speed_mps', $subject->number('limb_speed_mps'), 'm/s'),
            $subject->whole('count'),
            Guard::notNegative('subject.depth_spread_m', $subject->number('depth_spread_m'), 'm'),
            $subject->has('called') ? $subject->text('called') : null,
        );
    }
}
