<?php

declare(strict_types=1);

return [
    'defaults' => ['guard' => 'web', 'passwords' => 'users'],
    'guards' => ['web' => ['driver' => 'session', 'provider' => 'users']],
    'providers' => ['users' => ['driver' => 'eloquent', 'model' => App\Models\User::class]],
    // Minutes that a link to choose a password holds, and seconds between two.
    'passwords' => [
        'users' => ['provider' => 'users', 'table' => 'password_reset_tokens', 'expire' => 60, 'throttle' => 60],
        'invitations' => ['provider' => 'users', 'table' => 'invitation_tokens', 'expire' => 7 * 24 * 60, 'throttle' => 0],
    ],
];
