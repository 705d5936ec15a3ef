<?php

declare(strict_types=1);

use Tests\Core\Reference;
use Zolbek\Core\Mix\Preparation\PanTail;
use Zolbek\Core\Place\Container\Container;
use Zolbek\Core\Place\Container\DrainageLayer;
use Zolbek\Core\Place\Container\Holes;
use Zolbek\Core\Place\Container\Mesh;
use Zolbek\Core\Place\Container\RunThroughSpeed;
use Zolbek\Core\Place\Plant\Band;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Verdict\Change\ChangeKind;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Verdict\Fit\Criterion;
use Zolbek\Core\Verdict\Fit\Level;
use Zolbek\Core\Verdict\Fit\Rating;
use Zolbek\Core\Verdict\Fit\Verdict;
use Zolbek\Core\Verdict\Mending\MendSearch;

/** @param array<string, float|int> $parts */
function setupOf(array $parts, string $pot = 'oval tray', PlantGroup $group = PlantGroup::AiryConifers, ?Holes $holes = null, ?DrainageLayer $layer = null): Setup
{
    $portions = array_map(static fn(string $key): array => [Reference::component($key), (float) $parts[$key]], array_keys($parts));

    return new Setup($portions, Reference::pot($pot), $holes ?? Holes::of(2, 2.2, 0.6), $group, 0.8, 0.0, $layer, 2.0);
}

test('a verdict is good inside its band and a little beyond, falls in the margin and never reaches zero', function (): void {
    $air = static fn(float $share): Verdict => new Verdict(Criterion::Air, $share, new Band(0.14, 0.38, 0.06));
    expect($air(0.14)->desirability)->toBe(1.0)
        ->and($air(0.38)->desirability)->toBe(1.0)
        ->and($air(0.11)->desirability)->toBeNear(0.525, 1e-9)
        ->and($air(-9.0)->desirability)->toBe(0.05)
        ->and($air(0.2)->level)->toBe(Level::Good)
        ->and($air(0.132)->level)->toBe(Level::Good)
        ->and($air(0.13)->level)->toBe(Level::Mind)
        ->and($air(0.0801)->level)->toBe(Level::Mind)
        ->and($air(0.0799)->level)->toBe(Level::Stop);
});

test('too much air counts half and never stops, notes never stop either', function (): void {
    $airy = new Verdict(Criterion::Air, 0.44, new Band(0.14, 0.38, 0.06));
    $endless = new Verdict(Criterion::Air, 0.95, new Band(0.14, 0.38, 0.06));
    expect($airy->marginsOutside)->toBeNear(0.5, 1e-9)->and($airy->desirability)->toBeNear(0.525, 1e-9)
        ->and($endless->desirability)->toBe(0.3)->and($endless->level)->toBe(Level::Mind)->and($endless->kills())->toBeFalse();
    foreach ([Criterion::FloatShare, Criterion::LargestGrain, Criterion::WetWeight, Criterion::Segregation] as $note) {
        $verdict = new Verdict($note, 1000.0, new Band(0.0, 1.0, 1.0));
        expect($verdict->level)->toBe(Level::Mind)->and($verdict->desirability)->toBe(0.3)->and($verdict->kills())->toBeFalse();
    }
});

test('what is known too little to tell two levels apart is close', function (): void {
    $drought = new Verdict(Criterion::Drought, 0.12, new Band(0.0, 0.10, 0.25));
    expect($drought->level)->toBe(Level::Good)->and($drought->isClose(0.01))->toBeFalse()->and($drought->isClose(0.03))->toBeTrue()->and($drought->isClose(0.0))->toBeFalse()
        ->and((new Verdict(Criterion::Drought, 0.16, new Band(0.0, 0.10, 0.25)))->isClose(0.19))->toBeTrue()
        ->and((new Verdict(Criterion::Drought, 0.01, new Band(0.0, 0.10, 0.25)))->isClose(0.05))->toBeFalse();
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

test('verdicts come worst first, what kills before what does not, and nothing outweighs it', function (): void {
    $assessment = new Assessment(setupOf(['loam-screened-6-mm' => 1, 'pumice-3-6-mm' => 1]));
    $levels = array_map(static fn($verdict): int => (int) array_search($verdict->level, [Level::Stop, Level::Mind, Level::Good], true), $assessment->verdicts);
    $sorted = $levels;
    sort($sorted);
    $d = static fn(Criterion $criterion): float => $assessment->verdict($criterion)->desirability;
    $notes = exp((0.5 * log($d(Criterion::LargestGrain)) + 0.5 * log($d(Criterion::WetWeight)) + 0.25 * log($d(Criterion::Segregation))) / 1.25);
    expect($levels)->toBe($sorted)
        ->and($assessment->verdicts)->toHaveCount(6)
        ->and($assessment->fit)->toBeNear(min($d(Criterion::Air), $d(Criterion::RunThrough)) * sqrt($d(Criterion::Ph)) * $notes, 1e-12)
        ->and($assessment->verdict(Criterion::Air)->level)->toBe(Level::Stop)
        ->and($assessment->verdicts[0]->kills())->toBeTrue()
        ->and($assessment->rating)->toBe(Rating::Lethal);
});

test('a pot without an outlet is stopped, a mix without a buffer is not', function (): void {
    $assessment = new Assessment(setupOf(['pumice-3-6-mm' => 1], holes: Holes::of(0, 1.0, 1.0)));
    expect($assessment->verdict(Criterion::RunThrough)->value)->toBeNull()
        ->and($assessment->verdict(Criterion::RunThrough)->level)->toBe(Level::Stop);
    $mends = (new MendSearch($assessment, []))->for(Criterion::RunThrough);
    expect($mends[0]->change->kind)->toBe(ChangeKind::Holes)->and($mends[0]->suffices)->toBeTrue();
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
    $kinds = array_map(static fn($mend): string => $mend->change->kind->value, $search->for(Criterion::Ph));
    expect($kinds)->toBe(array_unique($kinds))->not->toBeEmpty();
});

test('taking out a heavy layer is offered where it makes a pot too heavy', function (): void {
    $layer = new DrainageLayer(Reference::substrate(['granite-chip-4-8-mm' => 1]), 3.0);
    $mix = [[Reference::component('pumice-3-6-mm'), 3.0], [Reference::component('perlite-2-5-mm'), 2.0]];
    $setup = fn(float $tree): Setup => new Setup($mix, Reference::pot('rectangle'), Holes::of(4, 2.0, 0.6), PlantGroup::AiryConifers, 0.8, 0.0, $layer, 5.0, $tree);
    $heavy = new Assessment($setup(17.3 - (new Assessment($setup(0.0)))->weights->wetKg));
    $mends = (new MendSearch($heavy, []))->for(Criterion::WetWeight);
    expect($heavy->verdict(Criterion::WetWeight)->level)->toBe(Level::Mind)
        ->and(array_map(static fn($mend): ChangeKind => $mend->change->kind, $mends))->toContain(ChangeKind::NoLayer);
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
    $bowl = Container::read(['shape' => 'bowl', 'depth' => 7, 'top' => 20]);
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

test('grains may be as large as a fifth of the depth, and have their margin to a third', function (): void {
    $band = (new Assessment(setupOf(['bark-mini-chip-6-12-mm' => 1], 'oval tray')))->verdict(Criterion::LargestGrain)->band;
    expect($band->high)->toBeNear(65 / 5, 1e-12)->and($band->high + $band->margin)->toBeNear(65 / 3, 1e-12);
    $chip = new Assessment(setupOf(['bark-mini-chip-6-12-mm' => 1], 'oval tray'));
    expect($chip->verdict(Criterion::LargestGrain)->value)->toBeNear(13.65295293, 1e-6)
        ->and($chip->verdict(Criterion::LargestGrain)->level)->toBe(Level::Good)
        ->and((new Assessment(setupOf(['bark-mini-chip-6-12-mm' => 1], 'oval tray')->with(pot: Reference::pot('oval tray')->withDepth(5.0))))->verdict(Criterion::LargestGrain)->level)->toBe(Level::Mind);
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
