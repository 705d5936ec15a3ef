<?php

declare(strict_types=1);

use App\Plants\KeptSoil;
use App\Plants\Models\Plant;
use App\Plants\Standing;
use App\Plants\StandsIn;
use App\PottingDays\Actual;
use App\PottingDays\Plan;
use App\PottingDays\PlanForm;
use App\Recipes\RecipePortions;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Collection;
use Tests\Feature\Yard;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Material\MaterialReader;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Container\BallTreatment;
use Zolbek\Core\Place\Container\DrainageLayer;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Place\Site\Surface;
use Zolbek\Core\Work\Inspection\Finding;

/** As JSON carries it: whole numbers lose their point. */
function carried(JsonSerializable $kept): array
{
    return json_decode((string) json_encode($kept), true);
}

test('a plan comes back from JSON as it went in', function (): void {
    $plan = new Plan(
        [['component_id' => 4, 'litres' => 0.5]],
        ['length_cm' => 12.0, 'width_cm' => 9.5, 'height_cm' => 4.0],
        BallTreatment::Washed,
        2.0,
        -1.5,
        0.5,
        0.25,
        1.0,
        ['component_id' => 5, 'thickness_cm' => 1.0],
        ['component_id' => 6, 'cm' => 0.5],
        ['kind' => 'moss', 'component_id' => 7, 'thickness_cm' => 0.5],
        8,
        0.2,
        Surface::Moss,
        ['id' => 3, 'share' => 0.5, 'where' => 'top'],
        fixing: 'stones',
        stonesDays: 30,
        rootsCutShare: 0.4,
        crownCutShare: 0.1,
        firstWaterDays: 5,
        note: 'Mind the low branch',
    );
    expect(Plan::fromKept(carried($plan)))->toEqual($plan)
        ->and($plan->componentIds())->toBe(['layer.component_id' => 5, 'dressing.component_id' => 6, 'wall.component_id' => 7, 'hole_cover_id' => 8, 'extras.0.component_id' => 4])
        ->and((new Plan())->componentIds())->toBe([]);
});

test('a plan of before, with fewer fields, is filled up with what is usual', function (): void {
    $plan = Plan::fromKept(['treatment' => 'combed', 'bed_cm' => 2]);
    // heights were not solved then: the ball stood on its bed
    expect($plan)->toEqual(new Plan(treatment: BallTreatment::Combed, bedCm: 2.0, moundCm: 0.0, height: null))->and(Plan::fromKept([]))->toEqual(new Plan(bedCm: 1.0, moundCm: 0.0, height: null));
});

test('another plan takes the place of one, field by field', function (): void {
    $plan = new Plan();
    $other = $plan->with(['surface' => 'stone', 'ball' => null, 'note' => 'x']);
    expect($other->surface)->toBe(Surface::Stone)->and($other->note)->toBe('x')->and($other->treatment)->toBe($plan->treatment)->and($plan->surface)->toBe(Surface::Bare);
});

test('the form reads every field that a plan has, and nothing else', function (): void {
    foreach ((new Plan())->jsonSerialize() as $field => $usual) {
        $refusals = new Refusals();
        expect(PlanForm::read([$field => $usual], $refusals, 'plan'))->toHaveKey($field)->and($refusals->any())->toBeFalse();
    }
    $refusals = new Refusals();
    expect(PlanForm::read(['unheard' => 1], $refusals, 'plan'))->toBe([])->and($refusals->any())->toBeTrue();
});

test('nothing done yet, put off with a word, and done are told apart', function (): void {
    $done = new Actual(1.5, 12.0, 8.0, 0.2, 0.1, [Finding::Circling], ['what' => 'moss', 'for_plant_id' => null], 'a wire', 'went well');
    expect(carried(new Actual()))->toBe([])
        ->and(carried(new Actual(note: 'rain')))->toBe(['note' => 'rain'])
        ->and(Actual::fromKept([]))->toEqual(new Actual())
        ->and(Actual::fromKept(['note' => 'rain']))->toEqual(new Actual(note: 'rain'))
        ->and(Actual::fromKept(carried($done)))->toEqual($done)
        ->and(array_keys($done->entered()))->not->toContain('taken');
    $followed = $done->followedBy([['component_id' => 1, 'lot_id' => null, 'litres' => 0.3]], [4, 5], 6, 1.4, 0.96, 0.25);
    // litres that were noted before the tub was told apart were scooped ones
    expect($followed->scoopedL())->toEqualWithDelta(1.5 / 0.96, 1e-12)->and(Actual::fromKept(['used_l' => 1.5])->scoopedL())->toBe(1.5);
    expect(Plan::fromKept(['fertiliser' => ['id' => 3, 'share' => 0.5]])->fertiliser)->toBe(['id' => 3, 'share' => 0.5, 'where' => 'mixed']);
    expect(Actual::fromKept(carried($followed)))->toEqual($followed)->and($followed->entered())->toBe($done->entered())->and($followed->tasks)->toBe(6);
});

test('what a plant stands in keeps the values of its day', function (): void {
    $plant = Collection::plant();
    $standing = $plant->refresh()->standing;
    expect($standing)->toBeInstanceOf(StandsIn::class)->and($standing->recipeName)->toBe('Grit and bark')->and($standing->parts)->toHaveCount(2);
    $before = (new Standing())->setup($standing, PlantGroup::BroadleafDeciduous);
    Yard::component('pumice-3-6-mm')->update(['bulk_density' => 0.9]);
    $plant->pot?->update(['depth' => 20]);
    $after = (new Standing())->setup(Plant::query()->findOrFail($plant->id)->standing, PlantGroup::BroadleafDeciduous);
    expect($after->substrate->bulkDensity)->toBe($before->substrate->bulkDensity)->and($after->pot->depthCm)->toBe($before->pot->depthCm);
});

test('the same mix is packed once, however many plants stand in it', function (): void {
    $one = Collection::plant(['name' => 'One'])->refresh()->standing;
    $other = Collection::plant(['name' => 'Other'])->refresh()->standing;
    $standings = new Standing();
    $fresh = $standings->substrate(KeptSoil::stood($one));
    expect($fresh)->toBe($standings->substrate(KeptSoil::stood($other)))->and($standings->substrate(KeptSoil::stood($one, 2.0)))->not->toBe($fresh)
        ->and($standings->substrate(KeptSoil::stood($one, 2.0)))->toBe($standings->substrate(KeptSoil::stood($other, 2.1)));
});

test('what was written before there was an index or a layer opens', function (): void {
    $plant = Collection::plant();
    $old = json_decode((string) DB::table('plants')->where('id', $plant->id)->value('standing'), true);
    unset($old['compaction_index'], $old['layer']);
    DB::table('plants')->where('id', $plant->id)->update(['standing' => json_encode($old)]);
    $standing = Plant::query()->findOrFail($plant->id)->standing;
    expect($standing?->compactionIndex)->toBeNull()->and($standing?->layer)->toBeNull();
});

test('a plant that stands in nothing yet has no standing', function (): void {
    $plant = Collection::plant(['pot_id' => null, 'recipe_id' => null, 'potted_on' => null]);
    expect($plant->refresh()->standing)->toBeNull();
    $plant->standing = null;
    $plant->save();
    expect(DB::table('plants')->where('id', $plant->id)->value('standing'))->toBeNull();
});

test('a layer that is kept is read as the material it was', function (): void {
    $raw = array_column(json_decode((string) file_get_contents(base_path('database/reference/components.json')), true)['components'] ?? [], null, 'key');
    $granite = $raw === [] ? Yard::component('granite-chip-4-8-mm')->toCore() : MaterialReader::read($raw['granite-chip-4-8-mm']);
    $recipe = Collection::recipe()->load('parts.component');
    $pot = Yard::pot();
    $layer = new DrainageLayer(new Substrate(new Blend([[$granite, 1.0]])), 1.5);
    $standing = StandsIn::potted($recipe, $pot, new Setup(RecipePortions::of($recipe), $pot->toCore(), $pot->holes(), PlantGroup::BroadleafDeciduous, 0.8, 0.5, $layer), null, null, null);
    $setup = (new Standing())->setup(StandsIn::fromKept(carried($standing)), PlantGroup::BroadleafDeciduous);
    expect($setup->layer?->thicknessCm)->toBe(1.5)->and($setup->layer?->substrate->blend->components[0]->bulkDensity)->toBe($granite->bulkDensity)
        ->and($setup->headspaceCm)->toBe(0.8)->and($setup->topDressingCm)->toBe(0.5);
});
