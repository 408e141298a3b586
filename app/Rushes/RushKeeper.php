<?php

declare(strict_types=1);

namespace App\Rushes;

use App\History\History;
use App\Models\Kit;
use App\Models\Rush;
use App\Models\User;
use App\Problems\ProblemException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use RushHold\Document\DocumentChecker;
use RushHold\Rush\Rush as RushOfCraft;

/** Writes rushes: each is whole and in range before it is kept, and every state of it is kept. */
final readonly class RushKeeper
{
    public function __construct(private DocumentChecker $checker, private History $history) {}

    public function create(User $user, Kit $kit, \stdClass $document, ?float $focalMm, ?\stdClass $dials = null): Rush
    {
        $this->check($document);

        return DB::transaction(function () use ($user, $kit, $document, $focalMm, $dials): Rush {
            $rush = $user->rushes()->make(['name' => $document->name, 'document' => $document, 'kit_id' => $kit->id, 'focal_mm' => $focalMm, 'dials' => $dials, 'revision' => 1, 'position' => 1]);
            $rush->save();
            $this->history->begin($rush);

            return $rush;
        });
    }

    /**
     * Saves a new state on top of the one the writer saw.
     *
     * @param  ?\stdClass  $dials  dials taken from a rehearsal; null leaves those there are
     *
     * @throws ProblemException when somebody else has written since
     */
    public function edit(Rush $rush, int $seenRevision, string $gesture, \stdClass $document, Kit $kit, ?float $focalMm, string $write = '', ?\stdClass $dials = null): Rush
    {
        $this->check($document);
        $taken = $dials === null ? null : $this->checker->check($dials, 'dials', 'dials');

        return $this->history->edit($rush, $seenRevision, $gesture, $write, static function (Rush $rush) use ($document, $kit, $focalMm, $taken): void {
            $rush->fill(['document' => $document, 'name' => $document->name, 'kit_id' => $kit->id, 'focal_mm' => $focalMm]);
            if ($taken !== null) {
                $rush->dials = $taken === [] ? null : (object) $taken;
            }
        });
    }

    public function duplicate(Rush $rush, User $user): Rush
    {
        $document = clone $rush->document;
        $document->name = Str::limit('Copy of '.$rush->name, 118, '…');

        return $this->create($user, $rush->kit, $document, $rush->focal_mm, $rush->dials);
    }

    /** A rush must be whole and in range before it is kept; whether a lens can focus on it is for the plan to say. */
    private function check(\stdClass $document): void
    {
        RushOfCraft::fromArray($this->checker->check($document, 'rush', 'rush'));
    }
}
