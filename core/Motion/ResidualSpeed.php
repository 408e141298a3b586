<?php

declare(strict_types=1);

namespace RushHold\Motion;

/** What is left of the subject's speed on the sensor once the photographer has panned with it, in m/s at the subject. */
final readonly class ResidualSpeed
{
    /**
     * @param  float  $panMps  v_p = v_t·(1 − η(1−ε)): crossing speed that the pan does not take out
     * @param  float  $bobMps  v_b = β·v: the body's own bob and jink, and no less than it sways standing still
     * @param  float  $limbMps  speed of the limbs where they must be frozen, else 0
     */
    private function __construct(public float $panMps, public float $bobMps, public float $limbMps) {}

    /**
     * @param  float  $panning  η, 0 when the camera is not panned
     * @param  float  $erraticness  ε
     * @param  float  $bob  β
     * @param  float  $swayMps  how much it moves at the least, in m/s
     */
    public static function after(
        Travel $travel,
        float $panning,
        float $erraticness,
        float $bob,
        float $limbMps = 0.0,
        float $swayMps = 0.0,
    ): self {
        return new self(
            $travel->crossingMps() * (1 - $panning * (1 - $erraticness)),
            max($bob * $travel->speedMps, $swayMps),
            $limbMps,
        );
    }

    /** Root of the sum of squares, in m/s. */
    public function totalMps(): float
    {
        return sqrt($this->panMps ** 2 + $this->bobMps ** 2 + $this->limbMps ** 2);
    }
}
