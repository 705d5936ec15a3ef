<?php

declare(strict_types=1);

// Nothing is cached between requests but how often somebody tried to come in.
return [
    'default' => 'array',
    'limiter' => 'tries',
    'stores' => [
        'array' => ['driver' => 'array'],
        'tries' => ['driver' => 'database', 'connection' => 'people', 'table' => 'tries', 'lock_connection' => 'people', 'lock_table' => 'tries'],
    ],
    'prefix' => '',
];
