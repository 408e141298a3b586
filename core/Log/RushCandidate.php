<?php

declare(strict_types=1);

namespace RushHold\Log;

/** A rush a burst may have been taken for, as far as a file can tell. */
final readonly class RushCandidate
{
    /**
     * @param  ?string  $body  of its kit, as the files of that body name it; null when nobody has matched one yet
     * @param  ?string  $lens  the same of its lens
     * @param  float  $focalLeastMm  what its lens with its converter can be set to
     * @param  float  $focalMostMm  up to here
     * @param  float  $shutterS  of its hold
     * @param  float  $fNumber  of its hold
     * @param  list<array{float, float}>  $turns  when it was due on its outings, in seconds since 1970
     */
    public function __construct(
        public string $id,
        public ?string $body,
        public ?string $lens,
        public float $focalLeastMm,
        public float $focalMostMm,
        public float $shutterS,
        public float $fNumber,
        public array $turns = [],
    ) {}
}
