<?php

declare(strict_types=1);

use Tests\Core\Reference;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Course\Ageing\OldSoil;
use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Substrate\NurserySoil;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Container\BallPlacing;
use Zolbek\Core\Place\Container\BallTreatment;
use Zolbek\Core\Place\Container\BallWater;
use Zolbek\Core\Place\Container\Container;
use Zolbek\Core\Place\Container\Contents;
use Zolbek\Core\Place\Container\Filling;
use Zolbek\Core\Place\Container\Holes;
use Zolbek\Core\Place\Container\PlantingHeight;
use Zolbek\Core\Place\Container\RootBall;
use Zolbek\Core\Place\Container\RootZone;
use Zolbek\Core\Place\Container\SurfaceShape;
use Zolbek\Core\Work\Batching\EvenMix;

// what really stands in a pot: the ball and what it is of, old soil worked in, how high it stands and where

/** Mean water content and air of a soil that stands so high over its floor. */
function inHeight(Substrate $soil, float $cm = 10.0): array
{
    $water = 0.0;
    for ($z = 0.05; $z < $cm; $z += 0.1) {
        $water += $soil->retention->theta($z) * 0.1 / $cm;
    }

    return [$water, $soil->retention->saturated - $water];
}

test('peat stays wetter than bark, and clay has the least air of all soils of nurseries', function (): void {
    $found = [];
    foreach (NurserySoil::cases() as $soil) {
        [$water, $air] = inHeight($soil->substrate());
        $found[$soil->value] = $air;
        expect($water)->toBeGreaterThan(0.2)->toBeLessThan(0.9)->and($air)->toBeGreaterThan(0.0);
    }
    expect(inHeight(NurserySoil::Peat->substrate())[0])->toBeGreaterThan(inHeight(NurserySoil::BarkCompost->substrate())[0] + 0.1)
        ->and(array_search(min($found), $found, true))->toBe('garden_clay')->and(array_search(max($found), $found, true))->toBe('bark_compost')
        ->and(NurserySoil::Unknown->substrate()->blend->components)->toHaveCount(3)->and(NurserySoil::words())->toHaveCount(7);
});

test('old soil that is as fresh as the mix changes nothing, whatever its share', function (float $share): void {
    $portions = array_map(static fn($component): array => [Portion::of($component), 1.0], Reference::evenThree()->blend->components);
    $fresh = new Substrate(Portion::blend($portions));
    $with = new Substrate(Portion::blend(OldSoil::workedInto($portions, OldSoil::portion($fresh->blend, 0.0), $share)));
    expect($with->yield)->toEqualWithDelta($fresh->yield, 1e-9)->and($with->poreSizeMm)->toEqualWithDelta($fresh->poreSizeMm, 1e-9)->and($with->retention->theta(10.0))->toEqualWithDelta($fresh->retention->theta(10.0), 1e-9);
})->with([0.0, 0.1, 0.5, 0.9]);

test('the more old soil is worked in, the finer and the tighter it lies', function (): void {
    $portions = array_map(static fn($component): array => [Portion::of($component), 1.0], Reference::evenThree()->blend->components);
    $old = OldSoil::portion((new Substrate(Portion::blend($portions)))->blend, 6.0);
    $air = array_map(static fn(float $share): float => inHeight(new Substrate(Portion::blend(OldSoil::workedInto($portions, $old, $share))), 6.0)[1], [0.0, 0.3, 0.6, 0.9]);
    expect($air[0])->toBeGreaterThan($air[1] + 0.003)->and($air[1])->toBeGreaterThan($air[2])->and($air[2])->toBeGreaterThan($air[3]);
    // half of what is scooped is 3 litres beside three parts
    expect(OldSoil::workedInto($portions, $old, 0.5)[3][1])->toBe(3.0)->and(OldSoil::workedInto($portions, $old, 0.0))->toBe($portions);
});

test('bed, thinning and mound follow from the height that is chosen', function (): void {
    $of = static fn(float $over, float $ball, ?float $bed = null, ?float $mound = null, float $layer = 0.0, float $least = PlantingHeight::LEAST_BED_CM): PlantingHeight => new PlantingHeight(8.0, $layer, 1.0, $over, $ball, 0.5, $bed, $mound, $least);
    $flush = $of(0.0, 4.0);
    expect($flush->surfaceCm)->toBe(7.0)->and($flush->collarCm)->toBe(7.0)->and($flush->bedCm)->toBe(2.5)->and($flush->thinnedCm)->toBe(0.0)->and($flush->moundCm)->toBe(0.0)->and($flush->fits)->toBeTrue()
        ->and($of(1.0, 4.0)->bedCm)->toBe(3.5)->and($of(1.0, 4.0)->moundCm)->toBe(1.0)->and($of(-1.5, 4.0)->bedCm)->toBe(1.0)->and($of(-1.5, 4.0)->moundCm)->toBe(0.0)
        ->and($of(0.0, 7.0)->thinnedCm)->toBe(0.5 + 0.5)->and($of(0.0, 7.0)->ballCm)->toBe(6.0)->and($of(0.0, 7.0)->fits)->toBeTrue()
        ->and($of(0.0, 4.0, layer: 1.0)->bedCm)->toBe(1.5)->and($of(0.0, 6.5, least: 0.0)->bedCm)->toBe(0.0)->and($of(0.0, 6.5, least: 0.0)->thinnedCm)->toBe(0.0);
    // more than a quarter of the ball would be cut away
    expect($of(0.0, 8.0)->thinnedCm)->toBe(2.0)->and($of(0.0, 8.0)->fits)->toBeTrue()->and($of(0.0, 8.5)->fits)->toBeFalse();
    // typed: a higher bed thins, a lower mound leaves roots bare
    expect($of(0.0, 4.0, bed: 3.0)->thinnedCm)->toBe(0.5)->and($of(1.0, 4.0, mound: 0.4)->moundCm)->toBe(0.4);
});

test('a bed or a mound that contradicts the height is refused, with what would be right', function (): void {
    $refused = static function (float $over, ?float $bed, ?float $mound, float $ball = 4.0): array {
        try {
            new PlantingHeight(8.0, 0.0, 1.0, $over, $ball, 0.0, $bed, $mound);
        } catch (Refused $refused) {
            return [$refused->refusals[0]->field, $refused->refusals[0]->rule, $refused->refusals[0]->limits];
        }

        return [];
    };
    expect($refused(0.0, 1.0, null))->toBe(['bed_cm', 'bed_too_low', ['min' => 3.0, 'low' => 2.0]])
        ->and($refused(0.0, null, 2.0))->toBe(['mound_cm', 'mound_over_collar', ['max' => 0.0]])
        ->and($refused(-2.0, null, 0.5))->toBe(['mound_cm', 'mound_over_collar', ['max' => 0.0]])
        ->and($refused(-6.8, null, null))->toBe(['height', 'ball_thinned_away', ['min' => -6.5]])
        ->and($refused(1.0, null, 1.0))->toBe([])->and($refused(0.0, 3.0, 0.0))->toBe([]);
});

test('a ball that is pushed aside and turned leaves what room is left', function (): void {
    $box = Container::read(['shape' => 'rectangular', 'depth' => 8, 'base_length' => 20, 'base_width' => 14, 'top_length' => 20, 'top_width' => 14]);
    $right = new BallPlacing($box, 1, 5, 12, 8, 2);
    expect([$right->rightCm, $right->leftCm, $right->frontCm, $right->backCm])->toBe([2.0, 6.0, 3.0, 3.0])->and($right->goesIn)->toBeTrue();
    $back = new BallPlacing($box, 1, 5, 12, 8, 0, 1);
    expect([$back->frontCm, $back->backCm, $back->leftCm, $back->rightCm])->toBe([4.0, 2.0, 4.0, 4.0]);
    $turned = new BallPlacing($box, 1, 5, 12, 8, 2, 0, 90);
    expect(array_map(static fn(float $cm): float => round($cm, 9), [$turned->rightCm, $turned->leftCm, $turned->frontCm, $turned->backCm]))->toBe([4.0, 8.0, 1.0, 1.0])
        ->and((new BallPlacing($box, 1, 5, 12, 8, 4.5))->goesIn)->toBeFalse()->and((new BallPlacing($box, 1, 5, 12, 8, 0, -3.5))->goesIn)->toBeFalse();
    // in a round pot the corners of where it could stand are not there
    $round = Container::read(['shape' => 'round', 'depth' => 8, 'base' => 20, 'top' => 20]);
    expect((new BallPlacing($round, 1, 5, 10, 10, 4, 0))->goesIn)->toBeTrue()->and((new BallPlacing($round, 1, 5, 10, 10, 4, 4))->goesIn)->toBeFalse()->and((new BallPlacing($round, 1, 5, 10, 10, 4, 4))->rightCm)->toBeGreaterThan(0.0);
    // the foot of a pot that widens is what is narrowest
    $flared = Container::read(['shape' => 'round', 'depth' => 10, 'base' => 10, 'top' => 20]);
    expect((new BallPlacing($flared, 2, 8, 8, 8))->rightCm)->toBe(2.0);
});

test('a mound and a slope are litres, and a trunk that leans has a low and a high side', function (): void {
    expect((new SurfaceShape(100, 0, 3, 0))->moundL)->toEqualWithDelta(0.1, 1e-12)->and((new SurfaceShape(100, 0, 0, 2))->wedgeL)->toEqualWithDelta(0.1, 1e-12)
        // a ball that fills the pot leaves no mound to fill
        ->and((new SurfaceShape(100, 100, 3, 0))->moundL)->toEqualWithDelta(0.0, 1e-12)
        // 2/3 (100 + 50 + 25) - 2 * 25 = 66.7 cm3
        ->and((new SurfaceShape(100, 25, 2, 0))->moundL)->toEqualWithDelta(0.0666667, 1e-6)
        ->and(SurfaceShape::collarTiltCm(4, 30))->toEqualWithDelta(1.0, 1e-12)->and(SurfaceShape::collarTiltCm(4, 0))->toBe(0.0);
});

test('a ball of peat stays wetter than coarse mix round it, one of the mix itself is alike', function (): void {
    $zone = new RootZone(Container::read(['shape' => 'round', 'depth' => 10, 'base' => 20, 'top' => 20]), 1.0);
    $of = static function (Substrate $ball) use ($zone): array {
        $contents = new Contents(new RootBall(12, 12, 5, BallTreatment::Teased, $ball), bedCm: 2.0);
        $filling = new Filling($zone, Reference::evenThree(), $contents);

        return [new BallWater($filling, $contents->ballIn($zone) ?? throw new LogicException()), $filling];
    };
    [$peat, $filling] = $of(NurserySoil::Peat->substrate());
    expect($peat->stays)->toBe('wetter')->and($peat->theta)->toBeGreaterThan($peat->thetaAround + BallWater::APART)->and($of(Reference::evenThree())[0]->stays)->toBe('alike')
        ->and($peat->waterL)->toEqualWithDelta($peat->theta * $peat->litres, 1e-9)->and($peat->litres)->toEqualWithDelta(0.9 * M_PI * 36.0 * 5.0 / 1000.0, 1e-9)
        // two centimetres beneath the ball and two above, and what is left beside it
        ->and($filling->beneathL)->toEqualWithDelta(M_PI * 100.0 * 2.0 / 1000.0, 1e-9)->and($filling->aboveL)->toEqualWithDelta(M_PI * 100.0 * 2.0 / 1000.0, 1e-9);
    [$drier] = (static function () use ($zone): array {
        $contents = new Contents(new RootBall(12, 12, 5, BallTreatment::Teased, Reference::evenThree()), bedCm: 2.0);
        $filling = new Filling($zone, NurserySoil::Peat->substrate(), $contents);

        return [new BallWater($filling, $contents->ball ?? throw new LogicException())];
    })();
    expect($drier->stays)->toBe('drier');
});

test('a load is turned more often the larger it is, and the more its sizes part', function (): void {
    $even = Reference::evenThree()->blend;
    $parts = new Blend([[Reference::component('bark-mini-chip-6-12-mm'), 1.0], [Reference::component('sharp-sand-0-25-2-mm'), 1.0]]);
    expect($parts->sizeRatio())->toBeGreaterThan(4.0)->and($even->sizeRatio())->toBeLessThan(4.0)
        ->and(EvenMix::turns($even, 4.0))->toBe(6)->and(EvenMix::turns($even, 10.0))->toBe(6)->and(EvenMix::turns($even, 40.0))->toBe(9)->and(EvenMix::turns($parts, 40.0))->toBe(14);
});

test('the floor of a net lets water out by all of its openings', function (): void {
    $pot = Container::read(['shape' => 'rectangular', 'depth' => 10, 'base_length' => 10, 'base_width' => 10, 'top_length' => 14, 'top_width' => 14]);
    $net = Holes::net($pot, 0.5, 0.4);
    expect($net->count)->toBe(203)->and($net->openAreaCm2())->toEqualWithDelta(40.0, 0.2);
    // cloth: finer than can be counted, and as open all the same
    $cloth = Holes::net($pot, 0.01, 0.1);
    expect($cloth->count)->toBe(10_000)->and($cloth->openAreaCm2())->toEqualWithDelta(10.0, 1e-9)->and(Holes::net($pot, 30.0, 0.1)->count)->toBe(1);
});
