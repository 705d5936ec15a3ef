<?php

declare(strict_types=1);

use Tests\Core\Reference;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Material\MaterialReader;
use Zolbek\Core\Place\Container\Container;
use Zolbek\Core\Place\Container\Holes;
use Zolbek\Core\Question\Evaluation\Answer;
use Zolbek\Core\Question\Evaluation\Request;
use Zolbek\Core\Work\Batching\BatchOrder;

/** Values that no field expects. */
const NONSENSE = [
    'nothing' => [null],
    'true' => [true],
    'a word' => ['pumice'],
    'a number as text' => ['1.5'],
    'an empty text' => [''],
    'a list' => [[1, 2, 3]],
    'an empty list' => [[]],
    'an object' => [['a' => ['b' => 1]]],
    'infinity' => [INF],
    'minus infinity' => [-INF],
    'not a number' => [NAN],
    'a huge number' => [1e308],
    'a huge negative' => [-1e308],
    'the smallest number' => [5e-324],
    'a text of other bytes' => ["\xff\xfe"],
    'a long text' => ['x'],
];

/** Calls with any input may answer or refuse, and do nothing else. */
function answersOrRefuses(callable $act): void
{
    try {
        $act();
    } catch (Refused $refused) {
        foreach ($refused->refusals as $refusal) {
            expect($refusal->rule)->toMatch('/^[a-z_]+$/');
        }
    }
    expect(true)->toBeTrue();
}

test('a component with nonsense in any one field answers or refuses', function (mixed $nonsense): void {
    foreach ([...MaterialReader::PROPERTIES, ...MaterialReader::DESCRIPTION] as $field) {
        answersOrRefuses(fn() => MaterialReader::read([...Reference::raw('pumice-3-6-mm'), $field => $nonsense]));
    }
})->with(NONSENSE);

test('a question with nonsense in any one field answers or refuses', function (mixed $nonsense): void {
    $question = [
        'blend' => ['pumice-3-6-mm' => 2],
        'compaction_index' => 6.7,
        'pot' => ['shape' => 'oval', 'depth' => 6.5, 'top_length' => 34, 'top_width' => 26, 'base_length' => 30, 'base_width' => 22],
        'headspace_cm' => 0.8,
        'top_dressing_cm' => 0.1,
        'suction_cm' => 2,
        'drainage_layer' => ['blend' => ['granite-chip-4-8-mm' => 1], 'thickness_cm' => 1],
        'holes' => ['count' => 2, 'diameter_cm' => 2, 'open_share' => 0.6],
        'years' => 1,
    ];
    $try = static fn(array $changed) => answersOrRefuses(fn() => Answer::to(Request::read($changed, Reference::rawComponents())));
    $try(['components' => $nonsense, ...$question]);
    foreach (array_keys($question) as $field) {
        $try([...$question, $field => $nonsense]);
        foreach (is_array($question[$field]) ? array_keys($question[$field]) : [] as $inner) {
            $try([...$question, $field => [...$question[$field], $inner => $nonsense]]);
        }
    }
})->with(NONSENSE);

test('a pot, holes and an order with nonsense answer or refuse', function (mixed $nonsense): void {
    answersOrRefuses(fn() => Container::read($nonsense));
    answersOrRefuses(fn() => Holes::read($nonsense));
    answersOrRefuses(fn() => BatchOrder::read($nonsense));
    foreach (['shape', 'depth', 'top', 'base', 'drying_sides'] as $field) {
        answersOrRefuses(fn() => Container::read([...['shape' => 'round', 'depth' => 5, 'top' => 9, 'base' => 8], $field => $nonsense]));
    }
    foreach (BatchOrder::FIELDS as $field) {
        answersOrRefuses(fn() => BatchOrder::read([...['pots' => 3, 'tub_l' => 20, 'scoop_l' => 1], $field => $nonsense]));
    }
})->with(NONSENSE);

test('figures at their limits stay figures', function (array $question): void {
    $answer = Reference::answer($question);
    array_walk_recursive($answer, static function (mixed $figure): void {
        if ($figure !== null) {
            expect(is_finite($figure))->toBeTrue();
        }
    });
})->with([
    'parts far apart' => [['blend' => ['pumice-3-6-mm' => 1e6, 'sphagnum-peat' => 1e-6]]],
    'a tiny part' => [['blend' => ['sphagnum-peat' => 1e-300]]],
    'a century' => [['blend' => ['garden-compost-screened-8-mm' => 1], 'years' => 100]],
    'pressed' => [['blend' => ['loam-screened-6-mm' => 1], 'compaction_index' => 9]],
    'a deep shaft' => [['blend' => ['bark-mini-chip-6-12-mm' => 1], 'pot' => ['shape' => 'round', 'depth' => 500, 'top' => 500, 'base' => 0.1]]],
    'a thimble' => [['blend' => ['bark-mini-chip-6-12-mm' => 1], 'pot' => ['shape' => 'round', 'depth' => 0.5, 'top' => 0.1, 'base' => 0.1]]],
    'a pinhole' => [[
        'blend' => ['loam-screened-6-mm' => 1],
        'pot' => ['shape' => 'round', 'depth' => 20, 'top' => 20, 'base' => 20],
        'holes' => ['count' => 1, 'diameter_cm' => 0.01, 'open_share' => 0.01],
    ]],
    'a great pull' => [['blend' => ['loam-screened-6-mm' => 1], 'pot' => ['shape' => 'bowl', 'depth' => 5, 'top' => 20], 'suction_cm' => 1e6]],
    'every component at once' => [['blend' => array_fill_keys(array_column(Reference::rawComponents(), 'key'), 1)]],
]);

test('after a century of rot nothing is left of what rots fast, and it is said', function (): void {
    $rotting = [...Reference::raw('sphagnum-peat'), 'key' => 'straw', 'decay_rate' => 90];
    expect(fn() => Reference::answer(['components' => [$rotting], 'blend' => ['straw' => 1], 'years' => 100]))->toThrow(Refused::class, 'years');
});

test('an object is read field by field, and what is not one is refused whole', function (): void {
    $refusals = new Refusals();
    $fields = Fields::of(['a' => 1, 'b' => 'two', 'z' => 3], ['a', 'b', 'c'], $refusals, 'thing');
    expect($fields->number('a', 0, 5))->toBe(1.0)
        ->and($fields->number('b', 0, 5))->toBeNan()
        ->and($fields->number('c', 0, 5, 4))->toBe(4.0)
        ->and($fields->text('b', 10))->toBe('two')
        ->and($fields->has('c'))->toBeFalse();
    try {
        $refusals->throwIfAny();
        $this->fail('not refused');
    } catch (Refused $refused) {
        expect(array_map(static fn($refusal): array => [$refusal->field, $refusal->rule], $refused->refusals))
            ->toBe([['thing.z', 'unknown'], ['thing.b', 'number']]);
    }
});

test('texts are trimmed, measured and must be readable', function (mixed $text, ?string $read): void {
    $refusals = new Refusals();
    $got = Fields::of(['name' => $text], ['name'], $refusals)->text('name', 5);
    expect($refusals->any())->toBe($read === null)->and($got)->toBe($read ?? '');
})->with([
    [' ab ', 'ab'],
    ['äöüßé', 'äöüßé'],
    ['abcdef', null],
    ['   ', null],
    ["\xff", null],
    [5, null],
]);

test('refusals found deeper carry the path they were found at', function (): void {
    $refused = Refused::because('depth', 'above', 0)->under('pot')->under('yard');
    expect($refused->refusals[0]->field)->toBe('yard.pot.depth')
        ->and(Refused::because('', 'no_parts')->under('blend')->refusals[0]->field)->toBe('blend')
        ->and($refused->getMessage())->toContain('yard.pot.depth');
});
