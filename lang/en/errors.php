<?php

declare(strict_types=1);

return [
    'decimal' => '.',
    'models' => [
        'Component' => 'component',
        'Pot' => 'pot',
        'Recipe' => 'recipe',
        'Batch' => 'batch',
        'Lot' => 'delivery',
        'BenchTest' => 'test',
        'Vessel' => 'scoop or tub',
        'SieveSet' => 'set of sieves',
        'Site' => 'site',
        'Species' => 'species',
        'Plant' => 'plant',
        'Photo' => 'picture',
        'Fertiliser' => 'fertiliser',
        'PottingDay' => 'potting day',
        'DayPlant' => 'entry of a day',
        'DayLoad' => 'load',
        'CareTask' => 'task',
    ],
    'given' => [
        'nothing' => 'nothing',
        'empty' => 'empty',
        'list' => 'a list or an object',
        'infinite' => 'too large a number',
    ],
    'no_front_end' => 'The front end is not built: run npm run build.',
    'not_found' => 'There is no :what with the id :id.',
    'no_such_address' => 'There is nothing at :path.',
    'status' => [
        403 => 'Only pages of Zolbek itself may change anything here.',
        413 => 'This file is too large.',
        415 => 'The body must be JSON, sent as application/json; imports CSV, sent as text/csv.',
        419 => 'This page was opened in a session that has ended. Reload it; nothing was changed.',
        405 => 'This address does not take that kind of request.',
        429 => 'Too many requests at once; try again in a moment.',
        500 => 'Something went wrong here; it has been written to the log.',
        'other' => 'This did not work (:status).',
    ],
    'evaluate' => [
        'no_file' => 'No file :file; give a file, or - for standard input.',
        'not_json' => 'not JSON: :why',
    ],
];
