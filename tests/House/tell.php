<?php

declare(strict_types=1);

// ./zolbek house: who imports whom, room by room, and the lines of each part. With "lines" only those, and a failure where too few of them are proof.

use Tests\House\Graph;
use Tests\House\Lines;

require __DIR__.'/../../vendor/autoload.php';

const LEAST_PROOF = 0.25;

$root = dirname(__DIR__, 2);
$lines = Lines::of($root);
if (($argv[1] ?? '') !== 'lines') {
    foreach ([['core', Graph::php($root.'/core', 'Zolbek\Core'), 2], ['app, without controllers', Graph::php($root.'/app', 'App')->without('#(^|/)Http/#'), 1], ['ui/src', Graph::typeScript($root.'/ui/src'), 2]] as [$name, $graph, $depth]) {
        printf("%s\n%s\n\n", $name, $graph->told($depth));
    }
}
echo $lines->told(), "\n";
if ($lines->proof() < LEAST_PROOF) {
    fwrite(STDERR, sprintf("Of the lines written by hand %.1f %% are tests; at least %.0f %% are asked for.\n", 100.0 * $lines->proof(), 100.0 * LEAST_PROOF));
    exit(1);
}
