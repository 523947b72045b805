<?php

declare(strict_types=1);

use Monolog\Formatter\JsonFormatter;

return [
    'default' => env('LOG_CHANNEL', 'daily'),
    'channels' => [
        // One line for each failure, stack and all, so that it can be counted and sent on.
        'daily' => [
            'driver' => 'daily', 'path' => storage_path('logs/geodex.log'), 'level' => env('LOG_LEVEL', 'warning'), 'days' => 30, 'permission' => 0o664, 'replace_placeholders' => true,
            'formatter' => JsonFormatter::class, 'formatter_with' => ['includeStacktraces' => true],
        ],
        'stderr' => ['driver' => 'monolog', 'handler' => Monolog\Handler\StreamHandler::class, 'with' => ['stream' => 'php://stderr'], 'formatter' => JsonFormatter::class],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
        'emergency' => ['path' => storage_path('logs/geodex.log')],
    ],
];
