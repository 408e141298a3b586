<?php

declare(strict_types=1);

namespace App\Plans;

use Closure;

/**
 * What was reckoned lately on this machine, by all that it was reckoned from: the same question, whoever asks it, is not
 * worked out twice. In memory alone (APCu), so much of it at the most, and gone with the server; where that extension is
 * missing everything is reckoned anew.
 */
final readonly class Remembered
{
    /** Answers that are kept at the most; a new one takes the place of whichever shares its slot. */
    private const SLOTS = 512;

    /** How long one is kept, in seconds. */
    private const KEPT_S = 3600;

    /** Longest answer that is kept, in bytes as kept: what is longer would drive out the counts that live beside it. */
    private const LONGEST = 24_000;

    /**
     * @param  list<mixed>  $from  all that the answer depends on, its own name first
     * @param  Closure(): string  $reckon
     * @param  Closure(): bool|null  $isWhole  false where time has cut it short: such an answer is not kept
     */
    public function text(array $from, Closure $reckon, ?Closure $isWhole = null): string
    {
        if (! function_exists('apcu_enabled') || ! apcu_enabled()) {
            return $reckon();
        }
        $fingerprint = hash('sha256', json_encode($from, JSON_THROW_ON_ERROR));
        $slot = 'rush_hold_reckoned_'.hexdec(substr($fingerprint, 0, 6)) % self::SLOTS;
        $kept = apcu_fetch($slot);
        if (is_array($kept) && $kept[0] === $fingerprint && is_string($text = gzuncompress($kept[1]))) {
            return $text;
        }
        $text = $reckon();
        if ($isWhole === null || $isWhole()) {
            $packed = (string) gzcompress($text, 1);
            strlen($packed) <= self::LONGEST && apcu_store($slot, [$fingerprint, $packed], self::KEPT_S);
        }

        return $text;
    }
}
