<?php

declare(strict_types=1);

namespace RushHold\Optics;

/** The f-number and distance of focus that just cover a spread. */
final readonly class SpreadCover
{
    public function __construct(public float $fNumber, public float $focusM) {}
}
