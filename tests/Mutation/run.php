<?php

declare(strict_types=1);

// ./zolbek mutate [path]: how many small faults in the core its tests see. Without a path a sample of all of it, by a seed (ZOLBEK_SEED is another).

use Tests\Mutation\Coverage;
use Tests\Mutation\Mutants;
use Tests\Mutation\Trial;

require __DIR__.'/../../vendor/autoload.php';

const SAMPLE = 520;
const SEED = 20_261_125;

$root = dirname(__DIR__, 2);
$kept = $root.'/storage/mutation';
is_dir($kept) || mkdir($kept, recursive: true);

$coverage = Coverage::measured($root, $kept);
$path = $argv[1] ?? null;
$seed = (int) (getenv('ZOLBEK_SEED') ?: SEED);
fwrite(STDERR, $path === null ? sprintf("Drawing %d mutants by seed %d ...\n", SAMPLE, $seed) : "Making every mutant of $path ...\n");
$mutants = $path === null ? (new Mutants($root))->sample(SAMPLE, $seed) : (new Mutants($root))->of($path);
$found = (new Trial($root, $coverage, $kept.'/results.json', max(1, (int) (getenv('ZOLBEK_PROCESSES') ?: (int) shell_exec('nproc')))))->of($mutants);

$folders = [];
foreach ($found as $one) {
    $folder = dirname(substr($one['file'], strlen('core/')));
    $folders[$folder] ??= [0, 0];
    $folders[$folder][0] += $one['killed'] ? 1 : 0;
    ++$folders[$folder][1];
    if (! $one['killed']) {
        printf("alive: %s:%d %s\n%s\n", $one['file'], $one['line'], $one['mutator'], trim($one['diff']));
    }
}
ksort($folders);
foreach ($folders as $folder => [$killed, $all]) {
    printf("| %s | %d | %d | %.0f %% |\n", $folder, $all, $killed, 100.0 * $killed / $all);
}
$killed = array_sum(array_column($folders, 0));
printf("| **all** | %d | %d | **%.1f %%** |\n", count($found), $killed, 100.0 * $killed / max(1, count($found)));
