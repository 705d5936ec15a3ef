<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;
use Tests\Feature\Contract;
use Tests\Feature\Yard;
use Zolbek\Core\Verdict\Fit\Quality;

test('a component is told with its curves, how sure it is, and what is made of it', function (): void {
    $pumice = Yard::component('pumice-3-6-mm');
    $pumice->update(['pack_l' => 40, 'pack_price' => 20]);
    $this->postJson('/api/v1/recipes', ['name' => 'Scree', 'plant_group' => 'desert', 'parts' => Yard::parts(['pumice-3-6-mm' => 1])])->assertCreated();
    $this->postJson('/api/v1/batches', [...Yard::question(), 'name' => 'Trays', 'order' => ['pots' => 1, 'tub_l' => 20, 'scoop_l' => 1]])->assertCreated();
    $response = $this->getJson("/api/v1/components/{$pumice->id}/sheet")->assertOk();
    Contract::check($response, 'ComponentSheet');
    $sheet = $response->json();
    expect($sheet['poured']['theta_10'])->toBeNear(0.2267493481)
        ->and($sheet['uncertainty']['bulk_density'])->toBeNear(0.069)
        ->and($sheet['uncertainty']['ph'])->toBe(0.5)
        ->and($sheet['price_per_l'])->toBe(0.5)
        ->and(array_column($sheet['recipes'], 'name'))->toBe(['Scree'])
        ->and(array_column($sheet['batches'], 'name'))->toBe(['Trays'])
        ->and($sheet['ageing']['left'])->toBeGreaterThan(0.98)->toBeLessThan(1.0)
        ->and($sheet['ageing']['finer_than_1_mm_then'])->toBeGreaterThan($sheet['ageing']['finer_than_1_mm_now']);
    $total = array_map(static fn(array $point): float => $point['between'] + $point['inside'], $sheet['retention']);
    $falling = $total;
    rsort($falling);
    expect($total)->toBe($falling)->and($total[0])->toBeLessThan($sheet['poured']['saturated_water']);
});

test('every shipped component has a sheet, a colour and something to be said of it', function (): void {
    foreach ($this->getJson('/api/v1/components?per_page=200')->json('data') as $component) {
        $response = $this->getJson("/api/v1/components/{$component['id']}/sheet")->assertOk();
        Contract::check($response, 'ComponentSheet');
        expect($response->json('qualities'))->not->toBeEmpty()->and($component['colour'])->not->toBe('#9c9184');
    }
});

test('qualities are what growers say of a material', function (string $key, array $said, array $unsaid): void {
    $qualities = Quality::of(Yard::component($key)->toCore());
    foreach ($said as $quality) {
        expect($qualities)->toContain($quality);
    }
    foreach ($unsaid as $quality) {
        expect($qualities)->not->toContain($quality);
    }
})->with([
    ['pumice-3-6-mm', [Quality::DrainsFast, Quality::Lasting, Quality::HoldsNoFood], [Quality::Heavy, Quality::Rots, Quality::HoldsMuchWater]],
    ['sphagnum-peat', [Quality::HoldsMuchWater, Quality::LowersPh, Quality::Rots, Quality::Light, Quality::Compacts], [Quality::RaisesPh, Quality::Lasting]],
    ['perlite-2-5-mm', [Quality::Floats, Quality::Light], [Quality::Heavy]],
    ['horticultural-grit-2-5-mm', [Quality::Heavy, Quality::HoldsLittleWater, Quality::Lasting], [Quality::Floats, Quality::HoldsFood]],
    ['garden-compost-screened-8-mm', [Quality::RaisesPh, Quality::DrainsSlowly, Quality::HoldsFood], [Quality::DrainsFast]],
    ['kanuma-type-acid-granule-2-6-mm', [Quality::LowersPh, Quality::Crumbles], [Quality::Lasting]],
]);

test('a sheet asks as many questions however often a component is used', function (): void {
    $id = Yard::component('pumice-3-6-mm')->id;
    $count = function () use ($id): int {
        DB::enableQueryLog();
        DB::flushQueryLog();
        $this->getJson("/api/v1/components/$id/sheet")->assertOk();

        return count(DB::getQueryLog());
    };
    $count(); // the yard's own factors are looked up once
    $none = $count();
    foreach (range(1, 6) as $i) {
        $this->postJson('/api/v1/recipes', ['name' => 'Recipe '.$i, 'plant_group' => 'desert', 'parts' => Yard::parts(['pumice-3-6-mm' => $i])])->assertCreated();
    }
    expect($count())->toBe($none);
});
