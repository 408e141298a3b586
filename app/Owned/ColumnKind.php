<?php

declare(strict_types=1);

namespace App\Owned;

/** What is in a column. */
enum ColumnKind
{
    /** What the row is found by, unlike that of any other. */
    case Id;

    /** The same as a number, which the store gives. */
    case Number;

    /** Whose it is. */
    case Account;

    /** The id of a row of another table. */
    case Names;

    /** A list of such, as JSON. */
    case List;

    case Document;

    case Plain;
}
