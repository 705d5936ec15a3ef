<?php

declare(strict_types=1);

use Tests\House\Graph;

$ui = dirname(__DIR__, 2).'/ui/src';

/** @return list<string> classes of a style sheet that are its own */
function classesOf(string $sheet): array
{
    $own = (string) preg_replace(['#/\*.*?\*/#s', '/:global\([^)]*\)/', '/\{[^{}]*\}/'], ['', '', '{}'], $sheet);
    preg_match_all('/\.([a-z][\w-]*)/i', $own, $found);

    return array_values(array_unique($found[1]));
}

function camel(string $class): string
{
    return (string) preg_replace_callback('/[-_]+(\w)/', static fn(array $letter): string => strtoupper($letter[1]), $class);
}

test('only tokens, elements and print are styled for the whole page', function () use ($ui): void {
    $global = [];
    foreach (Graph::files($ui, ['css']) as $path => $text) {
        if (! str_ends_with($path, '.module.css')) {
            $global[$path] = array_values(array_filter(classesOf($text), static fn(string $class): bool => ! str_starts_with($class, 'ant-')));
        }
    }
    expect($global)->toBe(['styles/base.css' => [], 'styles/print.css' => []]);
});

test('every class that a screen asks for is there, and every one that is there is asked for', function () use ($ui): void {
    $sheets = array_filter(Graph::files($ui, ['css']), static fn(string $path): bool => str_ends_with($path, '.module.css'), ARRAY_FILTER_USE_KEY);
    $asked = $missing = [];
    foreach (Graph::files($ui, ['tsx']) as $path => $text) {
        preg_match_all('/import (\w+) from \'([^\']+\.module\.css)\'/', $text, $imports, PREG_SET_ORDER);
        foreach ($imports as [, $name, $to]) {
            $sheet = Graph::joined(dirname($path), $to);
            $there = array_map(camel(...), classesOf($sheets[$sheet] ?? ''));
            preg_match_all('/(?<![\'"`\/\w.])'.$name.'\.(\w+)/', $text, $plain);
            preg_match_all('/\b'.$name.'\[`([\w-]*)/', $text, $begun);
            foreach ($plain[1] as $class) {
                $asked[$sheet][$class] = true;
                if (! in_array($class, $there, true)) {
                    $missing[] = $path.': '.$name.'.'.$class;
                }
            }
            foreach ($begun[1] as $start) {
                foreach (array_filter(classesOf($sheets[$sheet] ?? ''), static fn(string $class): bool => str_starts_with($class, $start)) as $class) {
                    $asked[$sheet][camel($class)] = true;
                }
            }
            if (str_contains($text, $name.'[extra]')) {
                $asked[$sheet] = [...$asked[$sheet] ?? [], 'thick' => true, 'rot' => true];
            }
        }
    }
    $unasked = [];
    foreach ($sheets as $path => $text) {
        foreach (classesOf($text) as $class) {
            if (! isset($asked[$path][camel($class)])) {
                $unasked[] = $path.': '.$class;
            }
        }
    }
    expect($missing)->toBe([])->and($unasked)->toBe([]);
});

test('a style sheet that names a class of another room names one that is there', function () use ($ui): void {
    $sheets = Graph::files($ui, ['css']);
    $broken = [];
    foreach ($sheets as $path => $text) {
        preg_match_all('/:global\(\.([a-z-]+)__([\w-]+)\)/', $text, $found, PREG_SET_ORDER);
        foreach ($found as [, $room, $class]) {
            $holds = array_filter($sheets, static fn(string $sheet, string $of): bool => str_ends_with($of, '.module.css')
                && in_array($class, classesOf($sheet), true)
                && (str_replace('/', '-', (string) preg_replace('#^places/#', '', dirname($of))) === $room || ($room === 'common' && $of === 'styles/common.module.css')), ARRAY_FILTER_USE_BOTH);
            if ($holds === []) {
                $broken[] = $path.': '.$room.'__'.$class;
            }
        }
    }
    expect($broken)->toBe([]);
});
