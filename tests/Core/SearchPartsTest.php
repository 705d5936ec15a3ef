<?php

declare(strict_types=1);

use Tests\Core\Search;
use Tests\Core\Shipped;
use Zolbek\Core\Place\Container\Container;
use Zolbek\Core\Verdict\Search\Merit;
use Zolbek\Core\Verdict\Search\Ratio;
use Zolbek\Core\Verdict\Search\SetCover;
use Zolbek\Core\Verdict\Search\Start;
use Zolbek\Core\Verdict\Search\Wish;
use Zolbek\Core\Verdict\Search\Wishes;

test('of {1,2}, {2,3}, {1,3} any two serve all three, and those that give up least are taken', function (): void {
    $cover = new SetCover([0 => [0 => 0.0, 1 => 0.3], 1 => [1 => 0.0, 2 => 0.0], 2 => [0 => 0.2, 2 => 0.1]], 3);
    $chosen = $cover->chosen;
    sort($chosen);
    expect($chosen)->toBe([0, 1])->and($cover->isProved)->toBeTrue();
});

test('a cover is the smallest there is, as trying all of them says', function (int $seed): void {
    mt_srand($seed);
    $served = mt_rand(3, 6);
    $serves = [];
    for ($who = 0; $who < 7; ++$who) {
        foreach (range(0, $served - 1) as $one) {
            if (mt_rand(0, 2) === 0 || $who === $one) {
                $serves[$who][$one] = mt_rand(0, 50) / 100;
            }
        }
    }
    $best = null;
    for ($bits = 1; $bits < 128; ++$bits) {
        $chosen = array_filter(array_keys($serves), static fn(int $who): bool => ($bits >> $who & 1) === 1);
        $lost = 0.0;
        foreach (range(0, $served - 1) as $one) {
            $lost += min([INF, ...array_map(static fn(int $who): float => $serves[$who][$one] ?? INF, $chosen)]);
        }
        $best = $lost === INF ? $best : min($best ?? [99, INF], [count($chosen), round($lost, 9)]);
    }
    $cover = new SetCover($serves, $served);
    $lost = array_sum(array_map(static fn(int $one): float => min(array_map(static fn(int $who): float => $serves[$who][$one] ?? INF, $cover->chosen)), range(0, $served - 1)));
    expect([count($cover->chosen), round($lost, 9)])->toBe($best)->and($cover->isProved)->toBeTrue();
})->with(fn(): array => seeds(12, 100));

test('four, six and ten parts are two, three and five', fn() => expect(Ratio::divisor([4, 6, 10]))->toBe(2)->and(Ratio::divisor([7]))->toBe(7)->and(Ratio::divisor([3, 5]))->toBe(1));

test('two recipes are as far apart as what has to be something else', function (): void {
    expect(Ratio::apart([0 => 0.5, 1 => 0.5], [0 => 0.5, 2 => 0.5]))->toBeNear(0.5, 1e-12)
        ->and(Ratio::apart([0 => 1.0], [0 => 1.0]))->toBe(0.0)->and(Ratio::apart([0 => 1.0], [1 => 1.0]))->toBe(1.0);
});

test('from a recipe there is, what comes first is what is wanted, and replacing may change all of it', function (): void {
    expect(Start::Improve->within())->toBe(0.3)->and(Start::Replace->within())->toBe(1.0)
        ->and(array_map(static fn(Start $start): Merit => $start->merit(), Start::cases()))->toBe([Merit::Best, Merit::Alike, Merit::Lightest, Merit::Cheapest, Merit::Longest]);
});

test('letting go of the number of components lets two more in, until nobody is kept from one', function (): void {
    $shelf = Search::shelf(Search::STONES);
    $wishes = new Wishes(mostComponents: 2);
    expect($wishes->without(Wish::Components)->mostComponents)->toBe(4)
        ->and($wishes->heldWith($shelf))->toContain(Wish::Components)
        ->and((new Wishes(mostComponents: 5))->heldWith($shelf))->not->toContain(Wish::Components)
        ->and((new Wishes(mostComponents: 2))->heldWith(array_slice($shelf, 0, 2)))->not->toContain(Wish::Components);
});

test('a rim of 0.8 cm is usually left for water, and a tenth of a shallow pot', function (): void {
    $pot = Shipped::setup('s01')->pot;
    expect($pot->usualHeadspaceCm())->toBe(min(0.8, $pot->depthCm / 10.0))
        ->and(Container::read(['shape' => 'rectangular', 'depth' => 5, 'top_length' => 20, 'top_width' => 15, 'base_length' => 20, 'base_width' => 15])->usualHeadspaceCm())->toBe(0.5);
});
