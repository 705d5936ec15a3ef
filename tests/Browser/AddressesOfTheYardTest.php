<?php

declare(strict_types=1);

use Tests\Browser\Walk;

pest()->group('job');

// every address and what opens over it, on one load; in two files, for two browsers

test('nothing is pushed sideways, cut off, out of sight, without a word or out of reach, and whoever closes what lay over it is where he was', function (string $path, string $ready, array $over = []): void {
    Walk::of($this, $path, $ready, $over);
})->with([
    ['/bench', 'A place to begin', ['Start: Sieve analysis' => 'You need']],
    ['/bench/tools', 'Bench scale', ['Add a scoop or tub' => 'Water that fills it weighs']],
    ['/bench/truth', 'told apart'],
    ['/bench/tests/2', 'What it changes'],
    ['/pots', '8 entries', ['Add a pot' => 'Outlet', 'Edit Moss bowl 20' => 'Checks']],
    ['/plants', '21 entries', ['Add a plant' => 'Plan over the years']],
    ['/plants/5', 'What the stick should look like', ['Look at the roots' => 'The old mix', 'Out of turn' => 'Leave undone', 'Measure it' => 'How it is']],
    ['/fertilisers', '3 entries', ['Add a fertiliser' => 'Name']],
    ['/days', '2 entries', ['Plan a day' => 'Name']],
    ['/days/1', '12 entries', ['Change T-001 Gate pine' => 'What comes of it', 'Choose plants' => 'Due only', 'Change the frame' => 'Frame of the day']],
    ['/days/1/bench', 'Load is mixed'],
    ['/days/1/print', 'Gate pine'],
    ['/season', 'to see to by tomorrow', ['The way round' => 'A can holds', 'T-014 Olive at the door: Look…' => 'A stick tells of the place']],
    ['/season?by=place', 'to see to by tomorrow'],
    ['/season/year?plant=9', 'Days of want'],
    ['/season/away', 'First day of want'],
    ['/season/weather', 'Foretold', ['File' => 'Empty template']],
    ['/season/zones', 'Minutes and times by season', ['Add a zone' => 'How even the line is']],
    ['/people', 'This installation', ['Add the owner' => 'Name']],
    ['/no/such/place', 'Zolbek'],
]);
