<?php

declare(strict_types=1);

namespace App\Images;

use FFI;
use FFI\CData;

/** One large block of memory, kept from one picture to the next: to have it new takes as long as to decode half a picture into it. */
final class KeptBlock
{
    /** A longer one is not kept, in bytes. */
    private const MOST = 80_000_000;

    private static ?CData $block = null;

    /** The block, or a new one where it is too short or taken; whatever was in it is in it still. */
    public static function take(TurboLibrary $turbo, int $bytes): CData
    {
        $block = self::bytes() >= $bytes ? self::$block : null;
        self::$block = null;

        return $block ?? $turbo->bytes($bytes);
    }

    public static function giveBack(CData $block): void
    {
        if (self::$block === null && FFI::sizeof($block) <= self::MOST) {
            self::$block = $block;
        }
    }

    /** How long it is; nothing where there is none. */
    public static function bytes(): int
    {
        return self::$block === null ? 0 : FFI::sizeof(self::$block);
    }
}
