<?php

declare(strict_types=1);

namespace RushHold\Outing;

/** How the water goes between two heights that are known. */
enum TideRule: string
{
    /** As half a wave of the cosine. */
    case Cosine = 'cosine';

    /** By twelfths of the range in each sixth of the time: 1, 2, 3, 3, 2, 1. */
    case Twelfths = 'twelfths';

    /** Share of the way from one height to the next after a share of the time. */
    public function share(float $time): float
    {
        $time = max(0.0, min(1.0, $time));
        if ($this === self::Cosine) {
            return (1 - cos(M_PI * $time)) / 2;
        }
        $gone = [0, 1, 3, 6, 9, 11, 12];
        $sixth = min(5, (int) floor($time * 6));

        return ($gone[$sixth] + ($time * 6 - $sixth) * ($gone[$sixth + 1] - $gone[$sixth])) / 12;
    }

    public function words(): string
    {
        return $this === self::Cosine ? 'half a cosine' : 'the rule of twelfths';
    }
}
