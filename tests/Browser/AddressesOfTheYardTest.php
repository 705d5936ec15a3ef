<?php

declare(strict_types=1);

use Tests\Browser\Walk;

// every address at three widths, on one load: what an eye would miss; in two files, for two browsers

test('nothing is pushed sideways, out of sight or left without a word', function (string $path, string $ready): void {
    Walk::over($this, $path, $ready);
})->with([
    ['/bench', 'A place to begin'], ['/bench/tools', 'Bench scale'], ['/bench/truth', 'told apart'], ['/bench/tests/2', 'What it changes'], ['/pots', '8 entries'],
    ['/plants', '21 entries'], ['/plants/5', 'What the stick should look like'], ['/fertilisers', '3 entries'], ['/days', '2 entries'], ['/days/1', '12 entries'],
    ['/days/1/bench', 'Load is mixed'], ['/days/1/print', 'Gate pine'], ['/log', 'Batch worked out'], ['/log?view=batches', '2 entries'], ['/log/1', 'Not mixed yet'],
    ['/season', 'to see to by tomorrow'], ['/season?by=place', 'to see to by tomorrow'], ['/season/year?plant=9', 'Days of want'], ['/season/away', 'First day of want'], ['/season/weather', 'Foretold'], ['/season/zones', 'Minutes and times by season'],
    ['/log?view=who', 'Nothing was changed'], ['/people', 'This installation'], ['/no/such/place', 'Zolbek'],
]);
