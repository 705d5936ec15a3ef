<?php

declare(strict_types=1);

use Tests\Feature\Contract;
use Tests\Feature\Yard;

// in Blend too: a ball of a typical soil, and a dressing that is named and held by the mix or not

beforeEach(function (): void {
    $pot = Yard::pot()->id;
    $this->ask = fn(array $contents, array $more = []) => $this->postJson('/api/v1/evaluate', [
        'parts' => Yard::parts(['granite-chip-4-8-mm' => 2, 'pumice-3-6-mm' => 1]), 'pot_id' => $pot, 'plant_group' => 'airy_conifers', 'headspace_cm' => 0.8, 'contents' => $contents, 'mends' => false, ...$more,
    ]);
});

test('a ball is of a typical soil where that is said, whatever recipe and years stand beside it', function (): void {
    $same = ($this->ask)(['ball' => ['share' => 0.3, 'years' => 0]])->assertOk();
    Contract::check($same, 'Evaluation');
    $peat = ($this->ask)(['ball' => ['share' => 0.3, 'years' => 0, 'soil' => 'nursery_peat']])->assertOk();
    $clay = ($this->ask)(['ball' => ['share' => 0.3, 'years' => 5, 'soil' => 'garden_clay']])->assertOk();
    expect($same->json('contents.ball.stays'))->toBe('alike')->and($peat->json('contents.ball.stays'))->toBe('wetter')->and($peat->json('contents.ball.theta'))->toBeGreaterThan($same->json('contents.ball.theta') + 0.2)
        ->and($clay->json('contents.ball.air'))->toBeLessThan(0.05)->and($peat->json('contents.new_mix_l'))->toEqualWithDelta($same->json('contents.new_mix_l'), 1e-9);
    ($this->ask)(['ball' => ['share' => 0.3, 'soil' => 'as_stood']])->assertUnprocessable()->assertJsonPath('errors.0.path', 'contents.ball.soil');
});

test('fine sand on coarse grains goes down between them, and a dressing of their size stays', function (): void {
    $id = static fn(string $key): int => Yard::component($key)->id;
    Yard::component('sharp-sand-0-25-2-mm')->update(['is_reference' => false, 'sieve' => ['0.5' => 0, '0.25' => 60, '0.125' => 40]]);
    $sand = ($this->ask)(['dressing_id' => $id('sharp-sand-0-25-2-mm')], ['top_dressing_cm' => 1])->assertOk();
    Contract::check($sand, 'Evaluation');
    [$pair] = $sand->json('contents.layers');
    expect($pair['upper'])->toBe('dressing')->and($pair['lower'])->toBe('mix')->and($pair['holds'])->toBeFalse()->and($pair['sifts_l'])->toBeGreaterThan(0.1)->and($pair['ratio'])->toBeGreaterThan(5.0);
    expect(($this->ask)(['dressing_id' => $id('horticultural-grit-2-5-mm')], ['top_dressing_cm' => 1])->json('contents.layers.0.holds'))->toBeTrue()
        ->and(($this->ask)(['dressing_id' => $id('sharp-sand-0-25-2-mm')])->json('contents.layers'))->toBe([]);
    ($this->ask)(['dressing_id' => 999_999], ['top_dressing_cm' => 1])->assertUnprocessable()->assertJsonPath('errors.0.path', 'contents.dressing_id');
    $layered = ($this->ask)(['objects_l' => 0], ['drainage_layer' => ['component_id' => $id('bark-mini-chip-6-12-mm'), 'thickness_cm' => 1]])->json('contents.layers');
    expect(array_column($layered, 'lower'))->toBe(['layer']);
});
