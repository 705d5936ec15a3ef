<?php

declare(strict_types=1);

use App\Plants\Models\GrowthMeasure;
use Illuminate\Support\Carbon;
use Tests\Feature\Collection;
use Tests\Feature\Contract;

beforeEach(function (): void {
    Carbon::setTestNow('2026-07-10 09:00:00');
    $this->plant = Collection::plant(['trunk_mm' => 30, 'potted_on' => '2023-03-20']);
    $this->measure = fn(array $input) => $this->postJson("/api/v1/plants/{$this->plant->id}/growth", $input);
});

test('what was measured last is what is written of a plant, and taken back it is what it was', function (): void {
    ($this->measure)(['on' => '2025-03-01', 'trunk_mm' => 32])->assertCreated();
    $newest = ($this->measure)(['on' => '2026-03-01', 'trunk_mm' => 34.5, 'height_cm' => 51, 'health' => 'weak', 'person' => 'Mirabeth'])->assertCreated();
    Contract::check($newest, 'GrowthMeasure');
    ($this->measure)(['on' => '2024-03-01', 'trunk_mm' => 29])->assertCreated();
    expect($this->plant->refresh()->trunk_mm)->toBe(34.5)->and($this->plant->height_cm)->toBe(51.0)->and($this->plant->health)->toBe('weak');
    $left = $this->deleteJson("/api/v1/plants/{$this->plant->id}/growth/".$newest->json('id'))->assertOk();
    Contract::check($left, 'Growth');
    expect($this->plant->refresh()->trunk_mm)->toBe(32.0)->and($this->plant->height_cm)->toBe(48.0)->and($this->plant->health)->toBe('well')->and($left->json('measures'))->toHaveCount(2);
});

test('what somebody wrote since is not undone by taking a measuring back', function (): void {
    $id = ($this->measure)(['trunk_mm' => 33, 'height_cm' => 60])->json('id');
    $this->plant->refresh()->fill(['height_cm' => 62])->save();
    $this->deleteJson("/api/v1/plants/{$this->plant->id}/growth/$id")->assertOk();
    expect($this->plant->refresh()->height_cm)->toBe(62.0)->and($this->plant->trunk_mm)->toBe(30.0);
});

test('trunk a year is told for each mix that it stood in', function (): void {
    foreach (['2023-04-01' => 30, '2024-04-01' => 32, '2025-04-01' => 34, '2026-04-01' => 36] as $on => $mm) {
        ($this->measure)(['on' => $on, 'trunk_mm' => $mm])->assertCreated();
    }
    $growth = $this->getJson("/api/v1/plants/{$this->plant->id}/growth")->assertOk();
    Contract::check($growth, 'Growth');
    expect($growth->json('trunk_mm_year'))->toEqualWithDelta(2.0, 0.01)->and(array_column($growth->json('measures'), 'trunk_mm'))->toEqual([30, 32, 34, 36]);
    $stay = $this->getJson("/api/v1/plants/{$this->plant->id}/stays")->assertOk()->json('data.0');
    expect($stay['recipe'])->toBe('Grit and bark')->and($stay['trunk_mm_year'])->toEqualWithDelta(2.0, 0.01)->and($stay['trunk_error'])->toBeLessThan(0.01);
});

test('what cannot be is refused at its field, and nothing is kept', function (array $input, string $field): void {
    ($this->measure)($input)->assertUnprocessable()->assertJsonPath('errors.0.path', $field);
    expect(GrowthMeasure::query()->count())->toBe(0)->and($this->plant->refresh()->trunk_mm)->toBe(30.0);
})->with([
    [[], 'trunk_mm'], [['trunk_mm' => 0], 'trunk_mm'], [['trunk_mm' => 'thick'], 'trunk_mm'], [['height_cm' => 4000], 'height_cm'], [['health' => 'fine'], 'health'], [['trunk_mm' => 3, 'on' => '2027-09-01'], 'on'],
    [['trunk_mm' => 3, 'photo_id' => 7], 'photo_id'], [['trunk_mm' => 3, 'girth' => 7], 'girth'],
]);

test('a measuring of another plant is not found here', function (): void {
    $id = ($this->measure)(['trunk_mm' => 33])->json('id');
    $other = Collection::plant(['name' => 'Other']);
    $this->deleteJson("/api/v1/plants/{$other->id}/growth/$id")->assertNotFound();
    expect(GrowthMeasure::query()->count())->toBe(1);
});

test('measurings go out as CSV and come in again, all or nothing', function (): void {
    ($this->measure)(['on' => '2025-03-01', 'trunk_mm' => 32.5, 'health' => 'weak', 'person' => 'Orsolt', 'note' => 'above the roots'])->assertCreated();
    $csv = $this->get('/api/v1/exports/growth')->assertOk()->getContent();
    expect($csv)->toContain('trunk_mm [mm]')->toContain('32.5')->toContain('above the roots');
    $number = $this->plant->number;
    $lines = "plant,on [YYYY-MM-DD],trunk_mm [mm],note\n$number,2025-03-01,99,\n$number,2026-03-01,34,new\n";
    $send = fn(string $text) => $this->call('POST', '/api/v1/imports/growth', server: ['CONTENT_TYPE' => 'text/csv', 'HTTP_ACCEPT' => 'application/json'], content: $text);
    $send($lines)->assertOk();
    expect(GrowthMeasure::query()->orderBy('measured_on')->pluck('trunk_mm')->all())->toBe([32.5, 34.0])->and($this->plant->refresh()->trunk_mm)->toBe(34.0);
    $send("plant,on [YYYY-MM-DD],trunk_mm [mm]\n$number,2026-05-01,35\nT-999,2026-05-01,36\n");
    expect(GrowthMeasure::query()->count())->toBe(2);
});
