<?php

declare(strict_types=1);

namespace App\Log\Frames;

use App\Files\Files;
use App\Images\JpegPicture;
use App\Images\UnreadablePicture;
use App\Log\Bursts\BurstKeeper;
use App\Log\Intake\FrameReader;
use App\Log\Intake\Look;
use App\Log\Intake\Looked;
use App\Models\BurstRecord;
use App\Models\FrameRecord;
use App\Runs\Work;
use RushHold\Planning\Plan;
use RushHold\Sharpness\Box;

/**
 * The frames of a burst looked at again, as far as their files are still there: the one a person has touched first, then those after it
 * and those before it, each on the trail of the one next to it. Without a touch each by itself.
 */
final class RelookWork implements Work
{
    /** @var list<string> frames, in the order they are looked at */
    private array $order;

    private int $done;

    /** @var ?array{frame: string, x: int, y: int, w: int, h: int} where the subject was seen clearly last */
    private ?array $trail;

    /** @var list<array{FrameRecord, Looked, string, Box, int}> what has been seen since the last time it was kept */
    private array $seen = [];

    private readonly ?Plan $plan;

    /** @var array<string, FrameRecord> by id */
    private readonly array $frames;

    /** @var ?array{frame: string, x: int, y: int, w: int, h: int} */
    private readonly ?array $touched;

    /** @param  array<string, mixed>  $state  where it was put down */
    public function __construct(
        private readonly BurstRecord $burst,
        private readonly Files $files,
        private readonly FrameReader $reader,
        private readonly FrameKeeper $keeper,
        private readonly BurstKeeper $bursts,
        array $state,
    ) {
        $frames = [];
        foreach ($burst->inOrder() as $frame) {
            $frames[$frame->id] = $frame;
        }
        $this->frames = $frames;
        $touched = (array) $burst->subject;
        /** @var ?array{frame: string, x: int, y: int, w: int, h: int} $touched */
        $touched = isset($touched['frame'], $frames[$touched['frame']]) ? $touched : null;
        $this->touched = $touched;
        /** @var list<string> $order */
        $order = $state['order'] ?? $this->order();
        $this->order = $order;
        $this->done = (int) ($state['done'] ?? 0);
        /** @var ?array{frame: string, x: int, y: int, w: int, h: int} $trail */
        $trail = $state['trail'] ?? $touched;
        $this->trail = $trail;
        $this->plan = $keeper->plan($burst, $burst->user);
    }

    public function step(): void
    {
        $id = $this->order[$this->done++];
        if ($id === $this->beforeTouched()) {
            // what was followed to the end of the burst is followed from the touch again, whatever there is of this frame
            $this->trail = $this->touched;
        }
        $frame = $this->frames[$id] ?? null;
        $bytes = $frame?->file === null ? null : $this->files->textIfThere($frame->file);
        if ($frame === null || $bytes === null) {
            return;
        }
        try {
            $jpeg = $this->reader->jpeg($bytes);
            $look = $this->look($frame);
            [$looked, $piece, $crop] = $this->reader->look($jpeg, $look);
        } catch (UnreadablePicture) {
            return; // it has been read before; its file has gone bad since, and what was seen then stays
        }
        if ($this->touched !== null && ($looked->sighting === null || $looked->sighting->isClear())) {
            $this->trail = ['frame' => $frame->id] + self::box($looked->blur->box);
        }
        $this->seen[] = [$frame, $looked, $piece, $crop, $this->keeper->wholeBytes($frame)];
    }

    public function isFinished(): bool
    {
        return $this->done >= count($this->order);
    }

    public function isFull(): bool
    {
        return false;
    }

    public function done(): int
    {
        return $this->done;
    }

    public function whole(): int
    {
        return count($this->order);
    }

    public function keep(): void
    {
        $this->burst->user->inTurn();
        foreach ($this->seen as [$frame, $looked, $piece, $crop, $whole]) {
            $this->keeper->again($frame, $looked, $piece, $crop, $this->plan, $whole);
        }
        $this->seen = [];
        $this->bursts->recount($this->burst->id);
    }

    public function state(): array
    {
        return ['order' => $this->order, 'done' => $this->done, 'trail' => $this->trail];
    }

    public function reading(): array
    {
        return ['frames' => count($this->order)];
    }

    /** @throws UnreadablePicture */
    private function look(FrameRecord $frame): Look
    {
        if ($this->touched === null) {
            return new Look(planned: $this->plan?->hold->place);
        }
        if ($frame->id === $this->touched['frame']) {
            return new Look(self::read($this->touched));
        }
        $trail = $this->trail ?? $this->touched;
        $look = new Look(self::read($trail));
        $file = $this->frames[$trail['frame']]->file ?? null;
        $bytes = $file === null ? null : $this->files->textIfThere($file);
        if ($bytes !== null) {
            $look->after(JpegPicture::read($this->reader->jpeg($bytes)), self::read($trail));
        }

        return $look;
    }

    /** @return list<string> */
    private function order(): array
    {
        $ids = array_keys($this->frames);
        $at = $this->touched === null ? false : array_search($this->touched['frame'], $ids, true);

        return $at === false ? $ids : [...array_slice($ids, $at), ...array_reverse(array_slice($ids, 0, $at))];
    }

    /** The frame right before the touched one; null where there is none. */
    private function beforeTouched(): ?string
    {
        $ids = array_keys($this->frames);
        $at = array_search($this->touched['frame'] ?? '', $ids, true);

        return $at === false || $at === 0 ? null : $ids[$at - 1];
    }

    /** @param  array{x: int, y: int, w: int, h: int}  $box */
    private static function read(array $box): Box
    {
        return new Box($box['x'], $box['y'], $box['w'], $box['h']);
    }

    /** @return array{x: int, y: int, w: int, h: int} */
    private static function box(Box $box): array
    {
        return ['x' => $box->x, 'y' => $box->y, 'w' => $box->width, 'h' => $box->height];
    }
}
