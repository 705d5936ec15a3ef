<?php

declare(strict_types=1);

use App\Plants\Models\MoistureCheck;
use App\Plants\Models\Plant;
use App\Truth\Actions\RecomputeForecasts;
use App\Truth\ModelNotice;
use Illuminate\Support\Carbon;
use Tests\Feature\Collection;
use Tests\Feature\Contract;

/** @return list<array<string, mixed>> */
function firstPots(object $test): array
{
    return $test->getJson('/api/v1/today')->json('water.pots');
}

beforeEach(fn() => Carbon::setTestNow('2026-07-10 09:00:00'));

test('pots that are dry first stand first, and who was watered drops back', function (): void {
    $shade = Collection::plant(['name' => 'In shade', 'exposure' => 'shade', 'canopy_cm' => 40]);
    $sun = Collection::plant(['name' => 'In the sun', 'canopy_cm' => 60]);
    Contract::check($this->getJson('/api/v1/today')->assertOk(), 'Today');
    $first = firstPots($this);
    expect(array_column($first, 'name'))->toBe(['In the sun', 'In shade'])->and($first[0]['watered_h'])->toBeNull()->and($first[0]['left_h'])->toBeNull()->and($first[0]['lasts_h'])->toBeLessThan($first[1]['lasts_h']);
    $this->postJson("/api/v1/plants/{$shade->id}/moisture", ['verdict' => 'water'])->assertCreated();
    Carbon::setTestNow(now()->addHours(6));
    $then = firstPots($this);
    $watered = $then[array_search($shade->id, array_column($then, 'id'), true)];
    expect($watered['watered_h'])->toEqual(6.0)->and($watered['left_h'])->toBeLessThan($watered['lasts_h'] + 6.0)->toBeGreaterThan($watered['lasts_h'] - 12.0);
    // a tap of long ago says nothing any more
    Carbon::setTestNow(now()->addDays(30));
    expect(array_filter(array_column(firstPots($this), 'watered_h')))->toBe([])->and(array_column(firstPots($this), 'id'))->toContain($sun->id);
});

test('what the list says of a pot is what its own page says', function (): void {
    $plant = Collection::plant();
    foreach ([[96, 'water'], [60, 'wait'], [40, 'water']] as [$hours, $verdict]) {
        MoistureCheck::query()->create(['plant_id' => $plant->id, 'checked_at' => now()->subHours($hours), 'method' => 'stick', 'verdict' => $verdict, 'hours_since' => $hours === 96 ? null : 96 - $hours, 'person' => '']);
    }
    $stick = $this->getJson("/api/v1/plants/{$plant->id}")->json('stick');
    expect($stick['taps'])->toBe(2)->and(firstPots($this)[0]['lasts_h'])->toBe($stick['learned_h'])->and($stick['learned_h'])->not->toBe($stick['computed_h']);
});

test('only kept plants count, those without a pot are told, and a list has an end', function (): void {
    foreach (range(1, 8) as $i) {
        Collection::plant(['name' => "Pot $i", 'canopy_cm' => 20 + $i]);
    }
    Collection::plant(['name' => 'Loose', 'pot_id' => null]);
    $gone = Collection::plant(['name' => 'Gone', 'canopy_cm' => 200]);
    $gone->setArchived(true);
    $water = $this->getJson('/api/v1/today')->json('water');
    expect($water['unknown'])->toBe(1)->and(array_column($water['pots'], 'name'))->toBe(['Pot 8', 'Pot 7', 'Pot 6', 'Pot 5', 'Pot 4', 'Pot 3']);
});

test('the season is that of the place, month by month', function (string $day, string $season): void {
    Collection::plant();
    Carbon::setTestNow($day.' 09:00:00');
    expect($this->getJson('/api/v1/today')->json('water.season'))->toBe($season);
})->with([['2026-01-15', 'frost'], ['2026-05-15', 'growth']]);

test('plants of before are found a figure at the next start, without being told that the model was revised', function (): void {
    $plant = Collection::plant();
    $dries = $plant->dries_h;
    Plant::query()->update(['dries_h' => null]);
    expect($this->getJson('/api/v1/today')->json('water.unknown'))->toBe(1);
    app(RecomputeForecasts::class)();
    expect($dries)->toBeGreaterThan(0.0)->and($plant->refresh()->dries_h)->toBe($dries)->and(ModelNotice::isUntold())->toBeFalse();
});

test('two taps on one watering, by two hands or by one that was wet, are one and teach nothing', function (): void {
    $plant = Collection::plant();
    $tap = fn(string $verdict = 'water') => $this->postJson("/api/v1/plants/{$plant->id}/moisture", ['verdict' => $verdict])->assertCreated()->json();
    $first = $tap();
    Carbon::setTestNow(now()->addMinutes(59));
    expect($tap()['id'])->toBe($first['id'])->and($tap('wait')['hours_since'])->toEqualWithDelta(59 / 60, 1e-9);
    $stick = $this->getJson("/api/v1/plants/{$plant->id}")->json('stick');
    expect($stick['learned_h'])->toBe($stick['computed_h'])->and(MoistureCheck::query()->where('verdict', 'water')->count())->toBe(1);
    Carbon::setTestNow(now()->addMinutes(1));
    expect($tap()['id'])->not->toBe($first['id'])->and(MoistureCheck::query()->where('verdict', 'water')->count())->toBe(2);
});
