<?php

declare(strict_types=1);

// How the yard's network reaches it: set by ./zolbek serve --lan, by whose server each request says which door it came in by.
return [
    'network' => env('ZOLBEK_NETWORK') === '1',
    'hosts' => array_values(array_filter(explode(',', (string) env('ZOLBEK_HOSTS', '')))),
    'address' => env('ZOLBEK_ADDRESS'),
];
