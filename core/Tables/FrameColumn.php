<?php

declare(strict_types=1);

namespace RushHold\Tables;

use RushHold\Log\FrameFacts;

/** What a column of a table of frames may say of each. */
enum FrameColumn: string
{
    case File = 'file';

    case TakenAt = 'taken_at';

    case Day = 'day';

    case Time = 'time';

    case Offset = 'offset';

    case Body = 'body';

    case Lens = 'lens';

    case Shutter = 'shutter_s';

    case Aperture = 'f_number';

    case Iso = 'iso';

    case Focal = 'focal_mm';

    case Distance = 'distance_m';

    case Compensation = 'compensation';

    case Rating = 'rating';

    case Verdict = 'verdict';

    case Confidence = 'confidence';

    case Eye = 'eye';

    case Kept = 'kept';

    case Blur = 'blur_px';

    case Limit = 'limit_px';

    case Burst = 'burst';

    case Rush = 'rush';

    case Hash = 'sha256';

    /** As a person chooses it. */
    public function words(): string
    {
        return match ($this) {
            self::File => 'name of the file',
            self::TakenAt => 'day and time',
            self::Day => 'day',
            self::Time => 'time of day',
            self::Offset => 'hours ahead of UTC',
            self::Body => 'body',
            self::Lens => 'lens',
            self::Shutter => 'shutter',
            self::Aperture => 'aperture',
            self::Iso => 'ISO',
            self::Focal => 'focal length',
            self::Distance => 'distance',
            self::Compensation => 'exposure compensation',
            self::Rating => 'stars',
            self::Verdict => 'verdict, as measured',
            self::Confidence => 'how sure that is',
            self::Eye => 'verdict, by eye',
            self::Kept => 'kept or not',
            self::Blur => 'blur in px',
            self::Limit => 'what counts as sharp, in px',
            self::Burst => 'burst',
            self::Rush => 'rush',
            self::Hash => 'SHA-256 of the file',
        };
    }

    /** @return list<string> what such a column is called, in small letters and digits alone */
    private function names(): array
    {
        return match ($this) {
            self::File => ['file', 'filename', 'name', 'picture', 'photo', 'photograph', 'image', 'frame', 'sourcefile', 'path'],
            self::TakenAt => ['takenat', 'datetime', 'datetimeoriginal', 'dateandtime', 'captured', 'capturetime', 'capturedate', 'taken', 'shotat', 'timestamp', 'when', 'createdate'],
            self::Day => ['day', 'date'],
            self::Time => ['time', 'timeofday', 'clock'],
            self::Offset => ['offset', 'offsettime', 'offsettimeoriginal', 'zone', 'timezone', 'utcoffset'],
            self::Body => ['body', 'camera', 'cameramodel', 'model', 'camerabody'],
            self::Lens => ['lens', 'lensmodel', 'lensname'],
            self::Shutter => ['shutters', 'shutter', 'shutterspeed', 'exposuretime', 'exposure', 'speed'],
            self::Aperture => ['fnumber', 'aperture', 'f', 'fstop', 'av', 'aperturevalue'],
            self::Iso => ['iso', 'isospeed', 'sensitivity', 'isospeedratings', 'photographicsensitivity'],
            self::Focal => ['focalmm', 'focallength', 'focal', 'focallengthmm', 'mm'],
            self::Distance => ['distancem', 'distance', 'subjectdistance', 'distanceft', 'distancefeet', 'focusdistance'],
            self::Compensation => ['compensation', 'exposurecompensation', 'exposurebias', 'exposurebiasvalue', 'ev', 'bias'],
            self::Rating => ['rating', 'stars', 'star'],
            self::Verdict => ['verdict', 'measured'],
            self::Confidence => ['confidence'],
            self::Eye => ['eye', 'byeye', 'judgement', 'judgment', 'myverdict'],
            self::Kept => ['kept', 'keep', 'keeper', 'sharp', 'pick', 'picked', 'flag', 'hit', 'insharp', 'infocus'],
            self::Blur => ['blurpx', 'blur'],
            self::Limit => ['limitpx', 'limit'],
            self::Burst => ['burst', 'burstid', 'sequence', 'series', 'group'],
            self::Rush => ['rush'],
            self::Hash => ['sha256', 'hash'],
        };
    }

    /** @return list<self> those that say a number with a unit */
    public static function measured(): array
    {
        return [self::Shutter, self::Aperture, self::Iso, self::Focal, self::Compensation, self::Distance];
    }

    /**
     * The number one of {@see measured()} says, in the unit of its name; null where it says none, or one that cannot be.
     *
     * @param  bool  $isInFeet  whether a bare number in it is one of feet
     */
    public function number(string $text, bool $isInFeet): ?float
    {
        $whole = TableField::whole($text);
        $number = match ($this) {
            self::Shutter => TableField::shutter($text),
            self::Aperture => TableField::aperture($text),
            self::Iso => $whole === null ? null : (float) $whole,
            self::Focal => TableField::millimetres($text),
            self::Compensation => TableField::stops($text),
            self::Distance => TableField::metres($text, $isInFeet),
            default => null,
        };
        [$least, $most] = FrameFacts::BOUNDS[$this->value] ?? [0.0, 0.0];

        return $number !== null && $number >= $least && $number <= $most ? $number : null;
    }

    /** The one that a column of this name is likely to be; null where none is. */
    public static function called(string $name): ?self
    {
        $plain = (string) preg_replace('/[^a-z0-9]+/', '', mb_strtolower($name));
        foreach (self::cases() as $column) {
            if (in_array($plain, $column->names(), true)) {
                return $column;
            }
        }

        return null;
    }

    /** Whether a name says that what is below it is in feet. */
    public static function isInFeet(string $name): bool
    {
        return preg_match('/(^|[^a-z])(ft|feet|foot)([^a-z]|$)/i', $name) === 1;
    }
}
