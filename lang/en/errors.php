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
    'database' => [
        'read_only' => 'The data cannot be written to: the folder or the file is read-only. Nothing was changed; what you typed is still here.',
        'disk_full' => 'The disk is full. Nothing was changed; make room, and send it again: what you typed is still here.',
        'disk_fault' => 'The disk does not answer as it should. Nothing was changed; look after it, and have a copy of the data elsewhere.',
        'damaged' => 'The data is damaged and is not written to any more. End Zolbek and start it again: it names the last copy that can be put back.',
        'no_file' => 'The data is not where it was. Look whether its folder is still there, and start Zolbek again.',
    ],
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
