<?php

declare(strict_types=1);

return [
    // One button signs in to the demo account, and the demo scenario is seeded.
    'demo' => (bool) env('RUSH_HOLD_DEMO', false),

    // Addresses of the operator's own proxies, comma separated: only these may say that a request came over HTTPS.
    'trusted_proxies' => array_values(array_filter(explode(',', (string) env('TRUSTED_PROXIES', '')))),
];
