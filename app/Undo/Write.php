<?php

declare(strict_types=1);

namespace App\Undo;

/** What a writer says of a change: what it changes, with what it is undone, and how its writer knows it again. */
final readonly class Write
{
    /**
     * @param  int  $revision  the one the writer saw; another one has been written since when it is not the last
     * @param  string  $gesture  changes made in one go carry one name and are undone together
     * @param  string  $id  the writer's own, given back with the record
     */
    public function __construct(public int $revision, public string $gesture, public string $id) {}
}
