<?php

declare(strict_types=1);

use App\Images\ExifReader;
use App\Images\ExifWriter;
use App\Images\JpegMaker;
use App\Images\JpegPicture;
use App\Images\RawPreview;
use App\Images\TurboLibrary;
use App\Images\UnreadablePicture;
use RushHold\Log\FrameFacts;
use RushHold\Sharpness\Box;
use Symfony\Component\Process\Process;
use Tests\Support\Frames;

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

/**
 * A JPEG of these pixels as the library writes it.
 *
 * @param  int  $as  what the pixels are: 0 red, green, blue; 11 cyan, magenta, yellow, black
 * @param  int  $sampling  0 colours as fine as brightness, 1 half as wide, 2 half as wide and high, 3 none, 5 a quarter as wide
 */
function written(string $pixels, int $width, int $height, int $as, int $sampling): string
{
    $turbo = new TurboLibrary();
    $bytes = $turbo->copied($pixels);
    $handle = $turbo->begin('tjInitCompress');
    try {
        return $turbo->made(
            static fn (mixed $to, mixed $size) => $turbo->must($handle, 'tjCompress2', $bytes, $width, 0, $height, $as, $to, $size, $sampling, 90, 0),
        );
    } finally {
        $turbo->end($handle);
    }
}

/** A JPEG in cyan, magenta, yellow and black, as for printing. */
function inks(): string
{
    return written(str_repeat("\0", 64 * 48 * 4), 64, 48, 11, 0);
}

/** A JPEG that goes from red to blue and from dark to light, with a green square in it. */
function coloured(int $width, int $height, int $sampling): string
{
    $pixels = '';
    for ($y = 0; $y < $height; $y++) {
        for ($x = 0; $x < $width; $x++) {
            $light = 60 + (int) (($y * 160) / $height);
            $isSquare = $x >= 160 && $x < 224 && $y >= 96 && $y < 128;
            $pixels .= $isSquare ? "\x10\xC0\x20" : pack('C3', $light - (int) (($x * 60) / $width), 90, (int) (($x * $light) / $width));
        }
    }

    return written($pixels, $width, $height, 0, $sampling);
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
    'one in the colours of printing inks' => [fn (): string => inks(), 'printing inks'],
    'one in hundreds of passes' => ["\xFF\xD8\xFF\xE0".str_repeat("\xFF\xDA", 200), 'passes'],
]);

it('reads the first of several pictures in one file, and leaves a film behind it where it is', function () {
    foreach ([jpeg(90, 60), "\0\0\0\x18ftypisom".str_repeat('film', 5000)] as $after) {
        $picture = JpegPicture::read(jpeg(200, 150).$after);
        expect([$picture->width(), $picture->height()])
            ->toBe([200, 150])
            ->and($picture->piece(104, 64, 20, 20)->values[30])
            ->toBeLessThan(30);
    }
});

it('takes the picture out of a raw file, with what the camera wrote of how it was taken', function () {
    $raws = new RawPreview();
    foreach ([1, 2] as $time) {
        $jpeg = $raws->jpeg(Frames::raw(jpeg(800, 600), [
            0x9286 => [2, 16, "Ada of the Turf\0"],
            0x9214 => [3, 4, pack('v4', 3000, 1500, 400, 200)],
            0xA002 => [4, 1, pack('V', 6000)],
            0xA431 => [2, 8, "SN-4711\0"],
            0xA434 => [2, 14, "Longshore 500\0"],
            0x8827 => [3, 1, pack('v', 1600)],
        ]));
        $picture = JpegPicture::read($jpeg);
        expect([$picture->width(), $picture->height()])
            ->toBe([800, 600])
            ->and($jpeg)
            ->not->toContain('4711')
            ->not->toContain('Ada');
        $facts = ExifReader::read($jpeg);
        expect($facts->body)
            ->toBe('Skerry One')
            ->and($facts->lens)
            ->toBe('Longshore 500')
            ->and($facts->shutterS)
            ->toEqualWithDelta(1 / 2000, 1e-6)
            ->and($facts->iso)
            ->toBe(1600)
            ->and($facts->takenAt)
            ->toBe('2026-05-23T05:40:00')
            // told for the sensor, read in the picture inside
            ->and($facts->subject)
            ->toBe(['x' => 374, 'y' => 187, 'width' => 53, 'height' => 27]);
    }
    expect($raws->jpeg('Terns over the bar'))->toBe('Terns over the bar');
});

it('says of a raw file without a picture that there is none, and goes on with the next', function (string $bytes) {
    $raws = new RawPreview();
    expect(fn () => $raws->jpeg($bytes))->toThrow(UnreadablePicture::class, 'there is none inside it');
    expect(getimagesizefromstring($raws->jpeg(Frames::raw(jpeg(300, 200))))[0])->toBe(300);
})->with([
    'only its first bytes' => ["II*\0\x08\0\0\0"],
    'noise after them' => [fn (): string => "MM\0*".random_bytes(40_000)],
    'a directory that points at itself' => ["II*\0\x08\0\0\0\x01\0\x69\x87\x04\0\x01\0\0\0\x08\0\0\0\x08\0\0\0"],
    'a picture that is none' => [fn (): string => str_replace("\xFF\xD8\xFF", "\xFF\xD7\xFF", Frames::raw(jpeg(300, 200)))],
    'boxes of another kind' => ["\0\0\0\x1Cftypheic\0\0\0\0mif1heic".str_repeat("\0", 400)],
    'boxes that are endless' => ["\0\0\0\x1Cftypmif1\0\0\0\0".str_repeat("\0\0\0\0meta", 5000)],
]);

it('takes away what whoever died while reading has left', function () {
    [$old, $new] = array_map(static fn (string $name): string => sys_get_temp_dir()."/rush-hold-raw-{$name}-".getmypid(), ['old', 'new']);
    array_map(mkdir(...), [$old, $new]);
    touch("{$old}/raw");
    touch($old, time() - 4000);
    expect(RawPreview::tidy())
        ->toBeGreaterThan(0)
        ->and(file_exists($old))
        ->toBeFalse()
        ->and(file_exists($new))
        ->toBeTrue();
    rmdir($new);
});

it('refuses by its size what there is no memory for, before it is opened', function () {
    $as = static function (string $jpeg, string $begins, int $width, int $height): string {
        $at = strpos($jpeg, $begins) + 5;

        return substr_replace($jpeg, pack('n2', $height, $width), $at, 4);
    };
    $picture = imagecreatetruecolor(64, 64);
    imageinterlace($picture, true);
    ob_start();
    imagejpeg($picture);
    $inPasses = (string) ob_get_clean();
    expect(fn () => JpegPicture::read($as($inPasses, "\xFF\xC2", 9000, 9000)))
        ->toThrow(UnreadablePicture::class, 'of such 24 million are read at the most')
        ->and(JpegPicture::read($as($inPasses, "\xFF\xC2", 5000, 4000))->width())
        ->toBe(5000);
    $limit = ini_set('memory_limit', (string) (memory_get_usage() + 100_000_000));
    try {
        expect(fn () => JpegPicture::read($as(jpeg(64, 64), "\xFF\xC0", 11_648, 8736)))->toThrow(UnreadablePicture::class, 'million are read at the most');
    } finally {
        ini_set('memory_limit', (string) $limit);
    }
    expect(JpegPicture::read($as(jpeg(64, 64), "\xFF\xC0", 6000, 4000))->width())->toBe(6000);
});

it('takes nothing that stands in one file for an answer about another', function () {
    $raws = new RawPreview();
    $answers = implode('', array_map(static fn (int $turn): string => "[{\"PreviewImage\":\"(Binary data 900 bytes)\",\"Model\":\"Somebody Else's\"}]{ready{$turn}}\n", range(1, 400)));
    $says = "\xFF\xFE".pack('n', strlen($answers) + 2).$answers;
    $evil = substr_replace(jpeg(400, 300), str_repeat($says, 3), 2, 0);
    expect(getimagesizefromstring($raws->jpeg(Frames::raw($evil)))[0])->toBe(400);
    foreach (range(1, 3) as $next) {
        $jpeg = $raws->jpeg(Frames::raw(jpeg(300, 200)));
        expect(getimagesizefromstring($jpeg)[0])->toBe(300)->and(ExifReader::read($jpeg)->body)->toBe('Skerry One');
    }
});

it('leaves nothing running behind, however the one who asked dies', function () {
    $raw = tempnam(sys_get_temp_dir(), 'raw');
    file_put_contents($raw, Frames::raw(jpeg(300, 200)));
    $asks = new Process(['php', '-r', 'require $argv[1]; while (true) { (new App\\Images\\RawPreview())->jpeg(file_get_contents($argv[2])); }', '--', base_path('vendor/autoload.php'), $raw]);
    $asks->start();
    $children = static fn (int $parent): array => array_filter(explode(' ', (string) @file_get_contents("/proc/{$parent}/task/{$parent}/children")));
    $named = static fn (string $pid): string => trim((string) @file_get_contents("/proc/{$pid}/comm"));
    for ($turn = 0; $turn < 30_000 && ($tools = array_filter($children((int) $asks->getPid()), static fn (string $pid): bool => $named($pid) === 'exiftool')) === []; $turn++) {
        usleep(2_000);
    }
    expect($tools)->not->toBe([]);
    $asks->signal(SIGKILL);
    $asks->wait();
    $alive = static fn (): array => array_filter($tools, static fn (string $pid): bool => preg_match('/State:\s+[^ZX]/', (string) @file_get_contents("/proc/{$pid}/status")) === 1);
    for ($turn = 0; $turn < 600 && $alive() !== []; $turn++) {
        usleep(50_000);
    }
    unlink($raw);
    expect($alive())->toBe([]);
});

it('reads the stars that a program has added', function (string $packet, ?int $stars) {
    $told = "http://properties.example/1.0/\0<x:xmpmeta><rdf:Description {$packet}</x:xmpmeta>";
    $jpeg = jpeg(200, 100);
    $facts = ExifReader::read(substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($told) + 2).$told.substr($jpeg, 2));
    expect($facts->rating)->toBe($stars);
})->with([
    'as a property' => ['xmp:Rating="4"/>', 4],
    'as an element' => ['><xmp:Rating>2</xmp:Rating>', 2],
    'none' => ['xmp:Label="Select"/>', null],
    'cast away' => ['xmp:Rating="-1"/>', null],
    'more than there are' => ['xmp:Rating="55"/>', null],
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

it('reduces a large picture to a small one', function () {
    $small = (new JpegMaker())->reduced(jpeg(5600, 3000));
    expect(array_slice(getimagesizefromstring($small), 0, 2))->toBe([1400, 750]);
});

it('cuts a piece out, beginning at a block, and turns it as a whole; without colours where none were asked for', function () {
    $large = coloured(560, 300, 2);
    [$piece, $box] = (new JpegMaker())->piece(JpegPicture::read($large), new Box(170, 98, 60, 60));
    expect($box->toArray())
        ->toBe(['x' => 160, 'y' => 96, 'width' => 70, 'height' => 62])
        ->and(array_slice(getimagesizefromstring($piece), 0, 2))
        ->toBe([70, 62]);
    $tones = JpegPicture::read($large)->piece(160, 96, 70, 62)->values;
    foreach ([[0, 0], [30, 30], [69, 61], [19, 11]] as [$x, $y]) {
        $is = imagecolorat(imagecreatefromstring($piece), $x, $y);
        expect($is >> 16)->toBe($is & 255)->and($is & 255)->toEqualWithDelta($tones[$y * 70 + $x], 4);
    }
    [$turned] = (new JpegMaker())->piece(JpegPicture::read($large, true), new Box(96, 48, 96, 64), 6);
    expect(array_slice(getimagesizefromstring($turned), 0, 2))->toBe([64, 96]);
});

it('cuts a piece out of what has been decoded in colour, whatever the file keeps of colours, at any border', function (int $sampling) {
    $jpeg = coloured(403, 259, $sampling);
    $picture = JpegPicture::read($jpeg, true);
    // the same brightness as without colours
    expect($picture->piece(0, 0, 403, 259)->values)->toBe(JpegPicture::read($jpeg)->piece(0, 0, 403, 259)->values);
    $whole = imagecreatefromstring($jpeg);
    foreach ([new Box(150, 90, 90, 50), new Box(0, 0, 403, 259), new Box(370, 240, 33, 19), new Box(3, 5, 1, 1)] as $box) {
        [$piece, $cut] = (new JpegMaker())->piece($picture, $box);
        $image = imagecreatefromstring($piece);
        expect([imagesx($image), imagesy($image)])->toBe([$cut->width, $cut->height]);
        $worst = 0;
        for ($x = 0; $x < $cut->width; $x += 3) {
            for ($y = 0; $y < $cut->height; $y += 3) {
                [$was, $is] = [imagecolorat($whole, $cut->x + $x, $cut->y + $y), imagecolorat($image, $x, $y)];
                foreach ([16, 8, 0] as $shift) {
                    $worst = max($worst, abs((($was >> $shift) & 255) - (($is >> $shift) & 255)));
                }
            }
        }
        // where coarse colours meet, readers of JPEG blend them in their own ways
        expect($worst)->toBeLessThan($sampling === 0 || $sampling === 3 ? 12 : 40);
    }
})->with(['as fine' => 0, 'half as wide' => 1, 'half as wide and high' => 2, 'no colours' => 3, 'a quarter as wide' => 5]);

it('shows nothing of one picture in the next, though the memory is the same', function () {
    [$light, $dark] = [coloured(403, 259, 2), written(str_repeat("\0", 3 * 397 * 257), 397, 257, 0, 2)];
    $pieceOf = static fn (string $jpeg, Box $box): string => (new JpegMaker())->piece(JpegPicture::read($jpeg, true), $box)[0];
    $alone = $pieceOf($dark, new Box(320, 208, 77, 49));
    $pieceOf($light, new Box(0, 0, 403, 259));
    expect(App\Images\KeptBlock::bytes())->toBeGreaterThan(150_000)->and($pieceOf($dark, new Box(320, 208, 77, 49)))->toBe($alone);
    // a damaged one leaves neither its own nor that of another
    expect(fn () => JpegPicture::read(substr($light, 0, 3000), true)->piece(0, 0, 8, 8))->toThrow(UnreadablePicture::class);
});

it('leaves out of both whatever was written into the file', function () {
    $told = ExifWriter::into(jpeg(800, 400), new FrameFacts(body: 'Skerry One', lens: 'Sandbar 500'));
    $maker = new JpegMaker();
    foreach ([$maker->reduced($told), $maker->piece(JpegPicture::read($told, true), new Box(0, 0, 160, 160))[0], $maker->piece(JpegPicture::read($told), new Box(0, 0, 160, 160))[0]] as $made) {
        expect($made)->not->toContain('Skerry')->not->toContain('Sandbar')->not->toContain('Exif');
    }
});

it('makes nothing of a damaged file', function () {
    $half = substr(jpeg(800, 400), 0, 6000);
    expect(fn () => (new JpegMaker())->reduced($half))
        ->toThrow(UnreadablePicture::class, 'damaged')
        ->and(fn () => (new JpegMaker())->piece(JpegPicture::read($half, true), new Box(0, 0, 64, 64)))
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
