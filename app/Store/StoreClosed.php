<?php

declare(strict_types=1);

namespace App\Store;

use PDOException;

/** The store was not asked, because it gave no answer a moment ago; that is no new sign that it is away. */
final class StoreClosed extends PDOException
{
    public function __construct()
    {
        // worded as the driver words a lost connection, by which the framework knows one
        parent::__construct('MySQL server has gone away (asked a moment ago)');
    }
}
