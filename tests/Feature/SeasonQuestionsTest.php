<?php

declare(strict_types=1);

use App\Plants\Models\MoistureCheck;
use App\Weather\Models\WeatherDay;
use Illuminate\Support\Carbon;
use Illuminate\Testing\TestResponse;
use Tests\Feature\Collection;
use Tests\Feature\Contract;
use Tests\Feature\Yard;

beforeEach(fn() => Carbon::setTestNow('2026-04-01 09:00:00'));

/** @param array<string, mixed> $season */
function yearOf(object $test, int $plant, array $season = []): TestResponse
{
    return $test->postJson('/api/v1/season/year', ['plant_id' => $plant, 'season' => ['runs' => 10, ...$season]]);
}

test('a year of a plant adds up, and more water never leaves more want', function (): void {
    $plant = Collection::plant(['canopy_cm' => 40]);
    $daily = yearOf($this, $plant->id, ['coming' => ['kind' => 'every', 'spring_h' => 24, 'summer_h' => 24, 'autumn_h' => 24, 'winter_h' => 24]])->assertOk();
    Contract::check($daily, 'SeasonYear');
    $never = yearOf($this, $plant->id, ['coming' => ['kind' => 'never']])->assertOk();
    $latest = yearOf($this, $plant->id, ['coming' => ['kind' => 'need', 'looks' => 4]])->assertOk();
    expect($daily->json('middle'))->toHaveCount(365)->and($never->json('sums.want_days.1'))->toBeGreaterThan($daily->json('sums.want_days.1') + 20)->and($never->json('sums.given_l'))->toEqual([0, 0, 0])
        ->and($latest->json('sums.want_days'))->toEqual([0, 0, 0])->and($latest->json('sums.given_l.1'))->toBeLessThan($daily->json('sums.given_l.1'));
    $one = $daily->json('one');
    $start = $daily->json('pot.full_l');
    expect($start + array_sum($one['given_l']) + array_sum($one['rain_l']) - array_sum($one['drained_l']) - array_sum($one['used_l']))->toEqualWithDelta($one['water_l'][364], 1e-9);
    foreach (array_keys($daily->json('low')) as $i) {
        expect($daily->json("low.$i"))->toBeLessThanOrEqual($daily->json("middle.$i") + 1e-12)->and($daily->json("middle.$i"))->toBeLessThanOrEqual($daily->json("high.$i") + 1e-12);
    }
});

test('winter quarters under a roof keep the rain out', function (): void {
    $plant = Collection::plant(['canopy_cm' => 40]);
    $open = yearOf($this, $plant->id)->json('sums.rain_l.1');
    $roofed = yearOf($this, $plant->id, ['quarters' => ['from' => '10-01', 'to' => '04-01', 'exposure' => 'shade', 'roofed' => true]])->json('sums.rain_l.1');
    expect($roofed)->toBeLessThan(0.75 * $open)->and($roofed)->toBeGreaterThan(0.0);
});

test('the reaction goes its way under the water, and a charge is all there', function (): void {
    $plant = Collection::plant(['canopy_cm' => 40]);
    $year = yearOf($this, $plant->id, ['charge_g' => 2, 'longevity_days' => 120])->assertOk();
    $feed = $year->json('feed');
    expect($year->json('ph.low'))->toBeLessThanOrEqual($year->json('ph.first'))->and($year->json('ph.high'))->toBeGreaterThanOrEqual($year->json('ph.last'))
        ->and($feed['leached_g'] + $feed['taken_g'] + $feed['left_g'])->toEqualWithDelta(2.0, 1e-9)->and($feed['leached_g'])->toBeGreaterThan(0.0);
});

test('how a year went stands beside what was to be expected', function (): void {
    $plant = Collection::plant(['canopy_cm' => 40]);
    $from = '2026-02-01';
    expect(yearOf($this, $plant->id, ['from' => $from])->json('was'))->toBeNull();
    for ($i = 0; $i < 40; ++$i) {
        WeatherDay::query()->create(['site_id' => $plant->site_id, 'day' => Carbon::parse($from)->addDays($i)->toDateString(), 'tmin' => 8, 'tmax' => 25, 'rain_mm' => 0, 'source' => 'hand']);
    }
    $was = yearOf($this, $plant->id, ['from' => $from])->json('was');
    expect($was['days'])->toBe(59)->and($was['unmeasured'])->toBe(19)->and($was['water_l'])->toHaveCount(59)->and($was['rain_l'])->toEqual(0);
});

test('a mix in a pot goes through its year where its site is named', function (): void {
    $question = ['parts' => Yard::parts(['pumice-3-6-mm' => 2, 'composted-bark-fine-2-8-mm' => 1]), 'pot_id' => Yard::pot()->id, 'plant_group' => 'broadleaf_deciduous', 'season' => ['runs' => 10]];
    $this->postJson('/api/v1/season/year', $question)->assertUnprocessable()->assertJsonPath('errors.0.path', 'situation.site_id');
    $year = $this->postJson('/api/v1/season/year', [...$question, 'situation' => ['site_id' => Yard::siteId(), 'habit' => ['summer_h' => 24]]])->assertOk();
    Contract::check($year, 'SeasonYear');
    expect($year->json('latest'))->toHaveCount(4)->and($year->json('runs'))->toBe(10);
});

test('what cannot be asked is refused at its field', function (array $season, string $field): void {
    $plant = Collection::plant();
    yearOf($this, $plant->id, $season)->assertUnprocessable()->assertJsonPath('errors.0.path', $field);
})->with([
    [['from' => '2026-02-30'], 'season.from'], [['runs' => 5], 'season.runs'], [['runs' => 5000], 'season.runs'], [['coming' => ['kind' => 'often']], 'season.coming.kind'], [['coming' => ['kind' => 'every', 'summer_h' => 0]], 'season.coming.summer_h'],
    [['coming' => ['kind' => 'share', 'at' => 2]], 'season.coming.at'], [['quarters' => ['from' => '13-01', 'to' => '04-01']], 'season.quarters.from'], [['charge_g' => -1], 'season.charge_g'], [['what' => 1], 'season.what'],
]);

test('of a plant without a pot nothing can be said', function (): void {
    $bare = Collection::plant(['pot_id' => null]);
    yearOf($this, $bare->id)->assertUnprocessable()->assertJsonPath('errors.0.path', 'plant_id');
    yearOf($this, 99_999)->assertUnprocessable()->assertJsonPath('errors.0.path', 'plant_id');
    $this->postJson('/api/v1/season/away/helps', ['plant_id' => $bare->id, 'days' => 7])->assertUnprocessable()->assertJsonPath('errors.0.path', 'plant_id');
    expect($this->postJson('/api/v1/season/away', ['days' => 7])->json('unknown'))->toBe(1);
});

test('nobody comes in July: thirsty pots first, and longer away is never better', function (): void {
    $thirsty = Collection::plant(['name' => 'Thirsty', 'canopy_cm' => 70, 'place' => 'Sun']);
    $small = Collection::plant(['name' => 'Modest', 'canopy_cm' => 15, 'exposure' => 'shade', 'place' => 'North']);
    $week = $this->postJson('/api/v1/season/away', ['from' => '2026-07-10', 'days' => 7])->assertOk();
    Contract::check($week, 'Away');
    $rows = array_column($week->json('plants'), null, 'id');
    expect(array_column($week->json('plants'), 'id'))->toBe([$thirsty->id, $small->id])->and($rows[$thirsty->id]['first_want'][1])->toBeLessThan($rows[$small->id]['first_want'][1])->and($rows[$thirsty->id]['known_now'])->toBeFalse();
    $month = array_column($this->postJson('/api/v1/season/away', ['from' => '2026-07-10', 'days' => 30])->json('plants'), null, 'id');
    expect($month[$small->id]['want_share'])->toBeGreaterThanOrEqual($rows[$small->id]['want_share'])->and($month[$small->id]['lost_share'])->toBeGreaterThanOrEqual($rows[$small->id]['lost_share'])
        ->and(array_column($this->postJson('/api/v1/season/away', ['from' => '2026-07-10', 'days' => 7, 'place' => 'North'])->json('plants'), 'id'))->toBe([$small->id]);
});

test('from today the pot as it is counts, and the heat that is foretold', function (): void {
    Carbon::setTestNow('2026-07-10 09:00:00');
    $plant = Collection::plant(['canopy_cm' => 30]);
    MoistureCheck::query()->create(['plant_id' => $plant->id, 'checked_at' => '2026-07-09 08:00:00', 'method' => 'round', 'verdict' => 'water', 'person' => '']);
    $ask = fn(): array => $this->postJson('/api/v1/season/away', ['days' => 5])->json('plants.0');
    $usual = $ask();
    $this->putJson('/api/v1/instruments/weather_station', ['weather' => 'heat_wave'])->assertOk();
    $hot = $ask();
    $this->putJson('/api/v1/instruments/weather_station', ['plugged' => false])->assertOk();
    expect($usual['known_now'])->toBeTrue()->and($hot['degree'])->toBeGreaterThan($usual['degree'])->and($ask()['known_now'])->toBeTrue();
});

test('what helps: shade never harms, and somebody who comes often enough is enough', function (): void {
    $plant = Collection::plant(['canopy_cm' => 40]);
    $answer = $this->postJson('/api/v1/season/away/helps', ['plant_id' => $plant->id, 'from' => '2026-07-10', 'days' => 10])->assertOk();
    Contract::check($answer, 'AwayHelps');
    $helps = array_column($answer->json('helps'), null, 'what');
    expect(array_keys($helps))->toBe(['as_it_is', 'half_shade', 'shade', 'stone', 'deeper_pot'])->and($helps['shade']['degree'])->toBeLessThan($helps['half_shade']['degree'])->and($helps['half_shade']['degree'])->toBeLessThan($helps['as_it_is']['degree'])
        ->and($helps['deeper_pot']['degree'])->toBeLessThan($helps['as_it_is']['degree'])->and($answer->json('comes_every'))->toBeIn([1, 2, 3, null])->and($answer->json('tray_l'))->toBeGreaterThan(1.0);
    $winter = $this->postJson('/api/v1/season/away/helps', ['plant_id' => $plant->id, 'from' => '2026-12-20', 'days' => 3])->assertOk();
    expect($winter->json('comes_every'))->toBe(0);
});

test('an absence that cannot be is refused', function (array $changed, string $field): void {
    Collection::plant();
    $this->postJson('/api/v1/season/away', ['days' => 7, ...$changed])->assertUnprocessable()->assertJsonPath('errors.0.path', $field);
})->with([[['days' => 0], 'days'], [['days' => 121], 'days'], [['days' => 2.5], 'days'], [['from' => '2026-03-31'], 'from'], [['from' => 'soon'], 'from'], [['place' => 7], 'place']]);

test('the pots of a place through a year: who wants most first, and a group counts as many', function (): void {
    $thirsty = Collection::plant(['canopy_cm' => 70, 'place' => 'Sun']);
    $group = Collection::plant(['canopy_cm' => 20, 'place' => 'Sun', 'count' => 10]);
    Collection::plant(['place' => 'North']);
    Collection::plant(['place' => 'Sun', 'pot_id' => null]);
    $ask = fn(array $input): TestResponse => $this->postJson('/api/v1/season/place', $input);
    $year = $ask(['place' => 'Sun', 'coming' => ['kind' => 'every', 'spring_h' => 72, 'summer_h' => 48, 'autumn_h' => 72, 'winter_h' => 168]])->assertOk();
    Contract::check($year, 'PlaceYear');
    $rows = array_column($year->json('plants'), null, 'id');
    expect(array_column($year->json('plants'), 'id'))->toBe([$thirsty->id, $group->id])->and($year->json('unknown'))->toBe(1)->and($rows[$group->id]['given_l'])->toBeGreaterThan($rows[$thirsty->id]['given_l'])
        ->and(array_sum($year->json('given_l')))->toEqualWithDelta($rows[$group->id]['given_l'] + $rows[$thirsty->id]['given_l'], 0.06 * array_sum($year->json('given_l')))
        ->and($year->json('given_l.6'))->toBeGreaterThan($year->json('given_l.11'));
    expect(array_sum($ask(['place' => 'Sun', 'coming' => ['kind' => 'never']])->json('given_l')))->toEqual(0.0)->and($ask(['place' => 'Moon'])->json('plants'))->toBe([]);
    $ask(['place' => 7])->assertUnprocessable()->assertJsonPath('errors.0.path', 'place');
    $ask(['coming' => ['kind' => 'often']])->assertUnprocessable()->assertJsonPath('errors.0.path', 'coming.kind');
});
