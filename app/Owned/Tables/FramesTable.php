<?php

declare(strict_types=1);

namespace App\Owned\Tables;

use App\Log\Counts\Tallies;
use App\Models\FrameRecord;
use App\Models\User;
use App\Owned\Column;
use App\Owned\OwnedTable;
use App\Owned\Row;
use RushHold\Counts\BurstFacts;
use RushHold\Document\Reader;
use RushHold\Log\FrameFacts;
use RushHold\Sharpness\FrameBlur;
use RushHold\Sharpness\FrameVerdict;

/** Frames that came home. */
final readonly class FramesTable extends OwnedTable
{
    private const FOUND_BY = ['touch', 'found', 'file', 'plan', 'middle', FrameRecord::TABLE];

    private const MOST_PX = 1e6;

    public function name(): string
    {
        return 'frames';
    }

    public function columns(): array
    {
        return [
            'id' => Column::id(),
            'user_id' => Column::account(),
            'burst_id' => Column::names('bursts'),
            'file_id' => Column::names('files')->inside()->left(),
            'hash' => Column::plain(),
            'name' => Column::plain(),
            'taken_at' => Column::plain(),
            'width' => Column::plain(),
            'height' => Column::plain(),
            'facts' => Column::document(),
            'measured' => Column::document(),
            'found_by' => Column::plain(),
            'total_px' => Column::plain(),
            'floor_px' => Column::plain(),
            'limit_px' => Column::plain(),
            'verdict' => Column::plain(),
            'confidence' => Column::plain(),
            'eye' => Column::plain(),
            'held_by' => Column::plain()->inside(static fn (int $account): int => $account),
            'picture' => Column::plain()->inside(static fn (): string => bin2hex(random_bytes(16))),
            'picture_bytes' => Column::plain()->inside(static fn (): int => 0),
            // an archive holds no runs, and a copy of the demo has none
            'table_run' => Column::plain()->inside()->left(),
            'crop' => Column::plain(),
            'created_at' => Column::plain(),
            'updated_at' => Column::plain(),
        ];
    }

    /** @return class-string<FrameRecord> */
    public function record(): string
    {
        return FrameRecord::class;
    }

    public function check(Row $row): array
    {
        $verdicts = array_column(FrameVerdict::cases(), 'value');
        $crop = $row->value('crop');

        return [
            'hash' => $row->like('hash', '/^[0-9a-f]{64}$/', '64 hexadecimal digits'),
            'name' => $row->name(),
            'width' => $row->px('width'),
            'height' => $row->px('height'),
            'facts' => (object) FrameFacts::kept(Reader::of(Reader::plain($row->object('facts')), $row->at('facts')))->toArray(),
            'measured' => self::measured($row),
            'found_by' => $row->choice('found_by', self::FOUND_BY),
            'verdict' => $row->choice('verdict', $verdicts),
            'eye' => $row->value('eye') === null ? null : $row->choice('eye', $verdicts),
            'limit_px' => $row->between('limit_px', 0, self::MOST_PX, 'px') ?? 0.0,
            'floor_px' => $row->between('floor_px', 0, self::MOST_PX, 'px') ?? 0.0,
            'total_px' => $row->between('total_px', 0, self::MOST_PX, 'px'),
            'confidence' => min(1.0, $row->between('confidence', 0, self::MOST_PX) ?? 0.0),
            'crop' => $crop === null ? null : $row->like('crop', '/^\d{1,6},\d{1,6},\d{1,6},\d{1,6}$/', 'four numbers of px'),
        ] + $row->all();
    }

    /** What was measured, told from what was read, so that nothing goes along that nobody has measured. */
    private static function measured(Row $row): \stdClass
    {
        $read = Reader::of(Reader::plain($row->object('measured')), $row->at('measured'));
        $seen = [];
        foreach (['likeness', 'elsewhere'] as $share) {
            if ($read->has($share)) {
                $seen[$share] = $read->number($share);
            }
        }

        return (object) ($seen + FrameBlur::kept($read, $row->px('width'), $row->px('height'))->toArray());
    }

    public function limits(): array
    {
        return ['frames' => 'frames', 'picture_bytes' => 'pictures of frames'];
    }

    /** As they have been counted: there may be a million. */
    public function used(User $user): array
    {
        return [
            'frames' => (int) Tallies::of($user, BurstFacts::ALL)->value('frames'),
            'picture_bytes' => Tallies::pictureBytes($user),
        ];
    }

    /** There may be a million, and these are in order within an account. */
    public function pagedBy(): string
    {
        return 'hash';
    }

    public function addresses(): array
    {
        return ['frames'];
    }
}
