<?php

declare(strict_types=1);

use Tests\House\Graph;

arch('the core knows nothing outside itself')
    ->expect('Zolbek\Core')
    ->toOnlyUse('Zolbek\Core');

arch('the core is strict, final and does nothing but compute')
    ->expect('Zolbek\Core')
    ->toUseStrictTypes()
    ->not->toUse(['echo', 'print', 'fopen', 'file_get_contents', 'file_put_contents', 'time', 'date', 'microtime', 'rand', 'mt_rand', 'random_int', 'getenv', 'env', 'config']);

arch('core classes are final or enums')
    ->expect('Zolbek\Core')
    ->classes()
    ->toBeFinal();

arch('the application is strict')
    ->expect('App')
    ->toUseStrictTypes()
    ->not->toUse(['dd', 'dump', 'var_dump', 'print_r', 'eval']);

test('a class of the core that computes states its source and a check value', function (): void {
    $silent = [];
    foreach (Graph::files(dirname(__DIR__, 2).'/core', ['php']) as $path => $text) {
        // a power, a root, a logarithm, or a figure of its own with a decimal point: words and carriers of figures have none
        $code = (string) preg_replace('#/\*.*?\*/|//[^\n]*#s', '', $text);
        $computes = preg_match('/\*\*|\b(?:exp|log|log10|sqrt|hypot|sin|cos|pow)\(|private const \w+ = \d+\.\d/', $code) === 1;
        if ($computes && ! (str_contains($text, 'Source:') && str_contains($text, 'Check:'))) {
            $silent[] = $path;
        }
    }
    expect($silent)->toBe([]);
});
