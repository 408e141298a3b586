<?php

declare(strict_types=1);

namespace App\Log\Table;

use RushHold\Faults\Fault;
use RushHold\Faults\FaultyDocument;
use RushHold\Tables\FrameRow;

/** The frames of a table, one after another; it can be put down anywhere and taken up there again. */
interface Rows
{
    /**
     * The next frames that stand together; null at the end.
     *
     * @return ?list<FrameRow>
     *
     * @throws Fault|FaultyDocument where they cannot be read; asked again, it goes on behind them
     */
    public function next(): ?array;

    /** @return array{at: int, line: int} where it is: the byte that comes next, and how many lines or bursts are behind it */
    public function place(): array;

    /** What the last frames are called in the file: line 12, burst 3. */
    public function called(): string;
}
