<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Files\FilePurpose;
use App\Files\Files;
use App\Images\ExifWriter;
use App\Log\Intake\Intakes;
use App\Models\BurstRecord;
use App\Models\FileRecord;
use App\Models\FrameRecord;
use App\Models\RunRecord;
use App\Models\User;
use App\Runs\Runs;
use Random\Engine\Mt19937;
use Random\Randomizer;
use RushHold\Log\FrameFacts;

/** Small photographs for tests: a mottled ground with a striped subject on it, written as a camera would. */
final class Frames
{
    public const WIDTH = 960;

    public const HEIGHT = 640;

    /** @var array<string, string> what has been drawn, for all tests of a process */
    private static array $drawn = [];

    /**
     * @param  int  $seed  of the ground; the subject is always the same
     * @param  int  $blurs  how often all of it is blurred
     * @param  array<string, mixed>  $own  what its file says otherwise, {@see FrameFacts}
     * @param  array{int, int}  $at  the middle of the subject, in px
     */
    public static function jpeg(int $seed = 1, int $blurs = 0, array $own = [], array $at = [480, 320]): string
    {
        $picture = self::$drawn["{$seed} {$blurs} {$at[0]} {$at[1]}"] ??= self::drawn($seed, $blurs, $at);

        return ExifWriter::into($picture, new FrameFacts(...$own + self::facts($at)));
    }

    /** @param  array{int, int}  $at */
    private static function drawn(int $seed, int $blurs, array $at): string
    {
        $dice = new Randomizer(new Mt19937($seed));
        $image = imagecreatetruecolor(self::WIDTH, self::HEIGHT);
        imagefilledrectangle($image, 0, 0, self::WIDTH, self::HEIGHT, 0x6E7F6A);
        for ($spot = 0; $spot < 2600; $spot++) {
            $tone = $dice->getInt(60, 190);
            $side = $dice->getInt(2, 24);
            [$x, $y] = [$dice->getInt(0, self::WIDTH), $dice->getInt(0, self::HEIGHT)];
            imagefilledellipse($image, $x, $y, $side, $side, ($tone << 16) | ($tone << 8) | ($tone - 30));
        }
        $same = new Randomizer(new Mt19937(99));
        for ($patch = 0; $patch < 160; $patch++) {
            $tone = $same->getInt(10, 250);
            [$x, $y] = [$at[0] + $same->getInt(-70, 60), $at[1] + $same->getInt(-50, 40)];
            imagefilledrectangle($image, $x, $y, $x + $same->getInt(3, 14), $y + $same->getInt(3, 14), $tone * 0x010101);
        }
        for ($turn = 0; $turn < $blurs; $turn++) {
            imagefilter($image, IMG_FILTER_GAUSSIAN_BLUR);
        }
        ob_start();
        imagejpeg($image, null, 95);

        return (string) ob_get_clean();
    }

    /**
     * A raw file as some cameras write them: a directory of what was set, and a JPEG inside.
     *
     * @param  string  $jpeg  the picture inside
     * @param  array<int, array{int, int, string}>  $own  further entries by tag: kind, count, bytes
     */
    public static function raw(string $jpeg, array $own = []): string
    {
        [$width, $height] = getimagesizefromstring($jpeg);
        $entries = $own + [
            0xFE => [4, 1, pack('V', 1)],
            0x100 => [4, 1, pack('V', $width)],
            0x101 => [4, 1, pack('V', $height)],
            0x103 => [3, 1, pack('v', 7)],
            0x106 => [3, 1, pack('v', 6)],
            0x110 => [2, 11, "Skerry One\0"],
            0x111 => [4, 1, pack('V', 0)],
            0x112 => [3, 1, pack('v', 1)],
            0x117 => [4, 1, pack('V', strlen($jpeg))],
            0x829A => [5, 1, pack('V2', 1, 2000)],
            0x9003 => [2, 20, "2026:05:23 05:40:00\0"],
            0xC612 => [1, 4, "\1\4\0\0"],
        ];
        ksort($entries);
        $after = 10 + 12 * count($entries) + 4;
        $data = '';
        foreach ($entries as $tag => [$kind, $count, $bytes]) {
            $isLong = strlen($bytes) > 4;
            $entries[$tag] = pack('vvV', $tag, $kind, $count).($isLong ? pack('V', $after + strlen($data)) : str_pad($bytes, 4, "\0"));
            $data .= $isLong ? $bytes.str_repeat("\0", strlen($bytes) % 2) : '';
        }
        $entries[0x111] = pack('vvV2', 0x111, 4, 1, $after + strlen($data));

        return "II*\0\x08\0\0\0".pack('v', count($entries)).implode('', $entries).pack('V', 0).$data.$jpeg;
    }

    /** @param  array{int, int}  $at */
    public static function facts(array $at = [480, 320]): array
    {
        return [
            'takenAt' => '2026-05-23T05:40:00.100',
            'offset' => '+01:00',
            'shutterS' => 1 / 2000,
            'fNumber' => 5.6,
            'iso' => 800,
            'focalMm' => 500.0,
            'subject' => ['x' => $at[0] - 70, 'y' => $at[1] - 50, 'width' => 140, 'height' => 100],
            'body' => 'Skerry One',
            'lens' => 'Longshore 500',
        ];
    }

    public static function send(User $user, string $jpeg, string $name = 'R0001.jpg'): FileRecord
    {
        $stream = fopen('php://memory', 'w+b');
        fwrite($stream, $jpeg);
        rewind($stream);

        return app(Files::class)->take($user, FilePurpose::Frame, hash('sha256', $jpeg), $name, $stream)[0];
    }

    /** Sends frames of one burst, a tenth of a second apart, and takes them in. */
    public static function burst(User $user, int $count = 3, string $time = '2026-05-23T05:40:00', array $own = []): BurstRecord
    {
        for ($number = 0; $number < $count; $number++) {
            $taken = sprintf('%s.%d00', $time, $number + 1);
            $blurs = $number === 1 ? 12 : 0;
            self::send($user, self::jpeg($number + 1, $blurs, ['takenAt' => $taken] + $own), "R000{$number}.jpg");
        }
        self::takeIn($user);

        return BurstRecord::query()->where('user_id', $user->id)->latest('id')->firstOrFail();
    }

    /** Does what a worker would, until all that waits has been taken in. */
    public static function takeIn(User $user): RunRecord
    {
        $run = app(Intakes::class)->wake($user);
        self::work($run);

        return $run->refresh();
    }

    public static function work(RunRecord $run): void
    {
        for ($turn = 0; $turn < 200 && $run->refresh()->status === RunRecord::RUNNING; $turn++) {
            app(Runs::class)->goOn($run->id);
        }
    }

    /** Does what a worker would of the last run of a kind, if there is one. */
    public static function worked(string $kind): void
    {
        $run = RunRecord::query()->where('kind', $kind)->latest('id')->first();
        if ($run !== null) {
            self::work($run);
        }
    }

    public static function frameOf(User $user): FrameRecord
    {
        return $user->frames()->first() ?? self::burst($user, 1)->frames()->firstOrFail();
    }
}
