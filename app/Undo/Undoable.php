<?php

declare(strict_types=1);

namespace App\Undo;

/**
 * A record whose every state is kept. It has the columns revision, position and write_id.
 *
 * @property string $id
 * @property int $user_id
 * @property int $revision grows with every write, so that two tabs cannot overwrite each other unseen
 * @property int $position seq of the state it is in; 0 before its first change
 * @property string $write_id the writer's own mark of the last write, by which it knows it again when the answer was lost
 *
 * @phpstan-require-extends \Illuminate\Database\Eloquent\Model
 */
interface Undoable
{
    /** What undo brings back. */
    public function state(): \stdClass;

    public function takeState(\stdClass $state): void;

    /** Short name of its kind among the states. */
    public static function kind(): string;
}
