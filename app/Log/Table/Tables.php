<?php

declare(strict_types=1);

namespace App\Log\Table;

use App\Files\FilePurpose;
use App\Files\Files;
use App\Limits\Quota;
use App\Models\FileRecord;
use App\Models\RunRecord;
use App\Models\User;
use App\Runs\RunKind;
use App\Runs\RunKinds;
use App\Runs\Runs;
use RushHold\Tables\TableMatch;

/** Tables of frames, taken into the log in the background. */
final readonly class Tables extends RunKind
{
    /** How long it is told that one has been taken in, and can be taken back, in seconds: a week. */
    private const TOLD_S = 7 * 86_400;

    public function __construct(
        private Runs $runs,
        private Files $files,
        private TableLook $look,
        private TableKeeper $keeper,
        private Quota $quota,
    ) {}

    public function kept(): int
    {
        return 4;
    }

    public function resume(RunRecord $run): ?TableWork
    {
        $id = (string) ($run->state['file'] ?? '');
        $file = $run->user->files()->where('purpose', FilePurpose::Table->value)->find($id);

        return $file === null
            ? null
            : $this->of($run->user, $run->id, $file, $this->look->text($file), $run->state ?? []);
    }

    /**
     * Begins to take one in.
     *
     * @param  array<string, mixed>  $chosen  columns and days
     */
    public function begin(User $user, FileRecord $file, array $chosen): RunRecord
    {
        $text = $this->look->text($file);
        $match = TableLook::match($text, $chosen);
        if ($match !== null && ! $match->isWhole()) {
            throw TableMatch::withoutMoment();
        }
        $state = ['file' => $file->id, 'name' => $file->name, 'whole' => $text->count()] +
            ($match === null ? [] : ['columns' => $match->toArray(), 'days' => $match->days->value]);

        return $this->runs->begin(
            $user,
            RunKinds::TABLE,
            $this->of($user, '', $file, $text, $state),
            state: $state,
        );
    }

    /** The one that is being taken in, or was last. */
    public function last(User $user): ?RunRecord
    {
        $last = $this->runs->last($user->id, RunKinds::TABLE);
        $isOld = $last !== null && $last->status !== RunRecord::RUNNING && $last->silentS() > self::TOLD_S;

        return $isOld ? null : $last;
    }

    /** @param  array<string, mixed>  $state  what was chosen, and where it was put down */
    private function of(User $user, string $run, FileRecord $file, TableText $text, array $state): TableWork
    {
        return new TableWork($user, $run, $file, $this->files, $text, $this->keeper, $this->quota, $state);
    }
}
