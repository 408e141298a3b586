<?php

declare(strict_types=1);

namespace App\Log;

use App\Images\Sidecar;
use App\Models\BurstRecord;
use App\Models\FrameRecord;
use App\Models\User;
use Illuminate\Support\LazyCollection;
use RushHold\Counts\Dimension;

/**
 * The log for other programs, in one zip: a table (CSV), the same whole (log/1), and beside each photograph what other programs read of
 * stars and labels.
 */
final readonly class LogOut
{
    /** Frames of one zip; who has more takes them by month, outing or rush. */
    public const MOST = 60_000;

    private const COLUMNS = [
        'burst',
        'file',
        'sha256',
        'taken_at',
        'offset',
        'body',
        'lens',
        'shutter_s',
        'f_number',
        'iso',
        'focal_mm',
        'distance_m',
        'rating',
        'verdict',
        'confidence',
        'eye',
        'blur_px',
        'limit_px',
        'rush',
        'outing',
        'promised_percent',
    ];

    /** What a frame has that a person has kept or not, where its file says nothing of stars. */
    private const STARS = [true => 3, false => 1];

    public function __construct(private CountShapes $counts, private Sidecar $sidecar) {}

    /**
     * Writes the zip to a file.
     *
     * @param  array<string, string>  $where  value of each dimension that is to be so
     */
    public function write(User $user, array $where, string $file): void
    {
        $folder = $file.'.parts';
        mkdir($folder, 0o700);
        try {
            $zip = new \ZipArchive();
            $zip->open($file, \ZipArchive::CREATE | \ZipArchive::OVERWRITE);
            $table = fopen("{$folder}/frames.csv", 'wb');
            $whole = fopen("{$folder}/log.json", 'wb');
            if ($table === false || $whole === false) {
                throw new \RuntimeException('Nothing can be written here.');
            }
            fputcsv($table, self::COLUMNS, escape: '');
            fwrite($whole, '{"format":"log/1","bursts":[');
            $names = [];
            $comma = '';
            foreach ($this->bursts($user, $where) as $burst) {
                $counted = Counting::facts($burst->id);
                $told = $this->head($user, $burst, $counted) + ['frames' => []];
                foreach ($burst->inOrder() as $frame) {
                    $one = self::frame($frame);
                    $told['frames'][] = (object) array_filter($one, static fn (mixed $value): bool => $value !== null);
                    fputcsv($table, self::row($told, $one, $counted), escape: '');
                    $zip->addFromString(self::beside($frame, $names), $this->sidecar->of(...self::stars($frame)));
                }
                fwrite($whole, $comma.json_encode($told, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION));
                $comma = ",\n";
            }
            fwrite($whole, ']}');
            fclose($table);
            fclose($whole);
            $zip->addFile("{$folder}/frames.csv", 'frames.csv');
            $zip->addFile("{$folder}/log.json", 'log.json');
            $zip->close();
        } finally {
            array_map(unlink(...), glob($folder.'/*') ?: []);
            rmdir($folder);
        }
    }

    /**
     * @param  array<string, string>  $where
     * @return LazyCollection<int, BurstRecord>
     */
    private function bursts(User $user, array $where): LazyCollection
    {
        $bursts = $user->bursts();
        if ($where !== []) {
            $bursts->whereIn('id', Counting::of($user, $where)->counted()->select('burst_id'));
        }

        /** @var LazyCollection<int, BurstRecord> $found */
        $found = $bursts->lazyById(200);

        return $found;
    }

    /**
     * @param  array<string, string>  $counted  what it is counted as
     * @return array<string, mixed>
     */
    private function head(User $user, BurstRecord $burst, array $counted): array
    {
        $rush = $counted[Dimension::Rush->value] ?? '';
        $outing = $counted[Dimension::Outing->value] ?? '';

        return [
            'id' => $burst->id,
            'began' => $burst->clock,
            'body' => $burst->body,
            'lens' => $burst->lens,
            'rush' => $rush === '' ? null : $this->counts->words($user, Dimension::Rush, [$rush])[$rush],
            'outing' => $outing === '' ? null : $this->counts->words($user, Dimension::Outing, [$outing])[$outing],
        ];
    }

    /** @return array<string, mixed> */
    private static function frame(FrameRecord $frame): array
    {
        $facts = $frame->facts();

        return [
            'name' => $frame->name,
            'sha256' => $frame->hash,
            'taken_at' => $facts->takenAt,
            'offset' => $facts->offset,
            'shutter_s' => $facts->shutterS,
            'f_number' => $facts->fNumber,
            'iso' => $facts->iso,
            'focal_mm' => $facts->focalMm,
            'distance_m' => $facts->distanceM,
            'rating' => $facts->rating,
            'verdict' => $frame->verdict->value,
            'confidence' => round($frame->confidence, 3),
            'eye' => $frame->eye?->value,
            'blur_px' => $frame->total_px === null ? null : round($frame->total_px, 2),
            'limit_px' => round($frame->limit_px, 2),
        ];
    }

    /**
     * @param  array<string, mixed>  $burst
     * @param  array<string, mixed>  $frame
     * @param  array<string, string>  $counted
     * @return list<string> in the order of the columns
     */
    private static function row(array $burst, array $frame, array $counted): array
    {
        $promised = $counted[Dimension::Promised->value] ?? '';
        $all = ['burst' => $burst['id'], 'file' => $frame['name'], 'promised_percent' => $promised] + $frame + $burst;

        return array_map(static fn (string $column): string => self::plain($all[$column] ?? ''), self::COLUMNS);
    }

    /** What a spreadsheet would take for a formula is told as text. */
    private static function plain(mixed $value): string
    {
        $text = is_scalar($value) ? (string) $value : '';

        return is_string($value) && preg_match('/^[=+\-@\t\r]/', $text) === 1 && preg_match('/^[+-]\d\d:\d\d$/', $text) !== 1
            ? "'".$text
            : $text;
    }

    /** @return array{?int, string} stars, as the file has them or as the person has judged; and the verdict in words */
    private static function stars(FrameRecord $frame): array
    {
        $eye = $frame->eye;

        return [
            $frame->facts()->rating ?? ($eye === null ? null : self::STARS[$eye->isKeeper()]),
            ($eye ?? $frame->verdict)->words(),
        ];
    }

    /** @param  array<string, int>  $names  how often each name has been so far: two cards may have counted from the same number */
    private static function beside(FrameRecord $frame, array &$names): string
    {
        $day = $frame->taken_at?->format('Y-m-d') ?? 'no-day';
        $name = preg_replace('/[^\w.\- ]+/u', '_', pathinfo($frame->name, PATHINFO_FILENAME)) ?? 'frame';
        $path = "sidecars/{$day}/{$name}";
        $names[$path] = ($names[$path] ?? 0) + 1;

        return $path.($names[$path] > 1 ? " ({$names[$path]})" : '').'.xmp';
    }
}
