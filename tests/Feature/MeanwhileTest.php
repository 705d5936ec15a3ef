<?php

declare(strict_types=1);

use App\Plants\Models\Plant;
use App\Pots\Models\Pot;
use App\Shelf\Models\Component;
use Tests\Feature\Collection;
use Tests\Feature\Contract;
use Tests\Feature\Yard;

// a form that was opened a while ago undoes nothing that happened since

/** @return array<string, array{callable(): array{string, int}, string, mixed, mixed, string, mixed}> address and id, a field, what somebody makes of it, what the form makes of it, another field, what the form makes of that */
function keptRecords(): array
{
    return [
        'a plant' => [static fn(): array => ['plants', Collection::plant(['name' => 'Gate pine', 'place' => 'Bench'])->id], 'place', 'Frame', 'Wall', 'note', 'Wired'],
        'a pot' => [static fn(): array => ['pots', Yard::pot('Deep', 13)->id], 'place', 'Shed', 'Loft', 'owned', 4],
        'a site' => [static fn(): array => ['sites', test()->postJson('/api/v1/sites', Yard::site())->assertCreated()->json('id')], 'alkalinity_mg_l', 80, 90, 'note', 'Windy'],
        'a species' => [static fn(): array => ['species', test()->postJson('/api/v1/species', ['name' => 'Hill maple', 'plant_group' => 'broadleaf_deciduous'])->assertCreated()->json('id')], 'leaf', 'small', 'large', 'vigour', 'slow'],
        'a component of ones own' => [static fn(): array => ['components', test()->postJson('/api/v1/components', Yard::ownComponent())->assertCreated()->json('id')], 'ph', 6.1, 6.9, 'note', 'Bay 3'],
        'a component of the library' => [static fn(): array => ['components', Yard::component('pumice-3-6-mm')->id], 'pack_l', 40, 50, 'note', 'Bay 3'],
        'a premix' => [static fn(): array => ['mixes', test()->postJson('/api/v1/mixes', ['name' => 'Starter', 'source' => 'premix', 'mix_parts' => [['component_id' => Yard::component('pumice-3-6-mm')->id, 'parts' => 1], ['component_id' => Yard::component('perlite-2-5-mm')->id, 'parts' => 1]]])->assertCreated()->json('id')], 'pack_l', 40, 50, 'note', 'Bay 3'],
        'a recipe' => [static fn(): array => ['recipes', test()->postJson('/api/v1/recipes', ['name' => 'Scree', 'plant_group' => 'desert', 'parts' => Yard::parts(['pumice-3-6-mm' => 1])])->assertCreated()->json('id')], 'note', 'South wall', 'North wall', 'tags', ['scree']],
        'a day' => [static fn(): array => ['days', test()->postJson('/api/v1/days', ['name' => 'Bench', 'planned_on' => '2026-12-01', 'tub_l' => 20, 'scoop_l' => 1])->assertCreated()->json('id')], 'tub_l', 40, 50, 'note', 'Early'],
    ];
}

test('a form from an old state changes only what was changed in it', function (callable $made, string $field, mixed $theirs, mixed $ours, string $other, mixed $note): void {
    [$address, $id] = $made();
    $shown = fn(): array => $this->getJson('/api/v1/'.($address === 'mixes' ? 'components' : $address).'/'.$id)->json();
    $now = static fn(array $shown): array => $shown['plant'] ?? $shown;
    $read = $now($address === 'sites' || $address === 'species' ? collect($this->getJson('/api/v1/'.$address)->json('data'))->firstWhere('id', $id) : $shown());
    expect($read['revision'])->toBeGreaterThanOrEqual(1);
    // somebody else changes a field meanwhile
    $after = $this->putJson("/api/v1/$address/$id", ['revision' => $read['revision'], $field => $theirs])->assertOk()->json();
    expect($after[$field])->toEqual($theirs)->and($after['revision'])->toBeGreaterThan($read['revision']);
    // the form of before changes another one: both stay
    $both = $this->putJson("/api/v1/$address/$id", ['revision' => $read['revision'], $other => $note])->assertOk()->json();
    expect($both[$field])->toEqual($theirs)->and($both[$other])->toEqual($note);
    foreach (array_diff_key($read, array_flip([$field, $other, 'revision', 'stamp', 'entries', 'mixes', 'shelf', 'totals'])) as $name => $value) {
        expect($both[$name] ?? null)->toEqual($value, $name);
    }
    // the very field: refused, with what it is now and when that was
    $refused = $this->putJson("/api/v1/$address/$id", ['revision' => $read['revision'], $field => $ours])->assertStatus(422)->assertJsonPath('errors.0.path', $field)->assertJsonPath('errors.0.rule', 'changed_meanwhile');
    expect($refused->json('errors.0.message'))->toContain(is_string($theirs) ? $theirs : (string) json_encode($theirs))->toContain(now()->format('Y-m-d H:i'));
    // to what it is already one may set it, and from the state of now everything
    $this->putJson("/api/v1/$address/$id", ['revision' => $read['revision'], $field => $theirs])->assertOk();
    $this->putJson("/api/v1/$address/$id", ['revision' => $both['revision'], $field => $ours])->assertOk()->assertJsonPath($field, $ours);
    foreach ([0, -1, 99_999, 'old', 1.5] as $bad) {
        $this->putJson("/api/v1/$address/$id", ['revision' => $bad, $other => $note])->assertStatus(422)->assertJsonPath('errors.0.path', 'revision');
    }
})->with(keptRecords());

test('an office that saves a note does not put a plant back into its old pot', function (): void {
    Component::query()->update(['stock_l' => 100]);
    $plant = Collection::plant(['name' => 'Gate pine']);
    $opened = $this->getJson("/api/v1/plants/{$plant->id}")->json('plant');
    $day = $this->postJson('/api/v1/days', ['name' => 'Bench', 'planned_on' => now()->toDateString()])->assertCreated()->json('id');
    $deep = Yard::pot('Deep', 13)->id;
    $entry = $this->postJson("/api/v1/days/$day/plants", ['plant_ids' => [$plant->id], 'pot_id' => $deep, 'plan' => ['ball' => null]])->assertCreated()->json('entries.0.id');
    $this->postJson("/api/v1/days/$day/plants/$entry/state", ['state' => 'done', 'person' => 'Mirabeth'])->assertOk();
    $saved = $this->putJson("/api/v1/plants/{$plant->id}", ['revision' => $opened['revision'], 'note' => 'Watch the graft'])->assertOk();
    Contract::check($saved, 'Plant');
    expect($saved->json('pot_id'))->toBe($deep)->and($saved->json('note'))->toBe('Watch the graft')->and(Plant::query()->findOrFail($plant->id)->potted_on?->isToday())->toBeTrue();
    // who means the pot is told what it is, since when, and by whom
    $other = Pot::query()->where('id', '!=', $deep)->value('id');
    $refused = $this->putJson("/api/v1/plants/{$plant->id}", ['revision' => $opened['revision'], 'pot_id' => $other])->assertStatus(422)->assertJsonPath('errors.0.path', 'pot_id')->assertJsonPath('errors.0.rule', 'changed_meanwhile_by');
    expect($refused->json('errors.0.message'))->toContain('Mirabeth')->toContain('"Deep"');
});

test('a form that was opened before stock was used does not put it back', function (): void {
    $pumice = Yard::component('pumice-3-6-mm');
    $this->putJson("/api/v1/components/{$pumice->id}", ['stock_l' => 50])->assertOk();
    $opened = $this->getJson("/api/v1/components/{$pumice->id}")->json();
    $this->postJson("/api/v1/components/{$pumice->id}/movements", ['kind' => 'used', 'litres' => 8])->assertCreated();
    $this->putJson("/api/v1/components/{$pumice->id}", ['revision' => $opened['revision'], 'pack_price' => 9, 'pack_l' => 20])->assertOk()->assertJsonPath('stock_l', 42);
    $this->putJson("/api/v1/components/{$pumice->id}", ['revision' => $opened['revision'], 'stock_l' => 50])->assertStatus(422)->assertJsonPath('errors.0.path', 'stock_l');
});

test('parts that somebody changed are parts that were changed', function (): void {
    $parts = fn(array $each): array => Yard::parts($each);
    $recipe = $this->postJson('/api/v1/recipes', ['name' => 'Scree', 'plant_group' => 'desert', 'parts' => $parts(['pumice-3-6-mm' => 1])])->assertCreated()->json();
    $this->putJson('/api/v1/recipes/'.$recipe['id'], ['revision' => $recipe['revision'], 'parts' => $parts(['pumice-3-6-mm' => 2, 'perlite-2-5-mm' => 1]), 'reason' => 'Lighter'])->assertOk()->assertJsonPath('version', 2);
    $this->putJson('/api/v1/recipes/'.$recipe['id'], ['revision' => $recipe['revision'], 'parts' => $parts(['lava-scoria-3-6-mm' => 1]), 'reason' => 'Heavier'])->assertStatus(422)->assertJsonPath('errors.0.path', 'parts');
    $this->putJson('/api/v1/recipes/'.$recipe['id'], ['revision' => $recipe['revision'], 'note' => 'Mine'])->assertOk()->assertJsonPath('version', 2)->assertJsonCount(2, 'parts')->assertJsonPath('note', 'Mine');
});
