<?php

declare(strict_types=1);

use Tests\Core\Season;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Work\Irrigation\ZonePlan;
use Zolbek\Core\Work\Irrigation\ZonePot;

/** @return list<ZonePot> */
function zonePots(): array
{
    return array_map(static fn(array $pot): ZonePot => new ZonePot($pot['name'], $pot['W0'] - $pot['Wlimit'], $pot['use'], $pot['emitters']), Season::vectors()['zone']['pots']);
}

test('a zone is planned as in the reference', function (): void {
    $of = Season::vectors()['zone'];
    $plan = new ZonePlan(zonePots(), $of['rate_l_h'], $of['du']);
    $want = $of['answer'];
    expect($plan->everyH)->toEqual($want['every_h'])->and($plan->minutes)->toBeNear($want['minutes'], 1e-9)->and($plan->pots[$plan->thirstiest]['name'])->toBe($want['thirstiest'])
        ->and($plan->wettest === null ? null : $plan->pots[$plan->wettest]['name'])->toBe('dry juniper');
    foreach ($want['pots'] as $i => $pot) {
        foreach (['interval_h', 'need_l', 'given_l', 'drained_l', 'times'] as $figure) {
            expect($plan->pots[$i][$figure])->toBeNear($pot[$figure], 1e-9);
        }
        expect($plan->pots[$i]['belongs'])->toBe($pot['belongs'])->and($plan->pots[$i]['name'])->toBe($pot['name']);
    }
});

test('emitters that mend a zone bring each pot near to what the thirstiest gets', function (): void {
    $plan = new ZonePlan(zonePots(), 2.0, 0.85);
    expect(array_column($plan->pots, 'mend_emitters'))->toBe([2, 1, 4, 1]);
});

test('a zone of resting pots runs long apart, and says that nothing is needed', function (): void {
    $plan = new ZonePlan([new ZonePot('resting', 0.8, 0.0, 1)], 2.0, 0.9);
    expect($plan->everyH)->toBe(336.0)->and($plan->minutes)->toBe(0.0)->and($plan->pots[0]['belongs'])->toBeFalse()->and($plan->pots[0]['times'])->toBeNull()->and($plan->wettest)->toBeNull();
    $thirsty = new ZonePlan([new ZonePot('small', 0.1, 2.0, 1)], 2.0, 0.9);
    expect($thirsty->everyH)->toBe(6.0)->and($thirsty->pots[0]['belongs'])->toBeTrue();
});

test('what cannot be a zone is refused at its field', function (array $pots, float $rate, float $uniformity, string $field): void {
    expect(fn() => new ZonePlan($pots, $rate, $uniformity))->toThrow(Refused::class, $field);
})->with([[[], 2.0, 0.8, 'pots'], [[new ZonePot('a', 1.0, 1.0, 1)], 0.0, 0.8, 'rate_l_h'], [[new ZonePot('a', 1.0, 1.0, 1)], 2.0, 0.2, 'uniformity'], [[new ZonePot('a', 1.0, 1.0, 1)], NAN, 0.8, 'rate_l_h']]);

test('more emitters never make the minutes longer, and a less even line makes them longer', function (): void {
    $minutes = static fn(int $emitters, float $du): float => (new ZonePlan([new ZonePot('a', 0.8, 0.9, $emitters), new ZonePot('b', 1.2, 0.6, 1)], 2.0, $du))->minutes;
    expect($minutes(2, 0.8))->toBeLessThan($minutes(1, 0.8))->and($minutes(1, 0.6))->toBeGreaterThan($minutes(1, 0.8));
});
