<?php

declare(strict_types=1);

use App\Models\User;

return [
    'defaults' => ['guard' => 'web', 'passwords' => 'users'],
    // who asks to be kept signed in is known on that device for 90 days
    'guards' => ['web' => ['driver' => 'session', 'provider' => 'users', 'remember' => 60 * 24 * 90]],
    'providers' => ['users' => ['driver' => 'eloquent', 'model' => User::class]],
    // a link to a new password is good for one hour
    'passwords' => [
        'users' => ['provider' => 'users', 'table' => 'password_reset_tokens', 'expire' => 60, 'throttle' => 60],
    ],
];
