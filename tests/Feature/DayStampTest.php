<?php

declare(strict_types=1);

use App\Shelf\Models\Component;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Feature\Collection;
use Tests\Feature\Contract;

/** @return array<string, mixed> a day with one plant on it */
function dayOfOne(object $test): array
{
    $plant = Collection::plant();
    Component::query()->where('key', 'pumice-3-6-mm')->update(['stock_l' => 50]);
    $id = $test->postJson('/api/v1/days', ['name' => 'Spring bench', 'planned_on' => '2026-03-18', 'tub_l' => 40, 'scoop_l' => 1])->assertCreated()->json('id');

    return $test->postJson("/api/v1/days/$id/plants", ['plant_ids' => [$plant->id]])->assertCreated()->json();
}

/** What is new of a day for one who has it as it was answered. */
function newsOf(object $test, array $has): TestResponse
{
    return $test->postJson("/api/v1/days/{$has['id']}/news", ['stamp' => $has['stamp'], 'entries' => (object) array_column($has['entries'], 'stamp', 'id')]);
}

/** The day that follows from what one has and what is new of it. */
function laidOver(array $has, TestResponse $news): array
{
    Contract::check($news->assertOk(), 'DayNews');
    $entries = array_column([...$has['entries'], ...$news->json('day.entries')], null, 'id');

    return [...$news->json('day'), 'entries' => array_map(static fn(int $id): array => $entries[$id], $news->json('order'))];
}

test('a day that has not changed is not worked out again', function (): void {
    $day = dayOfOne($this);
    DB::enableQueryLog();
    $again = newsOf($this, $day)->assertNoContent();
    expect($again->getContent())->toBe('')->and(count(DB::getQueryLog()))->toBeLessThan(20);
});

test('whatever changes a day changes its stamp', function (Closure $change): void {
    $day = dayOfOne($this);
    newsOf($this, $day)->assertNoContent();
    $change($this, $day);
    $now = laidOver($day, newsOf($this, $day));
    expect($now['stamp'])->not->toBe($day['stamp'])->and($now)->toBe($this->getJson('/api/v1/days/'.$day['id'])->json());
    newsOf($this, $now)->assertNoContent();
})->with([
    'its name' => fn($test, array $day) => DB::table('potting_days')->where('id', $day['id'])->update(['name' => 'Put off']),
    'how one plant is potted' => fn($test, array $day) => $test->putJson("/api/v1/days/{$day['id']}/plants/{$day['entries'][0]['id']}", ['revision' => 1, 'changes' => ['helper' => 'Orsolt']])->assertOk(),
    'a load that was mixed' => fn($test, array $day) => DB::table('day_loads')->insert(['potting_day_id' => $day['id'], 'recipe_id' => $day['mixes'][0]['recipe_id'], 'number' => 1, 'litres' => 3, 'taken' => '[]', 'mixed_at' => now()]),
    'stock that went' => fn($test, array $day) => Component::query()->where('stock_l', '>', 0)->firstOrFail()->decrement('stock_l', 0.5),
    'a plant that left the day' => fn($test, array $day) => $test->deleteJson("/api/v1/days/{$day['id']}/plants/{$day['entries'][0]['id']}")->assertOk(),
    'a plant that came' => fn($test, array $day) => $test->postJson("/api/v1/days/{$day['id']}/plants", ['plant_ids' => [Collection::plant(['number' => 'T-777'])->id]])->assertCreated(),
]);

test('of a day that changed the entries that did not are not told again', function (): void {
    $one = dayOfOne($this);
    $day = $this->postJson("/api/v1/days/{$one['id']}/plants", ['plant_ids' => [Collection::plant(['number' => 'T-778'])->id]])->assertCreated()->json();
    [$first, $second] = array_column($day['entries'], 'id');
    $this->putJson("/api/v1/days/{$day['id']}/plants/$second", ['revision' => 1, 'changes' => ['helper' => 'Orsolt']])->assertOk();
    $news = newsOf($this, $day);
    expect(array_column($news->json('day.entries'), 'id'))->toBe([$second])->and($news->json('order'))->toBe([$first, $second]);
    // one who has nothing of it is told all
    $all = $this->postJson("/api/v1/days/{$day['id']}/news", ['stamp' => 'none', 'entries' => (object) []])->assertOk();
    expect(array_column($all->json('day.entries'), 'id'))->toBe([$first, $second]);
});

test('what one has must be stamps', function (mixed $body, string $path): void {
    $day = dayOfOne($this);
    expect($this->postJson("/api/v1/days/{$day['id']}/news", $body)->assertUnprocessable()->json('errors.0.path'))->toBe($path);
})->with([[['entries' => (object) []], 'stamp'], [['stamp' => 'x', 'entries' => 'all'], 'entries'], [['stamp' => 'x', 'since' => 1], 'since']]);

test('another day keeps its stamp', function (): void {
    $day = dayOfOne($this);
    $other = $this->postJson('/api/v1/days', ['name' => 'Other', 'planned_on' => '2026-03-20', 'tub_l' => 40, 'scoop_l' => 1])->assertCreated()->json();
    DB::table('day_plants')->where('potting_day_id', $day['id'])->update(['helper' => 'Mirabeth']);
    newsOf($this, $other)->assertNoContent();
});
