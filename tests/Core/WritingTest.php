<?php

declare(strict_types=1);

use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Question\Writing\NameMatch;
use Zolbek\Core\Question\Writing\RecipeText;
use Zolbek\Core\Question\Writing\Vocabulary;
use Zolbek\Core\Work\Batching\MixDistance;
use Zolbek\Core\Work\Batching\RoundParts;
use Zolbek\Core\Work\Batching\TopUp;

function english(): Vocabulary
{
    return new Vocabulary(require dirname(__DIR__, 2).'/lang/en/recipe.php');
}

test('a recipe is read as people write it', function (string $text, string $notation, array $lines): void {
    $read = new RecipeText($text, english());
    expect($read->notation)->toBe($notation)
        ->and(array_map(static fn(array $line): array => [$line['words'], round($line['amount'], 6)], $read->lines))->toEqual($lines);
})->with([
    ['5:3:2 pumice, lava, bark', 'parts', [['pumice', 5], ['lava', 3], ['bark', 2]]],
    ['5 : 3 : 2 of pumice, lava and bark', 'parts', [['pumice', 5], ['lava', 3], ['bark', 2]]],
    ['2 pumice, 1 lava', 'parts', [['pumice', 2], ['lava', 1]]],
    ['two parts of pumice and one part bark fine', 'parts', [['pumice', 2], ['bark fine', 1]]],
    ['Equal parts pumice, lava and bark', 'parts', [['pumice', 1], ['lava', 1], ['bark', 1]]],
    ['50% pumice; 30 % lava; 20 per cent bark', 'percent', [['pumice', 50], ['lava', 30], ['bark', 20]]],
    ['2,5 pumice + 1 lava', 'parts', [['pumice', 2.5], ['lava', 1]]],
    ['12 L pumice, 4l bark', 'litres', [['pumice', 12], ['bark', 4]]],
    ['3 scoops grit, 1 scoop of bark', 'scoops', [['grit', 3], ['bark', 1]]],
    ['9 pumice, a little charcoal', 'parts', [['pumice', 9], ['charcoal', 0.45]]],
    ['10 pumice and a handful of bark', 'parts', [['pumice', 10], ['bark', 0.15]]],
    ['10 L pumice and a handful of bark', 'litres', [['pumice', 10], ['bark', 0.15]]],
    ['50 % pumice, 50 % lava, a handful of bark', 'percent', [['pumice', 50], ['lava', 50], ['bark', 1.5]]],
    ['half bark, the rest pumice', 'percent', [['bark', 50], ['pumice', 50]]],
    ['30 % bark, 20 % grit, rest pumice', 'percent', [['bark', 30], ['grit', 20], ['pumice', 50]]],
    // the number behind the name
    ['pumice 5, bark 3', 'parts', [['pumice', 5], ['bark', 3]]],
    ['pumice: 5 parts, bark = 3', 'parts', [['pumice', 5], ['bark', 3]]],
    ['lava 30%, pumice 70 %', 'percent', [['lava', 30], ['pumice', 70]]],
    // fractions: shares where they stand alone, parts beside whole numbers
    ['1/2 pumice, 1/2 bark', 'percent', [['pumice', 50], ['bark', 50]]],
    ['1/3 bark, the rest pumice', 'percent', [['bark', 33.333333], ['pumice', 66.666667]]],
    ['two thirds bark, a third pumice', 'percent', [['bark', 66.666667], ['pumice', 33.333333]]],
    ['a quarter bark, half pumice, ¼ lava', 'percent', [['bark', 25], ['pumice', 50], ['lava', 25]]],
    ['half bark, 30 % pumice, 20 % lava', 'percent', [['bark', 50], ['pumice', 30], ['lava', 20]]],
    ['1 1/2 pumice, 1½ bark, 1 lava', 'parts', [['pumice', 1.5], ['bark', 1.5], ['lava', 1]]],
    ['2 pumice, half lava', 'parts', [['pumice', 2], ['lava', 0.5]]],
    ['1 part pumice, 1/2 part bark', 'parts', [['pumice', 1], ['bark', 0.5]]],
    ['5/3/2 pumice, lava, bark', 'parts', [['pumice', 5], ['lava', 3], ['bark', 2]]],
    // a range: its middle
    ['2-3 pumice, 1 bark', 'parts', [['pumice', 2.5], ['bark', 1]]],
    ['2 to 3 parts of pumice and 1 part bark', 'parts', [['pumice', 2.5], ['bark', 1]]],
    ['10–20 % bark, the rest pumice', 'percent', [['bark', 15], ['pumice', 85]]],
    ['4 pumice 3-6 mm, 1-2 bark', 'parts', [['pumice 3-6 mm', 4], ['bark', 1.5]]],
    ['1/2 to 1 bark, 2 pumice', 'parts', [['bark', 0.75], ['pumice', 2]]],
    // one thing alone, equal parts behind the list, lines
    ['all lava', 'parts', [['lava', 1]]],
    ['nothing but lava', 'parts', [['lava', 1]]],
    ['pumice, lava and bark in equal parts', 'parts', [['pumice', 1], ['lava', 1], ['bark', 1]]],
    ['pumice and bark, half and half', 'parts', [['pumice', 1], ['bark', 1]]],
    ["2 pumice\n1 lava", 'parts', [['pumice', 2], ['lava', 1]]],
    ['two parts pumice, one lava, and a bit of the bark', 'parts', [['pumice', 2], ['lava', 1], ['bark', 0.15]]],
    // vessels: of one kind they are parts, of several litres
    ['3 cups pumice, 1 cup bark', 'parts', [['pumice', 3], ['bark', 1]]],
    ['2 buckets pumice, 4 cups bark', 'litres', [['pumice', 20], ['bark', 1]]],
    ['two gallons of pumice, 1 quart bark', 'litres', [['pumice', 7.57], ['bark', 0.946]]],
]);

test('a bag is left to the shelf, which knows what it holds; vessels are told with what they were taken for', function (): void {
    $read = new RecipeText('2 buckets pumice and a bag of bark', english());
    expect($read->notation)->toBe('litres')
        ->and($read->lines)->toEqual([['words' => 'pumice', 'amount' => 20.0, 'bags' => 0.0, 'doubt' => 0.0], ['words' => 'bark', 'amount' => 0.0, 'bags' => 1.0, 'doubt' => 0.0]])
        ->and($read->vessels)->toBe(['buckets' => 10.0]);
});

test('in Indonesian as in English', function (string $text, string $notation, array $lines): void {
    $read = new RecipeText($text, new Vocabulary(require dirname(__DIR__, 2).'/lang/id/recipe.php'));
    expect($read->notation)->toBe($notation)
        ->and(array_map(static fn(array $line): array => [$line['words'], round($line['amount'], 6) + 1000 * $line['bags']], $read->lines))->toEqual($lines);
})->with([
    ['2 bagian batu apung, 1 bagian lava', 'parts', [['batu apung', 2], ['lava', 1]]],
    ['dua batu apung dan satu lava', 'parts', [['batu apung', 2], ['lava', 1]]],
    ['sepertiga kulit kayu, sisanya batu apung', 'percent', [['kulit kayu', 33.333333], ['batu apung', 66.666667]]],
    ['semua lava', 'parts', [['lava', 1]]],
    ['batu apung dan lava sama banyak', 'parts', [['batu apung', 1], ['lava', 1]]],
    ['batu apung 5, sekam bakar 3', 'parts', [['batu apung', 5], ['sekam bakar', 3]]],
    ['9 batu apung, sedikit arang, segenggam sekam', 'parts', [['batu apung', 9], ['arang', 0.45], ['sekam', 0.15]]],
    ['3 ember batu apung dan sekarung kulit kayu', 'litres', [['batu apung', 30], ['kulit kayu', 1000]]],
    ['40 persen lava; 60 % batu apung', 'percent', [['lava', 40], ['batu apung', 60]]],
    ['12 liter batu apung, 4 l arang', 'litres', [['batu apung', 12], ['arang', 4]]],
]);

test('what cannot be read is said, with what it was', function (string $text, string $rule): void {
    try {
        new RecipeText($text, english());
        test()->fail('read');
    } catch (Refused $refused) {
        expect([$refused->refusals[0]->field, $refused->refusals[0]->rule])->toBe(['text', $rule]);
    }
})->with([
    ['', 'text'],
    [str_repeat('x', 600), 'text'],
    ['5:3 pumice, lava, bark', 'ratio_names'],
    ['30 % bark, 2 L pumice', 'mixed_units'],
    ['2 bark, the rest pumice', 'rest_of_what'],
    ['110 % bark, the rest pumice', 'rest_of_what'],
    ['pumice', 'recipe_text'],
    ['0 pumice', 'recipe_text'],
    ['some pumice lava', 'recipe_text'],
    ['1/0 pumice, 1 lava', 'recipe_text'],
    ['half bark, 2 L pumice', 'mixed_units'],
    ['1:1 pumice', 'ratio_names'],
]);

test('another language is other words', function (): void {
    $words = [
        'numbers' => ['due' => 2, 'una' => 1], 'fractions' => ['metà' => 0.5], 'all' => ['solo'], 'vessels' => ['secchio' => 10, 'sacco' => 0], 'ones' => [], 'equal' => ['parti uguali'], 'rest' => ['il resto'], 'little' => ["po'"], 'handful' => ['manciata'], 'some' => ['un', 'una'],
        'of' => ['di'], 'and' => ['e'], 'to' => ['o'], 'percent' => ['%', 'per cento'], 'litres' => ['l', 'litri'], 'scoops' => ['palette'], 'parts' => ['parti', 'parte'],
    ];
    $lines = static fn(string $text): array => array_map(static fn(array $line): array => [$line['words'], round($line['amount'], 6)], (new RecipeText($text, new Vocabulary($words)))->lines);
    expect($lines('due parti di pomice e una parte di lava'))->toEqual([['pomice', 2], ['lava', 1]])
        ->and($lines('metà corteccia, il resto pomice'))->toEqual([['corteccia', 50], ['pomice', 50]])
        ->and($lines("10 pomice e un po' di carbone, una manciata di corteccia"))->toEqual([['pomice', 10], ['carbone', 0.5], ['corteccia', 0.15]])
        ->and($lines('parti uguali di pomice e lava'))->toEqual([['pomice', 1], ['lava', 1]])
        ->and(fn() => new RecipeText('two parts of pumice and one lava', new Vocabulary($words)))->toThrow(Refused::class);
});

test('a name is found by any of its names: the very one first, then whole words, then beginnings', function (): void {
    $names = [
        1 => ['Pumice 3-6 mm', 'volcanic glass'], 2 => ['Pumice 6-12 mm coarse'], 3 => ['Composted bark fine 2-8 mm', 'bark fines'], 4 => ['Bark mini chip 6-12 mm'],
        5 => ['Garden compost (screened 8 mm)', 'compost'], 6 => ['Bagged potting soil', 'compost'], 7 => ['Sharp sand', 'sand'],
    ];
    $of = static fn(string $words): array => NameMatch::fitting($words, $names);
    expect($of('pumice'))->toBe([1, 2])
        ->and($of('coarse pumice'))->toBe([2])
        ->and($of('bark fine'))->toBe([3])
        ->and($of('bark'))->toBe([3, 4])
        ->and($of('compost'))->toBe([5, 6])
        ->and($of('composted'))->toBe([3])
        ->and($of('sand'))->toBe([7])
        ->and($of('volc'))->toBe([1])
        ->and($of('perlite'))->toBe([])
        ->and($of(' '))->toBe([]);
});

test('a tub is topped up to its recipe at the smallest total', function (): void {
    $top = new TopUp(['a' => 1.0, 'b' => 1.0, 'c' => 1.0], ['a' => 6.0, 'b' => 2.0]);
    expect($top->add)->toEqual(['a' => 0.0, 'b' => 4.0, 'c' => 6.0])->and($top->totalL)->toBe(18.0)->and($top->leastL)->toBe(18.0);
});

test('to a wanted total, with something foreign in it', function (): void {
    $top = new TopUp(['a' => 3.0, 'b' => 1.0], ['a' => 6.0, 'x' => 5.0], 20.0);
    expect($top->add)->toEqual(['a' => 9.0, 'b' => 5.0])
        ->and($top->recipeL)->toBe(20.0)->and($top->totalL)->toBe(25.0)
        ->and($top->foreign)->toEqual(['x' => 0.2]);
});

test('whatever is in a tub, topping up makes the recipe and takes nothing away', function (int $seed): void {
    mt_srand($seed);
    $parts = $there = [];
    foreach (range('a', chr(97 + mt_rand(1, 5))) as $key) {
        $parts[$key] = mt_rand(1, 20) / 4;
        $there[$key] = mt_rand(0, 80) / 4;
    }
    $there['foreign'] = mt_rand(0, 8);
    $top = new TopUp($parts, $there);
    foreach ($parts as $key => $part) {
        expect($top->add[$key])->toBeGreaterThanOrEqual(0.0)
            ->and($there[$key] + $top->add[$key])->toBeNear($top->recipeL * $part / array_sum($parts), 1e-9);
    }
    expect(min($top->add))->toBe(0.0)->and($top->totalL)->toBeNear(array_sum($there) + array_sum($top->add), 1e-9);
})->with(range(1, 12));

test('less than is there cannot be made', function (): void {
    new TopUp(['a' => 1.0, 'b' => 1.0], ['a' => 6.0], 10.0);
})->throws(Refused::class, 'wanted_l');

test('how far two mixes are apart', function (array $a, array $b, float $apart): void {
    expect(MixDistance::between($a, $b))->toEqualWithDelta($apart, 1e-12)->and(MixDistance::between($b, $a))->toEqualWithDelta($apart, 1e-12);
})->with([
    [['a' => 2, 'b' => 1], ['a' => 1, 'b' => 1], 1 / 6],
    [['a' => 4, 'b' => 2], ['b' => 1.0, 'a' => 2.0], 0.0],
    [['a' => 4], ['b' => 2], 1.0],
    [['a' => 9, 'b' => 1], ['a' => 9, 'c' => 1], 0.1],
]);

test('litres in small whole parts, or none where none are near enough', function (array $litres, ?array $parts): void {
    expect(RoundParts::of($litres))->toBe($parts);
})->with([
    [['a' => 8.1, 'b' => 5.9, 'c' => 4.0], ['a' => 4, 'b' => 3, 'c' => 2]],
    [['a' => 5.0], ['a' => 1]],
    [['a' => 3.0, 'b' => 3.05], ['a' => 1, 'b' => 1]],
    [['a' => 12.0, 'b' => 1.0], ['a' => 12, 'b' => 1]],
    [['a' => 96.0, 'b' => 1.0], null],
]);

test('whatever parts are told, each is within 5 % of what is there', function (int $seed): void {
    mt_srand($seed);
    $litres = [];
    foreach (range('a', chr(97 + mt_rand(0, 5))) as $key) {
        $litres[$key] = mt_rand(1, 400) / 10;
    }
    $parts = RoundParts::of($litres);
    foreach ($parts ?? [] as $key => $part) {
        expect(abs($part / array_sum($parts) / ($litres[$key] / array_sum($litres)) - 1.0))->toBeLessThanOrEqual(0.05 + 1e-12);
    }
    expect($parts === null || array_keys($parts) === array_keys($litres))->toBeTrue();
})->with(range(1, 40));

test('a range keeps how far off its middle may be, whatever it is counted in', function (string $text, array $doubts): void {
    expect(array_map(static fn(array $line): float => round($line['doubt'], 6), (new RecipeText($text, english()))->lines))->toBe($doubts);
})->with([
    ['2-3 pumice, 1 bark', [0.2, 0.0]], ['10-20 % bark, the rest pumice', [0.333333, 0.0]], ['1-3 cups pumice, 1 cup bark', [0.5, 0.0]], ['1-3 buckets pumice, 2 L bark', [0.5, 0.0]],
]);

test('a size of grains and a range that runs backwards are no amounts', function (string $text): void {
    new RecipeText($text, english());
})->with(['3-6 mm pumice', '3-6mm pumice', '5-2 pumice', '0-2 pumice'])->throws(Refused::class);
