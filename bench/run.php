<?php

declare(strict_types=1);

// ./zolbek bench: how fast the core, the API and the screen are on this machine.

use Bench\ApiSpeed;
use Bench\CoreSpeed;
use Bench\EvaluateSpeed;
use Bench\FirstLoad;
use Bench\FourWriters;
use Bench\LanSpeed;
use Bench\ScreenSpeed;
use Bench\SearchSpeed;
use Bench\SeasonSpeed;
use Tests\Browser\Chrome;
use Tests\Browser\Lan;
use Tests\Browser\Site;

require __DIR__.'/../vendor/autoload.php';

$model = is_readable('/proc/cpuinfo') && preg_match('/^model name\s*: (.+)$/m', (string) file_get_contents('/proc/cpuinfo'), $found) === 1 ? $found[1] : php_uname('m');
$jit = opcache_get_status(false)['jit']['on'] ?? false;
printf("Machine: %s, PHP %s, JIT %s\n\n", $model, PHP_VERSION, $jit ? 'on' : 'off');

$core = CoreSpeed::measure();
printf("Core       full evaluations per second, one core   %8.0f   (at least 8000)\n", $core->perSecond);
printf("           assessments per second, without years   %8.0f\n", $core->assessedPerSecond);
printf("           assessments per second, with years      %8.0f\n", $core->withYearsPerSecond);
printf("           peak memory of the process              %8.1f MB (under 32)\n", $core->peakMb);

$twelve = SearchSpeed::of(12, 5);
$looked = static fn(SearchSpeed $search): int => $search->counts->space - $search->counts->notLookedAt();
printf("Search     12 components, up to 5, ten parts       %8.1f s (under 10), first %.2f s (under 1), %d of %d recipes, %.1f MB (under 64)\n", $twelve->seconds, $twelve->firstAt, $looked($twelve), $twelve->counts->space, $twelve->peakMb);
$thirty = SearchSpeed::of(30, 4);
printf("           30 components, up to 4, ten parts       %8.1f s, %d of %d recipes (at least 100000 in 20 s), %.1f MB (under 64)\n", $thirty->seconds, $looked($thirty), $thirty->counts->space, $thirty->peakMb);
printf("           fewest mixes, 200 plants in 20 situations %6.1f s (under 5)\n", SearchSpeed::fewest());

printf("Season     200 pots through a year                 %8.2f s (under 1)\n", SeasonSpeed::pots(200));
printf("           one pot through a hundred years         %8.2f s (under 1)\n", SeasonSpeed::years(100));

[$plain, $placed] = EvaluateSpeed::measure();
printf("Evaluate   ./zolbek evaluate, start to end         %8.0f ms\n", $plain);
printf("           the same with a situation               %8.0f ms (at most 50 more)\n", $placed);

$load = FirstLoad::measure(__DIR__.'/../public/build');
printf("First load, scripts and styles, gzipped            %8.1f kB (under 400)\n", $load / 1000.0);

$site = Site::start();
$chrome = Chrome::start();
try {
    foreach (ApiSpeed::measure($site->address) as $name => [$middle, $high]) {
        printf("API        %-39s %8.1f ms p50, %.1f ms p95%s\n", $name, $middle, $high, match ($name) {
            'POST /evaluate' => ' (under 40)',
            'POST /evaluate, everything on' => ' (under 100)',
            default => '',
        });
    }
    foreach (ApiSpeed::besideSearches($site->address) as $name => [$middle, $high]) {
        printf("Beside     two searches: %-25s %8.1f ms p50, %.1f ms p95 (under 150)\n", $name, $middle, $high);
    }
    [$faults, $middle, $high] = FourWriters::measure($site->address);
    printf("Writing    4 writers without pause                 %8.1f ms p50, %.1f ms p95 (under 1000), %d errors (0)\n", $middle, $high, $faults);
    [$middle, $high] = ScreenSpeed::measure($chrome, $site->address);
    printf("Screen     from a key to the new picture           %8.0f ms p50, %.0f ms p95 (under 200)\n", $middle, $high);
    foreach (ApiSpeed::largeShelf($site, 50_000) as $name => [$middle, $high]) {
        printf("50,000     %-39s %8.1f ms p50, %.1f ms p95 (under 100)\n", $name, $middle, $high);
    }
    foreach (ApiSpeed::largeDay($site, 400, 50_000) as $name => [$middle, $high]) {
        printf("Collection %-39s %8.1f ms p50, %.1f ms p95 (under %d)\n", $name, $middle, $high, match (true) {
            str_contains($name, '400') => 1000,
            str_contains($name, 'closely') => 150,
            default => 100,
        });
    }
} finally {
    $chrome->stop();
    $site->stop();
}

$lan = Lan::shared();
foreach ([4 => 250, 20 => 500] as $clients => $most) {
    [$asked, $faults, $middle, $high] = LanSpeed::measure($lan, $clients, 30.0);
    printf("Network    %2d clients for 30 s, nine reads to a write %6.0f ms p50, %.0f ms p95 (under %d), %d errors (0), %d answers\n", $clients, $middle, $high, $most, $faults, $asked);
}
