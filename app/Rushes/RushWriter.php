<?php

declare(strict_types=1);

namespace App\Rushes;

use App\Documents\SchemaChecker;
use App\Models\KitRecord;
use App\Models\RushRecord;
use App\Models\User;
use App\Problems\ProblemException;
use App\Undo\History;
use App\Undo\Write;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use RushHold\Rush\Rush;

/** Writes rushes: each is whole and in range before it is kept, and every state of it is kept. */
final readonly class RushWriter
{
    public function __construct(private SchemaChecker $checker, private History $history) {}

    /** A rush that is not saved yet. */
    public function begun(
        User $user,
        KitRecord $kit,
        \stdClass $document,
        ?float $focalMm,
        ?\stdClass $dials = null,
    ): RushRecord {
        $rush = $user->rushes()->make(['kit_id' => $kit->id, 'focal_mm' => $focalMm, 'dials' => $dials]);
        $this->fill($rush, $document);

        return $rush;
    }

    public function create(User $user, KitRecord $kit, \stdClass $document, ?float $focalMm): RushRecord
    {
        return DB::transaction(function () use ($user, $kit, $document, $focalMm): RushRecord {
            $rush = $this->begun($user, $kit, $document, $focalMm);
            $this->history->begin($rush);

            return $rush;
        });
    }

    /**
     * Saves a new state on top of the one the writer saw.
     *
     * @param  ?\stdClass  $dials  dials adopted from a rehearsal; null leaves those there are
     *
     * @throws ProblemException when somebody else has written since
     */
    public function edit(
        RushRecord $rush,
        Write $write,
        \stdClass $document,
        KitRecord $kit,
        ?float $focalMm,
        ?\stdClass $dials = null,
    ): RushRecord {
        $adopted = $dials === null ? null : $this->checker->check($dials, 'dials', 'dials');

        return $this->history->edit($rush, $write, function (RushRecord $rush) use (
            $document,
            $kit,
            $focalMm,
            $adopted,
        ): void {
            $this->fill($rush, $document);
            $rush->fill(['kit_id' => $kit->id, 'focal_mm' => $focalMm]);
            if ($adopted !== null) {
                $rush->dials = $adopted === [] ? null : (object) $adopted;
            }
        });
    }

    /** A copy that is not saved yet. */
    public function duplicate(RushRecord $rush, User $user): RushRecord
    {
        $document = clone $rush->document;
        $document->name = Str::limit('Copy of '.$rush->name, 118, '…');

        return $this->begun($user, $rush->kit, $document, $rush->focal_mm, $rush->dials);
    }

    /** A rush must be whole and in range before it is kept; whether a lens can focus on it is for the plan to say. */
    private function fill(RushRecord $rush, \stdClass $document): void
    {
        $this->checker->check($document, 'rush', 'rush');
        $rush->fill(['document' => $document, 'name' => $document->name]);
        $rush->value();
    }
}
