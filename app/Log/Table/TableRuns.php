<?php

declare(strict_types=1);

namespace App\Log\Table;

use App\Documents\SchemaChecker;
use App\Files\FilePurpose;
use App\Files\Files;
use App\Limits\Quota;
use App\Models\FileRecord;
use App\Models\RunRecord;
use App\Models\User;
use App\Runs\RunHandler;

/** Taking tables into the log. */
final readonly class TableRuns implements RunHandler
{
    /** What it rests on is chosen, and does not change. */
    public const FINGERPRINT = 'table';

    public function __construct(
        private Files $files,
        private SchemaChecker $checker,
        private TableKeeper $keeper,
        private Quota $quota,
    ) {}

    public function atOnce(): int
    {
        return 1;
    }

    public function kept(): int
    {
        return 4;
    }

    public function fingerprint(RunRecord $run): ?string
    {
        return $this->file($run) === null ? null : self::FINGERPRINT;
    }

    public function work(RunRecord $run): TableWork
    {
        $file = $this->file($run) ?? throw new \LogicException('A table whose file is gone is overtaken.');

        return $this->of($run->user, $run->id, $file, $this->text($file), $run->state ?? []);
    }

    /** @param  array<string, mixed>  $state  what was chosen, and where it was put down */
    public function of(User $user, string $run, FileRecord $file, TableText $text, array $state): TableWork
    {
        return new TableWork($user, $run, $file, $this->files, $text, $this->keeper, $this->quota, $state);
    }

    public function text(FileRecord $file): TableText
    {
        return TableText::of($this->checker, $this->files->text($file));
    }

    private function file(RunRecord $run): ?FileRecord
    {
        return $run->user->files()->where('purpose', FilePurpose::Table->value)->find((string) ($run->state['file'] ?? ''));
    }
}
