<?php

declare(strict_types=1);

namespace RushHold\Wording;

use RushHold\Planning\AreaScore;

/** How well an AF area would do, as a person reads it. */
final class AreaWords
{
    /** Shares of the time below which nothing is said against an area. */
    private const NOTHING = 0.005;

    /** What costs an area most, with its share of the time: "your aim is off it 24 % of the time". */
    public static function weakness(string $cause, float $share): string
    {
        if ($share < self::NOTHING) {
            return 'nothing to be said against it';
        }

        return match ($cause) {
            AreaScore::SLIP => 'your aim is off it',
            'front' => 'something in front takes it',
            'behind' => 'the background takes it',
            'pass' => 'somebody passing takes it',
            'foliage' => 'moving leaves take it',
            'self' => 'a nearer part of it takes the focus',
            'group' => 'another one beside it takes it',
            'unseen' => 'you miss the one you want',
            'side' => 'it looks where nothing comes from',
            'pinpoint' => 'a pinpoint on a mover finds nothing to hold on',
            'plain' => 'it finds nothing to hold on',
            'haze' => 'the air leaves it nothing to measure',
            'no-eye' => 'it finds the body, not the eye,',
            'tiny' => 'it passes over so small a subject',
            'start' => 'you start it on the wrong thing',
            'sensor' => 'the AF points miss it',
            default => 'it fails',
        }.
            ' '.
            Share::percent($share).
            ' of the time';
    }

    /** @return array{pattern: string, score: float, why: string, on_target: float, width: float, height: float} as a plan shows it */
    public static function document(AreaScore $score): array
    {
        return [
            'pattern' => $score->area->value,
            'score' => $score->score,
            'why' => ucfirst(self::weakness(...$score->weakness())).'.',
            'on_target' => $score->onTarget,
            'width' => $score->width,
            'height' => $score->height,
        ];
    }
}
