<?php

declare(strict_types=1);

use App\Shelf\Actions\HoldLot;
use App\Shelf\Actions\MoveStock;
use App\Shelf\Actions\SaveComponent;
use App\Shelf\Actions\SaveLot;
use App\Shelf\Actions\TakeFromShelf;
use App\Shelf\Models\Component;
use App\Shelf\Models\Lot;
use App\Shelf\Models\StockMovement;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Feature\Yard;
use Zolbek\Core\Basis\Input\Refused;

// the shelf as a ledger: whatever is done to it in whatever order, litres and movements agree

/** What must hold of a component after every step. */
function balanced(Component $component, string $after): void
{
    $component->refresh();
    $movements = StockMovement::query()->where('component_id', $component->id)->orderBy('id')->get();
    $lots = Lot::query()->where('component_id', $component->id)->get();
    expect($movements->sum('litres'))->toEqualWithDelta($component->stock_l, 1e-6, "the movements add up to the stock, after {$after}")
        ->and($component->stock_l)->toBeGreaterThanOrEqual(0.0, $after);
    if ($movements->isNotEmpty()) {
        expect($movements->last()->stock_after_l)->toEqualWithDelta($component->stock_l, 1e-9, "the last movement says the stock, after {$after}");
    }
    foreach ($lots as $lot) {
        expect($movements->where('lot_id', $lot->id)->sum('litres'))->toEqualWithDelta($lot->stock_l, 1e-6, "of each delivery too, after {$after}")
            ->and($lot->stock_l)->toBeGreaterThanOrEqual(0.0, $after);
    }
    expect($lots->sum('stock_l'))->toBeLessThanOrEqual($component->stock_l + 1e-6, "the deliveries and what lies there without one come to the stock, after {$after}");
    $running = 0.0;
    foreach ($movements as $movement) {
        $running += $movement->litres;
        expect($movement->stock_after_l)->toEqualWithDelta($running, 1e-6, "each line carries the sum on, after {$after}");
    }
}

/** @return array{string, bool} what was tried, and whether it was taken */
function anyStep(Randomizer $random, Component $component): array
{
    $lots = Lot::query()->where('component_id', $component->id)->get();
    $lot = $lots->isEmpty() || $random->getInt(0, 2) === 0 ? null : $lots[$random->getInt(0, $lots->count() - 1)];
    $litres = $random->getInt(1, 400) / 10.0;
    $move = app(MoveStock::class);
    $none = $random->getInt(0, 9) === 0;
    [$what, $try] = match ($random->getInt(0, 12)) {
        // often enough that most of the stock is of deliveries
        0, 10, 11, 12 => ["delivery of {$litres}", fn() => app(SaveLot::class)(new Lot(), $component, ['name' => 'L'.$random->getInt(0, 99_999), 'delivered_on' => '2026-03-0'.$random->getInt(1, 9), 'quantity_l' => $litres])],
        1 => ["use of {$litres}", fn() => $move->asTyped($component, ['kind' => 'used', 'litres' => $litres, 'lot_id' => $random->getInt(0, 1) === 0 ? null : $lot?->id])],
        2 => ["loss of {$litres}", fn() => $move->asTyped($component, ['kind' => 'lost', 'litres' => $litres, 'lot_id' => $lot?->id])],
        3 => ["count of all to {$litres}", fn() => $move->asTyped($component, ['kind' => 'count', 'counted_l' => $none ? 0 : $litres])],
        6 => ["count of one to {$litres}", fn() => $move->asTyped($component, ['kind' => 'count', 'counted_l' => $none ? 0 : $litres, 'lot_id' => $lot?->id])],
        7 => ['count of each', fn() => $move->asTyped($component, ['kind' => 'count', 'counted_l' => $litres + 20 * $lots->count(), 'lots' => array_values($lots->map(static fn(Lot $each): array => ['lot_id' => $each->id, 'counted_l' => $random->getInt(0, 200) / 10])->all())])],
        8 => ['holding and letting go', fn() => $lot === null ? null : app(HoldLot::class)($lot, ['held' => $random->getInt(0, 2) === 0, 'note' => 'sour'])],
        9 => ["stock typed over to {$litres}", fn() => $move->count($component, $litres)],
        4 => ["take of {$litres}", fn() => app(TakeFromShelf::class)($component, $litres, $lot?->id, 'Pines')],
        default => ["take and return of {$litres}", fn() => app(TakeFromShelf::class)->putBack(app(TakeFromShelf::class)($component, $litres, $lot?->id, 'Pines', false), 'Pines')],
    };
    try {
        $try();
    } catch (Refused) {
        return [$what, false];
    }

    return [$what, true];
}

test('whatever is delivered, used, lost, counted, taken and put back, the ledger agrees', function (int $seed): void {
    $random = new Randomizer(new Mt19937($seed));
    $component = Yard::component('pumice-3-6-mm');
    $taken = 0;
    foreach (range(1, 40) as $i) {
        [$what, $isTaken] = anyStep($random, $component);
        $taken += $isTaken ? 1 : 0;
        balanced($component, "step {$i}, {$what}");
    }
    expect($taken)->toBeGreaterThan(10);
})->with([1, 2, 3, 4, 5, 6]);

test('what is refused moves nothing', function (int $seed): void {
    $random = new Randomizer(new Mt19937($seed));
    $component = Yard::component('pumice-3-6-mm');
    $refused = 0;
    foreach (range(1, 40) as $_) {
        $before = [StockMovement::query()->count(), $component->refresh()->stock_l, Lot::query()->pluck('stock_l', 'id')->all()];
        [, $isTaken] = anyStep($random, $component);
        if (! $isTaken) {
            ++$refused;
            expect([StockMovement::query()->count(), $component->refresh()->stock_l, Lot::query()->pluck('stock_l', 'id')->all()])->toBe($before);
        }
    }
    expect($refused)->toBeGreaterThan(2);
})->with([11, 12, 13]);

test('what was taken and is put back lies where it lay', function (int $seed): void {
    $random = new Randomizer(new Mt19937($seed));
    $component = Yard::component('pumice-3-6-mm');
    foreach (range(1, 4) as $i) {
        app(SaveLot::class)(new Lot(), $component, ['name' => 'L'.$i, 'delivered_on' => '2026-0'.$random->getInt(1, 9).'-01', 'quantity_l' => $random->getInt(5, 60)]);
    }
    $before = Lot::query()->pluck('stock_l', 'id')->all();
    $litres = $random->getInt(1, (int) $component->refresh()->stock_l);
    $taken = app(TakeFromShelf::class)($component, $litres, null, 'Pines');
    expect(array_sum(array_column($taken, 'litres')))->toEqualWithDelta($litres, 1e-9);
    app(TakeFromShelf::class)->putBack($taken, 'Not potted');
    expect(Lot::query()->pluck('stock_l', 'id')->all())->toEqualWithDelta($before, 1e-9)->and($component->refresh()->stock_l)->toEqualWithDelta(array_sum($before), 1e-9);
})->with([21, 22, 23, 24]);

test('the oldest delivery goes first, the one that was asked for before it', function (): void {
    $component = Yard::component('pumice-3-6-mm');
    $lots = [];
    foreach (['2026-05-01' => 10, '2025-11-01' => 10, '2026-02-01' => 10] as $day => $litres) {
        $lots[$day] = app(SaveLot::class)(new Lot(), $component, ['delivered_on' => $day, 'quantity_l' => $litres])->id;
    }
    $take = app(TakeFromShelf::class);
    expect(array_column($take($component, 15, null, ''), 'litres', 'lot_id'))->toBe([$lots['2025-11-01'] => 10.0, $lots['2026-02-01'] => 5.0])
        ->and(array_column($take($component, 12, $lots['2026-05-01'], ''), 'litres', 'lot_id'))->toBe([$lots['2026-05-01'] => 10.0, $lots['2026-02-01'] => 2.0]);
});

test('what lies loose goes after the deliveries', function (): void {
    $component = Yard::component('pumice-3-6-mm');
    app(MoveStock::class)->asTyped($component, ['kind' => 'count', 'counted_l' => 8]);
    $lot = app(SaveLot::class)(new Lot(), $component, ['delivered_on' => '2026-05-01', 'quantity_l' => 10]);
    expect(array_map(static fn(array $part): array => [$part['lot_id'], $part['litres']], app(TakeFromShelf::class)($component, 13, null, '')))->toBe([[$lot->id, 10.0], [null, 3.0]]);
});

test('all or nothing takes nothing where it is short; otherwise what is there is taken', function (): void {
    $component = Yard::component('pumice-3-6-mm');
    app(MoveStock::class)->asTyped($component, ['kind' => 'count', 'counted_l' => 8]);
    expect(fn() => app(TakeFromShelf::class)($component, 8.1, null, ''))->toThrow(Refused::class)->and($component->refresh()->stock_l)->toBe(8.0);
    $taken = app(TakeFromShelf::class)($component, 8.1, null, '', false);
    expect(array_sum(array_column($taken, 'litres')))->toBe(8.0)->and($component->refresh()->stock_l)->toBe(0.0)->and(app(TakeFromShelf::class)($component, 1.0, null, '', false))->toBe([]);
});

test('a stock typed over in the form of a component is a line of the ledger, and the same stock is none', function (): void {
    $component = app(SaveComponent::class)(new Component(), Yard::ownComponent());
    balanced($component, 'a new one with 40 L');
    foreach ([12.5, 12.5, 0.0, 300.0] as $litres) {
        app(SaveComponent::class)($component, [...Yard::ownComponent(), 'stock_l' => $litres]);
        balanced($component, "a count of {$litres}");
    }
    expect(StockMovement::query()->where('component_id', $component->id)->pluck('litres')->all())->toBe([40.0, -27.5, -12.5, 300.0]);
});

test('a delivery archived or renamed moves nothing, and its quantity is fixed', function (): void {
    $component = Yard::component('pumice-3-6-mm');
    $lot = app(SaveLot::class)(new Lot(), $component, ['name' => 'Spring', 'delivered_on' => '2026-05-01', 'quantity_l' => 10]);
    app(SaveLot::class)($lot, $component, ['name' => 'Spring, wet', 'delivered_on' => '2026-05-02', 'price' => 9]);
    $lot->setArchived(true);
    balanced($component, 'archiving');
    expect(StockMovement::query()->count())->toBe(1)->and(fn() => app(SaveLot::class)($lot, $component, ['name' => 'Spring', 'delivered_on' => '2026-05-01', 'quantity_l' => 11]))->toThrow(Refused::class);
});
