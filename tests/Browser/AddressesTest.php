<?php

declare(strict_types=1);

use Tests\Browser\Walk;

pest()->group('job');

// every address and what opens over it, on one load; in two files, for two browsers

test('nothing is pushed sideways, cut off, out of sight, without a word or out of reach, and whoever closes what lay over it is where he was', function (string $path, string $ready, array $over = []): void {
    Walk::of($this, $path, $ready, $over);
})->with([
    ['/today', 'Running low', ['Keyboard shortcuts' => 'Show this list', 'A task for many' => 'A task for many']],
    ['/calendar', 'Open tasks of this month', ['Calendar for the phone (iCalendar)' => 'iCalendar']],
    ['/start', 'What do you want to pot?'],
    ['/start?step=pot', 'What pot?'],
    ['/start?step=place', 'Where does it stand?'],
    ['/start?step=have', 'What do you have?'],
    ['/blend', 'Verdicts', [
        'Work out a batch' => 'L loose', 'Save' => 'Name of the recipe', 'Prepare Perlite 2-5 mm before mixing' => 'Wet it',
        'Place and care …' => 'Somebody really comes by', 'Root ball, zones, objects …' => 'Over the holes alone',
    ]],
    ['/blend/find', 'Say for which plant'],
    ['/blend/compare', 'Add something to set beside it.'],
    ['/blend/card', 'There is no mix'],
    ['/blend/library', '4 entries', ['Add a site' => 'Coldest']],
    ['/bins', '35 entries', ['Add a component' => 'Grain sizes', 'Add a mix' => 'What is in it', 'Files in and out' => 'Empty template']],
    ['/bins/1', 'P-autumn', ['Take in a delivery' => 'Mark on the sack', 'Correct the stock' => 'There are now']],
    ['/bins/9', 'How long it lasts'],
    ['/bins/34', 'What is in it'],
    ['/bins/compare?ids=1,2', 'Pumice'],
    ['/log', 'Batch worked out'],
    ['/log?view=batches', '2 entries'],
    ['/log?view=who', 'Nothing was changed'],
    ['/log/1', 'Not mixed yet'],
    ['/log/mixes?mix=2&beside=6', 'How long it lasted'],
    ['/log/trials', 'How many plants?', ['Plan a trial' => 'Judged without knowing']],
    ['/log/trials/1', 'What came out'],
    ['/log/right', 'The model fitted to this yard'],
    ['/log/trainer', 'What would help it most?'],
]);
