<?php

declare(strict_types=1);

namespace RushHold\Statistics;

/** The share that lies behind a count, with its 95 % interval (Wilson 1927). */
final readonly class WilsonInterval
{
    /** Standard deviations of a two-sided 95 %. */
    public const Z = 1.959964;

    private function __construct(public float $share, public float $least, public float $most) {}

    /**
     * @param  float  $hits  of so many tries
     * @param  float  $tries  fewer than were made where tries hang together and so tell less; without any, nothing is known
     */
    public static function of(float $hits, float $tries): self
    {
        if ($tries <= 0) {
            return new self(0.0, 0.0, 1.0);
        }
        $share = $hits / $tries;
        $below = 1 + self::Z ** 2 / $tries;
        $middle = ($share + self::Z ** 2 / (2 * $tries)) / $below;
        $half = (self::Z / $below) * sqrt(($share * (1 - $share)) / $tries + self::Z ** 2 / (4 * $tries ** 2));

        return new self(
            $share,
            $hits <= 0 ? 0.0 : max(0.0, $middle - $half),
            $hits >= $tries ? 1.0 : min(1.0, $middle + $half),
        );
    }

    /** @return array{share: float, least: float, most: float} */
    public function toArray(): array
    {
        return ['share' => $this->share, 'least' => $this->least, 'most' => $this->most];
    }
}
