<?php

declare(strict_types=1);

namespace RushHold\Outing;

use RushHold\Light\LightSide;
use RushHold\Light\Sun;
use RushHold\Light\Turbulence;
use RushHold\Rush\LightDirection;

/** Light and air at one spot in one moment. */
final readonly class Moment
{
    /**
     * @param  float  $evOpen  light where nothing but the sky stands before the sun, as an exposure value at ISO 100
     * @param  float  $ev100  light at the spot
     * @param  bool  $isShaded  whether the horizon line stands before a sun that is up
     * @param  bool  $isSided  whether there is direct light, so that it comes from a side
     */
    public function __construct(
        public float $unixS,
        public Sun $sun,
        public Weather $weather,
        public float $evOpen,
        public float $ev100,
        public bool $isShaded,
        public bool $isSided,
        public LightSide $side,
        public Turbulence $turbulence,
    ) {}

    /** From which side the light falls; null where there is no direct light, so that it comes from none. */
    public function lightFrom(): ?LightDirection
    {
        return match (true) {
            ! $this->isSided => null,
            $this->side->isBack => LightDirection::Back,
            $this->side->isFront => LightDirection::Front,
            default => LightDirection::Side,
        };
    }
}
