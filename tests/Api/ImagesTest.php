<?php

declare(strict_types=1);

use App\Images\ExifReader;
use App\Images\ExifWriter;
use App\Images\JpegMaker;
use App\Images\JpegPicture;
use App\Images\UnreadablePicture;
use RushHold\Log\FrameFacts;
use RushHold\Sharpness\Box;

/** A JPEG whose brightness goes up from left to right and has a dark square in it. */
function jpeg(int $width, int $height, bool $progressive = false): string
{
    $image = imagecreatetruecolor($width, $height);
    for ($x = 0; $x < $width; $x++) {
        $tone = (int) (40 + (160 * $x) / $width);
        imageline($image, $x, 0, $x, $height, ($tone << 16) | ($tone << 8) | $tone);
    }
    imagefilledrectangle($image, 100, 60, 139, 99, 0x0A0A0A);
    imageinterlace($image, $progressive);
    ob_start();
    imagejpeg($image, null, 95);

    return (string) ob_get_clean();
}

it('reads the brightness of a JPEG piece by piece, and all of it at an eighth', function (bool $progressive) {
    $picture = JpegPicture::read(jpeg(803, 405, $progressive));
    expect([$picture->width(), $picture->height()])->toBe([803, 405]);
    $square = $picture->piece(104, 64, 30, 20);
    expect([$square->width, $square->height])
        ->toBe([30, 20])
        ->and(max($square->values))
        ->toBeLessThan(20);
    $row = $picture->piece(0, 300, 803, 1)->values;
    expect($row[10])->toEqualWithDelta(42, 3)->and($row[790])->toEqualWithDelta(197, 3);
    // what lies outside is left out
    $corner = $picture->piece(790, 400, 100, 100);
    expect([$corner->width, $corner->height])->toBe([13, 5]);
    $small = $picture->eighth();
    expect([$small->width, $small->height])
        ->toBe([101, 51])
        ->and($small->values[10 * 101 + 15])
        ->toBeLessThan(30)
        ->and($small->values[40 * 101 + 90])
        ->toEqualWithDelta(182, 6);
})->with(['as cameras write it' => [false], 'built up in passes' => [true]]);

it('refuses what is no JPEG, is damaged, or is too large to be taken in, in words', function (string $bytes, string $says) {
    $before = memory_get_peak_usage(true);
    expect(fn () => JpegPicture::read($bytes)->piece(0, 0, 8, 8))->toThrow(UnreadablePicture::class, $says);
    expect(memory_get_peak_usage(true) - $before)->toBeLessThan(64_000_000);
})->with([
    'nothing' => ['', 'no JPEG'],
    'a text' => ['Terns over the bar', 'no JPEG'],
    'a beginning' => ["\xFF\xD8\xFF\xE0", 'damaged'],
    'half of one' => [fn (): string => substr(jpeg(400, 300), 0, 4000), 'damaged'],
    'one with a hole' => [fn (): string => substr_replace(jpeg(400, 300), str_repeat("\0", 900), 2500, 900), 'damaged'],
    'one that says it is 60000 wide' => [
        fn (): string => preg_replace('/(\xFF\xC0\x00\x11\x08)..../s', "$1\xEA\x60\xEA\x60", jpeg(400, 300)) ?? '',
        '60000 × 60000 pixels',
    ],
    'one in hundreds of passes' => ["\xFF\xD8\xFF\xE0".str_repeat("\xFF\xDA", 200), 'passes'],
]);

it('reads what a camera wrote, and nothing that tells who or where', function () {
    $facts = new FrameFacts(
        takenAt: '2026-05-22T05:12:33.120',
        offset: '+01:00',
        shutterS: 1 / 2500,
        fNumber: 5.6,
        iso: 1600,
        focalMm: 500,
        focalIn35Mm: 750,
        compensation: -2 / 3,
        distanceM: 18.25,
        orientation: 8,
        subject: ['x' => 300, 'y' => 200, 'width' => 120, 'height' => 80],
        body: 'Skerry One',
        lens: 'Sandbar 500 f/5.6',
        rating: 4,
        lensRange: ['least_mm' => 150.0, 'most_mm' => 600.0, 'widest_f' => 5.6, 'widest_long_f' => null],
        sensorWidthMm: 23.5,
    );
    $written = ExifWriter::into(jpeg(200, 100), $facts);
    $read = ExifReader::read($written);
    expect($read->toArray())
        ->toEqualWithDelta($facts->toArray(), 1e-3)
        ->and(ExifReader::read($written)->takenAt)
        ->toBe($facts->takenAt)
        ->and(JpegPicture::read($written)->width())
        ->toBe(200);
    // what nobody wrote is not known
    expect(ExifReader::read(jpeg(200, 100))->toArray())->toBe(['orientation' => 1]);
    expect(ExifReader::read('no picture at all')->toArray())->toBe(['orientation' => 1]);
    expect(ExifReader::read(substr($written, 0, 90))->toArray())->toBeArray();
});

it('leaves out what cannot be true, and says so', function () {
    $lies = ExifReader::read(
        ExifWriter::into(
            jpeg(200, 100),
            new FrameFacts(
                takenAt: '1903-02-30T25:00:00',
                shutterS: 9000.0,
                fNumber: 0.0,
                focalMm: 0.0,
                distanceM: 900_000.0,
                body: "Skerry\x01\u{202E} \u{FFFD}One",
                lens: str_repeat('long ', 2000),
            ),
        ),
    );
    expect($lies->takenAt)
        ->toBeNull()
        ->and($lies->shutterS)
        ->toBeNull()
        ->and($lies->fNumber)
        ->toBeNull()
        ->and($lies->distanceM)
        ->toBeNull()
        ->and($lies->body)
        ->toBe('Skerry �One')
        ->and(mb_strlen((string) $lies->lens))
        ->toBe(80)
        ->and(implode(' ', $lies->leftOut))
        ->toContain('1903')
        ->toContain('ExposureTime is')
        ->toContain('characters was cut')
        ->not->toContain('FNumber'); // 0 is what is written for what is not known
});

/** How dark a JPEG is there. */
function toneAt(string $jpeg, int $x, int $y): int
{
    return imagecolorat(imagecreatefromstring($jpeg), $x, $y) & 255;
}

it('reduces a picture and turns it the way up it is looked at', function (int $orientation, array $size, array $square) {
    $small = (new JpegMaker())->reduced(jpeg(800, 400), $orientation);
    expect(array_slice(getimagesizefromstring($small), 0, 2))
        ->toBe($size)
        ->and(toneAt($small, ...$square))
        ->toBeLessThan(25)
        ->and(toneAt($small, $size[0] - $square[0], $size[1] - $square[1]))
        ->toBeGreaterThan(60);
})->with([
    'as it lies' => [1, [800, 400], [120, 80]],
    'mirrored' => [2, [800, 400], [680, 80]],
    'upside down' => [3, [800, 400], [680, 320]],
    'mirrored upside down' => [4, [800, 400], [120, 320]],
    'over the corner' => [5, [400, 800], [80, 120]],
    'a quarter to the right' => [6, [400, 800], [320, 120]],
    'over the other corner' => [7, [400, 800], [320, 680]],
    'a quarter to the left' => [8, [400, 800], [80, 680]],
    'what no camera writes' => [99, [800, 400], [120, 80]],
]);

it('reduces a large picture to a small one, and cuts a piece out bit for bit', function () {
    $large = jpeg(5600, 3000);
    $small = (new JpegMaker())->reduced($large);
    expect(array_slice(getimagesizefromstring($small), 0, 2))->toBe([1400, 750]);
    [$piece, $box] = (new JpegMaker())->piece($large, new Box(90, 50, 60, 60));
    expect($box->toArray())
        ->toBe(['x' => 80, 'y' => 48, 'width' => 70, 'height' => 62])
        ->and(array_slice(getimagesizefromstring($piece), 0, 2))
        ->toBe([70, 62]);
    foreach ([[0, 0], [30, 30], [69, 61], [19, 11]] as [$x, $y]) {
        expect(toneAt($piece, $x, $y))->toBe(toneAt($large, 80 + $x, 48 + $y));
    }
    // turned, the piece is turned as a whole
    [$turned] = (new JpegMaker())->piece($large, new Box(96, 48, 96, 64), 6);
    expect(array_slice(getimagesizefromstring($turned), 0, 2))->toBe([64, 96]);
});

it('leaves out of both whatever was written into the file', function () {
    $told = ExifWriter::into(jpeg(800, 400), new FrameFacts(body: 'Skerry One', lens: 'Sandbar 500'));
    $maker = new JpegMaker();
    foreach ([$maker->reduced($told), $maker->piece($told, new Box(0, 0, 160, 160))[0]] as $made) {
        expect($made)->not->toContain('Skerry')->not->toContain('Sandbar')->not->toContain('Exif');
    }
});

it('makes nothing of a damaged file', function () {
    $half = substr(jpeg(800, 400), 0, 6000);
    expect(fn () => (new JpegMaker())->reduced($half))
        ->toThrow(UnreadablePicture::class, 'damaged')
        ->and(fn () => (new JpegMaker())->piece($half, new Box(0, 0, 64, 64)))
        ->toThrow(UnreadablePicture::class, 'damaged');
});

it('takes no sensor and no lens that cannot be', function () {
    $read = static fn (FrameFacts $facts): array => ExifReader::read(ExifWriter::into(jpeg(200, 100), $facts))->toArray();
    $lens = static fn (float $least, float $most): array => ['least_mm' => $least, 'most_mm' => $most, 'widest_f' => 4.0, 'widest_long_f' => 5.6];
    expect($read(new FrameFacts(sensorWidthMm: 900.0)))
        ->not->toHaveKey('sensor_width_mm')
        ->and($read(new FrameFacts(lensRange: $lens(600.0, 150.0))))
        ->not->toHaveKey('lens_range')
        ->and($read(new FrameFacts(lensRange: $lens(0.0, 150.0))))
        ->not->toHaveKey('lens_range')
        ->and($read(new FrameFacts(lensRange: $lens(70.0, 200.0)))['lens_range'])
        ->toBe($lens(70.0, 200.0));
});
