<?php

declare(strict_types=1);

use RushHold\Sharpness\BlurMeter;
use RushHold\Sharpness\FrameVerdict;
use RushHold\Sharpness\Judge;
use Tests\Support\BlurKernel;
use Tests\Support\Long;
use Tests\Support\Photographs;

it('tells in real photographs what blurs them: defocus from movement, where to, and what is wider', function () {
    ini_set('memory_limit', '2G');
    $photographs = Photographs::sharp();
    expect(count($photographs))->toBeGreaterThan(20);
    $classes = $directions = $pairs = [];
    $turn = 0;
    foreach ($photographs as $name => $place) {
        [$disc, $line] = [0.0, 0.0];
        foreach (Long::of([3, 5, 8, 12], [3, 8]) as $px) {
            $found = BlurMeter::of(Photographs::blurred($place, BlurKernel::disc($px)));
            $classes["{$name}: a disc of {$px} px"] = $found !== null && Judge::cause($found, null, false) === FrameVerdict::Soft;
            $pairs["{$name}: a disc of {$px} px"] = ($found?->totalPx() ?? 0.0) > $disc;
            $disc = $found?->totalPx() ?? 0.0;
        }
        foreach (Long::of([6, 10, 15, 20], [6, 15]) as $px) {
            $degrees = fmod(37 * $turn++, 180);
            $found = BlurMeter::of(Photographs::blurred($place, BlurKernel::line($px, $degrees)));
            $classes["{$name}: a line of {$px} px"] = $found !== null && Judge::cause($found, null, false) === FrameVerdict::Moved;
            $off = fmod(abs(($found?->motionDeg ?? 90.0 + $degrees) - $degrees), 180);
            $directions["{$name}: a line of {$px} px"] = min($off, 180 - $off) <= 15;
            $pairs["{$name}: a line of {$px} px"] = ($found?->totalPx() ?? 0.0) > $line;
            $line = $found?->totalPx() ?? 0.0;
        }
    }
    $share = static fn (array $told): float => count(array_filter($told)) / count($told);
    $wrong = static fn (array $told): string => implode(', ', array_keys(array_filter($told, static fn (bool $right): bool => ! $right)));
    expect($share($classes))
        ->toBeGreaterThan(0.9, $wrong($classes))
        ->and($share($directions))
        ->toBeGreaterThan(0.9, $wrong($directions))
        ->and($share($pairs))
        ->toBeGreaterThan(0.95, $wrong($pairs));
});
