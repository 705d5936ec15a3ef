<?php

declare(strict_types=1);

use Tests\Browser\Walk;

// every address at three widths, on one load: what an eye would miss; in two files, for two browsers

test('nothing is pushed sideways, out of sight or left without a word', function (string $path, string $ready): void {
    Walk::over($this, $path, $ready);
})->with([
    ['/today', 'Running low'], ['/calendar', 'Open tasks of this month'], ['/start', 'What do you want to pot?'], ['/start?step=pot', 'What pot?'],
    ['/start?step=place', 'Where does it stand?'], ['/start?step=have', 'What do you have?'], ['/blend', 'Verdicts'], ['/blend/find', 'Say for which plant'],
    ['/blend/compare', 'Add something to set beside it.'], ['/blend/card', 'There is no mix'], ['/blend/library', '4 entries'], ['/bins', '35 entries'],
    ['/bins/1', 'P-autumn'], ['/bins/9', 'How long it lasts'], ['/bins/34', 'What is in it'], ['/bins/compare?ids=1,2', 'Pumice'], ['/log/mixes?mix=2&beside=6', 'How long it lasted'], ['/log/trials', 'How many plants?'], ['/log/trials/1', 'What came out'], ['/log/right', 'The model fitted to this yard'], ['/log/trainer', 'What would help it most?'],
]);
