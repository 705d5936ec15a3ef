<?php

declare(strict_types=1);

use App\Shelf\Models\Component;
use App\Shelf\Models\StockMovement;
use App\Situations\Actions\LoadReferenceSpecies;
use App\Situations\Models\Species;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Contract;
use Tests\Feature\Yard;
use Zolbek\Core\Verdict\Quarrel\Quarrels;

test('a whole situation is answered as the contract says', function (): void {
    $response = $this->postJson('/api/v1/evaluate', Yard::question(['situation' => Yard::situation(), 'contents' => Yard::contents(), 'top_dressing_cm' => 0.4]))->assertOk();
    Contract::check($response, 'Evaluation');
    expect($response->json('targets.air_low'))->toBeNear(0.22)
        ->and($response->json('targets.planned_years'))->toEqual(4)
        ->and($response->json('water.months'))->toHaveCount(12)
        ->and($response->json('contents.ball.litres'))->toBeGreaterThan(0.5)
        ->and($response->json('contents.wall.litres'))->toBeGreaterThan(0.1)
        ->and($response->json('contents.new_mix_l'))->toBeLessThan($response->json('pot.volume_l'))
        ->and(array_column($response->json('verdicts'), 'criterion'))->toContain('drought')->toContain('years')->toContain('later_ph')->toContain('float_share')->toContain('segregation')
        ->and($response->json('supply.pots_wanted'))->toBeGreaterThan(0)
        ->and($response->json('rating'))->toBeIn(['good', 'workable', 'poor', 'lethal']);
});

test('the old ball is of the mix it stood in, as old as it is', function (): void {
    $recipe = $this->postJson('/api/v1/recipes', ['name' => 'Peaty', 'plant_group' => 'desert', 'parts' => Yard::parts(['sphagnum-peat' => 1])])->json('id');
    $theta = fn(array $ball): float => $this->postJson('/api/v1/evaluate', Yard::question(['contents' => ['ball' => ['share' => 0.4, ...$ball]]]))->assertOk()->json('contents.ball.theta');
    expect($theta(['years' => 8]))->toBeGreaterThan($theta(['years' => 0]))
        ->and($theta(['years' => 0, 'recipe_id' => $recipe]))->toBeGreaterThan($theta(['years' => 0]));
});

test('layer and dressing are shown with and without', function (): void {
    $plain = $this->postJson('/api/v1/evaluate', Yard::question())->assertJsonPath('without_dressing', null)->json('pot');
    $dressed = $this->postJson('/api/v1/evaluate', Yard::question(['top_dressing_cm' => 1]))->json();
    expect($dressed['without_dressing']['water_l'])->toBe($plain['water_l'])
        ->and($dressed['without_dressing']['air'])->toBe($plain['air'])
        ->and($dressed['pot']['volume_l'])->toBeLessThan($plain['volume_l']);
});

test('without a situation the answer is that of before', function (): void {
    $response = $this->postJson('/api/v1/evaluate', Yard::question())->assertOk();
    Contract::check($response, 'Evaluation');
    expect($response->json('verdicts'))->toHaveCount(6)->and($response->json('water'))->toBeNull()->and($response->json('quarrels'))->toBe([]);
});

test('no figure of the screen differs from the model on the command line', function (): void {
    $evaluation = $this->postJson('/api/v1/evaluate', Yard::question(['situation' => Yard::situation(), 'compaction_index' => 5.5, 'drainage_layer' => ['component_id' => Yard::component('granite-chip-4-8-mm')->id, 'thickness_cm' => 1.2]]))->json();
    [, $out] = Yard::evaluateFile((string) json_encode([
        'blend' => ['pumice-3-6-mm' => 1, 'lava-scoria-3-6-mm' => 1, 'akadama-type-clay-granule-2-6-mm' => 1], 'compaction_index' => 5.5, 'headspace_cm' => 0.8,
        'pot' => ['shape' => 'oval', 'depth' => 6.5, 'top_length' => 34, 'top_width' => 26, 'base_length' => 30, 'base_width' => 22],
        'holes' => ['count' => 2, 'diameter_cm' => 2.2, 'open_share' => 0.6],
        'drainage_layer' => ['blend' => ['granite-chip-4-8-mm' => 1], 'thickness_cm' => 1.2],
    ]));
    $answer = json_decode($out, true);
    foreach ($answer['pot'] as $figure => $value) {
        expect($evaluation['pot'][$figure])->toBe($value);
    }
    unset($answer['pot']);
    foreach ($answer as $figure => $value) {
        expect($evaluation['mix'][$figure])->toBe($value);
    }
});

test('every quarrel can come up, and none without its question', function (): void {
    $seen = [];
    foreach ([['pumice-3-6-mm' => 3, 'composted-bark-fine-2-8-mm' => 2], ['lava-scoria-3-6-mm' => 3, 'perlite-2-5-mm' => 1], ['akadama-type-clay-granule-2-6-mm' => 2, 'loam-screened-6-mm' => 1]] as $parts) {
        foreach (['newly_collected', 'grow_on'] as $purpose) {
            $body = Yard::question(['parts' => Yard::parts($parts), 'situation' => [...Yard::situation(), 'purpose' => $purpose, 'habit' => ['summer_h' => 336]], 'contents' => Yard::contents()]);
            $found = array_column($this->postJson('/api/v1/evaluate', $body)->assertOk()->json('quarrels'), 'code');
            expect(in_array('cover_collected', $found, true))->toBe($purpose === 'newly_collected')
                ->and(in_array('light_filler', $found, true))->toBe(isset($parts['perlite-2-5-mm']) || isset($parts['composted-bark-fine-2-8-mm']));
            $seen = [...$seen, ...$found];
        }
    }
    expect(array_values(array_unique($seen)))->toEqualCanonicalizing(Quarrels::CODES);
});

test('the school that is not followed is computed, not told', function (): void {
    $body = Yard::question(['parts' => Yard::parts(['pumice-3-6-mm' => 2, 'sphagnum-peat' => 2]), 'situation' => Yard::situation()]);
    $quarrels = array_column($this->postJson('/api/v1/evaluate', $body)->json('quarrels'), 'figures', 'code');
    $without = $this->postJson('/api/v1/evaluate', [...$body, 'parts' => Yard::parts(['pumice-3-6-mm' => 2])])->json();
    expect($quarrels['organic_share']['other_air'])->toBeNear($without['pot']['air'], 1e-9)
        ->and($quarrels['organic_share']['other_interval_h'])->toBeNear($without['water']['interval_h'], 1e-9)
        ->and($quarrels['organic_share']['share'])->toBeNear(0.5, 1e-12);
    $pressed = $this->postJson('/api/v1/evaluate', [...$body, 'compaction_index' => 9])->json('pot.air');
    expect($quarrels['pack_it']['air'])->toBeNear($pressed, 1e-9);
});

test('every mend of the list, sent back as a question, brings its figure into its band', function (): void {
    $question = Yard::question([
        'parts' => Yard::parts(['akadama-type-clay-granule-2-6-mm' => 3, 'perlite-2-5-mm' => 2, 'loam-screened-6-mm' => 3]),
        'plant_group' => 'acid_lovers',
        'situation' => [...Yard::situation(), 'purpose' => 'grow_on', 'surface' => 'bare', 'alkalinity_mg_l' => 350, 'habit' => ['summer_h' => 96, 'method' => 'hose'], 'pots_wanted' => 30, 'species_id' => null],
    ]);
    foreach (['pumice-3-6-mm', 'granite-chip-4-8-mm', 'akadama-type-clay-granule-2-6-mm', 'perlite-2-5-mm', 'loam-screened-6-mm'] as $key) {
        Yard::component($key)->fill(['stock_l' => 60, 'pack_l' => 20, 'pack_price' => 10])->save();
    }
    Yard::pot('Deep box', 16);
    $now = $this->postJson('/api/v1/evaluate', $question)->assertOk()->json();
    $tried = [];
    foreach ($now['verdicts'] as $verdict) {
        foreach ($verdict['mends'] as $mend) {
            $then = $this->postJson('/api/v1/evaluate', applied($question, $mend))->assertOk()->json('verdicts');
            $after = array_column($then, null, 'criterion')[$verdict['criterion']];
            expect($after['value'])->toBeNear($mend['value'], 1e-6);
            if ($mend['suffices']) {
                expect($after['level'])->toBe('good');
            }
            $tried[$mend['kind']] = true;
        }
    }
    expect(count($tried))->toBeGreaterThan(5);
});

/** One component in the place of another. */
function swapped(array $rows, array $mend): array
{
    unset($rows[$mend['replaces_id']]);
    $rows[$mend['component_id']] = ['component_id' => $mend['component_id'], 'parts' => $mend['by'] + ($rows[$mend['component_id']]['parts'] ?? 0)];

    return $rows;
}

/**
 * A question with a mend done, as the screen does it.
 *
 * @param array<string, mixed> $question
 * @param array<string, mixed> $mend
 *
 * @return array<string, mixed>
 */
function applied(array $question, array $mend): array
{
    $rows = array_column($question['parts'], null, 'component_id');
    $id = $mend['component_id'];
    match ($mend['kind']) {
        'more' => $rows[$id]['parts'] += $mend['by'],
        'less' => $rows[$id]['parts'] -= $mend['by'],
        'add' => $rows[$id] = ['component_id' => $id, 'parts' => $mend['by']],
        'rinse' => $rows[$id]['preparation'] = ['rinse_mm' => $mend['by']],
        'sieve_out' => $rows[$id]['preparation'] = ['screen_hi_mm' => $mend['by']],
        'deeper', 'shallower' => $question['pot_change'] = ['depth_cm' => $mend['depth_cm']],
        'holes' => $question['pot_change'] = ['hole_count' => $mend['hole_count'], 'hole_diameter_cm' => $mend['hole_diameter_cm']],
        'no_layer' => $question['drainage_layer'] = null,
        'layer' => $question['drainage_layer'] = ['component_id' => $id, 'thickness_cm' => $mend['by']],
        'other_pot' => $question['pot_id'] = (int) $mend['to'],
        'stone' => [$question['top_dressing_cm'] = $mend['by'], $question['situation']['surface'] = 'stone'],
        'moss' => $question['situation']['surface'] = 'moss',
        'tip' => $question['situation']['tip_deg'] = $mend['by'],
        'shade' => $question['situation']['exposure'] = $mend['to'],
        'windbreak' => $question['situation']['wind'] = 'usual',
        'habit' => $question['situation']['habit'][$mend['to'].'_h'] = $mend['by'],
        'repot' => $question['situation']['planned_years'] = $mend['by'],
        'rain' => $question['situation']['rain_share'] = $mend['by'],
        'feed' => $question['situation']['feed'] = $mend['to'],
        'lime' => $rows[$id]['preparation'] = ['limed_to_ph' => $mend['by']],
        'together' => $question['situation']['stand'] = 'bed',
        'winter_shelter' => $question['situation']['winter_shelter'] = true,
        'swap' => $rows = swapped($rows, $mend),
    };

    return [...$question, 'parts' => array_values(array_filter($rows, static fn(array $row): bool => $row['parts'] > 0))];
}

test('what cannot be in a situation is refused at its field', function (array $changed, string $path): void {
    $response = $this->postJson('/api/v1/evaluate', Yard::question($changed))->assertStatus(422);
    expect(array_column($response->json('errors'), 'path'))->toContain($path);
})->with([
    [['situation' => ['site_id' => 99]], 'situation.site_id'],
    [['situation' => ['species_id' => 99]], 'situation.species_id'],
    [['situation' => ['habit' => ['summer_h' => -3]]], 'situation.habit.summer_h'],
    [['situation' => ['tip_deg' => 90]], 'situation.tip_deg'],
    [['situation' => ['purpose' => 'win prizes']], 'situation.purpose'],
    [['contents' => ['ball' => ['length_cm' => 0]]], 'contents.ball.length_cm'],
    [['contents' => ['ball' => ['share' => 0.3, 'recipe_id' => 77]]], 'contents.ball.recipe_id'],
    [['contents' => ['objects_l' => 900]], 'contents.objects_l'],
    [['contents' => ['wall' => ['kind' => 'moss', 'thickness_cm' => 1]]], 'contents.wall.component_id'],
    [['contents' => ['hole_cover_id' => 9999]], 'contents.hole_cover_id'],
    [['pot_change' => ['depth_cm' => 0]], 'pot_change.depth_cm'],
]);

test('sites are kept, changed and archived, and months come out of a CSV', function (): void {
    $site = $this->postJson('/api/v1/sites', Yard::site())->assertCreated();
    Contract::check($site, 'Site');
    expect($site->json('thaw_days'))->toBeGreaterThan(30);
    $id = $site->json('id');
    $this->putJson("/api/v1/sites/$id", [...Yard::site(), 'name' => 'Upper hill', 'last_frost' => '13-40'])->assertStatus(422)->assertJsonPath('errors.0.path', 'last_frost');
    $this->putJson("/api/v1/sites/$id", [...Yard::site(), 'name' => 'Upper hill'])->assertOk()->assertJsonPath('name', 'Upper hill');
    $this->putJson("/api/v1/sites/$id/archived", ['archived' => true])->assertOk();
    Contract::check($this->getJson('/api/v1/sites')->assertJsonPath('total', 0), 'SitePage');
    $csv = "tmin;tmax;rain_mm\n".implode("\n", array_map(static fn(array $month): string => str_replace('.', ',', $month['tmin'].';'.$month['tmax'].';'.$month['rain_mm']), Yard::site()['months']));
    $months = $this->call('POST', '/api/v1/imports/site-months', [], [], [], ['CONTENT_TYPE' => 'text/csv', 'HTTP_ACCEPT' => 'application/json'], $csv)->assertOk();
    Contract::check($months, 'Months');
    expect($months->json('months.6.tmax'))->toEqual(27);
    foreach (["tmin,tmax\n1,2" => 'file', "tmin,tmax,rain_mm\n1,2,3" => 'file', str_replace('27', 'hot', $csv) => 'months.6.tmax'] as $bad => $path) {
        $this->call('POST', '/api/v1/imports/site-months', [], [], [], ['CONTENT_TYPE' => 'text/csv', 'HTTP_ACCEPT' => 'application/json'], $bad)->assertStatus(422)->assertJsonPath('errors.0.path', $path);
    }
});

test('the library has plants of every group, each with its reason, and takes one\'s own', function (): void {
    app(LoadReferenceSpecies::class)();
    expect(Species::query()->count())->toBeGreaterThanOrEqual(60)
        ->and(Species::query()->where('reason', '')->count())->toBe(0)
        ->and(Species::query()->where('unidentified', true)->distinct()->count('plant_group'))->toBe(11);
    Contract::check($this->getJson('/api/v1/species?per_page=200')->assertOk(), 'SpeciesPage');
    $own = $this->postJson('/api/v1/species', ['name' => 'Gate juniper', 'plant_group' => 'airy_conifers', 'air_low' => 0.2, 'reason' => 'Stands in the draught'])->assertCreated();
    Contract::check($own, 'Species');
    $this->postJson('/api/v1/species', ['name' => 'Wrong', 'plant_group' => 'seedlings', 'air_low' => 0.4])->assertStatus(422)->assertJsonPath('errors.0.path', 'air_high');
    $id = Species::query()->where('key', 'black-pine')->firstOrFail()->id;
    $this->putJson("/api/v1/species/$id", ['name' => 'Black pine', 'plant_group' => 'airy_conifers', 'air_low' => 0.25])->assertOk();
    app(LoadReferenceSpecies::class)();
    expect(Species::query()->findOrFail($id)->air_low)->toBe(0.25);
});

test('a situation asks the database the same few questions whatever is in the mix', function (): void {
    $ask = function (array $parts): int {
        $body = Yard::question(['parts' => Yard::parts($parts), 'situation' => Yard::situation()]);
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->postJson('/api/v1/evaluate', $body)->assertOk();

        return count(DB::getQueryLog());
    };
    $ask(['pumice-3-6-mm' => 1]);
    expect($ask(['pumice-3-6-mm' => 1, 'lava-scoria-3-6-mm' => 1, 'sphagnum-peat' => 1, 'perlite-2-5-mm' => 1]))->toBe($ask(['pumice-3-6-mm' => 1]));
});

test('a site can begin with one of at least two dozen typical climates, each of which it can be', function (): void {
    $told = $this->getJson('/api/v1/climates')->assertOk();
    Contract::check($told, 'TypicalClimateList');
    $climates = $told->json('data');
    expect(count($climates))->toBeGreaterThanOrEqual(24)->and(array_unique(array_column($climates, 'key')))->toHaveCount(count($climates));
    foreach ($climates as $climate) {
        $site = $this->postJson('/api/v1/sites', ['name' => $climate['key'], ...array_intersect_key($climate, ['latitude' => 0, 'altitude_m' => 0, 'months' => 0])])->assertCreated();
        $coldest = min(array_column($climate['months'], 'tmin'));
        // the words that it is found by agree with its months
        expect(match ($climate['winters']) {
            'hard_frost' => $coldest < -6.0,
            'frost' => $coldest >= -6.0 && $coldest < 0.5,
            'light_frost' => $coldest >= 0.5 && $coldest < 4.0,
            default => $coldest >= 4.0,
        })->toBeTrue($climate['key'])->and($site->json('hottest_month'))->toBeIn($climate['latitude'] < 0 ? [0, 1, 11, 12] : range(0, 12));
    }
    // every answer to the three questions leaves some
    foreach (['winters', 'summers', 'rain'] as $question) {
        expect(count(array_count_values(array_column($climates, $question))))->toBeGreaterThanOrEqual(3);
    }
    // and they are of all the world: south and north, low and high, near the line and far from it
    $latitudes = array_column($climates, 'latitude');
    expect(min($latitudes))->toBeLessThan(-30.0)->and(max($latitudes))->toBeGreaterThan(60.0)->and(min(array_map(abs(...), $latitudes)))->toBeLessThan(10.0);
});

test('that nothing is in stock is said only once somebody writes stock down', function (): void {
    $ask = fn(): mixed => $this->postJson('/api/v1/evaluate', Yard::question(['parts' => Yard::parts(['pumice-3-6-mm' => 1]), 'situation' => Yard::situation()]))->assertOk()->json('supply.pots_from_stock');
    expect($ask())->toBeNull();
    Component::query()->where('key', 'perlite-2-5-mm')->update(['stock_l' => 40]);
    expect($ask())->toBeNear(0.0, 1e-12);
    Component::query()->where('key', 'perlite-2-5-mm')->update(['stock_l' => 0]);
    StockMovement::query()->create(['component_id' => Yard::component('perlite-2-5-mm')->id, 'kind' => 'used', 'litres' => -40, 'stock_after_l' => 0, 'moved_at' => '2026-03-01 10:00:00']);
    expect($ask())->toBeNear(0.0, 1e-12);
});
