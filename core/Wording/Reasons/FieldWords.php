<?php

declare(strict_types=1);

namespace RushHold\Wording\Reasons;

use RushHold\Planning\Reason;

/** The words of the reasons for a few fields of the hold. */
interface FieldWords
{
    /** @return list<string> the fields, paths into the hold */
    public function fields(): array;

    /** At most two sentences, numbers included. */
    public function why(Reason $reason): string;

    /** That a person has set the field, in a sentence; empty for what nobody can set. */
    public function adopted(Reason $adopted): string;
}
