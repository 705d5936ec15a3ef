<?php

declare(strict_types=1);

use App\People\PeopleFile;

return [
    'default' => 'sqlite',
    // of the first yard; the others lie in folders beneath it
    'first' => env('ZOLBEK_DATABASE', storage_path('data/zolbek.sqlite')),
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('ZOLBEK_DATABASE', storage_path('data/zolbek.sqlite')),
            'prefix' => '',
            'foreign_key_constraints' => true,
            'busy_timeout' => 5000,
            'journal_mode' => 'wal',
            // what was confirmed outlives a power cut: 2 ms a write more on a slow disk
            'synchronous' => 'full',
            'transaction_mode' => 'IMMEDIATE',
        ],
        // who may come in, their devices and sessions: beside the yard's data, not in it
        'people' => [
            'driver' => 'sqlite',
            'database' => PeopleFile::path((string) env('ZOLBEK_DATABASE', storage_path('data/zolbek.sqlite'))),
            'prefix' => '',
            'foreign_key_constraints' => true,
            'busy_timeout' => 5000,
            'journal_mode' => 'wal',
            'synchronous' => 'normal',
            'transaction_mode' => 'IMMEDIATE',
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
