<?php

declare(strict_types=1);

// keys for other programs: pages sign in by their session, and by nothing else
return ['stateful' => [], 'guard' => [], 'expiration' => null, 'last_used_at' => false, 'routes' => false];
