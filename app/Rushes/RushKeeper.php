<?php

declare(strict_types=1);

namespace App\Rushes;

use App\Models\Kit;
use App\Models\Rush;
use App\Models\RushVersion;
use App\Models\User;
use App\Problems\Problem;
use App\Problems\ProblemException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use RushHold\Document\DocumentChecker;
use RushHold\Rush\Rush as RushOfCraft;

/** Writes rushes: every state is kept for undo, and a write on top of an unseen one is refused. */
final readonly class RushKeeper
{
    /** States kept of one rush; older ones go. */
    private const KEPT = 300;

    public function __construct(private DocumentChecker $checker) {}

    public function create(User $user, Kit $kit, \stdClass $document, ?float $focalMm): Rush
    {
        $this->check($document);

        return DB::transaction(function () use ($user, $kit, $document, $focalMm): Rush {
            $rush = $user->rushes()->make(['name' => $document->name, 'document' => $document, 'kit_id' => $kit->id, 'focal_mm' => $focalMm, 'revision' => 1, 'position' => 1]);
            $rush->save();
            $this->keep($rush, 1, 'start');

            return $rush;
        });
    }

    /**
     * Saves a new state on top of the one the writer saw.
     *
     * @param  string  $gesture  changes made in one go carry one name and are undone together
     * @param  string  $write  the writer's own mark of this write, given back with the rush
     *
     * @throws ProblemException when somebody else has written since
     */
    public function edit(Rush $rush, int $seenRevision, string $gesture, \stdClass $document, Kit $kit, ?float $focalMm, string $write = ''): Rush
    {
        $this->check($document);

        return $this->locked($rush, $seenRevision, function (Rush $rush) use ($gesture, $document, $kit, $focalMm, $write): void {
            $current = $rush->versions()->where('seq', $rush->position)->first();
            $next = $current !== null && $current->gesture === $gesture ? $rush->position : $rush->position + 1;
            $rush->versions()->where('seq', '>', $rush->position)->delete();
            $rush->fill(['document' => $document, 'name' => $document->name, 'kit_id' => $kit->id, 'focal_mm' => $focalMm, 'position' => $next, 'write' => $write]);
            $this->keep($rush, $next, $gesture);
            if ($next > self::KEPT) {
                $rush->versions()->where('seq', '<=', $next - self::KEPT)->delete();
            }
        });
    }

    /** Steps back (−1) or forward (+1) through the states; at the end nothing changes. */
    public function step(Rush $rush, int $seenRevision, int $by): Rush
    {
        return $this->locked($rush, $seenRevision, function (Rush $rush) use ($by): void {
            $version = $rush->versions()->where('seq', $rush->position + $by)->first();
            if ($version !== null) {
                $rush->fill(['write' => '', 'document' => $version->document, 'name' => $version->document->name ?? $rush->name, 'kit_id' => $version->kit_id, 'focal_mm' => $version->focal_mm, 'position' => $version->seq]);
            }
        });
    }

    public function duplicate(Rush $rush, User $user): Rush
    {
        $document = clone $rush->document;
        $document->name = Str::limit('Copy of '.$rush->name, 118, '…');

        return $this->create($user, $rush->kit, $document, $rush->focal_mm);
    }

    /** @param  \Closure(Rush): void  $change */
    private function locked(Rush $rush, int $seenRevision, \Closure $change): Rush
    {
        return DB::transaction(function () use ($rush, $seenRevision, $change): Rush {
            /** @var Rush $now */
            $now = $rush->newQuery()->whereKey($rush->id)->lockForUpdate()->firstOrFail();
            if ($now->revision !== $seenRevision) {
                throw new ProblemException(new Problem(
                    'changed-elsewhere', 409, 'This rush was changed elsewhere', 'Another tab or device saved it after you opened it. Keep yours, or take theirs.',
                    [], ['revision' => $now->revision, 'rush' => $now->document],
                ));
            }
            $change($now);
            $now->revision++;
            $now->save();

            return $now;
        });
    }

    private function keep(Rush $rush, int $seq, string $gesture): void
    {
        RushVersion::query()->updateOrCreate(['rush_id' => $rush->id, 'seq' => $seq], [
            'gesture' => $gesture, 'kit_id' => $rush->kit_id, 'focal_mm' => $rush->focal_mm, 'document' => $rush->document,
        ]);
    }

    /** A rush must be whole and in range before it is kept; whether a lens can focus on it is for the plan to say. */
    private function check(\stdClass $document): void
    {
        RushOfCraft::fromArray($this->checker->check($document, 'rush', 'rush'));
    }
}
