<?php

declare(strict_types=1);

use App\Common\LogBook;

// One file a day in the data folder, of which some weeks are kept; what stands in them is told by LogLine.
return [
    'default' => 'all',
    'channels' => [
        // a log that cannot be written keeps nothing from being answered
        'all' => ['driver' => 'stack', 'channels' => ['book'], 'ignore_exceptions' => true],
        'book' => [
            'driver' => 'daily',
            'path' => LogBook::folder((string) env('ZOLBEK_DATABASE', storage_path('data/zolbek.sqlite'))).'/zolbek.log',
            'days' => env('ZOLBEK_KEEP_LOGS', 14),
            'permission' => 0o600,
            'tap' => [LogBook::class],
        ],
        'emergency' => ['path' => storage_path('logs/emergency.log')],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ],
];
