<?php

declare(strict_types=1);

use App\People\Models\Person;

return [
    'defaults' => ['guard' => 'session', 'passwords' => null],
    'guards' => ['session' => ['driver' => 'session', 'provider' => 'people']],
    'providers' => ['people' => ['driver' => 'eloquent', 'model' => Person::class]],
    'passwords' => [],
];
