<?php

declare(strict_types=1);

// What differs from the framework's own: the address links name. Empty, links name the address that was asked for.
return ['url' => env('APP_URL', '')];
