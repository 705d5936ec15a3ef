<?php

declare(strict_types=1);

use Tests\Core\Search;
use Tests\Core\Shipped;
use Zolbek\Core\Mix\Material\Stock;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Place\Container\Contents;
use Zolbek\Core\Place\Container\DrainageLayer;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Verdict\Fit\Criterion;
use Zolbek\Core\Verdict\Fit\Level;
use Zolbek\Core\Verdict\Fit\Rating;
use Zolbek\Core\Verdict\Fit\Tally;
use Zolbek\Core\Verdict\Search\Binding;
use Zolbek\Core\Verdict\Search\Confirmed;
use Zolbek\Core\Verdict\Search\Found;
use Zolbek\Core\Verdict\Search\Glance;
use Zolbek\Core\Verdict\Search\Glimpse;
use Zolbek\Core\Verdict\Search\Ingredient;
use Zolbek\Core\Verdict\Search\Loosened;
use Zolbek\Core\Verdict\Search\Merit;
use Zolbek\Core\Verdict\Search\MixSearch;
use Zolbek\Core\Verdict\Search\Source;
use Zolbek\Core\Verdict\Search\Steps;
use Zolbek\Core\Verdict\Search\Sureness;
use Zolbek\Core\Verdict\Search\Sweep;
use Zolbek\Core\Verdict\Search\Unlike;
use Zolbek\Core\Verdict\Search\Wish;
use Zolbek\Core\Verdict\Search\Wishes;
use Zolbek\Core\Verdict\Uncertainty\Propagation;

/** @return list<array{Portion, float}> a mix of some of the shipped components */
function drawnMix(int $seed): array
{
    mt_srand($seed);
    $keys = (array) array_rand(array_flip(array_column(Shipped::rawComponents(), 'key')), mt_rand(2, 5));

    return array_map(static fn(string $key): array => [Portion::of(Shipped::component($key)), (float) mt_rand(1, 5)], array_values($keys));
}

test('a glance sees what an assessment without years sees', function (int $seed): void {
    $portions = drawnMix($seed);
    $place = Shipped::setup(['s01', 's07', 's11', 's16', 't04', 't19'][$seed % 6]);
    $place = match ($seed % 5) {
        1 => $place->with(layer: new DrainageLayer(Shipped::substrate(['granite-chip-4-8-mm' => 1]), 1.0)),
        2 => $place->with(topDressingCm: 0.5),
        3 => $place->with(tipDeg: 12.0),
        4 => new Setup($place->portions, $place->pot, $place->holes, $place->group, 0.8, situation: $place->situation, contents: new Contents(objectsL: 0.1)),
        default => $place,
    };
    $whole = new Assessment($place->with(portions: $portions), withYears: false);
    $seen = (new Glance($place))->at($portions);
    assert($seen instanceof Glimpse);
    expect($seen->rating)->toBe($whole->rating)->and($seen->fit)->toBeNear($whole->fit, 1e-9)
        ->and($seen->air)->toBeNear($whole->verdict(Criterion::Air)->value, 1e-9)
        ->and($seen->wetKg)->toBeNear($whole->weights->wetKg, 1e-9)
        ->and($seen->reachL)->toBeNear($whole->water->withinReachL, 1e-9)
        ->and($seen->isGoodThroughout)->toBe(array_filter($whole->verdicts, static fn($verdict): bool => $verdict->level !== Level::Good) === []);
})->with(fn(): array => seeds(60, 600));

test('what a glance rules out cannot reach what was asked', function (int $seed): void {
    mt_srand($seed + 7);
    $portions = drawnMix($seed);
    $place = Shipped::setup(['s01', 's07', 's16', 't04'][$seed % 4]);
    $worst = [Rating::Good, Rating::Workable, Rating::Poor][mt_rand(0, 2)];
    $leastFit = mt_rand(0, 90) / 100;
    $seen = (new Glance($place))->at($portions, $worst, $leastFit);
    $whole = new Assessment($place->with(portions: $portions), withYears: false);
    $reaches = $whole->rating->rank() < $worst->rank() || ($whole->rating === $worst && $whole->fit >= $leastFit);
    expect($seen instanceof Glimpse)->toBe($reaches);
})->with(fn(): array => seeds(60, 600));

test('what is still possible after some verdicts bounds what comes of all', function (int $seed): void {
    $assessment = new Assessment(Shipped::setup('s07')->with(portions: drawnMix($seed)), withYears: false);
    $tally = new Tally();
    $atMost = 1.0;
    foreach ($assessment->verdicts as $verdict) {
        $tally->take($verdict);
        expect($tally->fitAtMost())->toBeLessThanOrEqual($atMost + 1e-12)->and($tally->fitAtMost())->toBeGreaterThanOrEqual($assessment->fit - 1e-12)
            ->and($tally->mayReach($assessment->rating, $assessment->fit - 1e-9))->toBeTrue();
        $atMost = $tally->fitAtMost();
    }
    expect($tally->fit())->toBeNear($assessment->fit, 1e-12)->and($tally->rating())->toBe($assessment->rating);
})->with(fn(): array => seeds(20, 200));

test('a mix never lies looser in its pot than it was scooped, by which litres and cost are bounded', function (int $seed): void {
    expect(Shipped::setup('s01')->with(portions: drawnMix($seed))->substrate->yield)->toBeLessThanOrEqual(1.0 + 1e-9);
})->with(fn(): array => seeds(40, 400));

test('on a small shelf the first of each is that of judging every recipe in full', function (string $case, array $keys, int $parts): void {
    $place = Shipped::setup($case);
    $shelf = Search::shelf($keys);
    $wishes = new Wishes(3, Steps::parts($parts));
    $all = Search::everything($place, $shelf, $wishes);
    $best = Search::bestOf($all);
    $answer = Search::answer($place, $shelf, $wishes);
    $asGood = array_values(array_filter($all, static fn(Confirmed $each): bool => $each->rating === $best->rating && $each->fit >= 0.7 * $best->fit));
    $found = static fn(Merit $merit): Confirmed => array_values(array_filter($answer->found, static fn(Found $each): bool => in_array($merit, $each->merits, true)))[0]->recipe;

    expect($answer->counts->judged + array_sum($answer->counts->ruledOut))->toBe(count($all))->and($answer->counts->notLookedAt())->toBe(0)
        ->and($answer->found[0]->recipe->rating)->toBe($best->rating)
        ->and(max(array_map(static fn(Found $each): float => $each->recipe->fit, $answer->found)))->toBeGreaterThan($best->fit - 0.021);
    $figures = [
        [Merit::Lightest, static fn(Confirmed $each): float => $each->candidate->glimpse->wetKg],
        [Merit::Water, static fn(Confirmed $each): float => -$each->candidate->glimpse->reachL],
        [Merit::Longest, static fn(Confirmed $each): float => -$each->lasts()],
    ];
    foreach ($figures as [$merit, $figure]) {
        $first = $figure($found($merit));
        $better = array_filter($asGood, static fn(Confirmed $each): bool => $figure($each) < $first - 0.021 * abs($first));
        foreach ($better as $each) {
            // only a neighbour of what is offered may be further on
            expect(array_filter($answer->found, static fn(Found $other): bool => Unlike::isNear($other->recipe->candidate, $each->candidate)))->not->toBe([]);
        }
        expect($first)->toBeLessThanOrEqual(min(array_map(static fn(Found $each): float => $figure($each->recipe), $answer->found)) + 0.021 * abs($first));
    }
})->with([
    'a pine on the hill' => ['s01', array_slice(Search::STONES, 0, 4), 5],
    'a broadleaf' => ['s07', array_slice(Search::STONES, 1, 4), 6],
    'in the heat' => ['s11', ['pumice-3-6-mm', 'sphagnum-peat', 'perlite-2-5-mm'], 8],
    'a white pine in a tray' => ['s16', ['pumice-3-6-mm', 'granite-chip-4-8-mm', 'sphagnum-peat'], 6],
]);

test('the same question has the same answer in the same order', function (): void {
    $ask = static fn(): array => Search::told(Search::answer(Shipped::setup('s01'), Search::shelf(Search::STONES), new Wishes(4), 1500));
    expect($ask())->toBe($ask())->not->toBe([]);
});

test('what is offered is really different from one another', function (string $case): void {
    $found = Search::answer(Shipped::setup($case), Search::shelf(Search::STONES), new Wishes(4), 2500)->found;
    expect(count($found))->toBeGreaterThan(2)->toBeLessThanOrEqual(8);
    foreach ($found as $n => $each) {
        foreach (array_slice($found, $n + 1) as $other) {
            expect(Unlike::isNear($each->recipe->candidate, $other->recipe->candidate))->toBeFalse();
        }
    }
})->with(['s01', 's07', 's11']);

test('no recipe that is offered goes against a wish', function (int $seed): void {
    mt_srand($seed);
    $with = [];
    foreach (Search::STONES as $key) {
        $with[$key] = ['most' => mt_rand(2, 10) / 10, 'must' => mt_rand(0, 7) === 0, 'stock' => new Stock(mt_rand(0, 3) * 0.7, 10.0, mt_rand(2, 9))];
    }
    $shelf = Search::shelf(Search::STONES, $with);
    $maybe = static fn(float $value): ?float => mt_rand(0, 2) === 0 ? $value : null;
    $wishes = new Wishes(mt_rand(1, 4), mt_rand(0, 1) === 0 ? Steps::scoopsUpTo(5) : Steps::perCent(20), [Source::Bought, Source::Bought, Source::Owned, Source::Stock][mt_rand(0, 3)], $maybe(mt_rand(8, 20) / 10), $maybe(mt_rand(20, 45) / 10), $maybe(mt_rand(1, 5)), mt_rand(0, 4) === 0, mt_rand(0, 3) === 0, mt_rand(1, 2));
    $place = Shipped::setup(['s01', 's07', 's11'][$seed % 3]);
    $answer = Search::answer($place, $shelf, $wishes, 600);
    $newMixL = $place->newMixL();
    foreach ($answer->found as $found) {
        $candidate = $found->recipe->candidate;
        $litres = $newMixL / $place->with(portions: (new Sweep($place, $shelf, $wishes, 1))->portions($candidate->parts()))->substrate->yield;
        $cost = 0.0;
        foreach ($candidate->shares() as $i => $share) {
            $ingredient = $shelf[$i];
            $cost += $share * $litres * $ingredient->stock->pricePerL();
            expect($share)->toBeLessThanOrEqual($ingredient->most + 1e-9);
            if ($wishes->source === Source::Stock) {
                expect($share * $litres * 1.08 * $wishes->pots)->toBeLessThanOrEqual($ingredient->stock->litres + 1e-9);
            } elseif ($wishes->source === Source::Owned) {
                expect($ingredient->stock->litres)->toBeGreaterThan(0.0);
            }
            expect($wishes->withoutOrganics && $ingredient->isOrganic())->toBeFalse()->and($wishes->withoutAcidOrganics && $ingredient->isAcidOrganic())->toBeFalse();
        }
        foreach ($shelf as $i => $ingredient) {
            expect($ingredient->must && ! isset($candidate->parts()[$i]))->toBeFalse();
        }
        expect($cost)->toBeNear($candidate->cost, 1e-9)->toBeLessThanOrEqual(($wishes->mostCost ?? INF) + 1e-9)
            ->and($candidate->glimpse->wetKg)->toBeLessThanOrEqual(($wishes->mostKg ?? INF) + 1e-9)
            ->and($found->recipe->lasts())->toBeGreaterThanOrEqual($wishes->leastYears ?? 0.0)
            ->and($candidate->count())->toBeLessThanOrEqual($wishes->mostComponents);
    }
    expect($answer->counts->judged + array_sum($answer->counts->ruledOut) + $answer->counts->notLookedAt())->toBe($answer->counts->space);
})->with(fn(): array => seeds(30, 200));

test('a good recipe that stands in a large shelf is found, or a better one', function (string $case): void {
    $case = Shipped::cases()[$case];
    $planted = Shipped::assessment($case['id']);
    $keys = array_values(array_unique([...array_keys($case['mix']), ...array_slice(array_column(Shipped::rawComponents(), 'key'), 0, 14)]));
    $found = Search::answer(Shipped::setup($case['id']), Search::shelf($keys), new Wishes(4), 4000)->found;
    expect($planted->rating)->toBe(Rating::Good)->and($found[0]->recipe->rating)->toBe(Rating::Good)
        ->and(max(array_map(static fn(Found $each): float => $each->recipe->fit, $found)))->toBeGreaterThan($planted->fit - 0.03);
})->with(['s12', 's15', 's20']);

test('a search that is stopped says what it has and how many were not looked at', function (): void {
    $run = (new MixSearch(Shipped::setup('s01'), Search::shelf([...Search::STONES, 'coir-pith', 'lava-scoria-3-6-mm']), new Wishes(4), budget: 20_000))->run();
    $first = $run->current();
    $run->send(false);
    $answer = $run->getReturn();
    expect($run->valid())->toBeFalse()->and($answer->isEnd)->toBeTrue()->and($answer->counts->notLookedAt())->toBeGreaterThan(0)
        ->and($answer->counts->judged)->toBeLessThanOrEqual($first->counts->judged + 500)
        ->and($answer->found)->not->toBe([]);
});

test('a shelf that is too large is searched up to a number, and what is left is counted', function (): void {
    $answer = Search::answer(Shipped::setup('s01'), Search::shelf(array_slice(array_column(Shipped::rawComponents(), 'key'), 0, 20)), new Wishes(4), 1000);
    $looked = $answer->counts->judged + array_sum($answer->counts->ruledOut);
    expect($looked)->toBeLessThanOrEqual(1000)->toBeGreaterThan(980)->and($answer->counts->notLookedAt())->toBe($answer->counts->space - $looked)
        ->and($answer->leftAtMost)->toBeNull()
        ->and(Search::answer(Shipped::setup('s01'), Search::shelf(['pumice-3-6-mm', 'perlite-2-5-mm']), new Wishes(2))->leftAtMost)->toBe(0.0);
});

test('first results come after a few recipes, and are offered as such', function (): void {
    $run = (new MixSearch(Shipped::setup('s01'), Search::shelf(Search::STONES), new Wishes(4)))->run();
    $first = $run->current();
    expect($first->isEnd)->toBeFalse()->and($first->found)->not->toBe([])->and($first->counts->judged + array_sum($first->counts->ruledOut))->toBeLessThanOrEqual(500);
});

test('where cost stands against a good mix the ceiling that would do is told, and does', function (): void {
    $place = Shipped::setup('s01');
    $shelf = Search::shelf(['pumice-3-6-mm', 'lava-scoria-3-6-mm', 'akadama-type-clay-granule-2-6-mm']);
    $answer = Search::answer($place, $shelf, new Wishes(3, mostCost: 0.3));
    expect($answer->found)->toBe([])->and($answer->counts->ruledOut[Wish::Cost->value])->toBeGreaterThan(0)
        ->and($answer->loosened[0]->wishes)->toBe([Wish::Cost])->and($answer->loosened[0]->rating)->toBe(Rating::Good);
    $then = Search::answer($place, $shelf, new Wishes(3, mostCost: $answer->loosened[0]->to + 1e-9));
    expect($then->found[0]->recipe->rating)->toBe(Rating::Good)
        ->and(Search::answer($place, $shelf, new Wishes(3, mostCost: $answer->loosened[0]->to - 0.02))->found[0]->recipe->rating ?? null)->not->toBe(Rating::Good);
});

test('of two wishes that only together leave nothing, letting go of each by itself is told', function (): void {
    $answer = Search::answer(Shipped::setup('s01'), Search::shelf(['pumice-3-6-mm', 'perlite-2-5-mm']), new Wishes(2, mostCost: 1.1, mostKg: 2.0));
    $told = array_map(static fn(Loosened $each): array => array_column($each->wishes, 'value'), $answer->loosened);
    expect($answer->found)->toBe([])->and($told)->toContain(['weight'])->and($told)->toContain(['cost']);
});

test('where no mix is good here, water, shade or another pot that would make one good is told', function (): void {
    $place = Shipped::setup('s11', ['habit_h' => 96, 'exposure' => 'full_sun']);
    $shelf = Search::shelf(['lava-scoria-3-6-mm', 'granite-chip-4-8-mm']);
    $answer = Search::answer($place, $shelf, new Wishes(2));
    expect($answer->found[0]->recipe->rating)->not->toBe(Rating::Good)
        ->and(array_map(static fn(Loosened $each): ?string => $each->change?->value, $answer->loosened))->toContain('habit');
    foreach ($answer->loosened as $each) {
        expect($each->rating->rank())->toBeLessThan($answer->found[0]->recipe->rating->rank());
    }
});

test('the limit that binds is one part away, and the recipe beyond it is better and goes against just that', function (): void {
    $place = Shipped::setup('s01');
    $shelf = Search::shelf(Search::STONES, ['sphagnum-peat' => ['most' => 0.1]]);
    $wishes = new Wishes(3, mostCost: 1.1);
    $sweep = (new Sweep($place, $shelf, $wishes, 3000))->toItsEnd();
    $now = $sweep->confirm($sweep->candidates()[0]);
    $cheapest = Binding::of($sweep, $now, Merit::Cheapest);
    $bound = Binding::of($sweep, $now, Merit::Best);
    expect($cheapest?->against ?? [Wish::Shares])->not->toContain(Wish::Cost)->and($bound)->not->toBeNull();
    $parts = $now->candidate->parts();
    $then = $bound->then->candidate->parts();
    expect($bound->then->fit)->toBeGreaterThan($now->fit)->and($sweep->limits->brokenBy($bound->then))->toBe($bound->against)
        ->and($then[$bound->more])->toBe(($parts[$bound->more] ?? 0) + 1)->and($then[$bound->less] ?? 0)->toBe($parts[$bound->less] - 1)
        ->and($sweep->limits->brokenBy($now))->toBe([]);
});

test('a figure at its limit is inside in half of the draws, and one far inside always', function (): void {
    $assessment = Shipped::assessment('s01');
    $sure = new Sureness($assessment, new Propagation($assessment->setup, null));
    $none = new Sureness($assessment, new Propagation($assessment->setup, null), 1.01);
    expect($sure->probability)->toBeGreaterThan(0.2)->toBeLessThan(1.0)->and($none->probability)->toBe(0.0)->and($sure->isSure)->toBe($sure->probability >= 0.8);
    $desert = Shipped::assessment('s16');
    expect((new Sureness($desert, new Propagation($desert->setup, static fn(): array => [])))->probability)->toBeLessThanOrEqual(1.0);
});

test('neighbours are not offered, whatever they are called', function (): void {
    $shelf = Search::shelf(['pumice-3-6-mm', 'perlite-2-5-mm']);
    $sweep = new Sweep(Shipped::setup('s01'), $shelf, new Wishes(2), 10);
    $of = static fn(int $a, int $b) => $sweep->tried(array_filter([$a, $b]))->candidate;
    expect(Unlike::inParts($of(5, 5), $of(6, 4)))->toBeNear(0.1)->and(Unlike::isNear($of(5, 5), $of(6, 4)))->toBeTrue()
        ->and(Unlike::isNear($of(10, 0), $of(0, 10)))->toBeFalse()->and(Unlike::inParts($of(10, 0), $of(0, 10)))->toBeNear(1.0)
        ->and(Unlike::isNear($of(5, 5), $of(5, 5)))->toBeTrue();
});

test('peat and raw moss are acid organics, coir and bark are organic, stone is neither, whatever they are called', function (): void {
    $is = static fn(string $key, ?string $name = null): array => [($each = new Ingredient(Portion::of(Shipped::component($key)->with(key: $name))))->isOrganic(), $each->isAcidOrganic()];
    expect($is('sphagnum-peat', 'brown-gold'))->toBe([true, true])->and($is('coir-pith', 'peat'))->toBe([true, false])->and($is('pumice-3-6-mm'))->toBe([false, false]);
});

test('for a practice case the shipped components give a good mix, or it is told what would', function (string $id): void {
    $place = Shipped::setup($id);
    $shelf = Search::shelf(array_column(Shipped::rawComponents(), 'key'));
    $answer = Search::answer($place, $shelf, new Wishes(3, Steps::scoopsUpTo(5)), 1500);
    $best = $answer->found[0]->recipe ?? null;
    if ($best?->rating === Rating::Good) {
        $whole = new Assessment($place->with(portions: (new Sweep($place, $shelf, new Wishes(), 1))->portions($best->candidate->parts())));
        expect(array_filter($whole->verdicts, static fn($verdict): bool => $verdict->level === Level::Stop))->toBe([]);
    } else {
        expect($answer->loosened)->not->toBe([]);
    }
})->with(fn(): array => isLong() ? array_keys(Shipped::cases()) : ['s03', 's11', 's18', 't04', 't19']);

test('what is to keep its character stays within so many parts, and the most alike behaves most like it', function (): void {
    $place = Shipped::setup('s01');
    $shelf = Search::shelf(Search::STONES);
    $like = [0 => 0.5, 2 => 0.3, 3 => 0.2];
    $wishes = new Wishes(4, Steps::parts(10), like: $like, within: 0.2);
    $sweep = (new Sweep($place, $shelf, $wishes, 5000))->toItsEnd();
    expect($sweep->candidates())->not->toBe([]);
    foreach ($sweep->candidates() as $candidate) {
        expect($wishes->away($candidate->shares()))->toBeLessThanOrEqual(0.2 + 1e-9);
    }
    expect($wishes->away($like))->toBe(0.0)->and($wishes->away([1 => 1.0]))->toBeNear(1.0)->and((new Wishes())->away([1 => 1.0]))->toBe(0.0)
        ->and($sweep->limits->brokenBy($sweep->tried([1 => 10])))->toContain(Wish::Character);

    // without pumice: what behaves most like the mix that there was
    $without = Search::shelf(Search::STONES, ['pumice-3-6-mm' => ['most' => 0.0]]);
    $run = (new MixSearch($place, $without, new Wishes(4, Steps::parts(10), like: $like), [Merit::Alike]))->run();
    foreach ($run as $_) {
        continue;
    }
    $found = $run->getReturn()->found;
    $alike = array_values(array_filter($found, static fn(Found $each): bool => in_array(Merit::Alike, $each->merits, true)))[0];
    $reference = $sweep->like();
    foreach ($found as $each) {
        expect(Unlike::inBehaviour($alike->recipe->candidate, $reference))->toBeLessThanOrEqual(Unlike::inBehaviour($each->recipe->candidate, $reference) + 0.03);
    }
    expect(isset($alike->recipe->candidate->parts()[0]))->toBeFalse();
});

test('nobody is told to fill a pot with compost or manure, but who says so may', function (): void {
    $most = static fn(string $key, ?float $said = null): float => (new Ingredient(Portion::of(Shipped::component($key)), most: $said))->most;
    expect($most('composted-manure'))->toBe(0.3)->and($most('garden-compost-screened-8-mm'))->toBe(0.3)->and($most('composted-manure', 1.0))->toBe(1.0)
        ->and($most('sphagnum-peat'))->toBe(1.0)->and($most('coir-pith'))->toBe(1.0)->and($most('loam-screened-6-mm'))->toBe(1.0)->and($most('pumice-3-6-mm'))->toBe(1.0);
    $shelf = Search::shelf(['composted-manure', 'lava-scoria-3-6-mm', 'garden-compost-screened-8-mm']);
    foreach (Search::answer(Shipped::setup('t15'), $shelf, new Wishes(3))->found as $found) {
        foreach ([0, 2] as $rich) {
            expect($found->recipe->candidate->shares()[$rich] ?? 0.0)->toBeLessThanOrEqual(0.3 + 1e-9);
        }
    }
});

test('what one look says cannot last has a stop once its years are worked out', function (int $seed): void {
    $place = Shipped::setup(['s01', 's07', 's12', 't04'][$seed % 4]);
    $shelf = Search::shelf(array_map(static fn(array $portion): string => $portion[0]->key, drawnMix($seed)));
    $sweep = (new Sweep($place, $shelf, new Wishes(5), 3000))->toItsEnd();
    foreach (array_slice($sweep->candidates(), 0, 40) as $candidate) {
        $isStopped = $sweep->tried($candidate->parts())->rating->rank() >= Rating::Poor->rank();
        expect($sweep->mayLast($candidate) || $isStopped)->toBeTrue();
    }
})->with(fn(): array => seeds(8, 60));
