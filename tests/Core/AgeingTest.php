<?php

declare(strict_types=1);

use Tests\Core\Reference;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Attrition\Attrition;
use Zolbek\Core\Mix\Attrition\WashOut;
use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Chemistry\Reaction;
use Zolbek\Core\Mix\Material\MaterialKind;
use Zolbek\Core\Mix\Material\MaterialReader;
use Zolbek\Core\Mix\Material\StandardUncertainty;

test('nothing ages in no time', function (string $key): void {
    $component = Reference::component($key);
    $aged = Attrition::of($component, 0.0, new WashOut(1.0));
    expect($aged->left)->toBeNear(1.0, 1e-12)->and($aged->shares)->toEqualWithDelta($component->classShares, 1e-12);
})->with(['pumice-3-6-mm', 'sphagnum-peat', 'vermiculite-2-4-mm']);

test('what does not crumble keeps its sizes, what does not rot keeps its mass but for dust washed out', function (): void {
    $sand = Attrition::of(Reference::component('sharp-sand-0-25-2-mm'), 50.0, new WashOut(1.0));
    $granule = Attrition::of(Reference::component('akadama-type-clay-granule-2-6-mm'), 5.0, new WashOut(1.0));
    expect($sand->left)->toBeNear(1.0, 1e-12)
        ->and($sand->shares)->toEqualWithDelta(Reference::component('sharp-sand-0-25-2-mm')->classShares, 1e-12)
        ->and($granule->left)->toBeLessThan(1.0)->toBeGreaterThan(0.97);
});

test('shares of what is left sum to one, and no mass is made', function (float $years): void {
    foreach (Reference::rawComponents() as $raw) {
        $aged = Attrition::of(Reference::component($raw['key']), $years, new WashOut(1.0));
        expect(array_sum($aged->shares))->toBeNear(1.0, 1e-9)
            ->and(array_sum($aged->masses))->toBeLessThanOrEqual(1.0 + 1e-12)
            ->and($aged->left)->toBeLessThanOrEqual(1.0 + 1e-12)
            ->and(min($aged->masses))->toBeGreaterThanOrEqual(0.0);
    }
})->with([0.5, 3.0, 20.0, 100.0]);

test('rotting alone is an exponential', function (): void {
    $still = MaterialReader::read([...Reference::raw('sphagnum-peat'), 'crumble_rate' => 0, 'decay_rate' => 0.2]);
    expect(Attrition::of($still, 5.0, new WashOut(1.0))->left)->toBeNear(exp(-1.0), 1e-12);
});

test('time goes in months: what is nearer to one is that one', function (): void {
    $granule = Reference::component('kanuma-type-acid-granule-2-6-mm');
    expect(Attrition::of($granule, 1.0 + 0.4 / 12, new WashOut(1.0))->masses)->toBe(Attrition::of($granule, 1.0, new WashOut(1.0))->masses)
        ->and(Attrition::of($granule, 1.0 + 0.6 / 12, new WashOut(1.0))->masses)->not->toBe(Attrition::of($granule, 1.0, new WashOut(1.0))->masses);
});

test('dust that was there stays, dust that is made washes out', function (): void {
    $loam = MaterialReader::read([...Reference::raw('loam-screened-6-mm'), 'crumble_rate' => 0.5]);
    $aged = Attrition::of($loam, 10.0, new WashOut(1.0));
    foreach (range(0, 7) as $k) {
        expect($aged->masses[$k])->toBeGreaterThanOrEqual($loam->classShares[$k] - 1e-12);
    }
});

test('a harder granule outlasts a softer one', function (): void {
    $soft = MaterialReader::read([...Reference::raw('akadama-type-clay-granule-2-6-mm'), 'crumble_rate' => 0.2]);
    $hard = MaterialReader::read([...Reference::raw('akadama-type-clay-granule-2-6-mm'), 'crumble_rate' => 0.02]);
    $coarse = static fn(Attrition $aged): float => array_sum(array_slice($aged->masses, 14));
    expect($coarse(Attrition::of($hard, 4.0, new WashOut(1.0))))->toBeGreaterThan($coarse(Attrition::of($soft, 4.0, new WashOut(1.0))));
});

test('years outside a hundred are refused', function (float $years): void {
    expect(fn() => Attrition::checkYears($years))->toThrow(Refused::class, 'years');
})->with([-0.1, 100.1, NAN]);

test('pH and sizes of an aged mix stay those of the fresh one', function (): void {
    $parts = ['blend' => ['akadama-type-clay-granule-2-6-mm' => 2, 'composted-bark-fine-2-8-mm' => 1]];
    $fresh = Reference::answer($parts);
    $aged = Reference::answer([...$parts, 'years' => 5]);
    foreach (['ph', 'd10_mm', 'd50_mm', 'd60_mm', 'd90_mm'] as $figure) {
        expect($aged[$figure])->toBe($fresh[$figure]);
    }
    expect($aged['yield_share'])->toBeLessThan($fresh['yield_share']);
});

test('a mix lies between the pH of its parts, nearer to the stronger buffer', function (): void {
    $ph = Reaction::ph(Reference::blend(['sphagnum-peat' => 1, 'garden-compost-screened-8-mm' => 1]));
    expect($ph)->toBeNear((18 * 4.0 + 60 * 7.4) / 78, 1e-12)->toBeGreaterThan(5.7);
});

test('a mix that buffers nothing has no pH', function (): void {
    $raw = [...Reference::raw('horticultural-grit-2-5-mm'), 'buffer' => 0];
    unset($raw['ph']);
    $grit = MaterialReader::read($raw);
    expect(Reaction::ph(new Blend([[$grit, 1.0]])))->toBeNull();
});

test('a figure is as sure as what it rests on', function (string $basis, ?MaterialKind $kind, float $share): void {
    expect(StandardUncertainty::of(0.8, $basis, $kind))->toBeNear(0.8 * $share, 1e-12)
        ->and(StandardUncertainty::of(-0.8, $basis, $kind))->toBeNear(0.8 * $share, 1e-12);
})->with([
    ['typical', MaterialKind::PorousStone, 0.15],
    ['typical', MaterialKind::Organic, 0.30],
    ['typical', MaterialKind::Soil, 0.30],
    ['typical', null, 0.15],
    ['supplier', MaterialKind::Organic, 0.10],
    ['measured', MaterialKind::Soil, 0.03],
]);

test('a measured pH is surer than a typical one', function (): void {
    expect(StandardUncertainty::ofPh('measured'))->toBeLessThan(StandardUncertainty::ofPh('supplier'))
        ->and(StandardUncertainty::ofPh('supplier'))->toBeLessThan(StandardUncertainty::ofPh('typical'));
});
