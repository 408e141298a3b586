<?php

declare(strict_types=1);

namespace RushHold\Wording;

use RushHold\Planning\Odds;

/** How many frames to expect sharp, as a person reads it. */
final class OddsWords
{
    /** @return array{share: float, kept: float, still: float, of: string, poor: bool, words: string} */
    public static function document(Odds $odds): array
    {
        return [
            'share' => $odds->share(),
            'kept' => $odds->kept,
            'still' => $odds->still,
            'of' => $odds->ofPasses ? 'passes' : 'frames',
            'poor' => $odds->isPoor,
            'words' => $odds->darkStops === null
                    ? self::words($odds)
                    : self::tooDark($odds->darkStops).' '.self::words($odds),
        ];
    }

    private static function tooDark(float $stops): string
    {
        return sprintf(
            'Every frame will be %s too dark, more than can be brought up afterwards.',
            Units::stops($stops),
        );
    }

    private static function words(Odds $odds): string
    {
        $share = $odds->share();
        if ($odds->ofPasses) {
            return sprintf(
                'At least one sharp frame in %s of passes: the plane meets it in %s, and of those frames %s are still enough.',
                Share::percent($share),
                Share::percent($odds->kept),
                Share::percent($odds->still),
            );
        }
        $many = match (true) {
            $share < 0.005 => 'Hardly a frame will be sharp',
            $share < 0.095 => sprintf('About %d of 100 frames will be sharp', max(1, (int) round(100 * $share))),
            default => sprintf('About %d of 10 frames will be sharp', (int) round(10 * $share)),
        };

        return sprintf(
            '%s: it is in the frame, found and in focus in %s, and of those %s are still enough.',
            $many,
            Share::percent($odds->kept),
            Share::percent($odds->still),
        );
    }
}
