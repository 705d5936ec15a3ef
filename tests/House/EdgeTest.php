<?php

declare(strict_types=1);

use Tests\House\Graph;

// a table of anything is what comes in or goes out as JSON or CSV; between those a thing has a type

/** What reads a question or what ships, writes an answer, a file or a column, or is a stand-in of a device, by its name or its room. */
const AT_THE_EDGE = '#^(?:app/(?:Console|Files|Sheets|Instruments/Simulated)/|app/Common/(?:Field|Meanwhile|Setting)\.php)|/Http/|/(?:Kept|AsKept|Reference)\w*\.php$|(?:Document|Presenter|Form|File|Sheet)\.php$#';
/** What says in its words of which schema it is an answer, that it is the open format, or that it is kept in a column as a type of its own. */
const SAYS_ITS_SCHEMA = '/[Ss]chemas? [A-Z]\w+|as the contract has|exchange format|implements Kept/';

test('a table of anything stands only where a question is read or an answer is written', function (): void {
    $found = [];
    foreach (['app', 'core'] as $part) {
        foreach (Graph::files(dirname(__DIR__, 2).'/'.$part, ['php']) as $path => $text) {
            if (str_contains($text, 'array<string, mixed>') && preg_match(AT_THE_EDGE, $part.'/'.$path) !== 1 && preg_match(SAYS_ITS_SCHEMA, $text) !== 1) {
                $found[] = $part.'/'.$path;
            }
        }
    }
    expect($found)->toBe([]);
});
