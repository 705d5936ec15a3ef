<?php

declare(strict_types=1);

use App\Plants\Models\Plant;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Collection;
use Tests\Feature\Contract;
use Tests\Feature\Yard;

beforeEach(function (): void {
    $this->recipe = Collection::recipe();
    $this->uses = fn(): array => $this->getJson("/api/v1/recipes/{$this->recipe->id}/uses")->assertOk()->json('data');
});

test('plants alike in one pot stand together, most plants first', function (): void {
    expect(($this->uses)())->toBe([]);
    Collection::plant(['name' => 'Lone one', 'exposure' => 'shade', 'canopy_cm' => null]);
    Collection::plant(['name' => 'Tray', 'count' => 30, 'canopy_cm' => 20]);
    Collection::plant(['name' => 'Tall', 'canopy_cm' => 40]);
    Contract::check($this->getJson("/api/v1/recipes/{$this->recipe->id}/uses"), 'RecipeUseList');
    $uses = ($this->uses)();
    expect(array_column($uses, 'count'))->toBe([31, 1])->and($uses[0]['names'])->toBe(['Tray', 'Tall'])->and($uses[0]['canopy_cm'])->toEqual(30)
        ->and($uses[0]['species'])->toBe('Hornbeam')->and($uses[0]['planned'])->toBeFalse()
        ->and($uses[1]['names'])->toBe(['Lone one'])->and($uses[1]['exposure'])->toBe('shade')->and($uses[1]['canopy_cm'])->toBeNull();
});

test('what is planned counts until its day is over, and whoever stands in it already counts once', function (): void {
    $other = Collection::recipe('Other', ['pumice-3-6-mm' => 1]);
    $stands = Collection::plant(['name' => 'Stands in it']);
    $comes = Collection::plant(['name' => 'Comes to it', 'recipe_id' => $other->id, 'exposure' => 'shade']);
    $day = $this->postJson('/api/v1/days', ['name' => 'Spring', 'planned_on' => now()->addDay()->toDateString()])->assertCreated()->json('id');
    foreach ([$stands, $comes] as $plant) {
        $this->postJson("/api/v1/days/$day/plants", ['plant_ids' => [$plant->id], 'recipe_id' => $this->recipe->id, 'pot_id' => $plant->pot_id])->assertSuccessful();
    }
    $found = array_column(($this->uses)(), null, 'planned');
    expect($found[0]['names'])->toBe(['Stands in it'])->and($found[0]['count'])->toBe(1)->and($found[1]['names'])->toBe(['Comes to it']);
    DB::table('potting_days')->where('id', $day)->update(['status' => 'finished']);
    expect(array_column(($this->uses)(), 'names'))->toBe([['Stands in it']]);
});

test('who left or has no pot is no use, and a recipe that is not there is told', function (): void {
    Collection::plant(['name' => 'Gone'])->setArchived(true);
    Plant::query()->whereKey(Collection::plant(['name' => 'Bare'])->id)->update(['pot_id' => null]);
    expect(($this->uses)())->toBe([]);
    $this->getJson('/api/v1/recipes/9999/uses')->assertNotFound();
});

test('what many stand in is asked in as many questions as what one stands in', function (): void {
    $asked = function (): int {
        DB::enableQueryLog();
        DB::flushQueryLog();
        ($this->uses)();

        return count(DB::getQueryLog());
    };
    Collection::plant(['name' => 'First']);
    $few = $asked();
    foreach (range(1, 20) as $i) {
        Collection::plant(['name' => "More $i", 'purpose' => $i % 2 === 0 ? 'refine' : 'grow_on', 'site_id' => Yard::siteId()]);
    }
    expect($asked())->toBe($few);
});
