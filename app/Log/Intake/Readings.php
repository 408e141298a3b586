<?php

declare(strict_types=1);

namespace App\Log\Intake;

use App\Files\FilePurpose;
use App\Files\Files;
use App\Images\UnreadablePicture;
use App\Log\Frames\FrameKeeper;
use App\Log\Frames\FramePictures;
use App\Models\FileRecord;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use RushHold\Document\Reader;

/**
 * Files that wait to be taken in, read one by one by whoever comes: each is held by who reads it, counts how often that was begun, and keeps
 * what came of it until the log takes it in.
 */
final readonly class Readings
{
    /** A file that so many have begun to read and none has come back from is given up. */
    private const MOST_TRIES = 3;

    /** Longer than any is read, in seconds. */
    private const HELD_S = 75;

    /** Files that are looked at for one that nobody reads. */
    private const AHEAD = 8;

    public function __construct(
        private Files $files,
        private FrameReader $reader,
        private FrameKeeper $keeper,
        private FramePictures $pictures,
    ) {}

    /**
     * Files that have not been taken in.
     *
     * @return Builder<FileRecord>
     */
    public function waiting(User $user): Builder
    {
        return FileRecord::query()
            ->where('user_id', $user->id)
            ->where('purpose', FilePurpose::Frame->value)
            ->where('read_at', null);
    }

    /** @return list<FileRecord> some that have been read */
    public function read(User $user): array
    {
        /** @var list<FileRecord> $read */
        $read = $this->inOrder($user)->where('outcome', '!=', null)->get()->all();

        return $read;
    }

    /** Takes hold of the next that nobody reads; null where there is none. */
    public function next(User $user): ?FileRecord
    {
        /** @var Collection<int, FileRecord> $unread */
        $unread = $this->inOrder($user)->where('outcome', null)->get();

        return $unread->first(
            static fn (FileRecord $file): bool => $file->hold(self::HELD_S, ['outcome' => null, 'read_at' => null]),
        );
    }

    /** Reads one that is held, and keeps with it what came of that. */
    public function go(User $user, FileRecord $file): void
    {
        try {
            $came = $this->cameOf($user, $file);
        } catch (\Throwable $thrown) {
            // nobody waits for who has failed
            $file->release();
            throw $thrown;
        }
        $text = json_encode(
            is_string($came) ? ['why' => $came] : $came->toArray(),
            JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR,
        );
        $kept = FileRecord::query()
            ->whereKey($file->id)
            ->update(['outcome' => $text, 'held_by' => null, 'held_until' => null]);
        $file->outcome = $text;
        $file->syncOriginalAttribute('outcome');
        if ($kept === 0 && ! is_string($came)) {
            // it has been let go of meanwhile
            $this->pictures->forget($user->id, $came->picture);
        }
    }

    /** What came of one that has been read: the frame, or why there is none. */
    public function outcome(FileRecord $file): ReadFrame|string
    {
        $kept = json_decode((string) $file->outcome, true);
        $kept = Reader::of(is_array($kept) ? $kept : []);

        return $kept->has('why') ? $kept->text('why') : ReadFrame::kept($file, $kept);
    }

    /** Lets go of one that is not taken in, with what came of it. */
    public function drop(FileRecord $file): void
    {
        $this->files->delete($file);
        $came = $file->outcome === null ? '' : $this->outcome($file);
        if ($came instanceof ReadFrame) {
            $this->pictures->forget($file->user_id, $came->picture);
        }
    }

    private function cameOf(User $user, FileRecord $file): ReadFrame|string
    {
        if ($file->tries >= self::MOST_TRIES) {
            return 'Whoever tried to read it broke off, three times.';
        }
        $bytes = $this->files->textIfThere($file);
        if ($bytes === null) {
            return 'It has been let go of.';
        }
        try {
            $read = $this->reader->read($bytes);
        } catch (UnreadablePicture $unreadable) {
            return $unreadable->getMessage();
        }

        return $this->keeper->put($user, $file->hash, $file->name, $file->id, $read);
    }

    /** @return Builder<FileRecord> */
    private function inOrder(User $user): Builder
    {
        $files = $this->waiting($user);
        $files->orderBy('created_at')->orderBy('id')->limit(self::AHEAD);

        return $files;
    }
}
