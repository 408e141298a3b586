<?php

declare(strict_types=1);

namespace App\Log\Frames;

use App\Log\Bursts\BurstKeeper;
use App\Log\Bursts\FileNames;
use App\Log\Bursts\LogShapes;
use App\Log\Intake\FrameReader;
use App\Log\Intake\Looked;
use App\Log\Intake\ReadFrame;
use App\Models\BurstRecord;
use App\Models\FrameRecord;
use App\Models\RushRecord;
use App\Models\User;
use App\Plans\PlanCache;
use Illuminate\Support\Facades\DB;
use RushHold\Faults\Fault;
use RushHold\Log\FrameFacts;
use RushHold\Planning\Plan;
use RushHold\Sharpness\Box;

/** Keeps frames: what was seen of them, their pictures, the verdict by the standard of their burst. */
final readonly class FrameKeeper
{
    public function __construct(
        private FramePictures $pictures,
        private BurstKeeper $bursts,
        private PlanCache $plans,
        private Floors $floors,
    ) {}

    /**
     * Puts the pictures of a frame where they stay, before it is kept: it never stands in the log without them, and nobody waits for a disk
     * while an account is locked.
     *
     * @param  string  $hash  SHA-256 of its file
     * @param  string  $name  of its file
     * @param  ?string  $fileId  its file, where that is kept for a while
     * @param  array{Looked, string, string, Box}  $read  {@see FrameReader::read()}
     */
    public function put(User $user, string $hash, string $name, ?string $fileId, array $read): ReadFrame
    {
        [$looked, $whole, $piece, $crop] = $read;
        $picture = $this->pictures->putNew($user->id, $whole, $piece);

        return new ReadFrame($hash, $name, $fileId, $looked, $picture, strlen($whole) + strlen($piece), $crop);
    }

    /** Within a transaction, the account in turn. */
    public function keep(User $user, ReadFrame $read): FrameRecord
    {
        $facts = $read->looked->facts;
        $burst = $this->bursts->place($user, $facts, FileNames::fps($user));
        $frame = $user->frames()->make([
            'burst_id' => $burst->id,
            'file_id' => $read->fileId,
            'hash' => $read->hash,
            'name' => $read->name,
            'taken_at' => BurstKeeper::moment($facts),
            'width' => $read->looked->width,
            'height' => $read->looked->height,
            'facts' => (object) $facts->toArray(),
            'held_by' => $user->id,
            'picture' => $read->picture,
            'picture_bytes' => $read->bytes,
            'crop' => self::text($read->crop),
        ]);
        $this->see($frame, $read->looked, $this->plan($burst, $user), $this->floorPx($frame, $facts));
        $frame->save();
        $this->bursts->recount($burst->id);

        return $frame;
    }

    /**
     * What has been seen of a frame anew, with a piece round where its subject is now. Within a transaction, after which the piece is put.
     *
     * @param  int  $whole  bytes of all of it, reduced
     */
    public function again(FrameRecord $frame, Looked $looked, string $piece, Box $crop, ?Plan $plan, int $whole): void
    {
        $this->see($frame, $looked, $plan, $this->floorPx($frame, $looked->facts));
        $frame->fill(['crop' => self::text($crop), 'picture_bytes' => $whole + strlen($piece)])->save();
        DB::afterCommit(fn () => $this->pictures->put($frame, FramePictures::PIECE, $piece));
    }

    /** How long all of a frame is, reduced. */
    public function wholeBytes(FrameRecord $frame): int
    {
        return $this->pictures->bytesOf($frame, FramePictures::WHOLE);
    }

    /** Judges all frames of a burst by the standard it has now, without their files. */
    public function judge(BurstRecord $burst): void
    {
        $plan = $this->plan($burst, $burst->user);
        $floorPx = $this->floors->of($burst->user_id, $burst->body)->px;
        foreach ($burst->inOrder() as $frame) {
            if ($frame->isFromTable()) {
                continue; // nothing of it can be judged again
            }
            $this->see($frame, Looked::kept($frame), $plan, $floorPx);
            $frame->save();
        }
        $this->bursts->recount($burst->id);
    }

    /** The plan a burst was taken by; null where nobody has said, or there is none. */
    public function plan(BurstRecord $burst, User $user): ?Plan
    {
        $rush = $burst->rush_id === null
            ? null
            : LogShapes::rushes($user)->with(RushRecord::WITH_KIT)->find($burst->rush_id);
        if ($rush === null) {
            return null;
        }
        try {
            return $this->plans->planOf($rush, $user);
        } catch (Fault) {
            return null;
        }
    }

    private function floorPx(FrameRecord $frame, FrameFacts $facts): float
    {
        return $this->floors->of($frame->user_id, (string) $facts->body)->px;
    }

    private function see(FrameRecord $frame, Looked $looked, ?Plan $plan, float $floorPx): void
    {
        $judgement = $looked->judged(
            FrameStandard::of($looked->facts, $looked->width, $looked->height, $plan, $floorPx),
        );
        $frame->fill([
            'measured' => $looked->measured(),
            'found_by' => $looked->by,
            'total_px' => $looked->blur->subject?->totalPx(),
            'floor_px' => $floorPx,
            'limit_px' => $judgement->limitPx,
            'verdict' => $judgement->verdict,
            'confidence' => $judgement->confidence,
        ]);
    }

    private static function text(Box $box): string
    {
        return implode(',', [$box->x, $box->y, $box->width, $box->height]);
    }
}
