<?php

declare(strict_types=1);

namespace RushHold\Sharpness;

/** A picture that can be looked at piece by piece, so that nobody needs all of it at once. */
interface Picture
{
    /** In pixels, as the file lies: it may have to be turned to be looked at. */
    public function width(): int;

    public function height(): int;

    /** A piece of it at full size; what lies outside is left out. */
    public function piece(int $left, int $top, int $width, int $height): Luminance;

    /** All of it at an eighth of its size, the last column and row rounded up. */
    public function eighth(): Luminance;
}
