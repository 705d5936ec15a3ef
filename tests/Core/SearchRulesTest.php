<?php

declare(strict_types=1);

use Tests\Core\Search;
use Tests\Core\Shipped;
use Zolbek\Core\Course\Ageing\Forecast;
use Zolbek\Core\Mix\Material\Stock;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Verdict\Fit\Criterion;
use Zolbek\Core\Verdict\Fit\Rating;
use Zolbek\Core\Verdict\Search\Binding;
use Zolbek\Core\Verdict\Search\Candidate;
use Zolbek\Core\Verdict\Search\Confirmed;
use Zolbek\Core\Verdict\Search\Found;
use Zolbek\Core\Verdict\Search\Glance;
use Zolbek\Core\Verdict\Search\Glimpse;
use Zolbek\Core\Verdict\Search\Limits;
use Zolbek\Core\Verdict\Search\Merit;
use Zolbek\Core\Verdict\Search\RecipeSpace;
use Zolbek\Core\Verdict\Search\Source;
use Zolbek\Core\Verdict\Search\Steps;
use Zolbek\Core\Verdict\Search\Sweep;
use Zolbek\Core\Verdict\Search\Unlike;
use Zolbek\Core\Verdict\Search\Wish;
use Zolbek\Core\Verdict\Search\Wishes;

/** @param non-empty-array<int, int> $parts */
function candidateOf(array $parts = [0 => 1], float $air = 0.2, float $reachL = 1.0, float $kg = 4.0, ?float $cost = 2.0, bool $isInStock = true): Candidate
{
    return new Candidate($parts, new Glimpse(Rating::Good, 0.9, true, $air, $reachL, $kg, 2.0), $cost, $isInStock);
}

test('two recipes behave as unlike as the figure in which they are farthest apart', function (array $other, float $wanted): void {
    expect(Unlike::inBehaviour(candidateOf(), candidateOf(...$other)))->toBeNear($wanted, 1e-9)->and(Unlike::inBehaviour(candidateOf(...$other), candidateOf()))->toBeNear($wanted, 1e-9);
})->with([
    'air' => [['air' => 0.26], 1.0], 'less air' => [['air' => 0.17], 0.5], 'water' => [['reachL' => exp(0.2)], 1.0], 'half the water' => [['reachL' => 0.5], log(2.0) / 0.2],
    'weight' => [['kg' => 4.0 * exp(0.15)], 1.0], 'cost' => [['cost' => 2.0 * exp(0.25)], 1.0], 'half the cost' => [['cost' => 1.0], log(2.0) / 0.25],
    'the most of them counts' => [['air' => 0.23, 'reachL' => exp(0.3), 'kg' => 4.0 * exp(0.03)], 1.5],
]);

test('where a price is not known, or no water is in reach of both, that tells nothing apart', function (): void {
    expect(Unlike::inBehaviour(candidateOf(cost: null), candidateOf(cost: 9.0)))->toBe(0.0)->and(Unlike::inBehaviour(candidateOf(cost: 9.0), candidateOf(cost: null)))->toBe(0.0)
        ->and(Unlike::inBehaviour(candidateOf(cost: null), candidateOf(cost: null)))->toBe(0.0)->and(Unlike::inBehaviour(candidateOf(reachL: 0.0), candidateOf(reachL: 0.0)))->toBe(0.0);
});

test('near is what shares four fifths, or behaves alike; what is neither is really another', function (): void {
    $even = candidateOf([0 => 5, 1 => 5]);
    expect(Unlike::isNear($even, candidateOf([0 => 6, 1 => 4], air: 0.4)))->toBeTrue()
        ->and(Unlike::isNear($even, candidateOf([0 => 7, 1 => 3], air: 0.4)))->toBeFalse()
        ->and(Unlike::isNear($even, candidateOf([2 => 5, 3 => 5], air: 0.229)))->toBeTrue()
        ->and(Unlike::isNear($even, candidateOf([2 => 5, 3 => 5], air: 0.231)))->toBeFalse()
        ->and(Unlike::distance($even, candidateOf([0 => 7, 1 => 3], air: 0.26)))->toBeNear(0.2 / 0.2 + 1.0 / 0.5, 1e-9);
});

test('what somebody wishes is let go of in this order, and of what is no wish nothing', function (Wishes $wishes, array $held): void {
    expect(array_column($wishes->held(), 'value'))->toBe(array_column($held, 'value'));
})->with([
    'nothing' => [new Wishes(), []],
    'all' => [new Wishes(source: Source::Stock, mostCost: 3.0, mostKg: 9.0, leastYears: 3.0, withoutOrganics: true, like: [0 => 1.0], within: 0.3), [Wish::Cost, Wish::Weight, Wish::Years, Wish::Character, Wish::Source, Wish::Organics]],
    'like something, but all of it may change' => [new Wishes(like: [0 => 1.0]), []],
    'near to nothing' => [new Wishes(within: 0.3), []],
    'acid alone' => [new Wishes(withoutAcidOrganics: true), [Wish::AcidOrganics]],
    'acid are organics' => [new Wishes(withoutOrganics: true, withoutAcidOrganics: true), [Wish::Organics]],
]);

test('a wish that is let go of goes alone', function (Wish $wish): void {
    $wishes = new Wishes(mostComponents: 2, source: Source::Stock, mostCost: 3.0, mostKg: 9.0, leastYears: 3.0, withoutAcidOrganics: true, pots: 7, like: [0 => 1.0], within: 0.3);
    expect(array_values(array_diff(array_column($wishes->held(), 'value'), array_column($wishes->without($wish)->held(), 'value'))))->toBe([$wish->value])
        ->and($wishes->without($wish)->mostComponents)->toBe(2)->and($wishes->without($wish)->pots)->toBe(7);
})->with([[Wish::Cost], [Wish::Weight], [Wish::Years], [Wish::Character], [Wish::Source], [Wish::AcidOrganics]]);

test('a recipe goes against the wish that it is dearer, heavier or further away than', function (Wishes $wishes, Candidate $candidate, ?Wish $broken): void {
    expect((new Limits(Shipped::setup('s01'), Search::shelf(Search::STONES), $wishes))->broken($candidate))->toBe($broken);
})->with([
    'no wish' => [new Wishes(), candidateOf(kg: 90.0, cost: 90.0, isInStock: false), null],
    'at the cost' => [new Wishes(mostCost: 2.0), candidateOf(), null],
    'over the cost' => [new Wishes(mostCost: 1.99), candidateOf(), Wish::Cost],
    'a cost that nobody knows' => [new Wishes(mostCost: 9.0), candidateOf(cost: null), Wish::Cost],
    'at the weight' => [new Wishes(mostKg: 4.0), candidateOf(), null],
    'over the weight' => [new Wishes(mostKg: 3.9), candidateOf(), Wish::Weight],
    'not in stock' => [new Wishes(source: Source::Stock), candidateOf(isInStock: false), Wish::Source],
    'in stock' => [new Wishes(source: Source::Stock), candidateOf(), null],
    'of what is bought' => [new Wishes(source: Source::Bought), candidateOf(isInStock: false), null],
]);

test('all that a recipe goes against is told, with shares and numbers of components', function (array $with, array $wishes, array $parts, array $broken): void {
    $shelf = Search::shelf(array_slice(Search::STONES, 0, 4), $with);
    $sweep = new Sweep(Shipped::setup('s01'), $shelf, new Wishes(...$wishes), 1);
    expect(array_column($sweep->limits->brokenBy($sweep->tried($parts)), 'value'))->toEqualCanonicalizing(array_column($broken, 'value'));
})->with([
    'none' => [[], [], [0 => 5, 1 => 5], []],
    'three where two may be' => [[], ['mostComponents' => 2], [0 => 4, 1 => 3, 2 => 3], [Wish::Components]],
    'as many as may be' => [[], ['mostComponents' => 2], [0 => 5, 2 => 5], []],
    'more than may be of one' => [['pumice-3-6-mm' => ['most' => 0.4]], [], [0 => 5, 1 => 5], [Wish::Shares]],
    'as much as may be' => [['pumice-3-6-mm' => ['most' => 0.5]], [], [0 => 5, 1 => 5], []],
    'less than there must be' => [['pumice-3-6-mm' => ['least' => 0.3]], [], [0 => 2, 1 => 8], [Wish::Shares]],
    'as little as there must be' => [['pumice-3-6-mm' => ['least' => 0.2]], [], [0 => 2, 1 => 8], []],
    'one that must be in is missing' => [['sphagnum-peat' => ['must' => true]], [], [0 => 5, 1 => 5], [Wish::Shares]],
    'what need not be in is not in' => [['sphagnum-peat' => ['most' => 0.5]], [], [0 => 5, 1 => 5], []],
    'peat where none is wanted' => [[], ['withoutAcidOrganics' => true], [0 => 8, 3 => 2], [Wish::AcidOrganics]],
    'organics where none are wanted' => [[], ['withoutOrganics' => true], [0 => 8, 3 => 2], [Wish::Organics]],
    'of nothing that lies there' => [['pumice-3-6-mm' => ['stock' => new Stock(0.0)]], ['source' => Source::Stock], [0 => 5, 1 => 5], [Wish::Source]],
    'dearer than it may be' => [[], ['mostCost' => 0.01], [0 => 5, 1 => 5], [Wish::Cost]],
    'another character' => [[], ['like' => [2 => 1.0], 'within' => 0.3], [0 => 5, 1 => 5], [Wish::Character]],
]);

test('years are those of the assessment, and none where it outlasts the horizon or nobody said where it stands', function (): void {
    $known = 0;
    foreach (array_keys(Shipped::cases()) as $id) {
        $assessment = Shipped::assessment((string) $id);
        $value = $assessment->find(Criterion::Years)?->value;
        $full = new Confirmed(candidateOf(), $assessment);
        if ($value === null || $value >= Forecast::HORIZON) {
            expect($full->years)->toBeNull()->and($full->lasts())->toBe(Forecast::HORIZON);
        } else {
            ++$known;
            expect($full->years)->toBe($value)->and($full->lasts())->toBe($value);
        }
        expect($full->rating)->toBe($assessment->rating)->and($full->fit)->toBe($assessment->fit)->and($full->worst)->toBe($assessment->verdicts[0]);
    }
    expect($known)->toBeGreaterThan(3);
    $setup = Shipped::setup('s01');
    $nowhere = new Confirmed(candidateOf(), new Assessment(new Setup($setup->portions, $setup->pot, $setup->holes, $setup->group, $setup->headspaceCm)));
    expect($nowhere->years)->toBeNull();
});

test('what is scooped for a pot fills it, also with a premix that lies closer in its bin than its parts', function (): void {
    $place = Shipped::setup('s01');
    $premix = Portion::mixed('yard', [[Portion::of(Shipped::component('pumice-3-6-mm')), 1.0], [Portion::of(Shipped::component('sphagnum-peat')), 1.0]]);
    $portions = [[$premix, 3.0], [Portion::of(Shipped::component('lava-scoria-3-6-mm')), 1.0]];
    $seen = (new Glance($place))->at($portions);
    $setup = $place->with(portions: $portions);
    $loose = array_sum(array_column($premix->contents, 1));
    expect($loose)->toBeGreaterThan(1.05)->and($seen)->toBeInstanceOf(Glimpse::class)
        ->and($seen->scoopedL * (3.0 * $loose + 1.0) / 4.0 * $setup->substrate->yield)->toBeNear($place->newMixL(), 1e-9);
});

test('one part more of something is named as what binds: the best of all that go against a wish, as trying them says', function (Merit $merit, array $wishes): void {
    $shelf = Search::shelf(array_slice(Search::STONES, 0, 5));
    $sweep = new Sweep(Shipped::setup('s01'), $shelf, new Wishes(...$wishes), 400);
    $sweep->toItsEnd();
    $now = $sweep->best(1)[0];
    $gain = static fn(Confirmed $then): float => match ($merit) {
        Merit::Cheapest => 1.0 - $then->candidate->cost / $now->candidate->cost,
        Merit::Lightest => 1.0 - $then->candidate->glimpse->wetKg / $now->candidate->glimpse->wetKg,
        Merit::Water => $then->candidate->glimpse->reachL / $now->candidate->glimpse->reachL - 1.0,
        Merit::Longest => $then->lasts() - $now->lasts(),
        default => $then->fit - $now->fit,
    };
    $best = 0.01;
    $named = null;
    foreach (array_keys($now->candidate->parts()) as $less) {
        foreach (array_keys($shelf) as $more) {
            $parts = $now->candidate->parts();
            --$parts[$less];
            $parts[$more] = ($parts[$more] ?? 0) + 1;
            $parts = array_filter($parts);
            ksort($parts);
            $then = $sweep->tried($parts);
            if ($less !== $more && $then->rating->rank() <= $now->rating->rank() && $gain($then) > $best && $sweep->limits->brokenBy($then) !== []) {
                [$best, $named] = [$gain($then), [$less, $more]];
            }
        }
    }
    $binding = Binding::of($sweep, $now, $merit);
    expect($binding === null ? null : [$binding->less, $binding->more])->toBe($named);
    if ($binding !== null) {
        expect($binding->against)->not->toBe([])->and($gain($binding->then))->toBeNear($best, 1e-9);
    }
})->with(function (): iterable {
    foreach ([Merit::Best, Merit::Cheapest, Merit::Lightest, Merit::Water, Merit::Longest] as $merit) {
        yield $merit->value.' of two' => [$merit, ['mostComponents' => 2]];
        yield $merit->value.' of light ones' => [$merit, ['mostKg' => 3.6]];
        yield $merit->value.' without organics' => [$merit, ['withoutOrganics' => true]];
    }
});

test('the even recipe of a set is the one nearest to equal parts, as trying all of them says', function (Steps $steps, array $with): void {
    $shelf = Search::shelf(array_slice(Search::STONES, 0, 4), $with);
    $space = new RecipeSpace($shelf, 3, $steps);
    foreach ($space->sets() as $set) {
        $uneven = [];
        foreach ($space->recipes($set) as $parts) {
            $uneven[implode('-', $parts)] = round((max($parts) - min($parts)) / array_sum($parts), 9);
        }
        $even = $space->evenOf($set);
        expect($uneven === [] ? null : $uneven[implode('-', (array) $even)])->toBe($uneven === [] ? null : min($uneven));
    }
})->with([
    'ten parts' => [Steps::parts(10), []],
    'eight, bound' => [Steps::parts(8), ['pumice-3-6-mm' => ['least' => 0.5], 'sphagnum-peat' => ['most' => 0.2]]],
    'up to five scoops' => [Steps::scoopsUpTo(5), ['lava-scoria-3-6-mm' => ['most' => 0.3]]],
]);

test('what was not even begun is not known to be worse, and where all was looked at nothing is left', function (): void {
    $shelf = Search::shelf(Search::STONES);
    $place = Shipped::setup('s01');
    expect((new Sweep($place, $shelf, new Wishes(), 4))->toItsEnd()->leftAtMost())->toBeNull()
        ->and((new Sweep($place, array_slice($shelf, 0, 3), new Wishes(), 4000))->toItsEnd()->leftAtMost())->toBe(0.0);
});

test('only what may still have the best word is offered, best first, and none that is confirmed to last is told not to', function (string $id): void {
    $shelf = Search::shelf(Search::STONES);
    $sweep = (new Sweep(Shipped::setup($id), $shelf, new Wishes(mostComponents: 3), 1200))->toItsEnd();
    $best = $sweep->bestRating();
    expect($best)->not->toBeNull();
    $before = null;
    foreach ($sweep->candidates() as $candidate) {
        $now = [$candidate->glimpse->rating->rank(), -$candidate->glimpse->fit];
        expect($now[0])->toBeLessThanOrEqual($best?->rank())->and($before === null || $before <= $now)->toBeTrue();
        $before = $now;
    }
    foreach (array_slice($sweep->candidates(), 0, 25) as $candidate) {
        $full = $sweep->confirm($candidate);
        if ($full !== null && $full->rating === $best) {
            expect($sweep->mayLast($candidate))->toBeTrue();
        }
    }
    expect(array_keys($sweep->best(5)))->toBe(array_keys(array_values($sweep->best(5))));
})->with(['s01', 's10', 's16']);

test('of what is found each is first in what it was taken for, among all that was found', function (string $id): void {
    $shelf = Search::shelf(Search::STONES);
    $found = Search::answer(Shipped::setup($id), $shelf)->found;
    $figure = static fn(Found $one, Merit $merit): ?float => match ($merit) {
        Merit::Lightest => $one->recipe->candidate->glimpse->wetKg,
        Merit::Water => -$one->recipe->candidate->glimpse->reachL,
        Merit::Simplest => (float) $one->recipe->candidate->count(),
        // one with every figure in its band goes before a cheaper one without
        Merit::Cheapest => $one->recipe->candidate->glimpse->isGoodThroughout ? $one->recipe->candidate->cost : null,
        Merit::Longest => -$one->recipe->lasts(),
        default => null,
    };
    $seen = 0;
    foreach ($found as $one) {
        foreach ($one->merits as $merit) {
            $own = $figure($one, $merit);
            if ($own === null) {
                continue;
            }
            ++$seen;
            // nearer than a fiftieth is as good
            expect($own)->toBeLessThanOrEqual(min(array_map(static fn(Found $other): float => $figure($other, $merit) ?? INF, $found)) + 0.02 * abs($own) + 1e-9);
        }
    }
    expect($seen)->toBeGreaterThan(1);
    $order = array_map(static fn(Found $one): array => [$one->recipe->rating->rank(), $one->sureness->isSure ? 0 : 1], $found);
    $sorted = $order;
    sort($sorted);
    expect($order)->toBe($sorted);
})->with(['s01', 's10', 's16']);
