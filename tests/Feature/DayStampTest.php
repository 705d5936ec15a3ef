<?php

declare(strict_types=1);

use App\PottingDays\Models\PottingDay;
use App\Shelf\Models\Component;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Collection;

/** @return array<string, mixed> a day with one plant on it */
function dayOfOne(object $test): array
{
    $plant = Collection::plant();
    Component::query()->where('key', 'pumice-3-6-mm')->update(['stock_l' => 50]);
    $id = $test->postJson('/api/v1/days', ['name' => 'Spring bench', 'planned_on' => '2026-03-18', 'tub_l' => 40, 'scoop_l' => 1])->assertCreated()->json('id');

    return $test->postJson("/api/v1/days/$id/plants", ['plant_ids' => [$plant->id]])->assertCreated()->json();
}

/** The status of a day asked for with the stamp that one has. */
function askedAgain(object $test, string $address, string $stamp): int
{
    return $test->get($address, ['If-None-Match' => $stamp])->getStatusCode();
}

test('a day that has not changed is not worked out again', function (): void {
    $day = dayOfOne($this);
    $address = '/api/v1/days/'.$day['id'];
    $first = $this->get($address)->assertOk();
    $stamp = (string) $first->headers->get('ETag');
    expect($stamp)->toMatch('/^"[0-9a-f]{32}"$/')->and($first->headers->get('Cache-Control'))->toContain('no-cache')->toContain('private');
    DB::enableQueryLog();
    $again = $this->get($address, ['If-None-Match' => $stamp])->assertStatus(304);
    expect($again->getContent())->toBe('')->and(count(DB::getQueryLog()))->toBeLessThan(20);
});

test('whatever changes a day changes its stamp', function (Closure $change): void {
    $day = dayOfOne($this);
    $address = '/api/v1/days/'.$day['id'];
    $stamp = (string) $this->get($address)->headers->get('ETag');
    expect(askedAgain($this, $address, $stamp))->toBe(304);
    $change($this, $day);
    $changed = $this->get($address, ['If-None-Match' => $stamp])->assertOk();
    expect($changed->headers->get('ETag'))->not->toBe($stamp);
})->with([
    'its name' => fn($test, array $day) => DB::table('potting_days')->where('id', $day['id'])->update(['name' => 'Put off']),
    'how one plant is potted' => fn($test, array $day) => $test->putJson("/api/v1/days/{$day['id']}/plants/{$day['entries'][0]['id']}", ['revision' => 1, 'changes' => ['helper' => 'Orsolt']])->assertOk(),
    'a load that was mixed' => fn($test, array $day) => DB::table('day_loads')->insert(['potting_day_id' => $day['id'], 'recipe_id' => $day['mixes'][0]['recipe_id'], 'number' => 1, 'litres' => 3, 'taken' => '[]', 'mixed_at' => now()]),
    'stock that went' => fn($test, array $day) => Component::query()->where('stock_l', '>', 0)->firstOrFail()->decrement('stock_l', 0.5),
    'a plant that left the day' => fn($test, array $day) => $test->deleteJson("/api/v1/days/{$day['id']}/plants/{$day['entries'][0]['id']}")->assertOk(),
]);

test('another day keeps its stamp', function (): void {
    $day = dayOfOne($this);
    $other = PottingDay::query()->create(['name' => 'Other', 'planned_on' => '2026-03-20', 'tub_l' => 40, 'scoop_l' => 1, 'spare' => 0.08, 'helpers' => [], 'note' => '', 'status' => 'planned']);
    $stamp = (string) $this->get('/api/v1/days/'.$other->id)->headers->get('ETag');
    DB::table('day_plants')->where('potting_day_id', $day['id'])->update(['helper' => 'Mirabeth']);
    expect(askedAgain($this, '/api/v1/days/'.$other->id, $stamp))->toBe(304);
});
