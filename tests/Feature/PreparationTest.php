<?php

declare(strict_types=1);

use Tests\Feature\Contract;
use Tests\Feature\Yard;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Mix\Preparation\Preparation;

/** @param array<string, mixed> $preparation */
function preparedParts(array $preparation): array
{
    $parts = Yard::parts(['pumice-3-6-mm' => 1, 'composted-bark-fine-2-8-mm' => 1]);
    $parts[0]['preparation'] = $preparation;

    return $parts;
}

test('screening is told with and without, with what is lost and what that costs', function (): void {
    Yard::component('pumice-3-6-mm')->update(['pack_l' => 40, 'pack_price' => 20, 'stock_l' => 1]);
    Yard::component('composted-bark-fine-2-8-mm')->update(['pack_l' => 60, 'pack_price' => 12]);
    $plain = $this->postJson('/api/v1/evaluate', Yard::question(['parts' => preparedParts([])]))->assertOk();
    $screened = $this->postJson('/api/v1/evaluate', Yard::question(['parts' => preparedParts(['screen_lo_mm' => 2.8])]))->assertOk();
    Contract::check($screened, 'Evaluation');
    $kept = 1 - Yard::component('pumice-3-6-mm')->toCore()->grading->passingAt(2.8);
    expect($plain->json('preparation'))->toBeNull()
        ->and($screened->json('preparation.losses.0.kept_share'))->toEqualWithDelta($kept, 1e-12)
        ->and($screened->json('preparation.losses.0.loss_price_per_l'))->toEqualWithDelta(0.5 * 0.5 * (1 / $kept - 1), 1e-9)
        ->and($screened->json('preparation.without.air'))->toEqualWithDelta($plain->json('pot.air'), 1e-12)
        ->and($screened->json('preparation.without.price_per_l'))->toEqualWithDelta($plain->json('mix.price_per_l'), 1e-12)
        ->and($screened->json('pot.air'))->toBeGreaterThan($plain->json('pot.air'))
        ->and($screened->json('mix.price_per_l'))->toBeGreaterThan($plain->json('mix.price_per_l'));
});

test('what is thrown away is taken from the bin and bought', function (): void {
    Yard::component('pumice-3-6-mm')->update(['pack_l' => 10, 'pack_price' => 5, 'stock_l' => 0]);
    $plan = $this->postJson('/api/v1/batches/plan', [...Yard::question(['parts' => preparedParts(['screen_lo_mm' => 4, 'wet' => 'soak'])]), 'order' => ['pots' => 20, 'tub_l' => 40, 'scoop_l' => 1]])->assertOk();
    Contract::check($plan, 'BatchPlan');
    $line = $plan->json('lines.0');
    expect($line['kept_share'])->toBeLessThan(0.7)->and($line['gross_l'] * $line['kept_share'])->toEqualWithDelta($line['scooped_l'], 1e-9)
        ->and($line['packs'])->toBe((int) ceil($line['gross_l'] / 10))
        ->and($line['loss_cost'])->toEqualWithDelta(0.5 * ($line['gross_l'] - $line['scooped_l']), 1e-9)
        ->and($line['preparation'])->toEqual(['screen_lo_mm' => 4, 'wet' => 'soak']);
});

test('a recipe keeps what is done before mixing, a batch too', function (): void {
    $recipe = $this->postJson('/api/v1/recipes', ['name' => 'Sieved', 'plant_group' => 'airy_conifers', 'parts' => preparedParts(['screen_lo_mm' => 2.8, 'screen_hi_mm' => 8, 'rinse_mm' => 0.5])])->assertCreated();
    Contract::check($recipe, 'Recipe');
    expect($recipe->json('parts.0.preparation'))->toEqual(['screen_lo_mm' => 2.8, 'screen_hi_mm' => 8, 'rinse_mm' => 0.5])->and($recipe->json('parts.1.preparation'))->toBeNull();
    $batch = $this->postJson('/api/v1/batches', [...Yard::question(['parts' => preparedParts(['rinse_mm' => 0.5])]), 'name' => 'B', 'recipe_id' => $recipe->json('id'), 'order' => ['pots' => 2, 'tub_l' => 20, 'scoop_l' => 1]])->assertCreated();
    Contract::check($batch, 'Batch');
    expect($batch->json('inputs.parts.0.preparation'))->toEqual(['rinse_mm' => 0.5]);
});

test('cutting oversize loses nothing and leaves nothing coarser', function (): void {
    $bark = Yard::component('bark-mini-chip-6-12-mm')->toCore();
    [$cut, $kept] = Preparation::read(['cut_mm' => 6], new Refusals(), '')->of($bark);
    expect($kept)->toBe(1.0)->and($cut->grading->passingAt(6.0))->toBe(1.0)
        ->and($cut->grading->passingAt(2.0))->toEqualWithDelta($bark->grading->passingAt(2.0), 1e-12)
        ->and($cut->grading->passingAt(4.5))->toBeGreaterThan($bark->grading->passingAt(4.5));
});

test('wetting alone changes no figure', function (): void {
    $plain = $this->postJson('/api/v1/evaluate', Yard::question(['parts' => preparedParts([])]))->json();
    expect($this->postJson('/api/v1/evaluate', Yard::question(['parts' => preparedParts(['wet' => 'soak'])]))->json())->toBe($plain);
});

test('a preparation that cannot be is refused at its field', function (array $preparation, string $path, string $rule): void {
    $this->postJson('/api/v1/evaluate', Yard::question(['parts' => preparedParts($preparation)]))->assertStatus(422)->assertJsonPath('errors.0.path', 'parts.0.preparation'.$path)->assertJsonPath('errors.0.rule', $rule);
})->with([
    [['screen_lo_mm' => -1], '.screen_lo_mm', 'between'],
    [['screen_lo_mm' => 4, 'screen_hi_mm' => 2], '.screen_hi_mm', 'screens_order'],
    [['screen_lo_mm' => 60], '.screening', 'nothing_kept'],
    [['wet' => 'drown'], '.wet', 'one_of'],
    [['polish_mm' => 1], '.polish_mm', 'unknown'],
]);
