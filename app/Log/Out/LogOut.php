<?php

declare(strict_types=1);

namespace App\Log\Out;

use App\Images\Sidecar;
use App\Log\Counts\Counting;
use App\Log\Counts\CountShapes;
use App\Models\BurstRecord;
use App\Models\FrameRecord;
use App\Models\User;
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

    /** How the table begins. */
    public static function tableBegins(): string
    {
        return self::line(self::COLUMNS);
    }

    /**
     * The next burst of those that are asked for.
     *
     * @param  array<string, string>  $where  value of each dimension that is to be so
     * @param  string  $after  id of the one before; empty at the beginning
     */
    public function next(User $user, array $where, string $after): ?BurstRecord
    {
        $bursts = $user->bursts()->where('id', '>', $after)->orderBy('id');
        if ($where !== []) {
            $bursts->whereIn('id', Counting::of($user, $where)->counted()->select('burst_id'));
        }

        /** @var ?BurstRecord $next */
        $next = $bursts->first();

        return $next;
    }

    /**
     * Some frames of a burst.
     *
     * @param  int  $from  how many of it have been told
     * @return array{int, string, string, string} how many these are; lines of the table; what log/1 says; and what is to lie beside each, a
     *     line each in JSON
     */
    public function part(User $user, BurstRecord $burst, int $from, int $most): array
    {
        $counted = Counting::facts($burst->id);
        $head = $this->head($user, $burst, $counted);
        $frames = $burst->inOrder($most, $from);
        [$table, $whole, $beside] = ['', $from === 0 ? substr(self::json($head), 0, -1).',"frames":[' : '', ''];
        foreach ($frames as $number => $frame) {
            $one = self::frame($frame);
            $table .= self::line(self::row($head, $one, $counted));
            $told = (object) array_filter($one, static fn (mixed $value): bool => $value !== null);
            $whole .= ($from + $number === 0 ? '' : ',').self::json($told);
            $beside .= self::json([self::beside($frame), $this->sidecar->of(...self::stars($frame))])."\n";
        }

        return [count($frames), $table, $whole.(count($frames) < $most ? ']}' : ''), $beside];
    }

    /** Makes the zip of what has been written into a folder. */
    public static function zip(string $folder, string $file): void
    {
        $zip = new \ZipArchive();
        $zip->open($file, \ZipArchive::CREATE | \ZipArchive::OVERWRITE);
        $zip->addFile("{$folder}/frames.csv", 'frames.csv');
        $zip->addFile("{$folder}/log.json", 'log.json');
        // two cards may have counted from the same number
        $names = [];
        $lines = fopen("{$folder}/beside.jsonl", 'rb') ?: throw new \RuntimeException('What has been written is gone.');
        while (($line = fgets($lines)) !== false) {
            /** @var array{string, string} $told */
            $told = json_decode($line, true, flags: JSON_THROW_ON_ERROR);
            [$path, $text] = $told;
            $names[$path] = ($names[$path] ?? 0) + 1;
            $zip->addFromString($path.($names[$path] > 1 ? " ({$names[$path]})" : '').'.xmp', $text);
        }
        fclose($lines);
        $zip->close();
    }

    /** @param  list<string>  $values */
    private static function line(array $values): string
    {
        $line = fopen('php://memory', 'w+b') ?: throw new \RuntimeException('There is no memory left.');
        fputcsv($line, $values, escape: '');
        rewind($line);
        $text = (string) stream_get_contents($line);
        fclose($line);

        return $text;
    }

    private static function json(mixed $value): string
    {
        return json_encode($value, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
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
            ...$facts->howTaken(),
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

    /** Where what lies beside it goes, but for how its name ends. */
    private static function beside(FrameRecord $frame): string
    {
        $day = $frame->taken_at?->format('Y-m-d') ?? 'no-day';
        $name = preg_replace('/[^\w.\- ]+/u', '_', pathinfo($frame->name, PATHINFO_FILENAME)) ?? 'frame';

        return "sidecars/{$day}/{$name}";
    }
}
