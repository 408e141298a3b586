<?php

declare(strict_types=1);

// Prints, as JSON, how often the plan's area is as good as the best a rehearsal finds, and how the shares promised and rehearsed go
// together, over situations drawn by chance: SITUATIONS PASSES.

use Tests\Support\Agreement;

require __DIR__.'/../../vendor/autoload.php';

$agreement = Agreement::over(1, (int) $argv[1], (int) $argv[2]);
echo json_encode([$agreement->best(), $agreement->correlation()]), "\n";
