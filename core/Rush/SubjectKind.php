<?php

declare(strict_types=1);

namespace RushHold\Rush;

use RushHold\Kit\Detection;
use RushHold\Motion\Gait;

/** What is usual for one kind of subject. The rush may override every number. */
final readonly class SubjectKind
{
    /**
     * @param  string  $id  catalogue id as in rush/1
     * @param  string  $words  as it stands in a sentence, with its article
     * @param  Span  $lengthM  the length that matters in the frame, in metres
     * @param  Span  $speedMps  own speed in m/s
     * @param  Span  $limbMps  speed of wing tips, hands, hooves or wheels against the body, in m/s
     * @param  string  $limbs  what those are called
     * @param  float  $target  size of the patch that must be sharp, as a share of the length; *assumed*
     * @param  Span  $burstMps  speed soon after it goes from rest, in m/s
     * @param  float  $swayMps  the least of what lives: it sways, blinks, turns its head, in m/s; *assumed*
     * @param  bool  $handled  whether somebody leads or rides it and decides for it
     * @param  bool  $rooted  whether it never leaves its place: its speed is that of its swaying
     */
    public function __construct(
        public string $id,
        public string $words,
        public Family $family,
        public Detection $detection,
        public Gait $gait,
        public Span $lengthM,
        public Span $speedMps,
        public Span $limbMps,
        public string $limbs,
        public Posture $moving,
        public Posture $resting,
        public AimRule $aim,
        public float $target,
        public Span $burstMps,
        public float $swayMps,
        public bool $handled = false,
        public bool $rooted = false,
    ) {}

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'words' => $this->words,
            'family' => $this->family->value,
            'detection' => $this->detection->value,
            'gait' => $this->gait->value,
            'length_m' => $this->lengthM->toArray(),
            'speed_mps' => $this->speedMps->toArray(),
            'burst_mps' => $this->burstMps->toArray(),
            'limb_speed_mps' => $this->limbMps->toArray(),
            'limbs' => $this->limbs,
            'rooted' => $this->rooted,
        ];
    }
}
