<?php

declare(strict_types=1);

use Tests\Core\Shipped;
use Zolbek\Core\Place\Container\DrainageLayer;
use Zolbek\Core\Verdict\Change\Change;
use Zolbek\Core\Verdict\Change\ChangeKind;
use Zolbek\Core\Verdict\Change\Changes;
use Zolbek\Core\Verdict\Change\OtherPot;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Verdict\Fit\Criterion;
use Zolbek\Core\Verdict\Fit\Level;
use Zolbek\Core\Verdict\Mending\Mend;
use Zolbek\Core\Verdict\Mending\MendSearch;
use Zolbek\Core\Verdict\Mending\Remedy;

/** @return list<ChangeKind> kinds of what is offered, best first */
function offered(Criterion $criterion, string $case, array $with = []): array
{
    $shelf = array_map(Shipped::component(...), ['pumice-3-6-mm', 'lava-scoria-3-6-mm', 'composted-bark-fine-2-8-mm', 'granite-chip-4-8-mm', 'perlite-2-5-mm', 'calcined-clay-1-4-mm', 'horticultural-grit-2-5-mm']);

    return array_map(static fn(Mend $mend): ChangeKind => $mend->change->kind, (new MendSearch(Shipped::assessment($case, $with), $shelf))->for($criterion));
}

/** @return list<Criterion> what stands further outside its band than before, years among them */
function worsened(Assessment $now, Assessment $then, Criterion $mended): array
{
    return array_values(array_map(
        static fn($verdict): Criterion => $verdict->criterion,
        array_filter($now->verdicts, static fn($verdict): bool => $verdict->criterion !== $mended && $then->verdict($verdict->criterion)->marginsOutside > $verdict->marginsOutside + 0.05),
    ));
}

test('raw peat is limed first', function (string $case): void {
    expect(offered(Criterion::Ph, $case)[0])->toBe(ChangeKind::Lime);
})->with(['s11', 't15']);

test('a pH that rises under hard water asks for rain or acid feed first', function (string $case): void {
    expect(offered(Criterion::LaterPh, $case)[0])->toBeIn([ChangeKind::Rain, ChangeKind::Feed]);
})->with(['s07', 's23', 't17']);

test('drought asks for more water first', function (string $case): void {
    expect(offered(Criterion::Drought, $case)[0])->toBe(ChangeKind::Habit);
})->with(['s18', 's26', 't16', 't11']);

test('a pot too heavy asks for a lighter stone of the same size first', function (): void {
    $mends = offered(Criterion::WetWeight, 's01', ['mix' => ['granite-chip-4-8-mm' => 1], 'tree_weight_kg' => 11.5]);
    expect($mends[0])->toBe(ChangeKind::Swap);
});

test('what hardly drains is opened before a layer is laid under it', function (): void {
    expect(offered(Criterion::RunThrough, 's16')[0])->toBeIn([ChangeKind::Add, ChangeKind::Holes]);
});

test('clay that frost breaks is sheltered in winter, or stretched with stone', function (): void {
    expect(offered(Criterion::Years, 's24'))->toBe([])
        ->and(offered(Criterion::Years, 's24', ['years_young' => 4])[0])->toBeIn([ChangeKind::WinterShelter, ChangeKind::Add, ChangeKind::Less])
        ->and(offered(Criterion::Years, 's24', ['years_young' => 4]))->toContain(ChangeKind::WinterShelter)
        ->and(offered(Criterion::Years, 's24', ['years_young' => 4, 'winter_shelter' => true]))->toBe([]);
});

test('no layer, depth or shade is a remedy for pH, whatever the figure does', function (): void {
    foreach ([Criterion::Ph, Criterion::LaterPh] as $criterion) {
        foreach ([ChangeKind::Layer, ChangeKind::NoLayer, ChangeKind::Deeper, ChangeKind::Shallower, ChangeKind::Holes, ChangeKind::Tip, ChangeKind::Rinse, ChangeKind::OtherPot, ChangeKind::Habit] as $kind) {
            expect(Remedy::rank($criterion, $kind, true))->toBeNull()->and(Remedy::rank($criterion, $kind, false))->toBeNull();
        }
    }
    expect(Remedy::rank(Criterion::Ph, ChangeKind::Lime, false))->toBeNull()->and(Remedy::rank(Criterion::Ph, ChangeKind::Lime, true))->toBe(0);
});

test('every change is a remedy of something', function (): void {
    foreach (ChangeKind::cases() as $kind) {
        $ranks = array_filter(array_map(static fn(Criterion $criterion): bool => Remedy::rank($criterion, $kind, true) !== null || Remedy::rank($criterion, $kind, false) !== null, Criterion::cases()));
        expect($ranks)->not->toBe([], $kind->value);
    }
});

test('nothing is offered that is so already', function (): void {
    $setup = Shipped::setup('s01', ['surface' => 'moss', 'stand' => 'bed', 'exposure' => 'shade', 'winter_shelter' => true]);
    $full = $setup->with(situation: $setup->situation?->with(rainShare: 1.0, feedAcidityMmolLYear: 40.0));
    $other = new OtherPot('same', $full->pot, $full->holes, 0.0, false);
    $kinds = array_map(static fn(Change $change): string => $change->kind->value.' '.$change->to, (new Changes(new Assessment($full), [], [$other]))->all());
    $words = array_map(static fn(string $kind): string => explode(' ', $kind)[0], $kinds);
    expect(array_intersect($words, ['moss', 'together', 'shade', 'winter_shelter', 'rain', 'other_pot', 'no_layer']))->toBe([])
        ->and($kinds)->not->toContain('feed acid')
        ->and($kinds)->toContain('feed usual');
});

test('a limed component is not limed again, and what a mend does not touch stays', function (): void {
    $setup = Shipped::setup('s10', ['limed_to' => ['sphagnum-peat' => 6.4]]);
    $limings = array_filter((new Changes(new Assessment($setup), []))->all(), static fn(Change $change): bool => $change->kind === ChangeKind::Lime);
    expect($limings)->toBe([]);
    $layered = $setup->with(layer: new DrainageLayer(Shipped::substrate(['granite-chip-4-8-mm' => 1]), 1.0));
    foreach ((new Changes(new Assessment($layered), [Shipped::component('granite-chip-4-8-mm')]))->all() as $change) {
        expect($change->kind)->not->toBe(ChangeKind::Layer);
    }
});

test('every mend of every practice case does what it says, and none makes the word worse', function (string $case): void {
    $now = Shipped::assessment($case);
    $search = new MendSearch($now, array_map(Shipped::component(...), ['pumice-3-6-mm', 'composted-bark-fine-2-8-mm', 'lava-scoria-3-6-mm']));
    $tried = 0;
    foreach ($now->verdicts as $verdict) {
        foreach ($search->for($verdict->criterion) as $mend) {
            $then = new Assessment($mend->change->setup);
            expect($then->verdict($verdict->criterion)->value)->toBe($mend->value)
                ->and($then->verdict($verdict->criterion)->level === Level::Good)->toBe($mend->suffices)
                ->and($then->verdict($verdict->criterion)->marginsOutside)->toBeLessThan($verdict->marginsOutside)
                ->and($mend->worsens)->toBe(worsened($now, $then, $verdict->criterion));
            ++$tried;
        }
    }
    expect($tried > 0 || array_filter($now->verdicts, static fn($verdict): bool => $verdict->level === Level::Stop) === [])->toBeTrue();
})->with(array_keys(Shipped::cases()));
