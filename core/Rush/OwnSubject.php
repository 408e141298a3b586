<?php

declare(strict_types=1);

namespace RushHold\Rush;

use RushHold\Document\Reader;
use RushHold\Guard;
use RushHold\Kit\Detection;

/** A subject of somebody's own: which kind it moves most like, and its own size and speeds. */
final readonly class OwnSubject
{
    /** Most characters of what it is called. */
    public const NAME = 40;

    private function __construct(
        public KindId $kind,
        public float $lengthM,
        public float $speedMps,
        public ?float $burstMps,
        public float $limbMps,
        public Detection $detection,
    ) {}

    /**
     * @param  array<mixed>  $document  kind, length_m, speed_mps, burst_mps where it is known, limb_speed_mps, detection
     *
     * @throws \RushHold\Faults\Fault naming the first field that is amiss
     */
    public static function fromArray(array $document): self
    {
        $own = Reader::of($document);

        return new self(
            $own->choice('kind', KindId::class),
            Guard::between('length_m', $own->number('length_m'), 0.001, 100.0, 'm'),
            Guard::between('speed_mps', $own->number('speed_mps'), 0.0, 400.0, 'm/s'),
            $own->optional('burst_mps', 0.0, 400.0, 'm/s'),
            Guard::between('limb_speed_mps', $own->number('limb_speed_mps'), 0.0, 400.0, 'm/s'),
            $own->choice('detection', Detection::class),
        );
    }

    /** @return array<string, string|float> */
    public function toArray(): array
    {
        return [
            'kind' => $this->kind->value,
            'length_m' => $this->lengthM,
            'speed_mps' => $this->speedMps,
            ...$this->burstMps === null ? [] : ['burst_mps' => $this->burstMps],
            'limb_speed_mps' => $this->limbMps,
            'detection' => $this->detection->value,
        ];
    }
}
