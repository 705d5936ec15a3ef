<?php

declare(strict_types=1);

use Tests\Core\Climates;
use Tests\Core\Reference;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Path;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Course\Water\LearnedInterval;
use Zolbek\Core\Course\Water\StickLook;
use Zolbek\Core\Mix\Grading\PoreSize;
use Zolbek\Core\Mix\Grading\SizeClasses;
use Zolbek\Core\Mix\Material\MaterialKind;
use Zolbek\Core\Mix\Substrate\PoreSizes;
use Zolbek\Core\Place\Climate\DailyClimate;
use Zolbek\Core\Place\Climate\MonthClimate;
use Zolbek\Core\Place\Container\BallTreatment;
use Zolbek\Core\Place\Container\Container;
use Zolbek\Core\Place\Container\Contents;
use Zolbek\Core\Place\Container\Filling;
use Zolbek\Core\Place\Container\Holes;
use Zolbek\Core\Place\Container\PotShape;
use Zolbek\Core\Place\Container\RootBall;
use Zolbek\Core\Place\Container\RootZone;
use Zolbek\Core\Place\Container\RunThroughSpeed;
use Zolbek\Core\Place\Container\Weights;
use Zolbek\Core\Place\Plant\Crown;
use Zolbek\Core\Place\Plant\Leaf;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Plant\Purpose;
use Zolbek\Core\Place\Site\Exposure;
use Zolbek\Core\Place\Site\Place;
use Zolbek\Core\Place\Site\Stand;
use Zolbek\Core\Place\Site\Surface;
use Zolbek\Core\Place\Site\SurfaceHeat;
use Zolbek\Core\Place\Site\Wind;
use Zolbek\Core\Place\Watering\Feed;
use Zolbek\Core\Place\Watering\WateringMethod;
use Zolbek\Core\Work\Inspection\Finding;

test('what each group of plants wants, as the model document has it', function (string $group, array $wanted): void {
    $of = PlantGroup::from($group);
    expect([$of->air()->low, $of->air()->high, $of->ph()->low, $of->ph()->high, $of->tensionLimitCm(), ...$of->replaceYears(), $of->drought()->high, $of->wakesAtC(), $of->waitsForWounds()])->toEqual($wanted);
})->with([
    ['desert', [0.14, 0.45, 6, 7.5, 3000, 2, 4, 0.6, 15, true]],
    ['airy_conifers', [0.14, 0.38, 5.5, 6.8, 200, 3, 5, 0.15, 6, false]],
    ['thirsty_conifers', [0.1, 0.3, 5.5, 6.8, 80, 2, 4, 0.1, 6, false]],
    ['broadleaf_deciduous', [0.1, 0.3, 5.8, 7, 100, 2, 4, 0.1, 6, false]],
    ['broadleaf_evergreen', [0.1, 0.3, 5.8, 7.2, 120, 2, 4, 0.1, 6, false]],
    ['fruiting_flowering', [0.08, 0.28, 5.8, 6.8, 80, 1, 3, 0.1, 6, false]],
    ['acid_lovers', [0.1, 0.32, 4.5, 5.6, 60, 2, 4, 0.1, 6, false]],
    ['mediterranean', [0.12, 0.36, 6.2, 7.6, 300, 3, 5, 0.15, 6, false]],
    ['tropical_evergreen', [0.1, 0.3, 5.8, 6.8, 100, 2, 3, 0.1, 15, false]],
    ['tropical_dry_season', [0.12, 0.38, 6, 7.2, 400, 2, 4, 0.25, 15, true]],
    ['seedlings', [0.08, 0.25, 5.5, 6.5, 50, 1, 1, 0.05, 6, false]],
]);

test('a band is as wide as it is said to be, and its margin is that of its group', function (PlantGroup $group): void {
    foreach ([$group->air(), $group->ph(), $group->drought()] as $band) {
        expect($band->low)->toBeLessThan($band->high);
    }
    [$young, $old] = $group->replaceYears();
    expect($young)->toBeLessThanOrEqual($old)->and($group->tensionLimitCm())->toBeGreaterThan(0.0);
})->with(PlantGroup::cases());

/** @param callable(UnitEnum): mixed $figure */
function figuresOf(array $cases, callable $figure): array
{
    return array_combine(array_column($cases, 'value'), array_map($figure, $cases));
}

test('the starting figures of a place', function (): void {
    expect(figuresOf(Surface::cases(), static fn(Surface $each): float => $each->cover()))->toBe(['bare' => 0.40, 'stone' => 0.25, 'moss' => 0.50])
        ->and(figuresOf(Surface::cases(), static fn(Surface $each): float => $each->letsFloat()))->toBe(['bare' => 1.0, 'stone' => 0.10, 'moss' => 0.15])
        ->and(figuresOf(Exposure::cases(), static fn(Exposure $each): float => $each->factor()))->toBe(['full_sun' => 1.0, 'half_shade' => 0.7, 'shade' => 0.45, 'glass' => 0.8, 'indoors' => 0.3])
        ->and(figuresOf(Exposure::cases(), static fn(Exposure $each): bool => $each->isUnderCover()))->toBe(['full_sun' => false, 'half_shade' => false, 'shade' => false, 'glass' => true, 'indoors' => true])
        ->and(figuresOf(Wind::cases(), static fn(Wind $each): float => $each->factor()))->toBe(['still' => 0.9, 'usual' => 1.0, 'windy' => 1.25])
        ->and(figuresOf(Stand::cases(), static fn(Stand $each): float => $each->lone()))->toBe(['bed' => 1.0, 'bench' => 1.3, 'wall' => 1.8]);
});

test('the starting figures of plants and of watering', function (): void {
    expect(figuresOf(WateringMethod::cases(), static fn(WateringMethod $each): float => $each->carriesOff()))->toBe(['can' => 0.35, 'hose' => 0.8, 'drip' => 0.05, 'dunk' => 1.0])
        ->and(figuresOf(Leaf::cases(), static fn(Leaf $each): float => $each->factor()))->toBe(['needle' => 0.8, 'small' => 0.9, 'middling' => 1.0, 'large' => 1.15, 'fleshy' => 0.4, 'none' => 0.1])
        ->and(figuresOf(Feed::cases(), static fn(Feed $each): float => $each->mmolLYear()))->toBe(['none' => 0.0, 'usual' => 15.0, 'acid' => 40.0])
        ->and(figuresOf(BallTreatment::cases(), static fn(BallTreatment $each): float => $each->gapShare()))->toBe(['untouched' => 0.0, 'teased' => 0.1, 'combed' => 0.25, 'washed' => 0.45])
        ->and(figuresOf(Purpose::cases(), static fn(Purpose $each): array => [$each->moreAir(), $each->marginFactor(), $each->yearsFactor()]))->toBe([
            'grow_on' => [0.0, 1.0, 1.0], 'recover' => [0.04, 1.0, 0.75], 'newly_collected' => [0.04, 1.0, 0.75], 'layer' => [0.04, 1.0, 0.5], 'stop_gap' => [0.0, 2.0, 0.5], 'refine' => [0.0, 1.0, 1.0], 'display' => [0.0, 1.0, 1.0],
        ]);
});

test('the starting figures of kinds of material', function (): void {
    expect(figuresOf(MaterialKind::cases(), static fn(MaterialKind $each): array => [$each->isCompressible(), $each->isOrganic(), $each->finesWeight(), $each->settledIndex(), $each->structureLoss()]))->toBe([
        'porous stone' => [false, false, 0.5, 5.5, 0.0], 'clay granule' => [false, false, 0.5, 5.5, 0.0], 'solid stone' => [false, false, 0.5, 5.5, 0.0], 'light filler' => [false, false, 0.5, 5.5, 0.0],
        'bark' => [true, true, 0.0, 4.75, 0.1], 'organic' => [true, true, 0.5, 6.7, 0.2], 'soil' => [true, false, 0.5, 6.7, 0.0], 'charcoal' => [false, false, 0.5, 5.5, 0.0],
    ]);
});

test('what was seen at the roots: good, urgent, too wet', function (): void {
    $of = static fn(callable $is): array => array_values(array_map(static fn(Finding $each): string => $each->value, array_filter(Finding::cases(), $is)));
    expect($of(static fn(Finding $each): bool => $each->isGood()))->toBe(['white_tips', 'threads'])
        ->and($of(static fn(Finding $each): bool => $each->isUrgent()))->toBe(['black_soft', 'sludge', 'grubs'])
        ->and($of(static fn(Finding $each): bool => $each->saysTooWet()))->toBe(['black_soft', 'sludge', 'fine_layer', 'moss_liverwort']);
});

test('where rain falls, where it freezes, and who stands alone', function (Exposure $exposure, bool $rain, bool $frost, float $lone): void {
    $place = new Place($exposure, Wind::Windy, true, Stand::Wall);
    expect($place->rainFalls())->toBe($rain)->and($place->freezes())->toBe($frost)->and($place->lone())->toBe($lone)
        ->and($place->factor())->toBeNear($exposure->factor() * 1.25, 1e-12)
        ->and((new Place($exposure, rainReaches: false))->rainFalls())->toBeFalse()
        ->and($place->with(winterShelter: true)->freezes())->toBeFalse();
})->with([
    [Exposure::FullSun, true, true, 1.8], [Exposure::HalfShade, true, true, 1.8], [Exposure::Shade, true, true, 1.8], [Exposure::Glass, false, false, 1.8], [Exposure::Indoors, false, false, 1.0],
]);

test('a place changed in one thing stays as it is in the others', function (): void {
    $place = new Place(Exposure::Shade, Wind::Still, false, Stand::Bed, true);
    expect($place->with())->toEqual($place)
        ->and($place->with(exposure: Exposure::Glass))->toEqual(new Place(Exposure::Glass, Wind::Still, false, Stand::Bed, true))
        ->and($place->with(wind: Wind::Windy))->toEqual(new Place(Exposure::Shade, Wind::Windy, false, Stand::Bed, true))
        ->and($place->with(stand: Stand::Wall))->toEqual(new Place(Exposure::Shade, Wind::Still, false, Stand::Wall, true))
        ->and($place->with(winterShelter: false))->toEqual(new Place(Exposure::Shade, Wind::Still, false, Stand::Bed, false));
});

test('a dark surface in the sun is hotter than a light one in the shade', function (float $albedo, Exposure $exposure, float $kelvin): void {
    expect(SurfaceHeat::aboveAirK($albedo, $exposure))->toBeNear($kelvin, 1e-12);
})->with([[0.15, Exposure::FullSun, 34.0], [0.55, Exposure::FullSun, 18.0], [1.0, Exposure::FullSun, 0.0], [0.15, Exposure::Shade, 34.0 * 0.45]]);

test('roots that were cut come back in six weeks', function (float $cut, Leaf $leaf, float $weeks, float $recovery): void {
    expect((new Crown(leaf: $leaf, rootsCut: $cut, weeksSince: $weeks))->recovery())->toBeNear($recovery, 1e-12);
})->with([
    'half of them, no leaves, that day' => [0.5, Leaf::None, 0.0, 0.2],
    'half of them, in leaf' => [0.5, Leaf::Middling, 0.0, 0.4],
    'nothing cut' => [0.0, Leaf::Middling, 0.0, 1.0],
    'all of them' => [1.0, Leaf::Middling, 0.0, 0.2],
    'after three weeks' => [0.5, Leaf::Middling, 3.0, 0.7],
    'after six' => [0.5, Leaf::None, 6.0, 1.0],
    'long after' => [0.5, Leaf::None, 60.0, 1.0],
]);

test('a month has the mean of its warmest and its coldest', function (): void {
    expect((new MonthClimate(-4.0, 9.0, 60.0))->meanC)->toBe(2.5);
});

test('each shape of pot has its measures, and its words', function (): void {
    expect(figuresOf(PotShape::cases(), static fn(PotShape $each): array => $each->measures()))->toBe([
        'round' => ['top', 'base'], 'rectangular' => ['top_length', 'top_width', 'base_length', 'base_width'], 'oval' => ['top_length', 'top_width', 'base_length', 'base_width'],
        'polygon' => ['sides', 'top', 'base'], 'bowl' => ['top'], 'measured' => ['volume_l'],
    ])->and(PotShape::words())->toBe(['round', 'rectangular', 'oval', 'polygon', 'bowl', 'measured']);
});

test('how growers call a run-through, to the second', function (float $seconds, RunThroughSpeed $speed): void {
    expect(RunThroughSpeed::of($seconds))->toBe($speed);
})->with([[0.0, RunThroughSpeed::Fast], [15.0, RunThroughSpeed::Fast], [15.1, RunThroughSpeed::Free], [45.0, RunThroughSpeed::Free], [45.1, RunThroughSpeed::Slow], [120.0, RunThroughSpeed::Slow], [120.1, RunThroughSpeed::Stagnant]]);

test('holes let out by their number, their width and what a mesh leaves open', function (): void {
    expect(Holes::of(3, 2.0, 0.5)->openAreaCm2())->toBeNear(1.5 * M_PI, 1e-12)->and(Holes::of(3, 2.0, 0.5)->radiusCm())->toBe(1.0)->and(Holes::of(0, 2.0, 1.0)->openAreaCm2())->toBe(0.0);
});

test('holes that cannot be', function (int|float $count, float $diameter, float $open, string $field): void {
    expect(static fn() => Holes::read(['count' => $count, 'diameter_cm' => $diameter, 'open_share' => $open]))->toThrow(Refused::class, $field);
})->with([[-1, 2.0, 1.0, 'count'], [10_001, 2.0, 1.0, 'count'], [1.5, 2.0, 1.0, 'count'], [1, 0.0, 1.0, 'diameter_cm'], [1, 0.009, 1.0, 'diameter_cm'], [1, 101.0, 1.0, 'diameter_cm'], [1, 2.0, 0.0, 'open_share'], [1, 2.0, 0.00009, 'open_share'], [1, 2.0, 1.01, 'open_share']]);

test('holes at the edge of what can be', function (int $count, ?float $diameter, ?float $open): void {
    $holes = Holes::read(array_filter(['count' => $count, 'diameter_cm' => $diameter, 'open_share' => $open], static fn(mixed $value): bool => $value !== null));
    expect($holes->count)->toBe($count)->and($holes->diameterCm)->toBe($diameter ?? 1.0)->and($holes->openShare)->toBe($open ?? 1.0);
})->with([[0, null, null], [10_000, 0.01, 0.0001], [1, 100.0, 1.0]]);

test('a ball that takes a share of a pot takes that share', function (string $pot, float $share): void {
    $zone = new RootZone(Reference::pot($pot), 0.8);
    $ball = RootBall::ofShare($zone, $share, BallTreatment::Combed, Reference::evenThree());
    expect($ball->areaCm2($zone->pot) * $ball->heightCm / 1000.0)->toBeNear($share * $zone->volumeL, 1e-9)
        ->and($ball->heightCm)->toBeNear(($zone->topCm - $zone->bottomCm) * $share ** (1 / 3), 1e-9)
        ->and($ball->gapShare())->toBe(0.25)->and((new RootBall(1, 1, 1, BallTreatment::Combed, Reference::evenThree(), 0.4))->gapShare())->toBe(0.4);
})->with(['oval tray', 'round deep'])->with([0.2, 0.5, 0.9]);

test('a share is kept in a pot whose wall would cut the ball, by a wider or a higher one', function (array $pot, float $share): void {
    $zone = new RootZone(Container::read($pot), 0.8);
    $mix = Reference::evenThree();
    $contents = new Contents(new RootBall(1.0, 1.0, 1.0, BallTreatment::Untouched, $mix), $share, bedCm: 0.5);
    $filling = new Filling($zone, $mix, $contents);
    expect($filling->ballL)->toBeNear($share * $zone->volumeL, 2e-2)->and($filling->newMixL)->toBeNear((1.0 - $share) * $zone->volumeL, 6e-2);
})->with([
    'a bowl' => [['shape' => 'bowl', 'depth' => 10, 'top' => 30]],
    'a flat bowl' => [['shape' => 'bowl', 'depth' => 6, 'top' => 40]],
    'a funnel' => [['shape' => 'round', 'depth' => 14, 'top' => 26, 'base' => 10]],
    'straight' => [['shape' => 'round', 'depth' => 14, 'top' => 20, 'base' => 20]],
])->with([0.2, 0.5, 0.75]);

test('a share that does not lie above the bed is refused, with the most that does', function (): void {
    $zone = new RootZone(Container::read(['shape' => 'round', 'depth' => 10, 'top' => 20, 'base' => 20]), 0.0);
    $contents = new Contents(new RootBall(1.0, 1.0, 1.0, BallTreatment::Untouched, Reference::evenThree()), 0.95, bedCm: 2.0);
    expect(fn() => $contents->ballIn($zone))->toThrow(Refused::class, 'ball_share');
    try {
        $contents->ballIn($zone);
    } catch (Refused $refused) {
        expect($refused->refusals[0]->limits['max'])->toEqualWithDelta(0.8, 1e-3);
    }
});

test('a ball is an ellipse but in a box', function (): void {
    $ball = new RootBall(10.0, 6.0, 4.0, BallTreatment::Teased, Reference::evenThree());
    $box = Container::read(['shape' => 'rectangular', 'depth' => 6, 'top_length' => 20, 'top_width' => 20, 'base_length' => 20, 'base_width' => 20]);
    expect($ball->areaCm2($box))->toBe(60.0)->and($ball->areaCm2(Reference::pot('oval tray')))->toBeNear(60.0 * M_PI / 4.0, 1e-12);
});

test('a pot weighs what is in it', function (): void {
    $zone = new RootZone(Reference::pot('oval tray'), 0.8);
    $mix = Reference::evenThree();
    $weights = new Weights($zone, $mix, 1.5, 2.0, 0.4);
    expect($weights->dryMixKg)->toBeNear($zone->volumeL * $mix->bulkDensity, 1e-12)->and($weights->wetKg)->toBeNear(2.4 + $weights->dryMixKg + 0.998 * 1.5, 1e-12)
        ->and((new Weights($zone, $mix, 1.5, 2.0, 0.4, 3.0))->wetKg)->toBeNear(5.4 + 0.998 * 1.5, 1e-12)
        ->and((new Weights($zone, $mix, 1.5, 2.0, 0.4, 3.0, besideKg: 0.7))->wetKg)->toBeNear(6.1 + 0.998 * 1.5, 1e-12)
        // a litre of chippings and one of stone, unless somebody says what lies there
        ->and(Weights::beside($zone, 0.0, 1.0))->toBe(2.4)->and(Weights::beside($zone, 1.0, 0.0))->toBeNear(1.5 * $zone->pot->volumeL($zone->topCm, $zone->topCm + 1.0), 1e-12)->and(Weights::beside($zone, 1.0, 0.5, 0.2))->toBeNear(1.4, 1e-12);
});

test('grains of one size have pores of that size, whatever the fines weight', function (float $weight): void {
    for ($k = 0; $k < SizeClasses::COUNT; $k += 3) {
        $shares = array_fill(0, SizeClasses::COUNT, 0.0);
        $shares[$k] = 1.0;
        expect(PoreSize::mm($shares, $weight))->toBeNear(SizeClasses::SIZES_MM[$k], 1e-9)->and(PoreSize::sauterMm($shares))->toBeNear(SizeClasses::SIZES_MM[$k], 1e-9);
    }
})->with([0.5, 0.25, 0.0, 1e-10, -0.25]);

test('the more fines count, the finer the pores', function (): void {
    $shares = Reference::component('composted-bark-fine-2-8-mm')->classShares;
    $before = INF;
    foreach ([-0.5, -0.25, 0.0, 0.25, 0.5] as $weight) {
        $size = PoreSize::mm($shares, $weight);
        expect($size)->toBeLessThan($before);
        $before = $size;
    }
});

test('sizes summed by share are the Sauter mean and the spread, a fibre one size', function (): void {
    $sums = new PoreSizes();
    $pumice = Reference::component('pumice-3-6-mm');
    $sums->add(1.0, $pumice->classShares, null);
    expect($sums->sauterMm())->toBeNear(3.187886289, 1e-9)->and($sums->sauterMm())->toBeNear(PoreSize::sauterMm($pumice->classShares), 1e-12);
    $two = new PoreSizes();
    $two->add(0.5, [], 1.0);
    $two->add(0.5, [], 4.0);
    expect($two->sauterMm())->toBeNear(1.6, 1e-12)->and($two->varianceOfLn())->toBeNear(log(2.0) ** 2, 1e-12);
});

test('a path of a field is written with dots', function (): void {
    expect([Path::join('', 'a'), Path::join('a', 'b'), Path::join('a', 0), Path::join('a', '')])->toBe(['a', 'a.b', 'a.0', 'a']);
});

test('fields are read by type, and what cannot be is noted where it stands', function (mixed $value, string $rule, callable $read): void {
    $refusals = new Refusals();
    $read(Fields::of(['x' => $value], ['x'], $refusals, 'in'));
    expect($refusals->any())->toBe($rule !== '');
    if ($rule !== '') {
        expect(static fn() => $refusals->throwIfAny())->toThrow(function (Refused $refused) use ($rule): void {
            expect($refused->refusals[0]->field)->toBe('in.x')->and($refused->refusals[0]->rule)->toBe($rule);
        });
    }
})->with([
    'at the lower end' => [1, '', fn(Fields $fields) => expect($fields->number('x', 1, 2))->toBe(1.0)],
    'at the upper end' => [2.0, '', fn(Fields $fields) => expect($fields->number('x', 1, 2))->toBe(2.0)],
    'below' => [0.999, 'between', fn(Fields $fields) => expect($fields->number('x', 1, 2))->toBeNan()],
    'above' => [2.001, 'between', fn(Fields $fields) => expect($fields->number('x', 1, 2))->toBeNan()],
    'infinite' => [INF, 'between', fn(Fields $fields) => expect($fields->number('x', 1, 2))->toBeNan()],
    'a text' => ['1', 'number', fn(Fields $fields) => expect($fields->number('x', 1, 2))->toBeNan()],
    'left out' => [null, 'required', fn(Fields $fields) => expect($fields->number('x', 1, 2))->toBeNan()],
    'left out with a usual value' => [null, '', fn(Fields $fields) => expect($fields->number('x', 1, 2, 1.5))->toBe(1.5)],
    'not above' => [1, 'above', fn(Fields $fields) => expect($fields->numberAbove('x', 1, 2))->toBeNan()],
    'just above' => [1.0001, '', fn(Fields $fields) => expect($fields->numberAbove('x', 1, 2))->toBe(1.0001)],
    'optional and left out' => [null, '', fn(Fields $fields) => expect($fields->optionalAbove('x', 1, 2))->toBeNull()],
    'a whole number' => [3, '', fn(Fields $fields) => expect($fields->integer('x', 1, 3))->toBe(3)],
    'no whole number' => [2.5, 'integer', fn(Fields $fields) => expect($fields->integer('x', 1, 3))->toBe(0)],
    'a text with spaces about it' => [' bark ', '', fn(Fields $fields) => expect($fields->text('x', 6))->toBe('bark')],
    'a text that is too long' => ['barks', 'text', fn(Fields $fields) => expect($fields->text('x', 4))->toBe('')],
    'spaces alone' => ['  ', 'text', fn(Fields $fields) => expect($fields->text('x', 4))->toBe('')],
    'nothing, where that may be' => ['', '', fn(Fields $fields) => expect($fields->text('x', 4, ''))->toBe('')],
    'no text' => [4, 'text', fn(Fields $fields) => expect($fields->text('x', 4))->toBe('')],
    'bytes that are no text' => ["\xC3\x28", 'text', fn(Fields $fields) => expect($fields->text('x', 4))->toBe('')],
    'a flag' => [true, '', fn(Fields $fields) => expect($fields->flag('x', false))->toBeTrue()],
    'no flag' => [1, 'flag', fn(Fields $fields) => expect($fields->flag('x', false))->toBeFalse()],
    'one of the words' => ['b', '', fn(Fields $fields) => expect($fields->oneOf('x', ['a', 'b']))->toBe('b')],
    'none of them' => ['c', 'one_of', fn(Fields $fields) => expect($fields->oneOf('x', ['a', 'b']))->toBeNull()],
    'no word at all' => [null, 'required', fn(Fields $fields) => expect($fields->oneOf('x', ['a', 'b']))->toBeNull()],
    'the usual word' => [null, '', fn(Fields $fields) => expect($fields->oneOf('x', ['a', 'b'], 'a'))->toBe('a')],
]);

test('a field nobody knows is named with those that are known', function (): void {
    $refusals = new Refusals();
    Fields::of(['x' => 1, 'z' => 2], ['x', 'y'], $refusals);
    expect(static fn() => $refusals->throwIfAny())->toThrow(function (Refused $refused): void {
        expect($refused->refusals)->toHaveCount(1)->and($refused->refusals[0]->field)->toBe('z')->and($refused->refusals[0]->limits)->toBe(['known' => 'x, y']);
    });
});

test('what is no object is refused whole', function (mixed $input, bool $isRefused): void {
    $refusals = new Refusals();
    Fields::of($input, ['x'], $refusals, 'in');
    expect($refusals->any())->toBe($isRefused);
})->with([[null, true], ['text', true], [3, true], [[1, 2], true], [[], false], [['x' => 1], false]]);

test('how a stick looks by how much of the water is left', function (): void {
    $looks = array_map(static fn(float $suction): string => StickLook::at($suction, 100.0)->value, [0.1, 1.0, 5.0, 10.0, 25.0, 50.0, 75.0, 100.0, 150.0]);
    $order = array_column(StickLook::cases(), 'value');
    $ranks = array_map(static fn(string $look): int => (int) array_search($look, $order, true), $looks);
    $sorted = $ranks;
    sort($sorted);
    expect($ranks)->toBe($sorted)->and($looks[0])->toBe($order[0])->and(end($looks))->toBe(end($order));
});

test('taps teach within a quarter and four times the reckoned interval', function (int $seed): void {
    mt_srand($seed);
    $taps = [];
    for ($i = 0, $most = mt_rand(0, 12); $i < $most; ++$i) {
        $taps[] = ['verdict' => ['water', 'wait'][mt_rand(0, 1)], 'hours' => (float) mt_rand(1, 400)];
    }
    $learned = new LearnedInterval(48.0, $taps);
    expect($learned->hours)->toBeGreaterThanOrEqual(12.0)->toBeLessThanOrEqual(192.0);
    // a tap that says "wait" never shortens, one that says "water" never lengthens
    expect((new LearnedInterval(48.0, [...$taps, ['verdict' => 'wait', 'hours' => 1000.0]]))->hours)->toBeGreaterThanOrEqual($learned->hours - 1e-9)
        ->and((new LearnedInterval(48.0, [...$taps, ['verdict' => 'water', 'hours' => 1.0]]))->hours)->toBeLessThanOrEqual($learned->hours + 1e-9);
})->with(seeds(15, 100));

test('days of the year run round', function (int $from, int $to, int $days): void {
    expect(DailyClimate::daysUntil($from, $to))->toBe($days);
})->with([[1, 1, 0], [1, 2, 1], [365, 1, 1], [360, 5, 10], [100, 99, 364]]);

test('a climate by the day keeps to its months, and goes little beyond the coldest and the warmest', function (): void {
    $climate = new DailyClimate(Climates::hill());
    $means = array_map(static fn(array $month): float => ($month['tmin'] + $month['tmax']) / 2.0, Climates::rows());
    for ($day = 1; $day <= 365; ++$day) {
        expect($climate->meanC($day))->toBeGreaterThan(min($means) - 0.5)->toBeLessThan(max($means) + 0.5)->and($climate->tMin($day))->toBeLessThan($climate->meanC($day));
    }
    expect($climate->warming(6.0))->not->toBeNull()->and($climate->warming(6.0))->toBeLessThan((int) $climate->warming(9.0))
        ->and($climate->warming(60.0))->toBeNull();
});
