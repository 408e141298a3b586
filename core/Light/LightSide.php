<?php

declare(strict_types=1);

namespace RushHold\Light;

/** From which side the sun falls on what is photographed along a bearing. */
final readonly class LightSide
{
    /** Light from behind the camera under this angle, from behind the subject over 180° less it. */
    private const SIDE_FROM_DEG = 45.0;

    /** A sun nearer to where the lens points than this is a danger to eyes, and to the camera. */
    public const DANGER_DEG = 12.0;

    private function __construct(
        /** Between where the sun's light goes and where the lens points, 0 to 180: 0 with the sun at your back. */
        public float $angleDeg,
        public bool $isFront,
        public bool $isBack,
        /** Whether the sun stands where the lens points, and can be seen. */
        public bool $isDangerous,
    ) {}

    /** @param  float  $bearingDeg  where the lens points, from true north */
    public static function of(Sun $sun, float $bearingDeg, Horizon $horizon): self
    {
        $fromSun = Angle::between($sun->azimuthDeg, $bearingDeg);
        $angle = 180.0 - $fromSun;

        return new self(
            $angle,
            $angle < self::SIDE_FROM_DEG,
            $angle > 180.0 - self::SIDE_FROM_DEG,
            $fromSun <= self::DANGER_DEG && $sun->apparentDeg() > 0 && ! $horizon->hides($sun),
        );
    }
}
