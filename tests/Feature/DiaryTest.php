<?php

declare(strict_types=1);

use App\Plants\Actions\MeasureGrowth;
use App\Plants\Models\MoistureCheck;
use App\Plants\Models\PlantEvent;
use App\Shelf\Models\Component;
use App\Shelf\Models\StockMovement;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Collection;
use Tests\Feature\Contract;

/** @return list<array<string, mixed>> */
function diary(string $query = ''): array
{
    $answer = test()->getJson('/api/v1/diary'.$query)->assertOk();
    Contract::check($answer, 'DiaryPage');

    return $answer->json('data');
}

function pumice(): Component
{
    return Component::query()->where('key', 'pumice-3-6-mm')->firstOrFail();
}

beforeEach(function (): void {
    $this->plant = Collection::plant(['name' => 'Gate pine', 'number' => 'T-001', 'place' => 'Ridge bench']);
    PlantEvent::query()->create(['plant_id' => $this->plant->id, 'kind' => 'potted', 'happened_on' => '2026-03-04', 'person' => 'Orsolt', 'text' => 'roots were fine', 'data' => []]);
    MoistureCheck::query()->create(['plant_id' => $this->plant->id, 'checked_at' => '2026-03-06 07:30:00', 'method' => 'stick', 'verdict' => 'water', 'person' => 'Mirabeth']);
    StockMovement::query()->create(['component_id' => pumice()->id, 'kind' => 'delivery', 'litres' => 40, 'stock_after_l' => 40, 'moved_at' => '2026-03-05 10:00:00', 'note' => 'wet sacks']);
    StockMovement::query()->create(['component_id' => pumice()->id, 'kind' => 'used', 'litres' => -4, 'stock_after_l' => 36, 'moved_at' => '2026-03-05 11:00:00']);
    DB::table('batches')->insert(['name' => 'Spring trays', 'pot_name' => 'Tray', 'pots' => 4, 'loose_l' => 12.5, 'inputs' => '{}', 'result' => '{}', 'made_at' => '2026-03-03 09:00:00', 'mixed_at' => '2026-03-05 12:15:00', 'mixed_by' => 'Orsolt']);
    DB::table('bench_tests')->insert(['kind' => 'run_through', 'status' => 'finished', 'component_id' => pumice()->id, 'name' => 'Pumice 3-6 mm', 'readings' => '{}', 'overrides' => '{}', 'started_at' => '2026-03-01 08:00:00', 'finished_at' => '2026-03-01 09:00:00']);
});

test('what was done stands newest first, whatever kept it', function (): void {
    expect(array_map(static fn(array $line): array => [$line['on'], $line['time'], $line['kind'], $line['sub'], $line['name']], diary()))->toBe([
        ['2026-03-06', '07:30', 'check', 'water', 'Gate pine'],
        ['2026-03-05', '12:15', 'mixed', '', 'Spring trays'],
        ['2026-03-05', '10:00', 'stock', 'delivery', 'Pumice 3-6 mm'],
        ['2026-03-04', null, 'plant', 'potted', 'Gate pine'],
        ['2026-03-03', '09:00', 'batch', '', 'Spring trays'],
        ['2026-03-01', '09:00', 'test', 'run_through', 'Pumice 3-6 mm'],
    ]);
});

test('it is narrowed by kind, person, place, days and text', function (string $query, array $kinds): void {
    expect(array_column(diary($query), 'kind'))->toBe($kinds);
})->with([
    ['?kind=plant', ['plant']], ['?person=Orsolt', ['mixed', 'plant']], ['?place=Ridge+bench', ['check', 'plant']], ['?from=2026-03-05', ['check', 'mixed', 'stock']], ['?to=2026-03-03', ['batch', 'test']],
    ['?from=2026-03-04&to=2026-03-05', ['mixed', 'stock', 'plant']], ['?search=fine', ['plant']], ['?search=T-001', ['check', 'plant']], ['?search=wet', ['stock']], ['?search=%25', []], ['?search=12', []], ['?place=3', []], ['?person=12', []],
]);

test('it is narrowed by plant and by mix', function (): void {
    $other = Collection::plant(['name' => 'Other', 'number' => 'T-002']);
    $recipe = $this->plant->refresh()->standing?->recipeId;
    PlantEvent::query()->create(['plant_id' => $other->id, 'kind' => 'potted', 'happened_on' => '2026-03-07', 'text' => '', 'data' => ['standing' => $other->refresh()->standing]]);
    app(MeasureGrowth::class)($other, ['on' => '2026-03-02', 'trunk_mm' => 31]);
    DB::table('batches')->update(['recipe_id' => $recipe]);
    expect(array_column(diary('?plant_id='.$this->plant->id), 'kind'))->toBe(['check', 'plant'])->and(array_column(diary('?plant_id='.$other->id), 'kind'))->toBe(['plant', 'growth'])
        ->and(array_column(diary('?recipe_id='.$recipe), 'kind'))->toBe(['plant', 'mixed', 'batch'])->and(diary('?recipe_id=999'))->toBe([]);
    $this->getJson('/api/v1/diary?plant_id=x')->assertUnprocessable()->assertJsonPath('errors.0.path', 'plant_id');
});

test('pages go on where the last one ended, and nothing is told twice', function (): void {
    $all = diary();
    $paged = [...diary('?per_page=2'), ...diary('?per_page=2&page=2'), ...diary('?per_page=2&page=3')];
    expect($paged)->toBe($all)->and(diary('?per_page=2&page=4'))->toBe([]);
    $this->getJson('/api/v1/diary?kind=plant')->assertJsonPath('total', 1);
});

test('what cannot be asked is refused at its name', function (string $query, string $path): void {
    $this->getJson('/api/v1/diary'.$query)->assertUnprocessable()->assertJsonPath('errors.0.path', $path);
})->with([
    ['?kind=tea', 'kind'], ['?kind[]=plant', 'kind'], ['?from=soon', 'from'], ['?to=2026-13-01', 'to'], ['?page=0', 'page'], ['?per_page=201', 'per_page'], ['?search[]=a', 'search'], ['?person[]=a', 'person'], ['?nobody=1', 'nobody'],
]);

test('it asks as many questions of a long history as of a short one', function (): void {
    DB::enableQueryLog();
    $count = static function (): int {
        DB::flushQueryLog();
        diary();

        return count(DB::getQueryLog());
    };
    $few = $count();
    PlantEvent::query()->insert(array_fill(0, 300, ['plant_id' => $this->plant->id, 'kind' => 'note', 'happened_on' => '2026-02-01', 'data' => '[]']));
    expect($count())->toBe($few);
});
