<?php

declare(strict_types=1);

use App\Plants\Models\Plant;
use App\Pots\Models\Pot;
use App\Search\SearchSlot;
use App\Shelf\Models\Component;
use Illuminate\Testing\TestResponse;
use Tests\Feature\Collection;
use Tests\Feature\Contract;
use Tests\Feature\Yard;

/**
 * @param array<string, mixed> $find
 * @param array<string, mixed> $more
 *
 * @return array<string, mixed>
 */
function wanted(array $find = [], array $more = []): array
{
    return [...array_diff_key(Yard::question(['situation' => ['purpose' => 'grow_on', 'site_id' => Yard::siteId()]]), ['parts' => 0]), 'find' => ['scoops' => 4, 'most_components' => 3, ...$find], ...$more];
}

/** @param array<string, float> $stock litres by key */
function stocked(array $stock): void
{
    Component::query()->update(['stock_l' => 0]);
    foreach ($stock as $key => $litres) {
        Component::query()->where('key', $key)->update(['stock_l' => $litres, 'pack_l' => 20, 'pack_price' => 8]);
    }
}

/** @return list<array<string, mixed>> the lines of an answer, each held against the contract */
function linesOf(TestResponse $response, string $schema = 'SearchLine'): array
{
    $lines = array_values(array_filter(explode("\n", $response->assertOk()->streamedContent())));
    foreach ($lines as $line) {
        Contract::holds($line, $schema);
    }

    return array_map(static fn(string $line): array => json_decode($line, true), $lines);
}

/**
 * @param array<string, mixed>       $recipe
 * @param list<array<string, mixed>> $lines
 *
 * @return array<string, int> parts by name
 */
function partsNamed(array $recipe, array $lines): array
{
    return array_column(array_map(static fn(array $part): array => [$lines[0]['shelf'][$part['place']]['name'], $part['parts']], $recipe['parts']), 1, 0);
}

afterEach(fn() => array_map(unlink(...), glob(sys_get_temp_dir().'/zolbek-'.getmypid().'-search-*') ?: []));

beforeEach(fn() => stocked(['pumice-3-6-mm' => 100, 'lava-scoria-3-6-mm' => 80, 'akadama-type-clay-granule-2-6-mm' => 60, 'composted-bark-fine-2-8-mm' => 40]));

test('what to mix comes line by line: the shelf, how far it is, what was found, the end', function (): void {
    $lines = linesOf($this->postJson('/api/v1/searches', wanted(['source' => 'owned'])));
    expect(array_values(array_unique(array_column($lines, 'kind'))))->toBe(['shelf', 'progress', 'end'])
        ->and(array_column($lines[0]['shelf'], 'name'))->toHaveCount(4);
    $end = $lines[count($lines) - 1];
    expect($end['found'][0]['rating'])->toBe('good')->and($end['found'][0]['merits'])->toContain('best')
        ->and($end['counts']['judged'] + array_sum(array_column($end['counts']['ruled_out'], 'recipes')))->toBe($end['counts']['space'])
        ->and($end['counts']['not_looked_at'])->toBe(0)->and($end['loosened'])->toBe([]);
});

test('what is found is what Blend says of the same mix', function (): void {
    $lines = linesOf($this->postJson('/api/v1/searches', wanted(['source' => 'owned'])));
    foreach (end($lines)['found'] as $found) {
        $parts = array_map(static fn(array $part): array => ['component_id' => $lines[0]['shelf'][$part['place']]['component_id'], 'parts' => $part['parts']], $found['parts']);
        $blend = $this->postJson('/api/v1/evaluate', [...Yard::question(['parts' => $parts, 'situation' => ['purpose' => 'grow_on', 'site_id' => Yard::siteId()]])])->assertOk()->json();
        expect($found['rating'])->toBe($blend['rating'])->and($found['fit'])->toBeNear($blend['fit'], 1e-9)->and($found['air'])->toBeNear($blend['pot']['air'], 1e-9)
            ->and($found['worst']['criterion'])->toBe($blend['verdicts'][0]['criterion'])
            ->and($found['cost'])->toBeNear($blend['supply']['cost_per_pot'], 1e-9);
    }
});

test('wishes hold, and components keep their least and most', function (): void {
    $id = static fn(string $key): int => Yard::component($key)->id;
    $lines = linesOf($this->postJson('/api/v1/searches', wanted(['per_cent' => 10, 'scoops' => null, 'source' => 'bought', 'without_organics' => true, 'only' => true, 'components' => [
        ['component_id' => $id('pumice-3-6-mm'), 'must' => true, 'most' => 0.4], ['component_id' => $id('lava-scoria-3-6-mm')], ['component_id' => $id('akadama-type-clay-granule-2-6-mm'), 'least' => 0.2],
        ['component_id' => $id('composted-bark-fine-2-8-mm')],
    ]])));
    $found = end($lines)['found'];
    expect($found)->not->toBe([]);
    foreach ($found as $each) {
        $parts = partsNamed($each, $lines);
        $share = static fn(string $name): float => ($parts[Yard::component($name)->name] ?? 0) / array_sum($parts);
        expect($share('composted-bark-fine-2-8-mm'))->toBe(0.0)->and($share('pumice-3-6-mm'))->toBeGreaterThan(0.0)->toBeLessThanOrEqual(0.4)->and($share('akadama-type-clay-granule-2-6-mm'))->toBeGreaterThanOrEqual(0.2);
    }
});

test('what lies there is looked through, what is looked for is not over it', function (): void {
    stocked(['pumice-3-6-mm' => 100, 'lava-scoria-3-6-mm' => 0.5]);
    $lines = linesOf($this->postJson('/api/v1/searches', wanted(['source' => 'stock', 'pots' => 2])));
    expect(array_column($lines[0]['shelf'], 'stock_l'))->toBe([100.0, 0.5]);
    foreach (end($lines)['found'] as $found) {
        $lava = array_values(array_filter($found['parts'], static fn(array $part): bool => $part['place'] === 1))[0]['parts'] ?? 0;
        expect($found['in_stock'])->toBeTrue()->and($lava / array_sum(array_column($found['parts'], 'parts')) * $found['scooped_l'] * 2 * 1.08)->toBeLessThanOrEqual(0.5);
    }
    stocked([]);
    $this->postJson('/api/v1/searches', wanted(['source' => 'owned']))->assertStatus(422)->assertJsonPath('errors.0.path', 'find.source');
    expect(linesOf($this->postJson('/api/v1/searches', wanted(['source' => 'bought', 'scoops' => 2, 'most_components' => 2])))[0]['shelf'])->toHaveCount(24);
});

test('what is said of single components goes beside the usual shelf, and one that must not be in is in nothing', function (): void {
    $pumice = Yard::component('pumice-3-6-mm');
    $shale = Yard::component('expanded-shale-3-8-mm');
    $lines = linesOf($this->postJson('/api/v1/searches', wanted(['source' => 'bought', 'scoops' => 2, 'most_components' => 2, 'components' => [
        ['component_id' => $pumice->id, 'most' => 0], ['component_id' => $shale->id, 'must' => true, 'preparation' => ['rinse_mm' => 1]],
    ]])));
    $end = end($lines);
    expect(array_slice(array_column($lines[0]['shelf'], 'name'), 0, 2))->toBe([$pumice->name, $shale->name])->and(count($lines[0]['shelf']))->toBe(26)
        ->and($lines[0]['shelf'][1]['preparation']['rinse_mm'] ?? null)->toEqual(1)->and($end['found'])->not->toBe([]);
    foreach ($end['found'] as $found) {
        $names = array_keys(partsNamed($found, $lines));
        expect(in_array($pumice->name, $names, true))->toBeFalse()->and(in_array($shale->name, $names, true))->toBeTrue();
    }
});

test('what a mix should be like stays prepared as it is there', function (): void {
    $like = [['component_id' => Yard::component('pumice-3-6-mm')->id, 'parts' => 2, 'preparation' => ['rinse_mm' => 1]], ...Yard::parts(['composted-bark-fine-2-8-mm' => 1])];
    $lines = linesOf($this->postJson('/api/v1/searches', wanted(['source' => 'owned', 'like' => $like, 'start' => 'cheaper'])));
    expect($lines[0]['shelf'][0]['preparation']['rinse_mm'] ?? null)->toEqual(1)->and($lines[0]['shelf'])->toHaveCount(4)->and(end($lines)['found'][0]['merits'])->toContain('cheapest');
});

test('a recipe is improved in its character, and what is out of stock is replaced by what behaves like it', function (): void {
    $like = Yard::parts(['pumice-3-6-mm' => 1, 'lava-scoria-3-6-mm' => 1, 'composted-bark-fine-2-8-mm' => 1]);
    $lines = linesOf($this->postJson('/api/v1/searches', wanted(['source' => 'owned', 'scoops' => 6, 'like' => $like, 'start' => 'improve'])));
    $shares = static fn(array $recipe): array => array_map(static fn(int $parts): float => $parts / array_sum(array_column($recipe['parts'], 'parts')), partsNamed($recipe, $lines));
    foreach (end($lines)['found'] as $found) {
        $moved = 0.0;
        foreach (['pumice-3-6-mm', 'lava-scoria-3-6-mm', 'composted-bark-fine-2-8-mm'] as $key) {
            $moved += max(0.0, 1 / 3 - ($shares($found)[Yard::component($key)->name] ?? 0.0));
        }
        expect($moved)->toBeLessThanOrEqual(0.3 + 1e-9);
    }

    stocked(['lava-scoria-3-6-mm' => 80, 'expanded-shale-3-8-mm' => 50, 'composted-bark-fine-2-8-mm' => 40]);
    $lines = linesOf($this->postJson('/api/v1/searches', wanted(['like' => $like, 'start' => 'replace'])));
    $end = end($lines);
    $alike = array_values(array_filter($end['found'], static fn(array $each): bool => in_array('alike', $each['merits'], true)));
    expect($alike)->toHaveCount(1)->and(array_keys(partsNamed($alike[0], $lines)))->not->toContain(Yard::component('pumice-3-6-mm')->name);
});

test('where nothing keeps all wishes it is told what would help', function (): void {
    $lines = linesOf($this->postJson('/api/v1/searches', wanted(['source' => 'owned', 'most_cost' => 0.05])));
    $end = end($lines);
    expect($end['found'])->toBe([])->and($end['loosened'][0]['wishes'])->toBe(['cost'])->and($end['loosened'][0]['to'])->toBeGreaterThan(0.05);
});

test('wishes that cannot be are refused at their fields', function (array $find, string $path): void {
    $errors = $this->postJson('/api/v1/searches', wanted($find))->assertStatus(422)->json('errors');
    expect(array_keys(array_column($errors, 'path'), $path, true))->toHaveCount(1);
})->with([
    'no scoop' => [['scoops' => 0], 'find.scoops'],
    'thirds' => [['per_cent' => 33], 'find.per_cent'],
    'seven components' => [['most_components' => 7], 'find.most_components'],
    'from nowhere' => [['source' => 'sky'], 'find.source'],
    'a cost below nothing' => [['most_cost' => -1], 'find.most_cost'],
    'a start from nothing' => [['start' => 'improve'], 'find.like'],
    'a start nobody knows' => [['start' => 'worsen', 'like' => [['component_id' => 1, 'parts' => 1]]], 'find.start'],
    'nothing but nothing' => [['only' => true], 'find.components'],
    'like one that is not there' => [['components' => [['component_id' => 1]], 'like' => [['component_id' => 999_999, 'parts' => 1]]], 'find.like.0.component_id'],
    'like one twice' => [['like' => [['component_id' => 1, 'parts' => 1], ['component_id' => 1, 'parts' => 2]]], 'find.like.1.component_id'],
    'no list' => [['components' => 'all'], 'find.components'],
    'none at all' => [['components' => []], 'find.components'],
    'more at least than at most' => [['components' => [['component_id' => 1, 'least' => 0.6, 'most' => 0.4]]], 'find.components.0.least'],
    'one that is not there' => [['components' => [['component_id' => 999_999]]], 'find.components.0.component_id'],
    'one twice' => [['components' => [['component_id' => 1], ['component_id' => 1]]], 'find.components.1.component_id'],
    'an order of something else' => [['priorities' => ['nicest']], 'find.priorities'],
    'an order with one twice' => [['priorities' => ['best', 'best']], 'find.priorities'],
    'like nothing' => [['like' => []], 'find.like'],
    'like less than nothing' => [['like' => [['component_id' => 1, 'parts' => -1]]], 'find.like.0.parts'],
    'a field nobody knows' => [['colour' => 'red'], 'find.colour'],
]);

test('a question without a pot is refused before anything is looked for', function (): void {
    expect(array_column($this->postJson('/api/v1/searches', ['plant_group' => 'desert', 'pot_id' => 999_999])->assertStatus(422)->json('errors'), 'path'))->toContain('pot_id');
});

test('two searches run at once, a third may wait, and a fourth is sent away', function (): void {
    $taken = [SearchSlot::take(), SearchSlot::take(), SearchSlot::queue()];
    expect(SearchSlot::take())->toBeNull()->and(SearchSlot::queue())->toBeNull();
    $this->postJson('/api/v1/searches', wanted())->assertStatus(429)->assertJsonPath('errors', []);
    foreach ($taken as $slot) {
        $slot?->free();
    }
    expect(linesOf($this->postJson('/api/v1/searches', wanted(['source' => 'owned', 'scoops' => 2])))[0]['kind'])->toBe('shelf');
    $free = SearchSlot::take();
    expect($free)->not->toBeNull();
    $free?->free();
});

test('plants that stand alike share a situation, and the fewest mixes serve all of them', function (): void {
    $pot = Yard::pot();
    $deep = Yard::pot('Deep', 12);
    $plants = array_map(static fn(int $i): Plant => Collection::plant(['number' => 'S-'.$i, 'name' => 'Pine '.$i, 'pot_id' => $pot->id, 'site_id' => Yard::siteId(), 'plant_group' => 'airy_conifers']), range(1, 4));
    $asked = array_map(static fn(Plant $plant): array => ['plant_id' => $plant->id], $plants);
    $asked[3]['pot_id'] = $deep->id;
    $lines = linesOf($this->postJson('/api/v1/searches/fewest', ['plants' => $asked, 'find' => ['source' => 'owned', 'scoops' => 4]]), 'FewestLine');
    $end = end($lines);
    expect(array_map(static fn(array $each): array => [$each['pot_name'], count($each['plants'])], $lines[0]['situations']))->toBe([['Tray', 3], ['Deep', 1]])
        ->and($end['kind'])->toBe('end')->and($end['is_proved'])->toBeTrue();
    foreach ($end['one_for_all']['serves'] as $each) {
        expect($each['gives_up'])->toBe(max(0.0, $each['best_fit'] - $each['fit']));
    }
    $served = array_merge(...array_map(static fn(array $mix): array => array_column($mix['serves'], 'situation'), $end['mixes']));
    sort($served);
    expect($served)->toBe([0, 1])->and($end['one_for_all']['serves'])->toHaveCount(2);
});

test('plants that cannot share mixes are refused at their fields', function (): void {
    $bare = Collection::plant(['number' => 'S-9', 'pot_id' => null]);
    expect(array_column($this->postJson('/api/v1/searches/fewest', ['plants' => [['plant_id' => 999_999], ['plant_id' => $bare->id]]])->assertStatus(422)->json('errors'), 'path'))->toBe(['plants.0.plant_id', 'plants.1.pot_id']);
    $this->postJson('/api/v1/searches/fewest', ['plants' => []])->assertStatus(422)->assertJsonPath('errors.0.path', 'plants');
    $pot = Pot::query()->firstOrFail();
    $many = array_map(static fn(int $i): array => ['plant_id' => Collection::plant(['number' => 'M-'.$i, 'pot_id' => $pot->id, 'site_id' => Yard::siteId(), 'canopy_cm' => 20 + $i])->id], range(1, 41));
    $this->postJson('/api/v1/searches/fewest', ['plants' => $many])->assertStatus(422)->assertJsonPath('errors.0.rule', 'too_many_situations');
});

test('where no mix can be made for many it is said', function (): void {
    $plant = Collection::plant(['number' => 'S-1', 'pot_id' => Yard::pot()->id, 'site_id' => Yard::siteId()]);
    $lines = linesOf($this->postJson('/api/v1/searches/fewest', ['plants' => [['plant_id' => $plant->id]], 'find' => ['source' => 'owned', 'most_cost' => 0.001]]), 'FewestLine');
    expect(end($lines))->toBe(['kind' => 'refused', 'rule' => 'nothing_fits']);
});

test('the next test is the one that settles most verdicts of the recipes in use, and is told with what it takes', function (): void {
    expect($this->getJson('/api/v1/bench/next')->assertOk()->json())->toBe(['open' => 0, 'recipes' => 0, 'data' => []]);
    $plant = Collection::plant(['number' => 'N-1']);
    $response = $this->getJson('/api/v1/bench/next')->assertOk();
    Contract::check($response, 'NextTests');
    $next = $response->json();
    expect($next['recipes'])->toBe(1)->and($next['open'])->toBeGreaterThan(0)->and($next['data'])->not->toBe([])
        ->and(array_column($next['data'], 'settles'))->toBe((static function (array $counts): array {
            rsort($counts);

            return $counts;
        })(array_column($next['data'], 'settles')));
    foreach ($next['data'] as $test) {
        expect($test['recipes'])->toBe([$plant->recipe->name])->and($test['narrows'])->toBeGreaterThan(0.0)->toBeLessThanOrEqual(1.0)->and($test['component_id'] === null)->toBe($test['recipe_id'] !== null);
    }
    // once it was measured there is less to gain from that
    $first = array_values(array_filter($next['data'], static fn(array $test): bool => $test['component_id'] !== null))[0];
    Component::query()->whereKey($first['component_id'])->update(['basis' => 'measured', 'is_reference' => false]);
    $again = array_values(array_filter($this->getJson('/api/v1/bench/next')->json('data'), static fn(array $test): bool => $test['component_id'] === $first['component_id'] && $test['kind'] === $first['kind']));
    expect($again[0]['narrows'] ?? 0.0)->toBeLessThan($first['narrows']);
});

test('from where to where figures lie is told, with litres and cost', function (): void {
    $question = Yard::question(['situation' => ['purpose' => 'grow_on', 'site_id' => Yard::siteId()]]);
    $response = $this->postJson('/api/v1/views/ranges', $question)->assertOk();
    Contract::check($response, 'RangesView');
    $figures = collect($response->json('figures'))->keyBy('name');
    $blend = $this->postJson('/api/v1/evaluate', $question)->json();
    expect($figures['air']['low'])->toBeLessThan($blend['pot']['air'])->and($figures['air']['high'])->toBeGreaterThan($blend['pot']['air'])
        ->and($figures['drought']['low'])->toBeGreaterThanOrEqual(0.0)->and($figures['years']['high'] === null || $figures['years']['high'] < 8.0)->toBeTrue()
        ->and($figures['scooped_l']['low'] * $figures['yield_share']['high'])->toBeNear($figures['scooped_l']['high'] * $figures['yield_share']['low'], 1e-9);
    stocked(['pumice-3-6-mm' => 10, 'lava-scoria-3-6-mm' => 10, 'akadama-type-clay-granule-2-6-mm' => 10]);
    expect(array_column($this->postJson('/api/v1/views/ranges', $question)->json('figures'), 'name'))->toContain('cost');
    expect(array_column($this->postJson('/api/v1/views/ranges', [...$question, 'situation' => null])->assertOk()->json('figures'), 'name'))->not->toContain('years');
    $this->postJson('/api/v1/views/ranges', ['parts' => []])->assertStatus(422);
});

test('each figure says its three largest doubts, and how sure it would be after a test', function (): void {
    $figures = collect($this->postJson('/api/v1/evaluate', Yard::question())->assertOk()->json('uncertainty'))->keyBy('name');
    $air = $figures['air'];
    expect($air['most'])->toHaveCount(3)->and($air['most'][0]['share'])->toBeGreaterThanOrEqual($air['most'][1]['share'])->and($air['most'][0]['property'])->toBe($air['property']);
    foreach ($air['most'] as $part) {
        expect($part['after'] === null || $part['after'] < $air['uncertainty'])->toBeTrue()->and($part['test'] === null)->toBe($part['minutes'] === null);
    }
});
