<?php

declare(strict_types=1);

use RushHold\Log\FrameFacts;
use RushHold\Log\KitFromFile;

it('reads a body and a lens from what a camera wrote, and says how each figure is known', function () {
    $told = KitFromFile::of(
        new FrameFacts(
            focalMm: 500.0,
            body: 'Skerry One',
            lens: 'Sandbar 150-600',
            lensRange: ['least_mm' => 150.0, 'most_mm' => 600.0, 'widest_f' => 5.6, 'widest_long_f' => 6.3],
            sensorWidthMm: 35.9,
        ),
        8256,
        5504,
    );
    expect($told->body)
        ->toBe([
            'name' => ['value' => 'Skerry One', 'by' => 'read'],
            'pixels_wide' => ['value' => 8256, 'by' => 'read'],
            'sensor_width_mm' => ['value' => 36.0, 'by' => 'reckoned'],
            'sensor_height_mm' => ['value' => 24.0, 'by' => 'reckoned'],
        ])
        ->and($told->lens)
        ->toBe([
            'name' => ['value' => 'Sandbar 150-600', 'by' => 'read'],
            'focal_min_mm' => ['value' => 150.0, 'by' => 'read'],
            'focal_max_mm' => ['value' => 600.0, 'by' => 'read'],
            'widest_f' => ['value' => 6.3, 'by' => 'read'],
            'widest_f_short' => ['value' => 5.6, 'by' => 'read'],
        ]);
});

it('reckons the sensor from both focal lengths', function (float $focal, float $in35, int $width, int $height, float $says, float $high) {
    $body = KitFromFile::of(new FrameFacts(focalMm: $focal, focalIn35Mm: $in35), $width, $height)->body;
    expect($body['sensor_width_mm'])->toBe(['value' => $says, 'by' => 'reckoned'])->and($body['sensor_height_mm']['value'])->toEqualWithDelta($high, 1e-9);
})->with([
    'the whole format' => [500.0, 500.0, 6000, 4000, 36.0, 24.0],
    'two thirds of it' => [300.0, 450.0, 6000, 4000, 23.5, 15.7],
    'half of it, nearly square' => [300.0, 600.0, 5184, 3888, 17.3, 13.0],
    'held upright' => [500.0, 500.0, 4000, 6000, 36.0, 24.0],
    'what nobody makes' => [100.0, 130.0, 6000, 4000, 27.7, 18.5],
]);

it('asks for what a file does not say', function () {
    $told = KitFromFile::of(new FrameFacts(focalMm: 400.0), 6000, 4000);
    expect(array_column($told->body, 'by'))
        ->toBe(['asked', 'read', 'asked', 'asked'])
        ->and($told->lens['focal_min_mm'])
        ->toBe(['value' => 400.0, 'by' => 'reckoned'])
        ->and($told->lens['widest_f'])
        ->toBe(['value' => null, 'by' => 'asked']);
    expect(array_column(KitFromFile::of(new FrameFacts(), 0, 0)->lens, 'by'))->each->toBe('asked');
    // an upright file whose resolution is along its rows
    expect(KitFromFile::of(new FrameFacts(sensorWidthMm: 24.0), 4000, 6000)->body['sensor_width_mm']['value'])->toBe(36.0);
});
