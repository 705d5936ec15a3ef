<?php

declare(strict_types=1);

use Tests\House\Graph;
use Tests\House\Rooms;

$root = dirname(__DIR__, 2);

test('the layers of the core point one way', function () use ($root): void {
    $core = Graph::php($root.'/core', 'Zolbek\Core');
    expect(array_diff(array_keys($core->rooms()), Rooms::CORE))->toBe([])
        ->and($core->rising(Rooms::CORE))->toBe([]);
});

test('no folders of the core are tied in a knot', function () use ($root): void {
    expect(Graph::php($root.'/core', 'Zolbek\Core')->knots(2))->toBe([]);
});

test('subjects of the application look down only, but for their controllers', function () use ($root): void {
    $app = Graph::php($root.'/app', 'App');
    expect(array_diff(array_keys($app->rooms()), Rooms::APP))->toBe([])
        ->and($app->without('#(^|/)Http/#')->rising(Rooms::APP))->toBe([])
        ->and($app->without('#(^|/)Http/#')->knots(1))->toBe([]);
});

test('a subject is met through its doors', function () use ($root): void {
    $past = [];
    foreach (Graph::php($root.'/app', 'App')->without('#^(Console|Providers)/#')->rooms() as $from => $others) {
        foreach (array_intersect_key($others, Rooms::DOORS) as $to => $arrows) {
            foreach ($arrows as $arrow) {
                $behind = substr(explode(' > ', $arrow)[1], strlen($to) + 1);
                $isDoor = array_filter(Rooms::DOORS[$to], static fn(string $door): bool => fnmatch($door, $behind)) !== [];
                if (! $isDoor) {
                    $past[] = $arrow;
                }
            }
        }
    }
    expect($past)->toBe([]);
});

test('every door leads somewhere and is used', function () use ($root): void {
    $app = Graph::php($root.'/app', 'App');
    $met = [];
    foreach ($app->rooms() as $others) {
        foreach ($others as $to => $arrows) {
            array_push($met, ...array_map(static fn(string $arrow): string => explode(' > ', $arrow)[1], $arrows));
        }
    }
    $unused = [];
    foreach (Rooms::DOORS as $subject => $doors) {
        foreach ($doors as $door) {
            if (array_filter($met, static fn(string $class): bool => fnmatch($subject.'/'.$door, $class)) === []) {
                $unused[] = $subject.'/'.$door;
            }
        }
    }
    expect($unused)->toBe([]);
});

test('only controllers know of HTTP', function () use ($root): void {
    $knowing = [];
    foreach (Graph::files($root.'/app', ['php']) as $path => $text) {
        if (preg_match('#(^|/)Http/#', $path) !== 1 && preg_match('/^use (Illuminate\\\\Http\\\\(?!Resources)|App\\\\(\w+\\\\)?Http\\\\|Symfony\\\\Component\\\\HttpFoundation)/m', $text) === 1) {
            $knowing[] = $path;
        }
    }
    expect($knowing)->toBe([]);
});

test('places of the front end know the kit, the drawings and the questions to the server, and not each other', function () use ($root): void {
    $ui = Graph::typeScript($root.'/ui/src');
    expect(array_diff(array_keys($ui->rooms()), Rooms::UI))->toBe([])
        ->and($ui->rising(Rooms::UI))->toBe([]);
    $across = [];
    foreach ($ui->rooms(2) as $from => $others) {
        foreach ($others as $to => $arrows) {
            if (str_starts_with($from, 'places/') && str_starts_with($to, 'places/')) {
                array_push($across, ...$arrows);
            }
        }
    }
    expect($across)->toBe([]);
});

test('no rooms of the workbench, and no shelves of the kit, are tied in a knot', function () use ($root): void {
    $ui = Graph::typeScript($root.'/ui/src');
    $of = static fn(string $room): Graph => new Graph(array_filter($ui->imports, static fn(string $file): bool => str_starts_with($file, $room), ARRAY_FILTER_USE_KEY));
    expect($of('places/blend/')->knots(3))->toBe([])->and($of('kit/')->knots(2))->toBe([]);
});

test('a name stands for one thing', function () use ($root): void {
    $names = [];
    foreach ([...array_keys(Graph::php($root.'/core', 'Zolbek\Core')->imports), ...array_keys(Graph::php($root.'/app', 'App')->imports)] as $class) {
        $names[basename($class)][] = $class;
    }
    $screens = [];
    foreach (array_keys(Graph::typeScript($root.'/ui/src')->imports) as $file) {
        $screens[basename($file)][] = $file;
    }
    // every room has one file of words in each language and one index
    $twice = array_filter([...$names, ...array_diff_key($screens, ['words' => 1, 'words.id' => 1, 'index' => 1, 'queries' => 1])], static fn(array $places): bool => count($places) > 1);
    expect($twice)->toBe([]);
});
