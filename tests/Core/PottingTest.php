<?php

declare(strict_types=1);

use Tests\Core\Climates;
use Tests\Core\Reference;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Material\KeptMaterial;
use Zolbek\Core\Mix\Material\StockByLot;
use Zolbek\Core\Mix\Preparation\Preparation;
use Zolbek\Core\Mix\Preparation\Screenings;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Climate\Climate;
use Zolbek\Core\Place\Climate\DailyClimate;
use Zolbek\Core\Place\Container\BallTreatment;
use Zolbek\Core\Place\Container\Container;
use Zolbek\Core\Place\Container\DrainageLayer;
use Zolbek\Core\Place\Container\Holes;
use Zolbek\Core\Place\Plant\GrowthStage;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Place\Site\Exposure;
use Zolbek\Core\Work\Batching\PotShare;
use Zolbek\Core\Work\Batching\ScoopedLoad;
use Zolbek\Core\Work\Batching\Spare;
use Zolbek\Core\Work\Inspection\Advice;
use Zolbek\Core\Work\Inspection\Finding;
use Zolbek\Core\Work\Inspection\Health;
use Zolbek\Core\Work\Inspection\OldMix;
use Zolbek\Core\Work\Inspection\Reason;
use Zolbek\Core\Work\PottingDay\DayPot;
use Zolbek\Core\Work\PottingDay\DaySums;
use Zolbek\Core\Work\PottingDay\FirstWater;
use Zolbek\Core\Work\PottingDay\MeshPieces;
use Zolbek\Core\Work\PottingDay\TieWire;
use Zolbek\Core\Work\PottingDay\WorkTime;
use Zolbek\Core\Work\Timing\Due;
use Zolbek\Core\Work\Timing\DueLevel;
use Zolbek\Core\Work\Timing\OutOfTurn;
use Zolbek\Core\Work\Timing\PottingSeason;
use Zolbek\Core\Work\Timing\Window;

/** @param array<string, float> $parts by component key */
function pottedIn(array $parts, float $depth = 10.0, ?DrainageLayer $layer = null): Setup
{
    return new Setup(
        array_map(static fn(string $key): array => [Portion::of(Reference::component($key)), $parts[$key]], array_keys($parts)),
        Container::read(['shape' => 'rectangular', 'depth' => $depth, 'top_length' => 20, 'top_width' => 20, 'base_length' => 20, 'base_width' => 20]),
        Holes::of(2, 2.0, 0.6),
        PlantGroup::BroadleafDeciduous,
        layer: $layer,
    );
}

function coldHill(): DailyClimate
{
    return new DailyClimate(Climate::read(['latitude' => 44, 'altitude_m' => 600, 'months' => Climates::rows()]));
}

/** @param list<Reason> $reasons */
function reasonCodes(array $reasons): array
{
    return array_column($reasons, 'code');
}

test('a day of straight pots of one mix sums as by hand', function (): void {
    $setup = pottedIn(['pumice-3-6-mm' => 1, 'lava-scoria-3-6-mm' => 1]);
    $yield = $setup->substrate->yield;
    $day = new DaySums(array_map(static fn(int $i): DayPot => new DayPot($i, 7, $setup), [1, 2, 3]), 0.10, 5.0, 1.0);
    $mix = $day->mixes[7];
    // 20 x 20 x 10 cm are 4 L settled, three of them 12, loose by the yield, 10 % on top
    expect($mix->netL)->toEqualWithDelta(12.0 / $yield, 1e-9)
        ->and($mix->looseL)->toEqualWithDelta(13.2 / $yield, 1e-9)
        // some 14.2 L in litres, as half a scoop of each is one: less than 3 % are missing
        ->and(array_map(static fn(ScoopedLoad $load): float => $load->litres, $mix->scoops->loads))->toBe([5.0, 5.0, 4.0])
        ->and($day->needsL['pumice-3-6-mm'])->toBe(7.0)
        ->and(array_sum($day->needsL))->toBe($mix->scoops->litres);
});

test('layer, dressing and extras are needed beside the mix, each with the spare', function (): void {
    $granite = new Substrate(new Blend([[Reference::component('granite-chip-4-8-mm'), 1.0]]));
    $perlite = Portion::of(Reference::component('perlite-2-5-mm'));
    $setup = pottedIn(['pumice-3-6-mm' => 1], 10.0, new DrainageLayer($granite, 1.0));
    $pot = new DayPot(1, 1, $setup, [[$perlite, 0.3]], layerKey: 'granite-chip-4-8-mm', dressingKey: 'granite-chip-4-8-mm', dressing: $granite);
    $day = new DaySums([$pot], 0.08, 40, 1);
    expect($day->pots[1]->layerL)->toEqualWithDelta(0.4 / $granite->yield, 1e-9)
        ->and($day->needsL['granite-chip-4-8-mm'])->toEqualWithDelta(1.08 * 0.4 / $granite->yield, 1e-9)
        ->and($day->needsL['perlite-2-5-mm'])->toEqualWithDelta(1.08 * 0.3, 1e-9);
});

test('the needs of a day are those of its pots, one by one', function (): void {
    $setups = [pottedIn(['pumice-3-6-mm' => 2, 'composted-bark-fine-2-8-mm' => 1], 8.0), pottedIn(['pumice-3-6-mm' => 1, 'calcined-clay-1-4-mm' => 1], 12.0), pottedIn(['pumice-3-6-mm' => 2, 'composted-bark-fine-2-8-mm' => 1], 14.0)];
    $pots = array_map(static fn(Setup $setup, int $i): DayPot => new DayPot($i, $i === 1 ? 2 : 1, $setup), $setups, array_keys($setups));
    $together = (new DaySums($pots, 0.05, 30, 1))->needsL;
    $apart = [];
    foreach ($pots as $pot) {
        foreach ((new DaySums([$pot], 0.05, 30, 1))->needsL as $key => $litres) {
            $apart[$key] = ($apart[$key] ?? 0.0) + $litres;
        }
    }
    expect($together)->toHaveCount(3);
    foreach ($together as $key => $litres) {
        // one pot alone is rounded to scoops for itself
        expect($litres)->toEqualWithDelta($apart[$key], 1.0);
    }
});

test('base and extra fill the pot together, by the yield of that very mixture', function (): void {
    $setup = pottedIn(['pumice-3-6-mm' => 1, 'lava-scoria-3-6-mm' => 1]);
    $extra = Portion::of(Reference::component('coir-pith'));
    $share = new PotShare($setup, [[$extra, 0.6]]);
    expect(($share->baseL + 0.6) * $share->setup->substrate->yield)->toEqualWithDelta($setup->newMixL(), 1e-6)
        ->and((new PotShare($setup, []))->baseL)->toEqualWithDelta($setup->newMixL() / $setup->substrate->yield, 1e-9)
        ->and(static fn() => new PotShare($setup, [[$extra, 50.0]]))->toThrow(Refused::class);
});

test('stock is drawn from the named delivery first, then the oldest, never more than is there', function (): void {
    $deliveries = [['id' => 1, 'litres' => 20.0], ['id' => 2, 'litres' => 40.0], ['id' => null, 'litres' => 5.0]];
    expect(StockByLot::take(30, $deliveries))->toBe([['id' => 1, 'litres' => 20.0], ['id' => 2, 'litres' => 10.0]])
        ->and(StockByLot::take(30, $deliveries, 2))->toBe([['id' => 2, 'litres' => 30.0]])
        ->and(array_sum(array_column(StockByLot::take(500, $deliveries), 'litres')))->toBe(65.0);
});

test('the spare learns from what was used, and an uneven hand gets more', function (): void {
    $used = static fn(float ...$more): float => (new Spare(array_map(static fn(float $each): array => ['net_l' => 10.0, 'used_l' => 10.0 * (1.0 + $each)], array_values($more))))->share;
    expect($used())->toBe(0.08)
        ->and($used(0.12, 0.12))->toEqualWithDelta(0.10, 1e-12)
        ->and($used(0.02, 0.22))->toBeGreaterThan($used(0.12, 0.12))
        ->and($used(-0.9))->toBe(0.0)
        ->and($used(9.0))->toBe(0.5);
});

test('what is screened off is coarse and fine of the gross, and needs a deep pot', function (): void {
    $pumice = Reference::component('pumice-3-6-mm');
    $prepared = Preparation::read(['screen_lo_mm' => 3, 'screen_hi_mm' => 6], new Refusals(), '');
    $screenings = new Screenings($pumice, $prepared, 10.0);
    expect($screenings->coarseL)->toEqualWithDelta(10.0 * (1.0 - $pumice->grading->passingAt(6.0)), 1e-9)
        ->and($screenings->fineL)->toEqualWithDelta(10.0 * $pumice->grading->passingAt(3.0), 1e-9)
        ->and((new Screenings($pumice, null, 10.0))->coarseL)->toBe(0.0);
});

test('wire, mesh and minutes are those of the bench', function (): void {
    $wire = new TieWire(Container::read(['shape' => 'rectangular', 'depth' => 6, 'top_length' => 30, 'top_width' => 20, 'base_length' => 30, 'base_width' => 20]), 20.0, 15.0, 4.0);
    expect([$wire->gaugeMm, $wire->wires, $wire->lengthCm])->toBe([2.0, 1, 70.0])
        ->and((new TieWire(Container::read(['shape' => 'round', 'depth' => 8, 'top' => 40, 'base' => 36]), 20.0, 30.0, 4.0))->wires)->toBe(2)
        ->and((new TieWire(Container::read(['shape' => 'round', 'depth' => 8, 'top' => 40, 'base' => 36]), 40.0, 10.0, 4.0))->wires)->toBe(2)
        ->and((new MeshPieces(Holes::of(2, 2.2, 1)))->sideCm)->toEqualWithDelta(4.2, 1e-12)
        ->and((new MeshPieces(Holes::of(40, 0.6, 1)))->pieces)->toBe(0)
        ->and(WorkTime::minutes(4.0, BallTreatment::Untouched, 'none', false))->toBe(18.0)
        ->and(WorkTime::pace([]))->toBe(1.0)
        ->and(WorkTime::pace([['planned' => 20.0, 'actual' => 40.0]]))->toBe(1.25);
});

test('a component that was kept computes as it did', function (): void {
    $pumice = Reference::component('pumice-3-6-mm');
    $kept = KeptMaterial::read(json_decode((string) json_encode(KeptMaterial::keep($pumice)), true));
    $then = new Substrate(new Blend([[$pumice, 1.0]]));
    $again = new Substrate(new Blend([[$kept, 1.0]]));
    expect($again->packingDensity)->toEqualWithDelta($then->packingDensity, 1e-12)
        ->and($again->retention->theta(10.0))->toEqualWithDelta($then->retention->theta(10.0), 1e-12)
        ->and($kept->grading->quantileMm(0.85))->toEqualWithDelta($pumice->grading->quantileMm(0.85), 1e-12);
});

test('a plant falls due by mix or years, whichever is first, and by what was seen at once', function (): void {
    expect((new Due(3.0, 3.0, null))->level)->toBe(DueLevel::Due)
        ->and((new Due(2.9, 3.0, null))->level)->toBe(DueLevel::Soon)
        ->and((new Due(1.0, 3.0, null))->level)->toBe(DueLevel::NotDue)
        ->and((new Due(4.0, 3.0, null))->level)->toBe(DueLevel::Overdue)
        ->and((new Due(2.0, 5.0, 2.0))->afterYears)->toBe(2.0)
        ->and((new Due(null, 3.0, null))->level)->toBe(DueLevel::Unknown)
        ->and((new Due(0.5, 3.0, null, [Finding::BlackSoft]))->level)->toBe(DueLevel::Due)
        ->and((new Due(0.5, 3.0, null, [Finding::Circling]))->level)->toBe(DueLevel::NotDue);
});

test('the stage that was seen decides before the site does', function (): void {
    $winter = 20;
    $spring = 110;
    $maple = static fn(?GrowthStage $stage, int $day, ?DailyClimate $climate = null, bool $shelter = false): PottingSeason => new PottingSeason(PlantGroup::BroadleafDeciduous, $stage, $climate, $day, hasShelter: $shelter);
    expect($maple(GrowthStage::BudsMoving, $spring)->window)->toBe(Window::Open)
        ->and($maple(GrowthStage::Rest, $spring)->window)->toBe(Window::Early)
        ->and($maple(GrowthStage::Growing, $spring)->window)->toBe(Window::Late)
        ->and($maple(null, $spring)->window)->toBe(Window::Unknown)
        ->and($maple(GrowthStage::BudsMoving, $winter, coldHill())->window)->toBe(Window::WithShelter)
        ->and($maple(GrowthStage::BudsMoving, $winter, coldHill(), true)->window)->toBe(Window::Open)
        ->and($maple(null, 240, coldHill())->isObserved)->toBeFalse()
        ->and($maple(null, 240, coldHill())->opensInDays)->toBeGreaterThan(100);
});

test('buds under glass in midwinter are no call to repot', function (): void {
    $season = new PottingSeason(PlantGroup::BroadleafDeciduous, GrowthStage::BudsMoving, coldHill(), 10, Exposure::Glass);
    expect($season->window)->toBe(Window::Early)->and(reasonCodes($season->reasons))->toContain('under_glass');
});

test('a site without frost has a start of warming too', function (): void {
    $mild = array_map(static fn(int $i): array => ['tmin' => 12 + 5 * sin(($i - 3) * M_PI / 6), 'tmax' => 20 + 6 * sin(($i - 3) * M_PI / 6), 'rain_mm' => 30], range(0, 11));
    $climate = new DailyClimate(Climate::read(['latitude' => 30, 'altitude_m' => 0, 'months' => $mild]));
    expect($climate->firstFrost)->toBeNull()->and($climate->lastFrost)->toBeNull()->and($climate->warming(6.0))->not->toBeNull();
});

test('the last frost lies before the heat, the first after it', function (): void {
    $hill = coldHill();
    expect($hill->lastFrost)->toBeLessThan(200)->and($hill->firstFrost)->toBeGreaterThan(200)->and($hill->endOfHeat)->toBeGreaterThan((int) $hill->lastFrost)
        ->and(Climate::below(0.0, $hill->tMin((int) $hill->lastFrost)))->toBeGreaterThanOrEqual(0.1)
        ->and(Climate::below(0.0, $hill->tMin((int) $hill->lastFrost + 1)))->toBeLessThan(0.1)
        ->and(Climate::below(0.0, $hill->tMin((int) $hill->firstFrost - 1)))->toBeLessThan(0.1);
});

test('a climate by the day runs straight between the middles of the months, through the turn of the year too', function (): void {
    $rows = array_map(static fn(int $i): array => ['tmin' => (float) $i, 'tmax' => (float) $i, 'rain_mm' => 0.0], [0, 2, 4, 6, 8, 10, 11, 9, 7, 5, 3, 1]);
    $climate = new DailyClimate(Climate::read(['latitude' => 44, 'altitude_m' => 0, 'months' => $rows]));
    expect($climate->meanC(60))->toEqualWithDelta($climate->meanC(46) + ($climate->meanC(74) - $climate->meanC(46)) * 14 / 28, 1e-9)
        ->and($climate->meanC(365))->toEqualWithDelta($climate->meanC(349) + ($climate->meanC(15) - $climate->meanC(349)) * 16 / 31, 1e-9)
        ->and($climate->frostNights(1, 28))->toBeGreaterThan(0.0)->toBeLessThanOrEqual(28.0)
        ->and(DailyClimate::daysUntil(360, 5))->toBe(10);
});

test('the old mix is as it was after no years, and has more fines after some', function (): void {
    $setup = pottedIn(['akadama-type-clay-granule-2-6-mm' => 1]);
    $fresh = new OldMix($setup, 0.0, []);
    $old = new OldMix($setup, 6.0, [Finding::Sludge]);
    expect($fresh->finesNow)->toBe($fresh->finesThen)->and($fresh->airNow)->toBe($fresh->airThen)
        ->and($old->finesNow)->toBeGreaterThan($old->finesThen)->and($old->airNow)->toBeLessThan($old->airThen)
        ->and($old->verdict)->toBe('worn')
        ->and((new OldMix(pottedIn(['pumice-3-6-mm' => 1]), 0.0, [Finding::WhiteTips]))->verdict)->toBe('served');
});

test('advice keeps fungi of healthy roots, and none of sick ones', function (): void {
    expect((new Advice([Finding::Threads], 0.2, Health::Well, false))->mayKeepSoil)->toBeTrue()
        ->and((new Advice([Finding::Threads, Finding::BlackSoft], 0.2, Health::Well, false))->mayKeepSoil)->toBeFalse()
        ->and((new Advice([Finding::Threads], 0.2, Health::Sick, false))->mayKeepSoil)->toBeFalse()
        ->and((new Advice([], 0.33, Health::Well, false))->riskLevel)->toBe('low')
        ->and((new Advice([], 0.33, Health::Weak, false))->riskLevel)->toBe('middling')
        ->and((new Advice([], 0.5, Health::Sick, true))->riskLevel)->toBe('high')
        ->and((new Advice([Finding::Sludge], 0, Health::Well, false))->moreAir)->toBe(Advice::MORE_AIR);
});

test('out of turn keeps the ball whole, but not where roots rot', function (): void {
    $blown = new OutOfTurn('blown_over', Health::Well, GrowthStage::Growing, false);
    $rotting = new OutOfTurn('roots_rotting', Health::Sick, null, true);
    expect($blown->steps)->toContain('ball_whole', 'shade_mist')->not->toContain('frost_free')
        ->and($blown->leave)->toContain('no_root_cut')
        ->and($rotting->steps)->toContain('cut_rot', 'frost_free')->not->toContain('ball_whole')
        ->and($rotting->leave)->not->toContain('no_root_cut')->toContain('no_old_soil', 'no_wiring');
});

test('cut fleshy roots wait for their first water, others get it at once', function (): void {
    expect((new FirstWater(PlantGroup::BroadleafDeciduous, 0.5))->afterDays)->toBe(0)
        ->and((new FirstWater(PlantGroup::Desert, 0.1))->afterDays)->toBe(FirstWater::DAYS)
        ->and((new FirstWater(PlantGroup::Desert, 0.0))->afterDays)->toBe(0)
        ->and((new FirstWater(PlantGroup::Desert, 0.1, 3))->afterDays)->toBe(3);
});
