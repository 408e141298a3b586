<?php

declare(strict_types=1);

namespace App\Log\Intake;

use App\Log\Frames\FramePictures;
use App\Models\FileRecord;
use RushHold\Document\Reader;
use RushHold\Sharpness\Box;

/** A frame that has been read, its pictures where they stay, and that is not in the log yet. */
final readonly class ReadFrame
{
    /**
     * @param  string  $hash  SHA-256 of its file
     * @param  string  $name  of its file
     * @param  ?string  $fileId  its file, where that is kept for a while
     * @param  string  $picture  under which name its pictures are, {@see FramePictures::putNew()}
     * @param  int  $bytes  of its pictures
     * @param  Box  $crop  what of the picture the piece shows, as the file lies
     */
    public function __construct(
        public string $hash,
        public string $name,
        public ?string $fileId,
        public Looked $looked,
        public string $picture,
        public int $bytes,
        public Box $crop,
    ) {}

    /** @return array<string, mixed> what has been seen of it, to be kept with its file */
    public function toArray(): array
    {
        return [
            'facts' => (object) $this->looked->facts->toArray(),
            'width' => $this->looked->width,
            'height' => $this->looked->height,
            'measured' => $this->looked->measured(),
            'found_by' => $this->looked->by,
            'picture' => $this->picture,
            'bytes' => $this->bytes,
            'crop' => $this->crop->toArray(),
        ];
    }

    /** @param  Reader  $kept  from {@see toArray()} */
    public static function kept(FileRecord $file, Reader $kept): self
    {
        $crop = $kept->inside('crop');

        return new self(
            $file->hash,
            $file->name,
            $file->id,
            Looked::of(
                $kept->inside('facts'),
                $kept->inside('measured'),
                $kept->whole('width'),
                $kept->whole('height'),
                $kept->text('found_by'),
            ),
            $kept->text('picture'),
            $kept->whole('bytes'),
            new Box($crop->whole('x'), $crop->whole('y'), $crop->whole('width'), $crop->whole('height')),
        );
    }
}
