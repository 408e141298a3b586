<?php

declare(strict_types=1);

// Makes tests/Core/cases/golden-pass.json anew, after a change of the model that is meant.

require __DIR__.'/../../vendor/autoload.php';

file_put_contents(
    __DIR__.'/../Core/cases/golden-pass.json',
    json_encode(
        Tests\Support\GoldenPass::play(),
        JSON_PRETTY_PRINT | JSON_PRESERVE_ZERO_FRACTION,
    )."\n",
);
