<?php

declare(strict_types=1);

use Tests\Core\Reference;
use Zolbek\Core\Container\DrainageLayer;
use Zolbek\Core\Container\Holes;
use Zolbek\Core\Container\Mesh;
use Zolbek\Core\Container\Pot;
use Zolbek\Core\Fit\Assessment;
use Zolbek\Core\Fit\Band;
use Zolbek\Core\Fit\Change;
use Zolbek\Core\Fit\Criterion;
use Zolbek\Core\Fit\Level;
use Zolbek\Core\Fit\MendSearch;
use Zolbek\Core\Fit\PlantGroup;
use Zolbek\Core\Fit\Setup;
use Zolbek\Core\Flow\RunThroughSpeed;
use Zolbek\Core\Grading\PanTail;

/** @param array<string, float|int> $parts */
function setupOf(array $parts, string $pot = 'oval tray', PlantGroup $group = PlantGroup::AiryConifers, ?Holes $holes = null, ?DrainageLayer $layer = null): Setup
{
    $portions = array_map(static fn(string $key): array => [Reference::component($key), (float) $parts[$key]], array_keys($parts));

    return new Setup($portions, Reference::pot($pot), $holes ?? Holes::of(2, 2.2, 0.6), $group, 0.8, 0.0, $layer, 2.0);
}

test('a band is good inside, falls in its margin and never reaches zero', function (): void {
    $band = new Band(0.14, 0.38, 0.06);
    expect($band->desirability(0.14))->toBe(1.0)
        ->and($band->desirability(0.38))->toBe(1.0)
        ->and($band->desirability(0.11))->toBeNear(0.525, 1e-9)
        ->and($band->desirability(0.41))->toBeNear(0.525, 1e-9)
        ->and($band->desirability(-9.0))->toBe(0.05)
        ->and($band->level(0.2))->toBe(Level::Good)
        ->and($band->level(0.1))->toBe(Level::Mind)
        ->and($band->level(0.5))->toBe(Level::Stop);
});

test('every plant group has the targets of practice', function (PlantGroup $group, array $air, array $ph): void {
    expect([$group->air()->low, $group->air()->high])->toBe($air)
        ->and([$group->ph()->low, $group->ph()->high])->toBe($ph)
        ->and($group->air()->margin)->toBe(0.06);
})->with([
    [PlantGroup::Desert, [0.14, 0.45], [6.0, 7.5]],
    [PlantGroup::AiryConifers, [0.14, 0.38], [5.5, 6.8]],
    [PlantGroup::ThirstyConifers, [0.10, 0.30], [5.5, 6.8]],
    [PlantGroup::BroadleafDeciduous, [0.10, 0.30], [5.8, 7.0]],
    [PlantGroup::BroadleafEvergreen, [0.10, 0.30], [5.8, 7.2]],
    [PlantGroup::FruitingFlowering, [0.08, 0.28], [5.8, 6.8]],
    [PlantGroup::AcidLovers, [0.10, 0.32], [4.5, 5.6]],
    [PlantGroup::Mediterranean, [0.12, 0.36], [6.2, 7.6]],
    [PlantGroup::TropicalEvergreen, [0.10, 0.30], [5.8, 6.8]],
    [PlantGroup::TropicalDrySeason, [0.12, 0.38], [6.0, 7.2]],
    [PlantGroup::Seedlings, [0.08, 0.25], [5.5, 6.5]],
]);

test('verdicts come worst first and the fit is their geometric mean', function (): void {
    $assessment = new Assessment(setupOf(['loam-screened-6-mm' => 1, 'pumice-3-6-mm' => 1]));
    $desirabilities = array_map(static fn($verdict): float => $verdict->desirability, $assessment->verdicts);
    $sorted = $desirabilities;
    sort($sorted);
    expect($desirabilities)->toBe($sorted)
        ->and($assessment->verdicts)->toHaveCount(5)
        ->and($assessment->fit)->toBeNear(array_product($desirabilities) ** 0.2, 1e-12)
        ->and($assessment->verdict(Criterion::Air)->level)->toBe(Level::Stop);
});

test('a pot without an outlet is stopped, a mix without a buffer is not', function (): void {
    $assessment = new Assessment(setupOf(['pumice-3-6-mm' => 1], holes: Holes::of(0, 1.0, 1.0)));
    expect($assessment->verdict(Criterion::RunThrough)->value)->toBeNull()
        ->and($assessment->verdict(Criterion::RunThrough)->level)->toBe(Level::Stop);
    $mends = (new MendSearch($assessment, []))->for(Criterion::RunThrough);
    expect($mends[0]->change->kind)->toBe(Change::HOLES)->and($mends[0]->suffices)->toBeTrue();
});

test('a mend that suffices does what it says when it is done', function (): void {
    $assessment = new Assessment(setupOf(['loam-screened-6-mm' => 3, 'pumice-3-6-mm' => 4, 'composted-bark-fine-2-8-mm' => 3], group: PlantGroup::AiryConifers));
    $search = new MendSearch($assessment, [Reference::component('lava-scoria-3-6-mm'), Reference::component('perlite-2-5-mm')]);
    $tried = 0;
    foreach (Criterion::cases() as $criterion) {
        foreach ($search->for($criterion) as $mend) {
            $then = new Assessment($mend->change->setup);
            expect($then->verdict($criterion)->value)->toBe($mend->value)
                ->and($then->verdict($criterion)->level === Level::Good)->toBe($mend->suffices)
                ->and($then->verdict($criterion)->marginsOutside)->toBeLessThan($assessment->verdict($criterion)->marginsOutside);
            foreach ($mend->worsens as $other) {
                expect($then->verdict($other)->marginsOutside)->toBeGreaterThan($assessment->verdict($other)->marginsOutside);
            }
            ++$tried;
        }
    }
    expect($tried)->toBeGreaterThan(1);
});

test('a criterion in its band asks for nothing, and mends are of different kinds', function (): void {
    $acid = new Assessment(setupOf(['pumice-3-6-mm' => 5, 'composted-bark-fine-2-8-mm' => 1], group: PlantGroup::AcidLovers));
    $search = new MendSearch($acid, [Reference::component('sphagnum-peat'), Reference::component('kanuma-type-acid-granule-2-6-mm')]);
    expect($search->for(Criterion::WetWeight))->toBe([]);
    $kinds = array_map(static fn($mend): string => $mend->change->kind, $search->for(Criterion::Ph));
    expect($kinds)->toBe(array_unique($kinds))->not->toBeEmpty();
});

test('taking out a heavy layer is offered where it makes a pot too heavy', function (): void {
    $layer = new DrainageLayer(Reference::substrate(['granite-chip-4-8-mm' => 1]), 3.0);
    $mix = [[Reference::component('pumice-3-6-mm'), 3.0], [Reference::component('perlite-2-5-mm'), 2.0]];
    $setup = fn(float $tree): Setup => new Setup($mix, Reference::pot('rectangle'), Holes::of(4, 2.0, 0.6), PlantGroup::AiryConifers, 0.8, 0.0, $layer, 5.0, $tree);
    $heavy = new Assessment($setup(15.3 - (new Assessment($setup(0.0)))->weights->wetKg));
    $mends = (new MendSearch($heavy, []))->for(Criterion::WetWeight);
    expect($heavy->verdict(Criterion::WetWeight)->level)->toBe(Level::Mind)
        ->and(array_map(static fn($mend): string => $mend->change->kind, $mends))->toContain(Change::NO_LAYER);
});

test('a mesh holds what bridges it and may clog when fine', function (): void {
    $grading = Reference::component('pumice-3-6-mm')->grading;
    expect((new Mesh($grading, 5.0))->holds)->toBeTrue()
        ->and((new Mesh($grading, 7.0))->holds)->toBeFalse()
        ->and((new Mesh($grading, 4.0))->lostShareOfBottomCm)->toBeNear(0.43, 1e-9)
        ->and((new Mesh($grading, 1.2))->mayClog)->toBeTrue()
        ->and((new Mesh($grading, 2.0))->mayClog)->toBeFalse();
});

test('an assumed tail is told of where it rules the pores, and not where it does not', function (): void {
    expect(PanTail::of(Reference::component('pumice-3-6-mm'))?->share)->toBeNear(0.1716, 1e-3)
        ->and(PanTail::of(Reference::component('pumice-3-6-mm'))?->finerSieveWorthIt)->toBeTrue()
        ->and(PanTail::of(Reference::component('sphagnum-peat')))->toBeNull()
        ->and(PanTail::of(Reference::component('long-fibre-sphagnum-moss')))->toBeNull();
});

test('uniformity and curvature of a grading', function (): void {
    $grading = Reference::component('pumice-3-6-mm')->grading;
    expect($grading->uniformity())->toBeNear(4.64978701 / 2.402902764, 1e-6)
        ->and($grading->curvature())->toBeNear($grading->quantileMm(0.3) ** 2 / (4.64978701 * 2.402902764), 1e-6);
});

test('a bowl reckons its open holes against the plan at one centimetre', function (): void {
    $bowl = Pot::read(['shape' => 'bowl', 'depth' => 7, 'top' => 20]);
    expect($bowl->floorCm2())->toBe($bowl->areaCm2(1.0));
});

test('where a change of some size suffices, smaller ones that do not are not offered in its place', function (): void {
    $wet = new Assessment(setupOf(['loam-screened-6-mm' => 4, 'pumice-3-6-mm' => 5, 'composted-bark-fine-2-8-mm' => 1], 'round deep'));
    $parts = static fn(float $loam): Assessment => new Assessment(
        $wet->setup->withParts(Reference::component('loam-screened-6-mm'), $loam),
    );
    expect($wet->verdict(Criterion::Air)->level)->not->toBe(Level::Good)
        ->and($parts(3.0)->verdict(Criterion::Air)->level)->not->toBe(Level::Good)
        ->and($parts(0.0)->verdict(Criterion::Air)->level)->toBe(Level::Good);
    $mends = (new MendSearch($wet, []))->for(Criterion::Air);
    expect($mends)->not->toBeEmpty();
    foreach ($mends as $mend) {
        expect($mend->suffices)->toBeTrue();
    }
});

test('grains may be as large as a fifth of the depth, and at a third it stops', function (): void {
    $band = (new Assessment(setupOf(['bark-mini-chip-6-12-mm' => 1], 'oval tray')))->verdict(Criterion::LargestGrain)->band;
    expect($band->high)->toBeNear(65 / 5, 1e-12)->and($band->high + $band->margin)->toBeNear(65 / 3, 1e-12);
    $chip = new Assessment(setupOf(['bark-mini-chip-6-12-mm' => 1], 'oval tray'));
    expect($chip->verdict(Criterion::LargestGrain)->value)->toBeNear(13.65295293, 1e-6)
        ->and($chip->verdict(Criterion::LargestGrain)->level)->toBe(Level::Mind);
});

test('a pot is free to lift at fifteen kilograms, and water is free to run at forty-five seconds', function (): void {
    $assessment = new Assessment(setupOf(['pumice-3-6-mm' => 1]));
    $weight = $assessment->verdict(Criterion::WetWeight)->band;
    $run = $assessment->verdict(Criterion::RunThrough)->band;
    expect([$weight->high, $weight->high + $weight->margin])->toBe([15.0, 25.0])
        ->and([$run->high, $run->high + $run->margin])->toBe([45.0, 120.0]);
});

test('a run-through has the word that growers have for it', function (float $seconds, RunThroughSpeed $speed): void {
    expect(RunThroughSpeed::of($seconds))->toBe($speed);
})->with([
    [11.9, RunThroughSpeed::Fast], [15.0, RunThroughSpeed::Fast], [15.1, RunThroughSpeed::Free], [45.0, RunThroughSpeed::Free],
    [45.1, RunThroughSpeed::Slow], [120.0, RunThroughSpeed::Slow], [120.1, RunThroughSpeed::Stagnant],
]);
