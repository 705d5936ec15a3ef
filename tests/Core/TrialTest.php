<?php

declare(strict_types=1);

use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Basis\Numerics\RandomWords;
use Zolbek\Core\Work\Trial\Assignment;
use Zolbek\Core\Work\Trial\BlockPermutation;
use Zolbek\Core\Work\Trial\GroupSize;

const HAND_WORKED = [['one' => [5.1, 4.7], 'other' => [4.2, 4.0]], ['one' => [6.3, 6.0], 'other' => [5.9, 5.1]], ['one' => [4.4, 4.9], 'other' => [4.1, 3.8]]];

test('three blocks worked by hand', function (): void {
    $found = new BlockPermutation(HAND_WORKED);
    expect(round($found->difference, 6))->toBe(0.716667)->and($found->arrangements)->toBe(216)->and($found->asFar)->toBe(2)->and(round($found->p, 6))->toBe(0.009259)->and($found->isTold())->toBeTrue();
});

test('the interval holds what is not refused, and nothing else', function (): void {
    $found = new BlockPermutation(HAND_WORKED);
    $p = static fn(float $more): float => (new BlockPermutation(array_map(static fn(array $block): array => ['one' => array_map(static fn(float $value): float => $value - $more, $block['one']), 'other' => $block['other']], HAND_WORKED)))->p;
    expect($found->low)->toBeGreaterThan(0.0)->toBeLessThan($found->difference)->and($found->high)->toBeGreaterThan($found->difference);
    expect($p($found->low + 1e-6))->toBeGreaterThan(0.05)->and($p($found->low - 1e-6))->toBeLessThanOrEqual(0.05)->and($p($found->high - 1e-6))->toBeGreaterThan(0.05)->and($p($found->high + 1e-6))->toBeLessThanOrEqual(0.05);
});

test('turned round the difference is turned round, and what all plants have more changes nothing', function (): void {
    $found = new BlockPermutation(HAND_WORKED);
    $round = new BlockPermutation(array_map(static fn(array $block): array => ['one' => $block['other'], 'other' => $block['one']], HAND_WORKED));
    expect($round->difference)->toEqualWithDelta(-$found->difference, 1e-12)->and($round->p)->toBe($found->p)->and($round->low)->toEqualWithDelta(-$found->high, 1e-9);
    $higher = new BlockPermutation(array_map(static fn(array $block, int $i): array => array_map(static fn(array $values): array => array_map(static fn(float $value): float => $value + 7.0 * $i, $values), $block), HAND_WORKED, array_keys(HAND_WORKED)));
    expect($higher->difference)->toEqualWithDelta($found->difference, 1e-12)->and($higher->p)->toBe($found->p);
});

test('few plants leave the interval open, and prove nothing', function (): void {
    $found = new BlockPermutation([['one' => [9.0, 8.0], 'other' => [1.0, 2.0]]]);
    expect($found->arrangements)->toBe(6)->and($found->p)->toBe(2 / 6)->and($found->isTold())->toBeFalse()->and($found->low)->toBeNull()->and($found->high)->toBeNull();
});

test('a block in which one group is lost tells nothing; none left is refused', function (): void {
    $found = new BlockPermutation([...HAND_WORKED, ['one' => [99.0], 'other' => []]]);
    expect(round($found->difference, 6))->toBe(0.716667)->and($found->arrangements)->toBe(216);
    expect(static fn() => new BlockPermutation([['one' => [1.0], 'other' => []]]))->toThrow(Refused::class);
});

test('blocks count by how much they tell', function (): void {
    // means differ by 1 in a block of 2 and 2 (weight 1), by 3 in a block of 1 and 1 (weight 1/2)
    $found = new BlockPermutation([['one' => [2.0, 4.0], 'other' => [1.0, 3.0]], ['one' => [5.0], 'other' => [2.0]]]);
    expect($found->difference)->toEqualWithDelta((1.0 * 1 + 0.5 * 3) / 1.5, 1e-12);
});

test('many arrangements are drawn, the same each time, and come to what all would', function (): void {
    $chance = new RandomWords(7);
    $block = static fn(float $more): array => ['one' => array_map(static fn(): float => $more + $chance->uniform(), range(1, 5)), 'other' => array_map(static fn(): float => $chance->uniform(), range(1, 5))];
    $small = [$block(0.25), $block(0.25)];
    // 63504 arrangements of two blocks of five and five are beyond what is tried: against the exact share, counted here
    $two = new BlockPermutation($small, 11);
    $hits = $all = 0;
    $part = static function (array $block): array {
        $values = [...$block['one'], ...$block['other']];
        $found = [];
        for ($mask = 0; $mask < 1024; ++$mask) {
            if (substr_count(decbin($mask), '1') === 5) {
                $sum = 0.0;
                foreach ($values as $i => $value) {
                    $sum += ($mask >> $i) & 1 ? $value : -$value;
                }
                $found[] = $sum / 10;
            }
        }

        return $found;
    };
    foreach ($part($small[0]) as $a) {
        foreach ($part($small[1]) as $b) {
            ++$all;
            $hits += abs($a + $b) >= abs($two->difference) - 1e-12 ? 1 : 0;
        }
    }
    expect($all)->toBe(252 * 252)->and($two->arrangements)->toBeNull()->and($two->p)->toEqualWithDelta($hits / $all, 0.01)->and((new BlockPermutation($small, 11))->p)->toBe($two->p);
});

test('where nothing differs, one in twenty is told at most', function (): void {
    $told = 0;
    for ($seed = 1; $seed <= 200; ++$seed) {
        $chance = new RandomWords($seed);
        $values = static fn(): array => [$chance->uniform(), $chance->uniform()];
        $told += (new BlockPermutation([['one' => $values(), 'other' => $values()], ['one' => $values(), 'other' => $values()], ['one' => $values(), 'other' => $values()]]))->isTold() ? 1 : 0;
    }
    expect($told)->toBeLessThanOrEqual(18);
});

test('so many plants show so much', function (): void {
    expect((new GroupSize(1.0, 1.0))->plants)->toBe(16)->and(round((new GroupSize(1.0, 1.0))->exact, 2))->toBe(15.70)
        ->and((new GroupSize(0.5, 1.0))->plants)->toBe(63)->and(round((new GroupSize(0.5, 1.0))->exact, 2))->toBe(62.79)
        ->and((new GroupSize(3.0, 6.0))->plants)->toBe(63)
        ->and((new GroupSize(1.0, 1.0, 0.9))->plants)->toBe(22)->and((new GroupSize(20.0, 1.0))->plants)->toBe(2);
    expect(GroupSize::seenWith(16))->toEqualWithDelta(0.9905, 1e-4);
    foreach ([[0.0, 1.0, 0.8, 'difference'], [1.0, -1.0, 0.8, 'spread'], [1.0, 1.0, 1.0, 'power'], [NAN, 1.0, 0.8, 'difference'], [1e-9, 1.0, 0.8, 'difference']] as [$d, $s, $power, $field]) {
        expect(static fn() => new GroupSize($d, $s, $power))->toThrow(static function (Refused $refused) use ($field): void {
            expect($refused->refusals[0]->field)->toBe($field);
        });
    }
});

test('plants are given out evenly within blocks, whatever the chance', function (int $seed, string $blocking): void {
    $chance = new RandomWords($seed);
    $groups = 2 + $seed % 5;
    $plants = [];
    for ($i = 0; $i < 12 + $seed % 9; ++$i) {
        $plants[100 + $i] = ['bench' => 'Bench '.($i % 3), 'size' => round(10.0 + 30.0 * $chance->uniform(), 1)];
    }
    $of = Assignment::of($plants, $groups, $blocking, new RandomWords($seed));
    $counts = $sizes = [];
    foreach ($of as $key => ['block' => $block, 'group' => $group]) {
        $counts[$block][$group] = ($counts[$block][$group] ?? 0) + 1;
        $sizes[$block][] = $plants[$key]['size'];
        $blocking === 'none' || $blocking === 'size' || expect($block)->toStartWith($plants[$key]['bench']);
    }
    expect(count($of))->toBe(count($plants));
    foreach ($counts as $block => $each) {
        $each = array_replace(array_fill(0, $groups, 0), $each);
        expect(max($each) - min($each))->toBeLessThanOrEqual(1, (string) $block)->and(count($each))->toBe($groups);
    }
    expect(Assignment::of($plants, $groups, $blocking, new RandomWords($seed)))->toBe($of);
    if ($blocking === 'size') {
        // from block to block the plants grow smaller
        ksort($sizes, SORT_NATURAL);
        $last = INF;
        foreach ($sizes as $some) {
            expect(max($some))->toBeLessThanOrEqual($last);
            $last = min($some);
        }
    }
})->with(fn() => seeds(12, 100))->with(Assignment::BLOCKINGS);

test('each plant comes into each group as often as into another', function (): void {
    $counts = array_fill(0, 3, array_fill(0, 7, 0));
    for ($seed = 1; $seed <= 900; ++$seed) {
        foreach (Assignment::of(array_fill(0, 7, ['bench' => '', 'size' => null]), 3, 'none', new RandomWords($seed)) as $key => ['group' => $group]) {
            ++$counts[$group][$key];
        }
    }
    foreach ($counts as $of) {
        foreach ($of as $count) {
            expect(abs($count - 300))->toBeLessThan(60);
        }
    }
});

test('blocks are what they are called: benches, plants of one size, both, or one of all', function (string $blocking, array $blocks): void {
    // the biggest first; of those without a size nobody knows how big they are
    $plants = [
        'a' => ['bench' => 'North', 'size' => 12.0], 'b' => ['bench' => 'South', 'size' => 30.0], 'c' => ['bench' => 'North', 'size' => 40.0], 'd' => ['bench' => 'South', 'size' => 0.5],
        'e' => ['bench' => 'North', 'size' => 20.0], 'f' => ['bench' => 'South', 'size' => null], 'g' => ['bench' => 'North', 'size' => 11.0],
    ];
    $found = [];
    foreach (Assignment::of($plants, 2, $blocking, new RandomWords(4)) as $key => ['block' => $block]) {
        expect($block)->toBeString();
        $found[$block][] = $key;
    }
    expect($found)->toBe($blocks);
})->with([
    'bench' => ['bench', ['North' => ['a', 'c', 'e', 'g'], 'South' => ['b', 'd', 'f']]],
    'size' => ['size', [1 => ['c', 'b'], 2 => ['e', 'a'], 3 => ['g', 'd'], 4 => ['f']]],
    'both' => ['bench_and_size', ['North 1' => ['c', 'e'], 'North 2' => ['a', 'g'], 'South 1' => ['b', 'd'], 'South 2' => ['f']]],
    'none' => ['none', ['' => ['a', 'b', 'c', 'd', 'e', 'f', 'g']]],
]);

test('what may be blocked by is what the trial form offers', function (): void {
    expect(Assignment::BLOCKINGS)->toBe(['bench', 'size', 'bench_and_size', 'none']);
});

test('which group gets the odd plant is left to chance, and each gets it', function (): void {
    $odd = [];
    for ($seed = 1; $seed <= 300; ++$seed) {
        $counts = array_count_values(array_column(Assignment::of(array_fill(0, 4, ['bench' => '', 'size' => null]), 3, 'none', new RandomWords($seed)), 'group'));
        arsort($counts);
        $odd[array_key_first($counts)] = ($odd[array_key_first($counts)] ?? 0) + 1;
    }
    ksort($odd);
    expect(array_keys($odd))->toBe([0, 1, 2])->and(min($odd))->toBeGreaterThan(70);
});

test('fewer plants than groups: each in a group of its own', function (): void {
    for ($seed = 1; $seed <= 60; ++$seed) {
        $groups = array_column(Assignment::of(array_fill(0, 2, ['bench' => '', 'size' => null]), 3, 'none', new RandomWords($seed)), 'group');
        expect(array_unique($groups))->toHaveCount(2)->and(min($groups))->toBeGreaterThanOrEqual(0)->and(max($groups))->toBeLessThanOrEqual(2);
        $seen[$groups[0]] = true;
    }
    expect($seen ?? [])->toHaveCount(3);
});

test('where there are too many arrangements they are drawn: the interval goes along with the difference, and the chance is never nothing', function (): void {
    $chance = new RandomWords(11);
    $values = static fn(float $more): array => array_map(static fn(): float => $more + round($chance->uniform(), 3), range(1, 10));
    $block = ['one' => $values(0.4), 'other' => $values(0.0)];
    $moved = static fn(float $more): BlockPermutation => new BlockPermutation([['one' => array_map(static fn(float $value): float => $value + $more, $block['one']), 'other' => $block['other']]]);
    $found = $moved(0.0);
    expect($found->arrangements)->toBeNull()->and($found->low)->toBeLessThan($found->difference)->and($found->high)->toBeGreaterThan($found->difference);
    $further = $moved(5.0);
    expect($further->difference)->toEqualWithDelta($found->difference + 5.0, 1e-9)->and($further->low)->toEqualWithDelta($found->low + 5.0, 1e-6)->and($further->high)->toEqualWithDelta($found->high + 5.0, 1e-6);
    // nothing that is drawn is as far out: what was measured counts as one of them
    expect($further->p)->toEqualWithDelta(1.0 / 10_000.0, 1e-12)->and($further->isTold())->toBeTrue();
    expect(10_000.0 * $found->p)->toEqualWithDelta(round(10_000.0 * $found->p), 1e-6);
});
