<?php

declare(strict_types=1);

// How many of the copies that are made by themselves are kept.
return ['days' => env('ZOLBEK_KEEP_DAYS', 7), 'weeks' => env('ZOLBEK_KEEP_WEEKS', 5)];
