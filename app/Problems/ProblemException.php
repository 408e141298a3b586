<?php

declare(strict_types=1);

namespace App\Problems;

/** Ends a request with a problem. */
final class ProblemException extends \RuntimeException
{
    public function __construct(public readonly Problem $problem)
    {
        parent::__construct($problem->detail);
    }
}
