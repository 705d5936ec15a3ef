<?php

declare(strict_types=1);

// Sessions lie beside the data. The cookie is sent to pages of this site alone, is not to be read by scripts, and is kept from plain HTTP wherever there is TLS.
return [
    'driver' => env('SESSION_DRIVER', 'file'),
    'lifetime' => 60 * 24 * 30,
    'expire_on_close' => false,
    'encrypt' => false,
    'files' => dirname((string) env('ZOLBEK_DATABASE', storage_path('data/zolbek.sqlite'))).'/sessions',
    'lottery' => [1, 200],
    'cookie' => 'zolbek_'.env('ZOLBEK_PORT', '8321'),
    'path' => '/',
    'domain' => null,
    'secure' => null,
    'http_only' => true,
    'same_site' => 'strict',
    'partitioned' => false,
];
