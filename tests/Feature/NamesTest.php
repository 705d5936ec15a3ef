<?php

declare(strict_types=1);

use App\Shelf\Models\Component;
use App\Situations\Actions\LoadReferenceSpecies;
use App\Situations\Models\Species;
use Illuminate\Support\Facades\DB;

beforeEach(fn() => app(LoadReferenceSpecies::class)());

/** @return list<string> */
function calledSo(string $search, string $language = 'en', string $list = 'components'): array
{
    return array_column(test()->withHeader('Accept-Language', $language)->getJson("/api/v1/$list?per_page=200&search=".urlencode($search))->assertOk()->json('data'), 'name');
}

/** @param array<string, mixed> $more */
function readAs(string $text, array $more = [], string $language = 'en'): Illuminate\Testing\TestResponse
{
    return test()->withHeader('Accept-Language', $language)->postJson('/api/v1/writing/read', ['text' => $text, ...$more]);
}

function idOfTypical(string $key): int
{
    return (int) Component::query()->where('key', $key)->valueOrFail('id');
}

function putInStock(string $key, float $litres): Component
{
    $component = Component::query()->where('key', $key)->firstOrFail();
    $component->update(['stock_l' => $litres]);

    return $component;
}

test('a component is found by what trade, shops and other languages call it', function (string $search, string $name): void {
    expect(calledSo($search))->toContain($name);
})->with([
    ['cocopeat', 'Coir pith'], ['Bims', 'Pumice 3-6 mm'], ['batu apung', 'Pumice 3-6 mm'], ['sekam bakar', 'Rice husk, carbonised'], ['cat litter', 'Absorbent clay granules 1-5 mm'],
    ['Pumice', 'Pumice 3-6 mm'],
]);

test('and by a name of one\'s own, kept beside the figures that are fixed', function (): void {
    $pumice = Component::query()->where('key', 'pumice-3-6-mm')->firstOrFail();
    $this->putJson('/api/v1/components/'.$pumice->id, ['revision' => $pumice->revision, 'other_names' => ['white stone', ' Ol\' faithful ']])->assertOk()->assertJsonPath('other_names', ['white stone', 'Ol\' faithful']);
    expect(calledSo('white st'))->toBe(['Pumice 3-6 mm'])->and(calledSo('%'))->toBe([]);
    foreach ([['x' => 'y'], 'text', [''], [str_repeat('x', 61)], array_fill(0, 21, 'a'), [1]] as $names) {
        $this->putJson('/api/v1/components/'.$pumice->id, ['revision' => $pumice->fresh()?->revision, 'other_names' => $names])->assertUnprocessable()->assertJsonPath('errors.0.path', 'other_names');
    }
    expect($pumice->fresh()?->other_names)->toBe(['white stone', 'Ol\' faithful']);
});

test('what several components could be is listed before one is taken', function (string $word, array $names): void {
    $answer = readAs("2 $word, 1 perlite")->assertOk();
    expect($answer->json('rows'))->toBe([])
        ->and(array_column($answer->json('choices'), 'words'))->toBe([$word])
        ->and(array_column($answer->json('choices.0.rows'), 'name'))->toEqualCanonicalizing($names);
    $chosen = $answer->json('choices.0.rows.1');
    readAs("2 $word, 1 perlite", ['chosen' => [$word => $chosen['component_id']]])->assertOk()->assertJsonPath('choices', [])->assertJsonPath('rows.0.name', $chosen['name'])->assertJsonPath('rows.0.amount', 2);
})->with([
    ['compost', ['Garden compost (screened 8 mm)', 'Bagged potting soil']],
    ['sand', ['Sharp sand 0.25-2 mm', 'Play sand, fine 0-1 mm', "Builder's sand 0-4 mm"]],
]);

test('what is at hand is what is meant, where only one of them is', function (): void {
    putInStock('builders-sand-0-4-mm', 40);
    readAs('2 sand, 1 perlite')->assertOk()->assertJsonPath('choices', [])->assertJsonPath('rows.0.name', "Builder's sand 0-4 mm");
    putInStock('play-sand-fine-0-1-mm', 40);
    expect(array_column(readAs('2 sand')->json('choices.0.rows'), 'name'))->toEqualCanonicalizing(["Builder's sand 0-4 mm", 'Play sand, fine 0-1 mm']);
});

test('a choice that is none is asked again, and what is no list of choices is refused', function (): void {
    expect(readAs('2 sand', ['chosen' => ['sand' => 99999]])->assertOk()->json('choices'))->toHaveCount(1)
        ->and(readAs('2 sand', ['chosen' => ['sand' => 'x']])->assertOk()->json('choices'))->toHaveCount(1);
    readAs('2 sand', ['chosen' => 'x'])->assertUnprocessable()->assertJsonPath('errors.0.path', 'chosen');
});

test('a bag holds what its pack holds, and vessels say what they were taken for', function (): void {
    putInStock('pumice-3-6-mm', 10)->update(['pack_l' => 18]);
    $answer = readAs('a bag of pumice and 2 buckets perlite')->assertOk()->assertJsonPath('notation', 'litres')->assertJsonPath('vessels', [['word' => 'buckets', 'litres' => 10]]);
    expect(array_column($answer->json('rows'), 'amount', 'name'))->toEqual(['Pumice 3-6 mm' => 18, 'Perlite 2-5 mm' => 20]);
    readAs('a bag of perlite and 2 buckets pumice')->assertUnprocessable()->assertJsonPath('errors.0.rule', 'bag_unknown');
    // bags alone, of which nobody knows how much they hold, are parts
    expect(array_column(readAs('2 bags of perlite and a bag of pumice')->assertOk()->assertJsonPath('notation', 'parts')->json('rows'), 'amount'))->toEqual([2, 1]);
});

test('a reader of Indonesian has what ships in his language, writes it, and keeps nothing of it', function (): void {
    $shown = $this->withHeader('Accept-Language', 'id')->getJson('/api/v1/components?per_page=200')->json('data');
    expect(array_column($shown, 'name'))->toContain('Batu apung 3-6 mm')->not->toContain('Pumice 3-6 mm');
    readAs('2 bagian batu apung dan 1 bagian sekam bakar', language: 'id')->assertOk()->assertJsonPath('rows.0.name', 'Batu apung 3-6 mm')->assertJsonPath('rows.1.name', 'Sekam bakar (arang sekam)');
    // English is read there, too
    readAs('two parts pumice, one part perlite', language: 'id')->assertOk()->assertJsonPath('rows.0.amount', 2);
    expect(readAs('dua xyzzy', language: 'id')->assertUnprocessable()->json('errors.0.message'))->toBe('Tak ada di wadah yang bernama "xyzzy".');
    $pine = Species::query()->where('key', 'black-pine')->firstOrFail();
    $seen = $this->withHeader('Accept-Language', 'id')->getJson('/api/v1/species?per_page=200&search=Pinus+hitam')->json('data.0');
    expect([$seen['name'], $seen['botanical']])->toBe(['Pinus hitam', 'Pinus thunbergii']);
    $this->withHeader('Accept-Language', 'id')->putJson('/api/v1/species/'.$pine->id, ['revision' => $seen['revision'], 'years_old' => 5])->assertOk()->assertJsonPath('name', 'Pinus hitam');
    expect(DB::table('species')->where('id', $pine->id)->value('name'))->toBe('Black pine')
        ->and(calledSo('Black pine', 'en', 'species'))->toBe(['Black pine']);
});

test('a plant is found by its botanical name', function (): void {
    expect(calledSo('buergerianum', 'en', 'species'))->toBe(['Trident maple']);
});

test('a file may name a component by another name that only one bears', function (): void {
    $import = fn(string $name) => $this->call('POST', '/api/v1/imports/lots', server: ['CONTENT_TYPE' => 'text/csv', 'HTTP_ACCEPT' => 'application/json'], content: "component,delivery,delivered_on [YYYY-MM-DD],quantity [L]\n$name,May,2026-05-01,20\n");
    $import('cocopeat')->assertJsonPath('added', 1)->assertJsonPath('refused', 0);
    expect($import('compost')->assertJsonPath('refused', 1)->json('rows.0.errors.0.message'))->toContain('may be any of')->toContain('Bagged potting soil');
});

test('a mix in a bin has other names, too, and is meant by them in a recipe', function (): void {
    $mix = ['name' => 'Yard starter', 'source' => 'premix', 'mix_parts' => [['component_id' => idOfTypical('pumice-3-6-mm'), 'parts' => 1], ['component_id' => idOfTypical('sphagnum-peat'), 'parts' => 1]], 'stock_l' => 30, 'other_names' => ['the grey tub']];
    $this->postJson('/api/v1/mixes', $mix)->assertCreated()->assertJsonPath('other_names', ['the grey tub'])->assertJsonPath('known_as', []);
    readAs('3 grey tub, 1 perlite')->assertOk()->assertJsonPath('rows.0.name', 'Yard starter')->assertJsonPath('rows.0.amount', 3);
});

test('what ships stands in a list where its reader looks for it', function (): void {
    $listed = fn(string $language, string $sort): array => array_column($this->withHeader('Accept-Language', $language)->getJson("/api/v1/components?per_page=200&sort=$sort")->assertOk()->json('data'), 'name');
    Component::query()->where('key', 'perlite-2-5-mm')->update(['name' => 'Mm, own']);
    foreach (['en', 'id'] as $language) {
        $names = $listed($language, 'name');
        $sorted = $names;
        sort($sorted, SORT_STRING);
        expect($names)->toBe($sorted)->and($listed($language, '-name'))->toBe(array_reverse($sorted))->and($names)->toContain('Mm, own');
    }
    expect($listed('id', 'name'))->not->toBe($listed('en', 'name'));
    $trees = array_column($this->withHeader('Accept-Language', 'id')->getJson('/api/v1/species?per_page=200&sort=name')->assertOk()->json('data'), 'name');
    $sorted = $trees;
    sort($sorted, SORT_STRING);
    expect($trees)->toBe($sorted);
});
