<?php

declare(strict_types=1);

namespace RushHold\Framing;

use RushHold\Kit\Kit;
use RushHold\Rush\Entry;
use RushHold\Rush\Posture;
use RushHold\Rush\Rush;

/** The subject in the frame at the working distance: how much room there is, how much of it the subject takes, where its head is. */
final readonly class Framing
{
    /**
     * @param  float  $frameWidthM  what the frame takes in at the subject, in metres
     * @param  float  $widthM  what it covers of that from side to side; foreshortened by its bearing
     * @param  float  $depthM  how far it reaches along the lens axis
     * @param  float  $targetM  size of the patch that must be sharp
     * @param  float  $headX  head from the middle of the body in metres, positive towards the way it goes
     * @param  float  $headY  head above the middle of the body in metres
     */
    private function __construct(
        public Posture $posture,
        public float $frameWidthM,
        public float $frameHeightM,
        public float $widthM,
        public float $heightM,
        public float $depthM,
        public float $targetM,
        public float $headX,
        public float $headY,
        private bool $goesLeft,
    ) {}

    public static function of(Rush $rush, Kit $kit, float $magnification, bool $onTheMove): self
    {
        $kind = $rush->kind();
        $posture = $onTheMove ? $kind->moving : $kind->resting;
        $lengthM = $rush->subject->lengthM;
        [$along, $across, $upwards] = $posture->shares();
        [$headX, $headY] = $posture->head();
        $sine = sin(deg2rad($rush->travel->bearingDeg));
        $cosine = cos(deg2rad($rush->travel->bearingDeg));

        return new self(
            $posture,
            $kit->body->sensor->widthMm / $magnification / 1000,
            $kit->body->sensor->heightMm / $magnification / 1000,
            $lengthM * hypot($along * $sine, $across * $cosine),
            $lengthM * $upwards,
            $lengthM * hypot($along * $cosine, $across * $sine),
            $lengthM * $kind->target,
            $lengthM * $headX * $sine,
            $lengthM * $headY,
            $rush->intent->entry === Entry::Right,
        );
    }

    /** Width over the frame's width. */
    public function widthShare(): float
    {
        return $this->widthM / $this->frameWidthM;
    }

    /** Height over the frame's height. */
    public function heightShare(): float
    {
        return $this->heightM / $this->frameHeightM;
    }

    /** The fuller of both directions. */
    public function largestShare(): float
    {
        return max($this->widthShare(), $this->heightShare());
    }

    /** The patch that must be sharp over the frame's width. */
    public function targetShare(): float
    {
        return $this->targetM / $this->frameWidthM;
    }

    /** +1 when it travels to the right of the frame, −1 to the left. Where the rush does not say, to the right. */
    public function way(): int
    {
        return $this->goesLeft ? -1 : 1;
    }
}
