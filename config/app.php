<?php

declare(strict_types=1);

use App\Common\InstallationKey;

return [
    'name' => 'Zolbek',
    'version' => '1.1.0',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1'),
    'cipher' => 'AES-256-CBC',
    'key' => env('APP_KEY') ?? InstallationKey::read(dirname((string) env('ZOLBEK_DATABASE', storage_path('data/zolbek.sqlite')))),
    'timezone' => env('APP_TIMEZONE', 'UTC'),
    'locale' => env('APP_LOCALE', 'en'),
    'fallback_locale' => 'en',
    'currency' => env('ZOLBEK_CURRENCY', 'EUR'),
];
