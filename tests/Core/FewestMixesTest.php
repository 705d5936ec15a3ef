<?php

declare(strict_types=1);

use Tests\Core\Search;
use Tests\Core\Shipped;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Verdict\Search\FewestMixes;
use Zolbek\Core\Verdict\Search\Ingredient;
use Zolbek\Core\Verdict\Search\Served;
use Zolbek\Core\Verdict\Search\SharedMix;
use Zolbek\Core\Verdict\Search\Steps;
use Zolbek\Core\Verdict\Search\Wishes;

/** @param list<Ingredient> $shelf */
function assessed(Setup $place, array $shelf, SharedMix $mix): Assessment
{
    return new Assessment($place->with(portions: array_map(static fn(int $i, int $parts): array => [$shelf[$i]->portion, (float) $parts], array_keys($mix->parts), array_values($mix->parts))));
}

/** @return list<int> situations that mixes serve, in order */
function servedBy(FewestMixes $fewest): array
{
    $served = array_merge(...array_map(static fn(SharedMix $mix): array => array_map(static fn(Served $each): int => $each->situation, $mix->serves), $fewest->mixes));
    sort($served);

    return $served;
}

test('plants that stand alike share one mix', function (): void {
    $shelf = Search::shelf(array_slice(Search::STONES, 0, 4));
    $fewest = new FewestMixes([Shipped::setup('s01'), Shipped::setup('s01'), Shipped::setup('s01', ['habit_h' => 20])], [4, 2, 1], $shelf, new Wishes(3, Steps::parts(5)));
    expect($fewest->mixes)->toHaveCount(1)->and(servedBy($fewest))->toBe([0, 1, 2])->and($fewest->isProved)->toBeTrue()
        ->and($fewest->mixes[0]->serves[0]->givenUp())->toBe(0.0);
});

test('plants that want opposite things need two', function (): void {
    // an acid lover by hard water and a desert plant: peat for one, stone for the other
    $places = [Shipped::setup('s01'), Shipped::setup('s11')];
    $shelf = Search::shelf(['pumice-3-6-mm', 'sphagnum-peat', 'perlite-2-5-mm', 'garden-compost-screened-8-mm']);
    $fewest = new FewestMixes($places, [1, 3], $shelf, new Wishes(3, Steps::parts(6)));
    expect($fewest->mixes)->toHaveCount(2)->and(servedBy($fewest))->toBe([0, 1])->and($fewest->mixes[0]->serves[0]->situation)->toBe(1)
        ->and(max(array_map(static fn(Served $each): float => $each->givenUp(), $fewest->oneForAll->serves)))->toBeGreaterThan(0.0);
});

test('what is told of a shared mix is what its assessment says', function (): void {
    $places = [Shipped::setup('s01'), Shipped::setup('s07'), Shipped::setup('s15')];
    $shelf = Search::shelf(Search::STONES);
    $fewest = new FewestMixes($places, [1, 1, 1], $shelf, new Wishes(4));
    foreach ([...$fewest->mixes, $fewest->oneForAll] as $mix) {
        foreach ($mix->serves as $served) {
            $assessment = assessed($places[$served->situation], $shelf, $mix);
            expect($served->rating)->toBe($assessment->rating)->and($served->fit)->toBeNear($assessment->fit, 1e-12)->and($served->bestFit)->toBeGreaterThanOrEqual($served->rating === $served->bestRating ? $served->fit : 0.0);
        }
    }
    expect(servedBy($fewest))->toBe([0, 1, 2])->and($fewest->oneForAll->serves)->toHaveCount(3);
    foreach ($fewest->mixes as $mix) {
        foreach ($mix->serves as $served) {
            expect($served->rating)->toBe($served->bestRating)->and($served->fit)->toBeGreaterThanOrEqual(0.8 * $served->bestFit);
        }
    }
});

test('the same plants have the same mixes, and wishes hold for all', function (): void {
    $ask = static fn(): array => array_map(static fn(SharedMix $mix): array => $mix->parts, (new FewestMixes([Shipped::setup('s01'), Shipped::setup('s07')], [1, 1], Search::shelf(Search::STONES, ['sphagnum-peat' => ['most' => 0.0]]), new Wishes(2, mostCost: 2.0)))->mixes);
    expect($ask())->toBe($ask());
    foreach ($ask() as $parts) {
        expect(count($parts))->toBeLessThanOrEqual(2)->and(isset($parts[3]))->toBeFalse();
    }
});

test('where nothing can be mixed that is refused', function (): void {
    expect(static fn() => new FewestMixes([Shipped::setup('s01')], [1], Search::shelf(['pumice-3-6-mm']), new Wishes(1, mostCost: 0.01)))
        ->toThrow(static fn(Refused $refused) => expect($refused->refusals[0]->rule)->toBe('nothing_fits'));
});
