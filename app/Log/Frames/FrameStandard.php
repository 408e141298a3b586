<?php

declare(strict_types=1);

namespace App\Log\Frames;

use RushHold\Log\FrameFacts;
use RushHold\Planning\Plan;
use RushHold\Sharpness\Standard;

/** What counts as sharp in a frame: what the plan it was taken for counts as sharp, else fine detail on the whole picture. */
final readonly class FrameStandard
{
    public static function of(FrameFacts $facts, int $width, int $height, ?Plan $plan, float $floorPx = 0.0): Standard
    {
        if ($plan === null) {
            return Standard::ofFile($facts, $width, $height)->over($floorPx);
        }
        $situation = $plan->situation;

        $limitMm = $situation->sharpMm($situation->rush->standard);

        return Standard::of($situation->kit, $limitMm, $width, $height)->over($floorPx);
    }
}
