<?php

declare(strict_types=1);

// Sessions lie with the people. The cookie is sent to pages of this site alone, is not to be read by scripts, and is kept from plain HTTP wherever there is TLS.
return [
    'driver' => env('SESSION_DRIVER', 'database'),
    'connection' => 'people',
    'table' => 'sessions',
    'lifetime' => 60 * 24 * 30,
    'expire_on_close' => false,
    'encrypt' => false,
    'lottery' => [1, 200],
    'cookie' => 'zolbek_'.env('ZOLBEK_PORT', '8321'),
    'path' => '/',
    'domain' => null,
    'secure' => null,
    'http_only' => true,
    'same_site' => 'strict',
    'partitioned' => false,
];
