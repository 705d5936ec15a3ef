<?php

declare(strict_types=1);

use Tests\House\Graph;

test('a knot of rooms is found, and what is above it is not in it', function (): void {
    $graph = new Graph(['a/One' => ['b/Two'], 'b/Two' => ['c/Three'], 'c/Three' => ['a/Four'], 'a/Four' => [], 'd/Five' => ['a/One']]);
    expect($graph->knots(1))->toBe(['a', 'b', 'c']);
});

test('files that import each other in a row make no knot of their rooms', function (): void {
    $graph = new Graph(['a/One' => ['b/Two', 'a/Four'], 'b/Two' => ['c/Three'], 'c/Three' => [], 'a/Four' => ['a/One']]);
    expect($graph->knots(1))->toBe([]);
});

test('an arrow that points up is named with both its ends', function (): void {
    $graph = new Graph(['ground/One' => ['roof/Two'], 'roof/Two' => ['ground/One'], 'roof/Three' => ['roof/Two']]);
    expect($graph->rising(['ground', 'roof']))->toBe(['ground/One > roof/Two']);
});

test('a room lies as deep as is asked for, and no deeper than its file', function (): void {
    $graph = new Graph(['a/x/One' => ['a/y/Two', 'Root'], 'a/y/Two' => []]);
    expect($graph->rooms(2))->toBe(['a/x' => ['a/y' => ['a/x/One > a/y/Two'], '.' => ['a/x/One > Root']], 'a/y' => []])
        ->and($graph->told(1))->toBe('a -> . 1');
});

test('what stands in a folder of a room can be left out, at both ends of an arrow', function (): void {
    $graph = new Graph(['a/Http/One' => ['b/Two'], 'b/Two' => ['a/Http/One', 'c/Three']]);
    expect($graph->without('#/Http/#')->imports)->toBe(['b/Two' => ['c/Three']]);
});

test('imports are read from the files themselves', function (): void {
    $core = Graph::php(dirname(__DIR__, 2).'/core', 'Zolbek\Core');
    expect($core->imports['Mix/Blending/Blend'])->toContain('Mix/Material/Material')
        ->and($core->imports['Mix/Blending/Blend'])->not->toContain('Mix/Blending/Blend')
        ->and(count($core->imports))->toBeGreaterThan(150);
    $ui = Graph::typeScript(dirname(__DIR__, 2).'/ui/src');
    expect($ui->imports['main'])->toContain('App')
        ->and(count($ui->imports))->toBeGreaterThan(150);
});
