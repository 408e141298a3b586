<?php

declare(strict_types=1);

namespace RushHold\Framing;

use RushHold\Assumptions\Assumptions;
use RushHold\Kit\Kit;
use RushHold\Rush\Entry;
use RushHold\Rush\Posture;
use RushHold\Rush\Rush;

/** The subject in the frame at the working distance: how much room there is, how much of it the subject takes, where its head is. */
final readonly class Framing
{
    /** Sine of the bearing below which it shows its front or its back, within 30° of the line of sight. */
    private const END_ON = 0.5;

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
        public bool $isEndOn,
    ) {}

    public static function of(
        Rush $rush,
        Kit $kit,
        Assumptions $assumptions,
        float $magnification,
        bool $onTheMove,
    ): self {
        $facingDeg = $rush->facingDeg($assumptions->value('motion.travels'));
        $kind = $rush->kind();
        $posture = $onTheMove ? $kind->moving : $kind->resting;
        $lengthM = $rush->subject->lengthM;
        [
            'along' => $along,
            'across' => $across,
            'upwards' => $upwards,
            'head_forwards' => $headX,
            'head_up' => $headY,
        ] = $assumptions->posture($posture);
        $sine = sin(deg2rad($facingDeg));
        $cosine = cos(deg2rad($facingDeg));

        return new self(
            $posture,
            $kit->body->sensor->widthMm / $magnification / 1000,
            $kit->body->sensor->heightMm / $magnification / 1000,
            $lengthM * hypot($along * $sine, $across * $cosine),
            $lengthM * $upwards,
            $lengthM * hypot($along * $cosine, $across * $sine),
            $lengthM * $assumptions->value('patch.'.$kind->id),
            $lengthM * $headX * $sine,
            $lengthM * $headY,
            $rush->intent->entry === Entry::Right,
            abs($sine) < self::END_ON,
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
