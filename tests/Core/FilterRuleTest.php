<?php

declare(strict_types=1);

use Tests\Core\Reference;
use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Grading\Grading;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Container\FilterRule;

/** Grains that are nearly all of one size, mm. */
function grains(float $mm): Substrate
{
    $sieve = [(string) ($mm * 1.01) => 0.0, (string) ($mm * 0.99) => 100.0];

    return new Substrate(new Blend([[Reference::component('horticultural-grit-2-5-mm')->with(grading: Grading::fromSieve($sieve)), 1.0]]));
}

test('grains go down where those beneath are more than five times as coarse', function (float $upper, float $lower, bool $holds): void {
    $rule = new FilterRule(grains($upper), 1.0, grains($lower), 2.0);
    expect($rule->ratio)->toBeNear($lower / $upper, 0.02)->and($rule->holds)->toBe($holds);
})->with([[0.5, 4.0, false], [0.5, 2.4, true], [1.0, 5.5, false], [3.0, 3.0, true], [5.0, 1.0, true]]);

test('what goes down is what there is, or what the pores take; and it takes the air of those pores', function (): void {
    $lower = grains(6.0);
    $upper = grains(0.4);
    $little = new FilterRule($upper, 0.1, $lower, 2.0);
    $much = new FilterRule($upper, 5.0, $lower, 2.0);
    $air = static fn(Substrate $each): float => $each->retention->saturated - $each->retention->theta(10.0);
    expect($little->siftedL)->toBe(0.1)->and($much->siftedL)->toBeNear(2.0 * $lower->interPorosity, 1e-12)
        ->and($little->airLostL)->toBeNear(0.1 * ($air($lower) / $lower->interPorosity - $air($upper)), 1e-12)->and($little->airLostL)->toBeGreaterThan(0.02)
        ->and((new FilterRule($lower, 5.0, $upper, 2.0))->siftedL)->toBe(0.0);
});

test('moss holds what lies on it', function (): void {
    $moss = new Substrate(new Blend([[Reference::component('long-fibre-sphagnum-moss'), 1.0]]));
    $rule = new FilterRule(grains(0.2), 1.0, $moss, 1.0);
    expect($rule->ratio)->toBeNull()->and($rule->holds)->toBeTrue()->and($rule->airLostL)->toBe(0.0);
});

test('the coarser what lies beneath, the sooner it goes down', function (int $seed): void {
    mt_srand($seed);
    $upper = grains(mt_rand(2, 40) / 10);
    $before = 0.0;
    $held = true;
    foreach ([1.0, 2.0, 4.0, 8.0, 16.0] as $mm) {
        $rule = new FilterRule($upper, 1.0, grains($mm), 1.0);
        expect($rule->ratio)->toBeGreaterThan($before)->and($rule->holds && ! $held)->toBeFalse();
        [$before, $held] = [$rule->ratio, $rule->holds];
    }
})->with(range(1, 6));
