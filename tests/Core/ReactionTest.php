<?php

declare(strict_types=1);

use Tests\Core\Reference;
use Zolbek\Core\Course\Reaction\Correction;
use Zolbek\Core\Course\Reaction\ReactionCourse;
use Zolbek\Core\Mix\Chemistry\CationExchange;
use Zolbek\Core\Mix\Chemistry\Reaction;
use Zolbek\Core\Place\Watering\Feed;

test('buffer and exchange capacity of a settled mix are its loose ones over the yield', function (): void {
    $mix = Reference::evenThree();
    $loose = array_map(static fn(string $key): array => [Reference::raw($key)['buffer'] ?? 0, Reference::raw($key)['cec'] ?? 0], ['pumice-3-6-mm', 'lava-scoria-3-6-mm', 'akadama-type-clay-granule-2-6-mm']);
    expect((new CationExchange($mix))->bufferMmolL)->toBeNear(array_sum(array_column($loose, 0)) / 3 / 0.9175782912, 1e-8)
        ->and((new CationExchange($mix))->cecCmolL)->toBeNear(array_sum(array_column($loose, 1)) / 3 / 0.9175782912, 1e-8);
});

test('the pH of a blend lies between those of its components, nearer to the one that buffers more', function (): void {
    $peat = Reference::component('sphagnum-peat');
    $grit = Reference::component('horticultural-grit-2-5-mm');
    $ph = (float) Reaction::ph(Reference::blend(['sphagnum-peat' => 1, 'horticultural-grit-2-5-mm' => 1]));
    expect($ph)->toBeGreaterThan((float) min($peat->ph, $grit->ph))->toBeLessThan((float) max($peat->ph, $grit->ph));
    $nearer = $peat->buffer > $grit->buffer ? $peat : $grit;
    expect(abs($ph - (float) $nearer->ph))->toBeLessThan(abs((float) $peat->ph - (float) $grit->ph) / 2.0);
});

test('a dose is what stoichiometry says', function (): void {
    $down = new Correction(20.0, 7.0, 6.0);
    $up = new Correction(20.0, 5.0, 6.0);
    expect($down->agent)->toBe('sulphur')
        ->and($down->gramsPerL)->toBeNear(0.3206, 1e-12)
        ->and($up->agent)->toBe('carbonate')
        ->and($up->gramsPerL)->toBeNear(1.0008, 1e-12)
        ->and((new Correction(0.0, 5.0, 6.0))->agent)->toBeNull()
        ->and((new Correction(20.0, 6.0, 6.0))->agent)->toBeNull();
});

test('a mix goes where its water, its feed and what is leached take it, never above its cap', function (): void {
    $hard = new ReactionCourse(21.0, 25.0, 15.0, 240.0, 0.0, 15.0);
    $fed = new ReactionCourse(21.0, 20.0, 12.0, 20.0, 0.0, 40.0);
    $still = new ReactionCourse(21.0, 0.0, 0.0, 240.0);
    expect($hard->phAfter(5.2, 2.0))->toBeNear($hard->cap, 1e-12)
        ->and($hard->phAfter(9.0, 0.0))->toBe($hard->cap)
        ->and($fed->phAfter(5.2, 2.0))->toBeLessThan(5.2)
        ->and($fed->phAfter(5.2, 50.0))->toBeGreaterThan(4.0)
        ->and($still->phAfter(6.0, 5.0))->toBeNear(6.0, 1e-9);
});

test('feed is acid by its nitrogen', function (): void {
    expect(array_map(static fn(Feed $feed): float => $feed->mmolLYear(), Feed::cases()))->toBe([0.0, 15.0, 40.0]);
});
