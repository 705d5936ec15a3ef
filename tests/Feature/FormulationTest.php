<?php

declare(strict_types=1);

use App\Recipes\Models\Recipe;
use Tests\Feature\Contract;
use Tests\Feature\Yard;

test('every view is answered as the contract says', function (string $view, string $schema): void {
    Yard::pot('Deep', 16);
    $this->postJson('/api/v1/recipes', ['name' => 'Even', 'plant_group' => 'desert', 'parts' => Yard::parts(['pumice-3-6-mm' => 1, 'sphagnum-peat' => 1])]);
    $response = $this->postJson('/api/v1/views/'.$view, Yard::question(['situation' => Yard::situation(), 'contents' => Yard::contents()]))->assertOk();
    Contract::check($response, $schema);
})->with([['ageing', 'AgeingView'], ['depths', 'DepthView'], ['compaction', 'CompactionView'], ['curve', 'CurveView'], ['trade', 'TradeView']]);

test('a view says nothing else than the evaluation', function (): void {
    $question = Yard::question(['situation' => Yard::situation()]);
    $evaluation = $this->postJson('/api/v1/evaluate', $question)->json();
    $years = array_column($evaluation['verdicts'], 'value', 'criterion')['years'];
    $ageing = $this->postJson('/api/v1/views/ageing', $question)->json();
    expect($ageing['course'][0]['air'])->toBeNear($evaluation['pot']['air'], 1e-12)
        ->and($ageing['fails_after'] ?? 8)->toEqual($years);
    $compaction = $this->postJson('/api/v1/views/compaction', $question)->json();
    $firm = $this->postJson('/api/v1/evaluate', [...$question, 'compaction_index' => 6.7])->json('pot.air');
    expect($compaction['course'][6]['air'])->toBeNear($firm, 1e-12)->and($compaction['now'])->toBe($compaction['settled'])->and($compaction['settled'])->toBeNear(5.5, 1e-12);
    $here = $this->postJson('/api/v1/views/depths', $question)->json('pots.0');
    expect($here['air'])->toBeNear($evaluation['pot']['air'], 1e-12)->and($here['interval_h'])->toBeNear($evaluation['water']['interval_h'], 1e-12);
    $this->postJson('/api/v1/recipes', ['name' => 'Same', 'plant_group' => 'desert', 'parts' => $question['parts']]);
    $points = array_column($this->postJson('/api/v1/views/trade', $question)->json('points'), null, 'kind');
    expect($points['this']['figures'])->toEqual($points['recipe']['figures'])
        ->and($points['this']['figures']['wet_kg'])->toBeNear($evaluation['pot']['wet_kg'], 1e-12);
});

test('the corners of a triangle are their components alone', function (string $figure): void {
    $corners = ['pumice-3-6-mm', 'sphagnum-peat', 'perlite-2-5-mm'];
    $ids = array_map(static fn(string $key): int => Yard::component($key)->id, $corners);
    $response = $this->postJson('/api/v1/views/triangle', Yard::question(['situation' => Yard::situation(), 'corners' => $ids, 'figure' => $figure, 'steps' => 4]))->assertOk();
    Contract::check($response, 'TriangleView');
    expect($response->json('points'))->toHaveCount(15);
    foreach ($response->json('points') as $point) {
        expect(array_sum($point['parts']))->toBeNear(1.0, 1e-12);
        $corner = array_search(1.0, array_map(floatval(...), $point['parts']), true);
        if ($corner !== false && $figure === 'air') {
            $alone = $this->postJson('/api/v1/evaluate', Yard::question(['parts' => Yard::parts([$corners[$corner] => 1])]))->json('pot.air');
            expect($point['value'])->toBeNear($alone, 1e-9);
        }
    }
})->with(['air', 'years', 'interval_h', 'cost']);

test('a triangle needs three different corners', function (mixed $corners): void {
    $this->postJson('/api/v1/views/triangle', Yard::question(['corners' => $corners]))->assertStatus(422)->assertJsonPath('errors.0.path', 'corners');
})->with([[null], [[]], [[1, 1, 2]], [[1, 2]], ['words']]);

test('words become rows of the shelf', function (): void {
    Yard::component('composted-bark-fine-2-8-mm')->fill(['stock_l' => 10])->save();
    $response = $this->postJson('/api/v1/writing/read', ['text' => '5:3:2 pumice, lava, bark'])->assertOk();
    Contract::check($response, 'WrittenMix');
    expect(array_column($response->json('rows'), 'amount', 'name'))->toEqual(['Pumice 3-6 mm' => 5, 'Lava (scoria) 3-6 mm' => 3, 'Composted bark fine 2-8 mm' => 2]);
    $this->postJson('/api/v1/writing/read', ['text' => '2 moondust'])->assertStatus(422)->assertJsonPath('errors.0.message', 'Nothing in the bins is called "moondust".');
});

test('a premix taken apart is the same mix', function (): void {
    $premix = $this->postJson('/api/v1/mixes', ['name' => 'Starter', 'source' => 'premix', 'colour' => '#aabbcc', 'mix_parts' => Yard::parts(['composted-bark-fine-2-8-mm' => 3, 'sharp-sand-0-25-2-mm' => 1, 'perlite-2-5-mm' => 2])])->json();
    $rest = Yard::parts(['pumice-3-6-mm' => 2]);
    $expanded = $this->postJson('/api/v1/writing/expand', ['component_id' => $premix['id'], 'amount' => 3])->assertOk();
    Contract::check($expanded, 'ExpandedMix');
    $whole = $this->postJson('/api/v1/evaluate', Yard::question(['parts' => [...$rest, ['component_id' => $premix['id'], 'parts' => 3]]]))->json('mix');
    $apart = $this->postJson('/api/v1/evaluate', Yard::question(['parts' => [...$rest, ...array_map(static fn(array $row): array => ['component_id' => $row['component_id'], 'parts' => $row['amount']], $expanded->json('rows'))]]))->json('mix');
    foreach (['packing_density', 'saturated_water', 'bulk_density', 'd50_mm'] as $figure) {
        expect($apart[$figure])->toBeNear($whole[$figure], 1e-9);
    }
    $this->postJson('/api/v1/writing/expand', ['component_id' => Yard::component('perlite-2-5-mm')->id, 'amount' => 1])->assertStatus(422);
});

test('a half-empty tub is topped up, foreign leftovers told', function (): void {
    $id = static fn(string $key): int => Yard::component($key)->id;
    $response = $this->postJson('/api/v1/writing/top-up', [
        'parts' => Yard::parts(['pumice-3-6-mm' => 1, 'lava-scoria-3-6-mm' => 1, 'composted-bark-fine-2-8-mm' => 1]),
        'there' => [['component_id' => $id('pumice-3-6-mm'), 'litres' => 6], ['component_id' => $id('lava-scoria-3-6-mm'), 'litres' => 4, 'removed_share' => 0.5], ['component_id' => $id('coir-pith'), 'litres' => 2]],
    ])->assertOk();
    Contract::check($response, 'TopUp');
    expect(array_column($response->json('add'), 'litres', 'name'))->toEqual(['Pumice 3-6 mm' => 0, 'Lava (scoria) 3-6 mm' => 4, 'Composted bark fine 2-8 mm' => 6])
        ->and($response->json('total_l'))->toEqual(20)
        ->and($response->json('foreign.0.share'))->toBeNear(0.1, 1e-12);
});

/** A premix of these parts on the shelf. */
function premixOf(string $name, array $parts, float $stock): int
{
    return test()->postJson('/api/v1/mixes', ['name' => $name, 'source' => 'premix', 'stock_l' => $stock, 'mix_parts' => Yard::parts($parts)])->assertCreated()->json('id');
}

test('what is left of the same recipe is offered for the tub, and counts as the recipe', function (): void {
    $recipe = ['pumice-3-6-mm' => 2, 'sharp-sand-0-25-2-mm' => 1];
    $bin = premixOf('Left over', ['pumice-3-6-mm' => 4, 'sharp-sand-0-25-2-mm' => 2], 5);
    premixOf('Another', ['pumice-3-6-mm' => 1, 'sharp-sand-0-25-2-mm' => 1], 5);
    $empty = premixOf('All gone', $recipe, 0);
    $ask = fn(array $there) => $this->postJson('/api/v1/writing/top-up', ['parts' => Yard::parts($recipe), 'there' => $there, 'wanted_l' => 12])->assertOk();
    $before = $ask([]);
    Contract::check($before, 'TopUp');
    expect($before->json('left'))->toEqual([['component_id' => $bin, 'name' => 'Left over', 'litres' => 5]])->and(array_column($before->json('left'), 'component_id'))->not->toContain($empty);
    // 5 L poured hold more than 5 L scooped, in the ratio of the recipe
    $after = $ask([['component_id' => $bin, 'litres' => 5]]);
    $add = array_column($after->json('add'), 'litres');
    expect($after->json('apart'))->toEqual([['component_id' => $bin, 'name' => 'Left over', 'same' => true]])->and($after->json('left'))->toBe([])->and($after->json('foreign'))->toBe([])
        ->and($add[0] / $add[1])->toBeNear(2.0, 1e-9)->and(12 - array_sum($add))->toBeGreaterThan(5.2)->and(12 - array_sum($add))->toBeLessThan(7.0);
});

test('a premix in the tub is taken apart down to what the recipe names, a reclaimed one to what is still there of it', function (): void {
    $inner = premixOf('Inner', ['composted-bark-fine-2-8-mm' => 1, 'coir-pith' => 1], 20);
    $outer = $this->postJson('/api/v1/mixes', ['name' => 'Outer', 'source' => 'premix', 'stock_l' => 20, 'mix_parts' => [...Yard::parts(['pumice-3-6-mm' => 3]), ['component_id' => $inner, 'parts' => 1]]])->assertCreated()->json('id');
    $ask = fn(array $parts, int $there) => $this->postJson('/api/v1/writing/top-up', ['parts' => $parts, 'there' => [['component_id' => $there, 'litres' => 8]]])->assertOk();
    // the recipe names the inner one: it stays as it is
    $named = $ask([...Yard::parts(['pumice-3-6-mm' => 1]), ['component_id' => $inner, 'parts' => 1]], $outer);
    expect($named->json('foreign'))->toBe([])->and($named->json('add.0.litres'))->toEqual(0)->and($named->json('add.1.litres'))->toBeNear($named->json('recipe_l') / 3, 1e-9);
    $plain = $ask(Yard::parts(['pumice-3-6-mm' => 3, 'composted-bark-fine-2-8-mm' => 1]), $outer);
    expect(array_column($plain->json('foreign'), 'name'))->toBe(['Coir pith'])->and($plain->json('apart.0.same'))->toBeFalse();
    $old = $this->postJson('/api/v1/mixes', ['name' => 'Old one', 'source' => 'reclaimed', 'reclaimed_years' => 4, 'stock_l' => 20, 'mix_parts' => Yard::parts(['pumice-3-6-mm' => 1, 'composted-bark-fine-2-8-mm' => 1])])->assertCreated()->json('id');
    $worn = $ask(Yard::parts(['pumice-3-6-mm' => 1, 'composted-bark-fine-2-8-mm' => 1]), $old);
    // bark has rotted, pumice has not
    expect($worn->json('foreign'))->toBe([])->and($worn->json('add.0.litres'))->toEqual(0)->and($worn->json('add.1.litres'))->toBeGreaterThan(0.3);
});

test('this is what I threw in, what have I now?', function (): void {
    $ids = array_column(Yard::parts(['pumice-3-6-mm' => 1, 'sharp-sand-0-25-2-mm' => 1, 'composted-bark-fine-2-8-mm' => 1]), 'component_id');
    $recipe = fn(string $name, array $parts): int => $this->postJson('/api/v1/recipes', ['name' => $name, 'plant_group' => 'desert', 'parts' => Yard::parts($parts)])->assertCreated()->json('id');
    $near = $recipe('Grit and sand', ['pumice-3-6-mm' => 2, 'sharp-sand-0-25-2-mm' => 1]);
    $recipe('Bark', ['composted-bark-fine-2-8-mm' => 1]);
    $ask = fn(array $litres) => $this->postJson('/api/v1/writing/thrown-in', ['there' => array_map(static fn(int $id, array $row): array => ['component_id' => $id, 'litres' => $row[0], 'removed_share' => $row[1] ?? 0], array_slice($ids, 0, count($litres)), $litres)]);
    $told = $ask([[8.1], [5, 0.2]])->assertOk();
    Contract::check($told, 'ThrownIn');
    expect($told->json('scooped_l'))->toBeNear(12.1, 1e-9)->and($told->json('poured_l'))->toBeLessThan(11.5)
        ->and(array_column($told->json('inside'), 'parts'))->toBe([2, 1])->and($told->json('inside.0.share'))->toBeNear(8.1 / 12.1, 1e-12)
        ->and(array_column($told->json('rows'), 'amount'))->toEqual([8.1, 4])
        ->and($told->json('recipe'))->toMatchArray(['id' => $near, 'name' => 'Grit and sand', 'same' => true])
        ->and($told->json('mass_kg'))->toBeNear(8.1 * Yard::component('pumice-3-6-mm')->bulk_density + 4 * Yard::component('sharp-sand-0-25-2-mm')->bulk_density, 1e-9);
    $other = $ask([[6], [3], [3]])->assertOk();
    expect($other->json('recipe.same'))->toBeFalse()->and($other->json('recipe.other_share'))->toBeNear(0.25, 1e-9);
    $ask([[0], [0]])->assertStatus(422)->assertJsonPath('errors.0.rule', 'tub_empty');
    $ask([[-1]])->assertStatus(422)->assertJsonPath('errors.0.path', 'there.0.litres');
    $this->postJson('/api/v1/writing/thrown-in', ['there' => 'all'])->assertStatus(422)->assertJsonPath('errors.0.path', 'there');
});

test('a base with extras fills every pot', function (): void {
    $response = $this->postJson('/api/v1/writing/extras', [...Yard::question(['situation' => Yard::situation()]), 'plain_pots' => 4, 'extras' => [['label' => 'Junipers', 'pots' => 3, 'component_id' => Yard::component('charcoal-3-8-mm')->id, 'handfuls' => 2]]])->assertOk();
    Contract::check($response, 'ExtrasPlan');
    expect($response->json('variants.0.litres'))->toBeNear(0.3, 1e-12)
        ->and($response->json('base_l'))->toBeNear(1.08 * (4 * $response->json('base_per_pot_l') + 3 * $response->json('variants.0.base_l')), 1e-9);
});

test('mixes side by side: what matters is said first', function (): void {
    $item = static fn(string $label, array $parts): array => ['label' => $label, 'question' => Yard::question(['parts' => Yard::parts($parts), 'situation' => Yard::situation()])];
    $response = $this->postJson('/api/v1/compare', ['items' => [$item('Lean', ['lava-scoria-3-6-mm' => 1]), $item('Rich', ['sphagnum-peat' => 2, 'pumice-3-6-mm' => 1]), $item('Lean again', ['lava-scoria-3-6-mm' => 2])]])->assertOk();
    Contract::check($response, 'Comparison');
    $weights = array_column($response->json('differences'), 'weight');
    $sorted = $weights;
    rsort($sorted);
    expect($weights)->toBe($sorted)->and($weights)->not->toBeEmpty()
        ->and(array_unique(array_column($response->json('differences'), 'item')))->toBe([1])
        ->and($response->json('same_pot'))->toBeTrue()
        ->and($response->json('same_mix'))->toBeFalse()
        ->and($response->json('items.0.site_name'))->not->toBeNull()->and($response->json('items.0.habit_h'))->toBeGreaterThan(0);
    // the best of a line is the lighter, the one whose water lasts, the one that lies nearer to its band; alike ones have no mark
    $figures = array_column($response->json('items'), 'figures');
    $marks = $response->json('marks');
    expect($marks['wet_kg']['best'])->toBe(array_search(min(array_column($figures, 'wet_kg')), array_column($figures, 'wet_kg'), true))
        ->and($marks['interval_h']['best'])->toBe(1)->and($marks['drought']['best'])->toBe(1)->and($marks)->not->toHaveKey('water_l');
    $same = $this->postJson('/api/v1/compare', ['items' => [$item('Lean', ['lava-scoria-3-6-mm' => 1]), $item('Lean again', ['lava-scoria-3-6-mm' => 2])]])->assertOk();
    expect($same->json('marks'))->toBe([]);
    $this->postJson('/api/v1/compare', ['items' => array_fill(0, 12, $item('Lean', ['lava-scoria-3-6-mm' => 1]))])->assertOk();
    $this->postJson('/api/v1/compare', ['items' => array_fill(0, 13, $item('Lean', ['lava-scoria-3-6-mm' => 1]))])->assertUnprocessable();
    $this->postJson('/api/v1/compare', ['items' => [$item('Lean', ['lava-scoria-3-6-mm' => 1])]])->assertStatus(422)->assertJsonPath('errors.0.path', 'items');
    $this->postJson('/api/v1/compare', ['items' => [$item('Lean', ['lava-scoria-3-6-mm' => 1]), $item('Bad', ['lava-scoria-3-6-mm' => -1])]])->assertStatus(422)->assertJsonPath('errors.0.path', 'items.1.question.parts.0.parts');
});

test('a recipe keeps every version with its reason, and a batch knows its own', function (): void {
    $recipe = ['name' => 'Even', 'plant_group' => 'desert', 'parts' => Yard::parts(['pumice-3-6-mm' => 1, 'sphagnum-peat' => 1])];
    $id = $this->postJson('/api/v1/recipes', [...$recipe, 'tags' => ['dry', ' dry ', 'bench']])->assertCreated()->assertJsonPath('tags', ['dry', 'bench'])->assertJsonPath('version', 1)->json('id');
    $mixed = fn(array $parts) => $this->postJson('/api/v1/batches', [...Yard::question(['parts' => Yard::parts($parts)]), 'name' => 'First', 'recipe_id' => $id, 'order' => ['pots' => 2, 'tub_l' => 20, 'scoop_l' => 1]])->assertCreated();
    $mixed(['pumice-3-6-mm' => 2, 'sphagnum-peat' => 1])->assertJsonPath('recipe_version', null);
    // in per cent it is the same mix
    $batch = $mixed(['pumice-3-6-mm' => 50, 'sphagnum-peat' => 50])->assertJsonPath('recipe_version', 1);
    // a note alone is no new version
    $this->putJson("/api/v1/recipes/$id", [...$recipe, 'note' => 'Keep dry'])->assertOk()->assertJsonPath('version', 1)->assertJsonPath('tags', ['dry', 'bench']);
    // nor is the same mix in per cent: it stays as it was written
    $this->putJson("/api/v1/recipes/$id", [...$recipe, 'parts' => Yard::parts(['pumice-3-6-mm' => 50, 'sphagnum-peat' => 50])])->assertOk()->assertJsonPath('version', 1)->assertJsonPath('parts.0.parts', 1);
    $changed = [...$recipe, 'parts' => Yard::parts(['pumice-3-6-mm' => 3, 'perlite-2-5-mm' => 1])];
    $this->putJson("/api/v1/recipes/$id", $changed)->assertStatus(422)->assertJsonPath('errors.0.path', 'reason');
    $this->putJson("/api/v1/recipes/$id", [...$changed, 'reason' => 'Peat sank'])->assertOk()->assertJsonPath('version', 2);
    Yard::component('pumice-3-6-mm')->fill(['name' => 'Other name'])->save();
    $versions = $this->getJson("/api/v1/recipes/$id/versions")->assertOk();
    Contract::check($versions, 'RecipeVersionList');
    expect(array_column($versions->json('data'), 'number'))->toBe([2, 1])
        ->and($versions->json('data.0.reason'))->toBe('Peat sank')
        ->and(array_map(static fn(array $change): array => [$change['name'], $change['from'], $change['to']], $versions->json('data.0.changes')))->toEqual([['Pumice 3-6 mm', 1, 3], ['Sphagnum peat', 1, null], ['Perlite 2-5 mm', null, 1]])
        ->and($versions->json('data.1.parts.0.name'))->toBe('Pumice 3-6 mm');
    $this->getJson('/api/v1/batches/'.$batch->json('id'))->assertJsonPath('recipe_version', 1);
    $this->getJson('/api/v1/recipes?tag=bench')->assertJsonPath('total', 1);
    $this->getJson('/api/v1/recipes?tag=ben')->assertJsonPath('total', 0);
});

test('a recipe goes out as a file and comes in again the same', function (): void {
    $id = $this->postJson('/api/v1/recipes', ['name' => 'Even', 'plant_group' => 'desert', 'tags' => ['dry'], 'note' => 'n', 'parts' => [...Yard::parts(['pumice-3-6-mm' => 1.5]), ...Yard::parts(['sphagnum-peat' => 1])]])->json('id');
    $this->putJson("/api/v1/recipes/$id", ['name' => 'Even', 'plant_group' => 'desert', 'reason' => 'Rinse it', 'parts' => [[...Yard::parts(['pumice-3-6-mm' => 1.5])[0], 'preparation' => ['rinse_mm' => 1]], [...Yard::parts(['sphagnum-peat' => 1])[0], 'preparation' => ['limed_to_ph' => 5.8]]]])->assertOk();
    $file = $this->get("/api/v1/recipe-files/$id")->assertOk()->getContent();
    $again = fn(string $text) => $this->call('POST', '/api/v1/recipe-files', [], [], [], ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], $text);
    $again($file)->assertStatus(422)->assertJsonPath('errors.0.path', 'recipe.name');
    Recipe::query()->whereKey($id)->delete();
    $taken = $again($file)->assertCreated()->assertJsonPath('version', 2)->json('id');
    expect($this->get("/api/v1/recipe-files/$taken")->getContent())->toBe($file);
    Recipe::query()->whereKey($taken)->delete();
    foreach ([
        'recipe.parts.0.key' => static fn(array $file): array => array_replace_recursive($file, ['recipe' => ['parts' => [['key' => 'elsewhere']]], 'versions' => [1 => ['parts' => [['key' => 'elsewhere']]]]]),
        'versions' => static fn(array $file): array => array_replace_recursive($file, ['versions' => [['number' => 7]]]),
        'recipe.plant_group' => static fn(array $file): array => array_replace_recursive($file, ['recipe' => ['plant_group' => 'roses']]),
        'file' => static fn(array $file): array => [...$file, 'format' => 'something'],
    ] as $path => $spoil) {
        $response = $again((string) json_encode($spoil(json_decode($file, true))))->assertStatus(422);
        expect(array_column($response->json('errors'), 'path'))->toContain($path);
    }
    expect(Recipe::query()->count())->toBe(0);
});

test('a batch fills what the root ball and the zones set in Blend leave free', function (): void {
    $order = ['order' => ['pots' => 4, 'tub_l' => 20, 'scoop_l' => 1, 'spare' => 0]];
    $question = Yard::question(['contents' => Yard::contents()]);
    $free = $this->postJson('/api/v1/evaluate', $question)->json('contents');
    $plan = $this->postJson('/api/v1/batches/plan', [...$question, ...$order])->assertOk();
    expect($plan->json('net_per_pot_l'))->toBeNear($free['new_mix_l'], 1e-12)
        ->and($plan->json('loose_l'))->toBeNear(4 * $free['new_mix_loose_l'], 1e-9);
    $batch = $this->postJson('/api/v1/batches', [...$question, ...$order, 'name' => 'With balls'])->assertCreated();
    Contract::check($batch, 'Batch');
    expect($batch->json('inputs.contents.objects_l'))->toEqual(0.1);
});
