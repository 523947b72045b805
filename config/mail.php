<?php

declare(strict_types=1);

return [
    // “none”: nothing is sent, links are shown on screen to be copied.
    'default' => env('MAIL_MAILER', 'none'),
    'mailers' => [
        'smtp' => ['transport' => 'smtp', 'scheme' => env('MAIL_SCHEME'), 'host' => env('MAIL_HOST', '127.0.0.1'), 'port' => (int) env('MAIL_PORT', 25), 'username' => env('MAIL_USERNAME'), 'password' => env('MAIL_PASSWORD'), 'timeout' => 10],
        'sendmail' => ['transport' => 'sendmail', 'path' => '/usr/sbin/sendmail -bs -i'],
        'log' => ['transport' => 'log'],
        'array' => ['transport' => 'array'],
    ],
    'from' => ['address' => env('MAIL_FROM_ADDRESS', 'geodex@localhost'), 'name' => 'Geodex'],
];
