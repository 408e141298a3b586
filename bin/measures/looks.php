<?php

declare(strict_types=1);

// Frames whose truth is known, judged.

use RushHold\Sharpness\FrameVerdict;
use RushHold\Statistics\WilsonInterval;
use Tests\Support\Bench;

return static function (Bench $bench): array {
    // forty passes of ten kinds; by itself every second pass of a kind, its first frames
    $lines = explode("\n", $bench->parts('bin/yardstick/look.php', ...($bench->isWhole ? ['1', '11'] : ['2', '3'])));
    $frames = array_map(static fn (string $line): array => json_decode($line, true, 8, JSON_THROW_ON_ERROR), $lines);
    $share = static fn (array $of, callable $is): WilsonInterval => WilsonInterval::of(count(array_filter($of, $is)), count($of));
    $keeps = static fn (string $verdict): bool => FrameVerdict::from($verdict)->isKeeper();
    $total = static fn (array $blur): float => hypot($blur[0], $blur[1]);
    $there = array_filter($frames, static fn (array $frame): bool => $frame['want'] !== 'out' && $frame['found'] !== null);
    $wide = array_filter($there, static fn (array $frame): bool => $total($frame['true']) >= 3 && $total($frame['true']) <= 15);
    $moved = array_filter($there, static fn (array $frame): bool => $frame['true'][1] >= 6 && $frame['true'][1] > $frame['true'][0]);

    // what was taken for what: true verdicts down, given ones across
    $kinds = array_column(FrameVerdict::cases(), 'value');
    $cells = static fn (array $texts): string => implode('', array_map(static fn (string $text): string => str_pad($text, 11, ' ', STR_PAD_LEFT), $texts));
    $bench->tables[] = str_pad('true \\ given', 14).$cells($kinds);
    foreach ($kinds as $true) {
        $counts = array_count_values(array_column(array_filter($frames, static fn (array $frame): bool => $frame['want'] === $true), 'got'));
        $bench->tables[] = str_pad($true, 14).$cells(array_map(static fn (string $given): string => (string) ($counts[$given] ?? '·'), $kinds));
    }

    return [
        'look_frames' => (float) count($frames),
        'look_right_share' => $share($frames, static fn (array $frame): bool => $frame['want'] === $frame['got']),
        'look_sharp_share' => $share($frames, static fn (array $frame): bool => $keeps($frame['want']) === $keeps($frame['got'])),
        'look_width_share' => $share($wide, static fn (array $frame): bool => abs(log($total($frame['found']) / $total($frame['true']))) < log(1.4)),
        'look_direction_share' => $share($moved, static fn (array $frame): bool => abs(sin(deg2rad($frame['found'][2] - $frame['true'][2]))) <= sin(deg2rad(15))),
    ];
};
