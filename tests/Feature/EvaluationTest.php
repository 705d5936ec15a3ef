<?php

declare(strict_types=1);

use App\Shelf\Models\Component;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Contract;
use Tests\Feature\Yard;

test('a mix in a pot is computed as the model says, and the answer keeps its contract', function (): void {
    $response = $this->postJson('/api/v1/evaluate', Yard::question())->assertOk();
    Contract::check($response, 'Evaluation');
    $answer = $response->json();
    expect($answer['pot']['water_l'])->toBeNear(1.407091048, 1e-4)
        ->and($answer['pot']['air'])->toBeNear(0.2210470628, 1e-4)
        ->and($answer['pot']['run_through_s'])->toBeNear(10.62279881, 1e-4)
        ->and($answer['mix']['ph'])->toBeNear(6.743902439)
        ->and(array_sum($answer['ledger']))->toBeNear(1.0, 1e-9)
        ->and($answer['section']['profile'])->toHaveCount(33)
        ->and($answer['without_layer'])->toBeNull()
        ->and(array_column($answer['verdicts'], 'criterion'))->toContain('air', 'run_through', 'ph', 'wet_weight', 'largest_grain');
    $curve = array_column($answer['grading']['curve'], 'passing');
    $sorted = $curve;
    sort($sorted);
    expect($curve)->toBe($sorted)
        ->and(array_sum(array_map(array_sum(...), array_column($answer['grading']['components'], 'class_shares'))))->toBeNear(1.0, 1e-9);
});

test('the order of rows does not change the answer', function (): void {
    $question = Yard::question();
    $there = $this->postJson('/api/v1/evaluate', $question)->json('pot');
    $back = $this->postJson('/api/v1/evaluate', [...$question, 'parts' => array_reverse($question['parts'])])->json('pot');
    expect($back)->toBe($there);
});

test('a drainage layer is answered with and without', function (): void {
    $layer = ['component_id' => Yard::component('granite-chip-4-8-mm')->id, 'thickness_cm' => 1.5];
    $response = $this->postJson('/api/v1/evaluate', Yard::question(['drainage_layer' => $layer]))->assertOk();
    Contract::check($response, 'Evaluation');
    expect($response->json('without_layer.air'))->toBeNear(0.2210470628, 1e-4)
        ->and($response->json('pot.volume_l'))->toBeLessThan($response->json('without_layer.volume_l'))
        ->and($response->json('section.layer.thickness_cm'))->toBe(1.5);
});

test('a mesh that is too coarse for the mix is told of', function (): void {
    $pot = Yard::pot();
    $mesh = function (?float $aperture) use ($pot): ?array {
        $pot->update(['mesh_mm' => $aperture]);

        return $this->postJson('/api/v1/evaluate', Yard::question(['pot_id' => $pot->id]))->assertOk()->json('pot.mesh');
    };
    expect($mesh(null))->toBeNull()
        ->and($mesh(3.0))->toMatchArray(['holds' => true, 'may_clog' => false])
        ->and($mesh(7.0))->toMatchArray(['holds' => false])
        ->and($mesh(1.0)['may_clog'])->toBeTrue();
});

test('worst verdict first, with mends from the shelf', function (): void {
    Component::query()->whereIn('key', ['perlite-2-5-mm', 'sphagnum-peat'])->update(['stock_l' => 50]);
    $response = $this->postJson('/api/v1/evaluate', Yard::question(['plant_group' => 'acid_lovers']))->assertOk();
    Contract::check($response, 'Evaluation');
    $verdicts = $response->json('verdicts');
    expect($verdicts[0]['criterion'])->toBe('ph')
        ->and($verdicts[0]['mends'])->not->toBeEmpty()
        ->and(array_column($verdicts[0]['mends'], 'component_name'))->toContain('Sphagnum peat');
});

test('bad input is refused at its field with what it may be', function (array $changed, string $path, string $rule): void {
    $response = $this->postJson('/api/v1/evaluate', Yard::question($changed))->assertStatus(422);
    Contract::check($response, 'Problem');
    $found = collect($response->json('errors'))->firstWhere('path', $path);
    expect($found)->not->toBeNull()->and($found['rule'])->toBe($rule)->and($found['message'])->not->toContain('refusals.')->not->toContain(':min');
})->with([
    'no parts' => [['parts' => []], 'parts', 'no_parts'],
    'parts missing' => [['parts' => null], 'parts', 'required'],
    'parts as a word' => [['parts' => 'pumice'], 'parts', 'list'],
    'negative' => [['parts' => [['component_id' => 1, 'parts' => -1]]], 'parts.0.parts', 'between'],
    'empty' => [['parts' => [['component_id' => 1, 'parts' => null]]], 'parts.0.parts', 'required'],
    'all zero' => [['parts' => [['component_id' => 1, 'parts' => 0]]], 'parts', 'no_parts'],
    'ten thousand' => [['parts' => [['component_id' => 1, 'parts' => 10_000]]], 'parts.0.parts', 'between'],
    'ten thousand rows' => [['parts' => array_fill(0, 10_000, ['component_id' => 1, 'parts' => 1])], 'parts', 'too_many_components'],
    'twice the same' => [['parts' => [['component_id' => 1, 'parts' => 1], ['component_id' => 1, 'parts' => 2]]], 'parts.1.component_id', 'component_twice'],
    'unknown component' => [['parts' => [['component_id' => 987, 'parts' => 1]]], 'parts.0.component_id', 'component_missing'],
    'a component that is a word' => [['parts' => [['component_id' => 'one', 'parts' => 1]]], 'parts.0.component_id', 'number'],
    'unknown pot' => [['pot_id' => 987], 'pot_id', 'pot_missing'],
    'unknown group' => [['plant_group' => 'weeds'], 'plant_group', 'one_of'],
    'headspace over the rim' => [['headspace_cm' => 6.4], 'headspace_cm', 'root_zone'],
    'a layer thicker than the pot' => [['drainage_layer' => ['component_id' => 20, 'thickness_cm' => 9]], 'drainage_layer.thickness_cm', 'root_zone'],
    'an unknown layer' => [['drainage_layer' => ['component_id' => 987, 'thickness_cm' => 1]], 'drainage_layer.component_id', 'component_missing'],
    'a field nobody knows' => [['soil' => 1], 'soil', 'unknown'],
]);

test('an archived component is refused by name', function (): void {
    $question = Yard::question();
    Yard::component('pumice-3-6-mm')->setArchived(true);
    $this->postJson('/api/v1/evaluate', $question)->assertStatus(422)
        ->assertJsonPath('errors.0.path', 'parts.0.component_id')
        ->assertJsonPath('errors.0.message', 'Pumice 3-6 mm is archived. Take it back from the archive in Bins, or use another component.');
});

test('a body that is no JSON object is refused', function (string $body, string $type, string $rule): void {
    $this->call('POST', '/api/v1/evaluate', [], [], [], ['CONTENT_TYPE' => $type, 'HTTP_ACCEPT' => 'application/json'], $body)
        ->assertStatus(422)->assertJsonPath('errors.0.path', 'body')->assertJsonPath('errors.0.rule', $rule);
})->with([
    ['{"parts":', 'application/json', 'body_json'],
    ['', 'application/json', 'body_json'],
    ['[1,2]', 'application/json', 'object'],
    ['"pumice"', 'application/json', 'object'],
    ["{\"a\":\"\xff\"}", 'application/json', 'body_json'],
    ['{"a":"'.str_repeat('x', 1_000_001).'"}', 'application/json', 'body_size'],
]);

test('queries do not grow with the rows of a mix', function (): void {
    $count = function (array $parts): int {
        $question = Yard::question(['parts' => Yard::parts($parts)]);
        DB::enableQueryLog();
        DB::flushQueryLog();
        $this->postJson('/api/v1/evaluate', $question)->assertOk();

        return count(DB::getQueryLog());
    };
    $count(['pumice-3-6-mm' => 1]); // the yard's own factors are looked up once
    $few = $count(['pumice-3-6-mm' => 1]);
    $many = $count(['pumice-3-6-mm' => 1, 'lava-scoria-3-6-mm' => 1, 'sphagnum-peat' => 1, 'zeolite-2-5-mm' => 1, 'perlite-2-5-mm' => 1]);
    expect($many)->toBe($few)->toBeLessThanOrEqual(5);
});

test('an unknown address and an unknown id say so', function (): void {
    $this->getJson('/api/v1/weather')->assertNotFound()->assertJsonPath('message', 'There is nothing at api/v1/weather.');
    Contract::check($this->getJson('/api/v1/pots/987')->assertNotFound()->assertJsonPath('message', 'There is no pot with the id 987.'), 'Problem');
    $this->getJson('/api/v1/evaluate')->assertStatus(405)->assertJsonPath('message', 'This address does not take that kind of request.');
});

test('the words of the model are told', function (): void {
    Contract::check($this->getJson('/api/v1/meta')->assertOk()->assertJsonCount(11, 'plant_groups'), 'Meta');
});
