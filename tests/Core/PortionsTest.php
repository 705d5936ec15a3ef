<?php

declare(strict_types=1);

use Tests\Core\Reference;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Course\Ageing\Reclaimed;
use Zolbek\Core\Mix\Grading\Grading;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Material\Stock;
use Zolbek\Core\Mix\Preparation\Preparation;
use Zolbek\Core\Mix\Preparation\Screening;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Container\Holes;
use Zolbek\Core\Place\Container\RootZone;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Verdict\Fit\Criterion;
use Zolbek\Core\Verdict\Mending\Mend;
use Zolbek\Core\Verdict\Mending\MendSearch;
use Zolbek\Core\Verdict\Uncertainty\Propagation;
use Zolbek\Core\Work\Batching\BatchOrder;
use Zolbek\Core\Work\Batching\BatchPlan;
use Zolbek\Core\Work\Batching\WaterFill;
use Zolbek\Core\Work\BenchTest\Agreement;
use Zolbek\Core\Work\BenchTest\Figure;
use Zolbek\Core\Work\BenchTest\MeasuredProperty;

/** @param array<string, float|int> $parts by component key */
function premix(string $key, array $parts): Portion
{
    return Portion::mixed($key, array_map(static fn(string $name): array => [Portion::of(Reference::component($name)), (float) $parts[$name]], array_keys($parts)));
}

/** @param array<string, mixed> $input */
function preparation(array $input): Preparation
{
    $refusals = new Refusals();
    $preparation = Preparation::read($input, $refusals, '');
    $refusals->throwIfAny();

    return $preparation;
}

test('a litre of premix weighs what its parts weigh as they lie together', function (array $parts): void {
    $poured = Reference::substrate($parts, 4.1);
    $portion = premix('mix', $parts);
    expect($portion->bulkDensity)->toEqualWithDelta($poured->bulkDensity, 1e-12)
        ->and(array_sum(array_column($portion->contents, 1)))->toEqualWithDelta(1 / $poured->yield, 1e-12);
})->with([
    [['pumice-3-6-mm' => 1, 'sphagnum-peat' => 1]],
    [['horticultural-grit-2-5-mm' => 3, 'sharp-sand-0-25-2-mm' => 2, 'composted-bark-fine-2-8-mm' => 0.5]],
]);

test('a premix alone is the mix that is in it, however deep it stands', function (): void {
    $parts = ['pumice-3-6-mm' => 2, 'lava-scoria-3-6-mm' => 1, 'sphagnum-peat' => 1];
    $flat = Reference::substrate($parts);
    $portion = premix('first', $parts);
    foreach (['second', 'third', 'fourth'] as $key) {
        $portion = Portion::mixed($key, [[$portion, 3.0]]);
        $deep = new Substrate(Portion::blend([[$portion, 7.0]]));
        expect($deep->bulkDensity)->toEqualWithDelta($flat->bulkDensity, 1e-12)
            ->and($deep->retention->theta(10.0))->toEqualWithDelta($flat->retention->theta(10.0), 1e-12)
            ->and($deep->sauterMm)->toEqualWithDelta($flat->sauterMm, 1e-12);
    }
});

test('what stands alone and in a premix is put together', function (): void {
    $blend = Portion::blend([[premix('mix', ['pumice-3-6-mm' => 1, 'lava-scoria-3-6-mm' => 1]), 2.0], [Portion::of(Reference::component('pumice-3-6-mm')), 1.0]]);
    expect($blend->components)->toHaveCount(2)->and($blend->volumeShares()['pumice-3-6-mm'])->toBeGreaterThan(0.6);
});

test('portions of parts that cannot be are refused', function (float $parts): void {
    Portion::blend([[Portion::of(Reference::component('pumice-3-6-mm')), $parts]]);
})->with([-1.0, NAN, 2e6, 0.0])->throws(Refused::class);

test('a batch with a premix in it keeps its volume and its scooped shares', function (): void {
    $portions = [[premix('mix', ['horticultural-grit-2-5-mm' => 1, 'sphagnum-peat' => 1]), 2.0], [Portion::of(Reference::component('pumice-3-6-mm'), keptShare: 0.8), 1.0]];
    $substrate = new Substrate(Portion::blend($portions));
    $zone = new RootZone(Reference::pot('rectangle'), 0.8);
    $plan = new BatchPlan($substrate, $zone, BatchOrder::read(['pots' => 6, 'spare' => 0, 'tub_l' => 30, 'scoop_l' => 1]), ['mix' => new Stock(5.0, 20.0, 8.0)], $portions);
    // loose litres of components, settled, are the litres in the pots
    $components = array_sum(array_map(static fn(array $content): float => $content[1], $portions[0][0]->contents)) * $plan->lines[0]->mixL + $plan->lines[1]->mixL;
    expect($components * $substrate->yield)->toEqualWithDelta(6 * $zone->volumeL, 1e-9)
        ->and($plan->lines[0]->mixL)->toEqualWithDelta(2 * $plan->lines[1]->mixL, 1e-9)
        ->and($plan->lines[1]->grossL)->toEqualWithDelta($plan->lines[1]->scoopedL / 0.8, 1e-9)
        ->and($plan->lines[0]->packs)->toBe((int) ceil(($plan->lines[0]->scoopedL - 5.0) / 20.0))
        ->and($plan->massKg)->toEqualWithDelta($plan->scoops->litres / $plan->looseL * 6 * $zone->volumeL * $substrate->bulkDensity, 1e-9);
});

test('a mend names the premix that is scooped, never what is in it', function (): void {
    $wet = premix('wet', ['sphagnum-peat' => 1, 'garden-compost-screened-8-mm' => 1]);
    $setup = new Setup([[$wet, 2.0], [Reference::component('pumice-3-6-mm'), 4.0]], Reference::pot('rectangle'), Holes::of(2, 2.2, 0.6), PlantGroup::AiryConifers, 0.8);
    $search = new MendSearch(new Assessment($setup), [Reference::component('lava-scoria-3-6-mm')]);
    $mends = $search->for(Criterion::Air);
    expect($mends)->not->toBeEmpty();
    foreach (array_filter(array_map(static fn(Mend $mend): ?string => $mend->change->componentKey, $mends)) as $key) {
        expect($key)->toBeIn(['wet', 'pumice-3-6-mm', 'lava-scoria-3-6-mm']);
    }
    expect(array_filter($mends, static fn(Mend $mend): bool => $mend->change->componentKey !== null))->not->toBeEmpty();
});

test('preparing keeps a share from 0 to 1 and never makes what is left coarser or finer than it was', function (string $key, array $input): void {
    $component = Reference::component($key);
    [$prepared, $kept] = preparation($input)->of($component);
    $grading = $prepared->grading;
    expect($kept)->toBeGreaterThan(0.0)->toBeLessThanOrEqual(1.0)
        ->and($grading->passing)->each->toBeGreaterThanOrEqual(0.0)
        ->and(array_sum($prepared->classShares))->toEqualWithDelta(1.0, 1e-12)
        ->and($prepared->residualPacking)->toBe($component->residualPacking)
        ->and($prepared->bulkDensity)->toBeGreaterThan(0.0)->toBeLessThan($prepared->particleDensity);
    if (isset($input['screen_lo_mm'])) {
        expect($grading->passingAt($input['screen_lo_mm'] * 0.999))->toBe(0.0);
        if (count($input) === 1) {
            expect($grading->quantileMm(0.5))->toBeGreaterThanOrEqual($component->grading->quantileMm(0.5));
        }
    }
    if (isset($input['screen_hi_mm']) || isset($input['cut_mm'])) {
        expect($grading->passingAt($input['screen_hi_mm'] ?? $input['cut_mm']))->toEqualWithDelta(1.0, 1e-12);
    }
})->with(['pumice-3-6-mm', 'akadama-type-clay-granule-2-6-mm', 'bark-mini-chip-6-12-mm', 'decomposed-granite-1-6-mm'])->with([
    [['screen_lo_mm' => 2.0]], [['screen_hi_mm' => 6.0]], [['screen_lo_mm' => 1.0, 'screen_hi_mm' => 7.0]], [['rinse_mm' => 0.5]], [['cut_mm' => 5.0]], [['cut_mm' => 6.0, 'screen_lo_mm' => 2.0, 'rinse_mm' => 0.5]],
]);

test('screening and rinsing keep what the grading says, one after the other', function (): void {
    $pumice = Reference::component('pumice-3-6-mm');
    [, $kept] = preparation(['screen_lo_mm' => 2.8, 'screen_hi_mm' => 5.6])->of($pumice);
    expect($kept)->toEqualWithDelta($pumice->grading->passingAt(5.6) - $pumice->grading->passingAt(2.8), 1e-12)
        ->and(preparation(['screen_lo_mm' => 2.8])->of($pumice)[1])->toEqualWithDelta(Screening::between($pumice, 2.8)->keptShare, 1e-12)
        ->and(preparation(['wet' => 'soak'])->changesMix())->toBeFalse()
        ->and(preparation(['limed_to_ph' => 5.8])->changesMix())->toBeTrue()
        ->and(preparation(['wet' => 'soak', 'rinse_mm' => 0.5])->toArray())->toBe(['rinse_mm' => 0.5, 'wet' => 'soak'])
        ->and(preparation([])->toArray())->toBe([]);
});

test('a mix that is screened loses by mass what its components lose', function (): void {
    $portion = premix('mix', ['pumice-3-6-mm' => 1, 'sharp-sand-0-25-2-mm' => 1]);
    $screened = $portion->changed(static fn(Material $component): array => preparation(['screen_lo_mm' => 1.0])->of($component), isLoss: true);
    $kept = $mass = 0.0;
    foreach ($portion->contents as [$component, $litres]) {
        $mass += $litres * $component->bulkDensity;
        $kept += $litres * $component->bulkDensity * (1.0 - $component->grading->passingAt(1.0));
    }
    expect($screened->keptShare)->toEqualWithDelta($kept / $mass, 1e-12)->and($portion->keptShare)->toBe(1.0);
});

test('a portion of which nothing is left is refused', function (): void {
    Portion::of(Reference::component('pumice-3-6-mm'))->changed(static fn(Material $component): array => [$component, 0.0]);
})->throws(Refused::class, 'screening: nothing_kept');

test('out of a pot comes finer, heavier stuff, the longer the more', function (): void {
    $granule = Reference::component('akadama-type-clay-granule-2-6-mm');
    expect(Reclaimed::of($granule, 0.0))->toBe([$granule, 1.0]);
    [$left, $fines] = [1.0, $granule->grading->passingAt(1.0)];
    foreach ([1.0, 3.0, 8.0] as $years) {
        [$aged, $share] = Reclaimed::of($granule, $years);
        expect($share)->toBeLessThan($left)->and($aged->grading->passingAt(1.0))->toBeGreaterThan($fines)->and($aged->key)->not->toBe($granule->key);
        [$left, $fines] = [$share, $aged->grading->passingAt(1.0)];
    }
});

test('a grading is written on sieves and read back as it was', function (string $key): void {
    $component = Reference::component($key);
    $back = Grading::fromSieve(array_map(floatval(...), $component->grading->sieve()), $component->grading->sizesMm[0]);
    foreach ([0.1, 0.3, 0.5, 0.9, 1.0, 2.5, 4.0, 7.7, 20.0] as $size) {
        expect($back->passingAt($size))->toEqualWithDelta($component->grading->passingAt($size), 1e-9);
    }
})->with(['pumice-3-6-mm', 'sphagnum-peat', 'sharp-sand-0-25-2-mm', 'granite-chip-4-8-mm']);

test('a sieve that everything passes cannot take a share', function (): void {
    Reference::component('sharp-sand-0-25-2-mm')->grading->withPassing(100.0, 0.1);
})->throws(Refused::class, 'sieve_mm: sieve_passes_all');

test('measured and computed agree within what both can tell', function (float $measured, float $computed, string $verdict): void {
    $comparison = new Agreement(new Figure('air', [$measured], [], 0.01), $computed);
    expect($comparison->verdict)->toBe($verdict)->and($comparison->difference)->toEqualWithDelta($measured - $computed, 1e-12);
})->with([[0.21, 0.24, 'agrees'], [0.21, 0.28, 'lower'], [0.30, 0.24, 'higher'], [0.24, 0.24, 'agrees']]);

test('for a pH half a unit counts as nothing, not 15 % of seven', function (): void {
    expect((new Agreement(new Figure('ph', [6.5], [], 0.1), 7.0))->verdict)->toBe('agrees')
        ->and((new Agreement(new Figure('ph', [6.2], [], 0.1), 7.0))->verdict)->toBe('lower');
});

test('a property that follows is as sure as the figure it follows from', function (): void {
    $figure = new Figure('air', [0.2, 0.3]);
    $double = MeasuredProperty::following('hydraulic_size_mm', $figure, static fn(float $air): float => 2.0 * $air);
    expect($double->value)->toEqualWithDelta(0.5, 1e-12)->and($double->uncertainty)->toEqualWithDelta(2.0 * $figure->uncertainty, 1e-12)->and($double->n)->toBe(2);
    $edge = MeasuredProperty::following('x', $figure, static fn(float $air): float => $air > 0.26 ? throw Refused::because('x', 'between') : $air);
    expect($edge->uncertainty)->toEqualWithDelta($figure->uncertainty / 2.0, 1e-12);
});

test('a vessel is as large as the water that fills it', function (): void {
    expect(WaterFill::litres(998.0))->toBe(1.0)->and(WaterFill::litres(249.5))->toBe(0.25);
});

test('what a delivery cost goes before the price of a pack, packs to buy do not', function (): void {
    $stock = new Stock(0.0, 20.0, 10.0, 0.8);
    expect($stock->pricePerL())->toBe(0.8)->and($stock->packsFor(30.0))->toBe(2)->and((new Stock(0.0, 20.0, 10.0))->pricePerL())->toBe(0.5)->and((new Stock())->pricePerL())->toBeNull();
});

test('poured into a tub, a mix takes less room than its scoops did: by as much as a litre of it holds more than a litre of parts', function (): void {
    $portions = [[Portion::of(Reference::component('pumice-3-6-mm')), 2.0], [Portion::of(Reference::component('sharp-sand-0-25-2-mm')), 1.0]];
    $litre = Portion::mixed('mix', $portions);
    $yield = Portion::pouredYield($portions);
    expect($yield)->toBeLessThan(0.99)->and(array_sum(array_column($litre->contents, 1)))->toBeNear(1.0 / $yield, 1e-12)
        // one component alone lies as it was scooped; a mix that is scooped is poured already
        ->and(Portion::pouredYield([[$portions[0][0], 3.0]]))->toBeNear(1.0, 1e-9)->and(Portion::pouredYield([[$litre, 3.0]]))->toBeNear(1.0, 1e-9);
});

test('a mix whose parts are known roughly stands beside itself with more and with less of each', function (): void {
    $of = static fn(float $pumice, float $bark): Portion => premix('sack', ['pumice-3-6-mm' => $pumice, 'composted-bark-fine-2-8-mm' => $bark]);
    $parts = [[Portion::of(Reference::component('pumice-3-6-mm')), 3.0], [Portion::of(Reference::component('composted-bark-fine-2-8-mm')), 1.0]];
    $rough = Portion::mixed('sack', $parts, [sqrt(3.0), 0.0]);
    expect($rough->contents)->toEqual($of(3, 1)->contents)->and($rough->doubts)->toHaveCount(1)
        ->and($rough->doubts[0][0]->contents)->toEqual($of(4, 1)->contents)->and($rough->doubts[0][1]->contents)->toEqual($of(2, 1)->contents)
        ->and($of(3, 1)->doubts)->toBe([])->and(Portion::mixed('one', [$parts[0]], [1.0])->doubts)->toBe([]);
    // in another mix, and once it has aged, it is no better known
    $outer = Portion::mixed('tub', [[$rough, 1.0], $parts[0]]);
    expect($outer->doubts)->toHaveCount(1)->and($outer->doubts[0][0]->contents)->toEqual(Portion::mixed('tub', [[$of(4, 1), 1.0], $parts[0]])->contents);
    $age = static fn(Material $material): array => Reclaimed::of($material, 2.0);
    expect($rough->changed($age)->doubts[0][1]->contents)->toEqual($of(2, 1)->changed($age)->contents);
});

test('what is doubtful about a split moves a figure by half of what lies between its ends', function (): void {
    $parts = [[Portion::of(Reference::component('pumice-3-6-mm')), 3.0], [Portion::of(Reference::component('sphagnum-peat')), 3.0]];
    $in = static fn(Portion $sack): Setup => new Setup([[$sack, 2.0], [Reference::component('lava-scoria-3-6-mm'), 1.0]], Reference::pot('rectangle'), Holes::of(4, 2.0, 0.6), PlantGroup::AiryConifers, 0.8);
    $rough = Portion::mixed('sack', $parts, [sqrt(3.0), sqrt(3.0) / 2.0]);
    $known = new Propagation($in(Portion::mixed('sack', $parts)), static fn(): array => []);
    $sure = new Propagation($in($rough), static fn(): array => []);
    $expected = 0.0;
    foreach ($rough->doubts as [$more, $less]) {
        $expected += ((Propagation::figures($in($more))['air'] - Propagation::figures($in($less))['air']) / 2.0) ** 2;
    }
    expect($expected)->toBeGreaterThan(1e-4)->and($sure->of['air'] ** 2 - $known->of['air'] ** 2)->toBeNear($expected, 1e-9)
        ->and(array_column($sure->parts['air'], 'part', 'property')[Propagation::SPLIT])->toBeGreaterThan(0.0)
        ->and(array_column($sure->parts['air'], 'component', 'property')[Propagation::SPLIT])->toBe('sack')
        ->and((new Propagation($in($rough), null))->of)->toEqual((new Propagation($in(Portion::mixed('sack', $parts)), null))->of);
});
