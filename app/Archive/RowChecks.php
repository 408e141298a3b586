<?php

declare(strict_types=1);

namespace App\Archive;

use App\Documents\SchemaChecker;
use App\Kits\GearDocuments;
use App\Models\FrameRecord;
use App\Models\GearRecord;
use RushHold\Card\CameraState;
use RushHold\Controls\Layout;
use RushHold\Counts\Promise;
use RushHold\Document\Reader;
use RushHold\Faults\HiddenCharacters;
use RushHold\Faults\NumberOutOfRange;
use RushHold\Faults\TextOutOfBounds;
use RushHold\Faults\UnknownChoice;
use RushHold\Faults\WrongType;
use RushHold\Hold\Dials;
use RushHold\Log\FrameFacts;
use RushHold\Outing\LocalDay;
use RushHold\Outing\Place;
use RushHold\Rush\Rush;
use RushHold\Sharpness\FrameBlur;
use RushHold\Sharpness\FrameVerdict;

/**
 * Holds the rows of an archive to what could have been written through the pages: whoever has changed one on the way is told, and nothing of
 * it is kept.
 */
final readonly class RowChecks
{
    private const LONGEST = 120;

    private const MOMENT = '/^\d{4}-\d\d-\d\d \d\d:\d\d:\d\d(\.\d{1,6})?$/';

    private const FOUND_BY = ['touch', 'found', 'file', 'plan', 'middle', FrameRecord::TABLE];

    /** Ticks of a card. */
    private const TICKS = 500;

    public function __construct(private SchemaChecker $checker, private GearDocuments $gear) {}

    /**
     * @param  array<string, mixed>  $row  with its documents as objects
     * @param  string  $under  where it stands
     * @return array<string, mixed> what is kept of it
     */
    public function row(Part $part, array $row, string $under): array
    {
        $kept = [];
        foreach ($part->columns as $column) {
            $isDocument = in_array($column, $part->documents, true);
            $kept[$column] = self::value($column, $row[$column] ?? null, "{$under}/{$column}", $isDocument);
        }

        return match ($part->table) {
            'gear' => $this->gear($kept, $under),
            'rushes' => $this->rush($kept, $under),
            'layouts' => $this->layout($kept, $under),
            'camera_states' => $this->cameraState($kept, $under),
            'places' => $this->place($kept, $under),
            'outings' => $this->outing($kept, $under),
            'cards' => self::card($kept, $under),
            'promises' => self::promise($kept, $under),
            'bursts' => self::burst($kept, $under),
            'frames' => self::frame($kept, $under),
            default => $kept,
        };
    }

    private static function value(string $column, mixed $value, string $at, bool $isDocument): mixed
    {
        if ($value === null || $isDocument) {
            return $value;
        }
        if (str_ends_with($column, '_at')) {
            return is_string($value) && preg_match(self::MOMENT, $value) === 1 && strtotime($value) !== false
                ? $value
                : throw TextOutOfBounds::of($at, self::shown($value), 'a moment, as 2026-05-23 05:40:00');
        }
        if (is_string($value)) {
            HiddenCharacters::refuse($value, $at);

            return mb_strlen($value) <= self::LONGEST
                ? $value
                : throw TextOutOfBounds::of($at, self::shown($value), 'at most '.self::LONGEST.' characters');
        }

        return is_bool($value) || is_int($value) || (is_float($value) && is_finite($value))
            ? $value
            : throw WrongType::of($at, $value, 'a text or a number');
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private function gear(array $row, string $under): array
    {
        $type = self::choice($row['type'], GearRecord::TYPES, $under.'/type');
        $this->gear->check(self::object($row['document'], $under), $type, $under.'/document');

        return ['type' => $type, 'name' => self::name($row, $under)] + $row;
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private function rush(array $row, string $under): array
    {
        $document = self::object($row['document'], $under);
        HiddenCharacters::refuse($document, $under);
        Rush::fromArray($this->checker->check($document, 'rush', $under.'/document'));
        if ($row['dials'] !== null) {
            Dials::fromArray($this->checker->check(self::object($row['dials'], $under), 'dials', $under.'/dials'));
        }
        $focal = $row['focal_mm'];
        if ($focal !== null && (! is_numeric($focal) || $focal < 1 || $focal > 5000)) {
            throw NumberOutOfRange::of($under.'/focal_mm', (float) (is_numeric($focal) ? $focal : 0), 1, 5000, 'mm');
        }

        return ['name' => self::name($row, $under)] + $row;
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private function layout(array $row, string $under): array
    {
        $document = self::object($row['document'], $under);
        Layout::fromArray($this->checker->check($document, 'layout', $under.'/document'));

        return $row;
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private function cameraState(array $row, string $under): array
    {
        $document = self::object($row['document'], $under);
        CameraState::fromArray($this->checker->check($document, 'camera-state', $under.'/document'));

        return ['by' => self::text($row['by'], $under.'/by'), 'left_at' => self::text($row['left_at'], $under.'/left_at')] + $row;
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private function place(array $row, string $under): array
    {
        $document = self::object($row['document'], $under);
        HiddenCharacters::refuse($document, $under);
        Place::read(Reader::of($this->checker->check($document, 'place', $under.'/document'), 'place'));

        return ['name' => self::name($row, $under)] + $row;
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private function outing(array $row, string $under): array
    {
        $document = self::object($row['document'], $under);
        HiddenCharacters::refuse($document, $under);
        $outing = Reader::of($this->checker->check($document, 'outing.json#/$defs/kept', $under.'/document'));
        LocalDay::of($outing->text('date'), 'UTC', $under.'/document/date');

        return ['name' => self::name($row, $under), 'day' => $outing->text('date')] + $row;
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private static function card(array $row, string $under): array
    {
        $ids = $row['rushes'];
        if (! is_array($ids) || ! array_is_list($ids) || count($ids) > Layout::HOLDS * 4) {
            throw WrongType::of($under.'/rushes', $ids, 'a list of rushes');
        }
        $ticks = [];
        foreach (array_slice(get_object_vars((object) $row['ticks']), 0, self::TICKS, true) as $name => $tick) {
            $on = is_object($tick) ? ($tick->on ?? null) : null;
            $at = is_object($tick) ? ($tick->at ?? null) : null;
            if (! is_bool($on) || ! is_int($at) || $at < 0 || mb_strlen((string) $name) > 160) {
                throw WrongType::of($under.'/ticks', $tick, 'ticks of a card');
            }
            HiddenCharacters::refuse((string) $name, $under.'/ticks');
            $ticks[$name] = (object) ['on' => $on, 'at' => $at];
        }

        return [
            'name' => self::name($row, $under),
            'rushes' => array_map(static fn (mixed $id): string => self::text($id, $under.'/rushes'), $ids),
            'ticks' => (object) $ticks,
        ] + $row;
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private static function promise(array $row, string $under): array
    {
        $promise = Promise::kept(Reader::of(Reader::plain(self::object($row['document'], $under)), $under));
        $fingerprint = self::text($row['fingerprint'], $under.'/fingerprint');
        if (preg_match('/^[0-9a-f]{32}$/', $fingerprint) !== 1) {
            throw TextOutOfBounds::of($under.'/fingerprint', $fingerprint, '32 hexadecimal digits');
        }

        return ['document' => (object) $promise->toArray(), 'made_at' => self::text($row['made_at'], $under.'/made_at')] + $row;
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private static function burst(array $row, string $under): array
    {
        $subject = $row['subject'];
        if ($subject !== null) {
            $read = Reader::of(Reader::plain(self::object($subject, $under)), $under.'/subject');
            $subject = (object) [
                'frame' => $read->text('frame'),
                'x' => $read->whole('x'),
                'y' => $read->whole('y'),
                'w' => $read->whole('w'),
                'h' => $read->whole('h'),
            ];
        }

        return [
            'body' => (string) $row['body'],
            'lens' => (string) $row['lens'],
            'began_at' => self::text($row['began_at'], $under.'/began_at'),
            'ended_at' => self::text($row['ended_at'], $under.'/ended_at'),
            'clock' => $row['clock'] === null ? null : mb_substr(self::text($row['clock'], $under.'/clock'), 0, 32),
            'subject' => $subject,
            'by_hand' => (bool) $row['by_hand'],
        ] + $row;
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private static function frame(array $row, string $under): array
    {
        $verdicts = array_column(FrameVerdict::cases(), 'value');
        $hash = self::text($row['hash'], $under.'/hash');
        if (preg_match('/^[0-9a-f]{64}$/', $hash) !== 1) {
            throw TextOutOfBounds::of($under.'/hash', self::shown($hash), '64 hexadecimal digits');
        }
        [$width, $height] = [self::whole($row['width'], $under.'/width'), self::whole($row['height'], $under.'/height')];
        $measured = self::object($row['measured'], $under);
        $read = Reader::of(Reader::plain($measured), $under.'/measured');
        $blur = FrameBlur::kept($read, $width, $height);
        $crop = $row['crop'];
        if ($crop !== null && (! is_string($crop) || preg_match('/^\d{1,6},\d{1,6},\d{1,6},\d{1,6}$/', $crop) !== 1)) {
            throw TextOutOfBounds::of($under.'/crop', self::shown($crop), 'four numbers of px');
        }
        $seen = [];
        foreach (['likeness', 'elsewhere'] as $share) {
            if ($read->has($share)) {
                $seen[$share] = $read->number($share);
            }
        }

        return [
            'name' => self::name($row, $under),
            'width' => $width,
            'height' => $height,
            'facts' => (object) FrameFacts::kept(
                Reader::of(Reader::plain(self::object($row['facts'], $under)), $under.'/facts'),
            )->toArray(),
            // told from what was read, so that nothing goes along that nobody has measured
            'measured' => (object) ($seen + $blur->toArray()),
            'found_by' => self::choice($row['found_by'], self::FOUND_BY, $under.'/found_by'),
            'verdict' => self::choice($row['verdict'], $verdicts, $under.'/verdict'),
            'eye' => $row['eye'] === null ? null : self::choice($row['eye'], $verdicts, $under.'/eye'),
            'limit_px' => self::number($row['limit_px'], $under.'/limit_px'),
            'floor_px' => self::number($row['floor_px'] ?? 0.0, $under.'/floor_px'),
            'total_px' => $row['total_px'] === null ? null : self::number($row['total_px'], $under.'/total_px'),
            'confidence' => min(1.0, self::number($row['confidence'], $under.'/confidence')),
        ] + $row;
    }

    /** @param  array<string, mixed>  $row */
    private static function name(array $row, string $under): string
    {
        $name = self::text($row['name'], $under.'/name');

        return trim($name) !== '' ? $name : throw TextOutOfBounds::of($under.'/name', $name, 'a name');
    }

    /** @param  list<string>  $of */
    private static function choice(mixed $value, array $of, string $at): string
    {
        return is_string($value) && in_array($value, $of, true) ? $value : throw UnknownChoice::of($at, $value, $of);
    }

    private static function text(mixed $value, string $at): string
    {
        return is_string($value) ? $value : throw WrongType::of($at, $value, 'a text');
    }

    private static function whole(mixed $value, string $at): int
    {
        return is_int($value) && $value >= 1 && $value <= 100_000
            ? $value
            : throw NumberOutOfRange::of($at, (float) (is_numeric($value) ? $value : 0), 1, 100_000, 'px');
    }

    private static function number(mixed $value, string $at): float
    {
        return (is_int($value) || is_float($value)) && $value >= 0 && $value <= 1e6
            ? (float) $value
            : throw NumberOutOfRange::of($at, (float) (is_numeric($value) ? $value : 0), 0, 1e6);
    }

    private static function object(mixed $value, string $at): \stdClass
    {
        return $value instanceof \stdClass ? $value : throw WrongType::of($at, $value, 'an object');
    }

    private static function shown(mixed $value): string
    {
        return is_scalar($value) ? mb_substr((string) $value, 0, 40) : '';
    }
}
