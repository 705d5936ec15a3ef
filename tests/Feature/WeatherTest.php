<?php

declare(strict_types=1);

use App\Instruments\Simulated\SimulatedStation;
use App\Situations\Models\Site;
use App\Weather\Models\WeatherDay;
use Illuminate\Support\Carbon;
use Tests\Feature\Contract;
use Tests\Feature\Yard;

beforeEach(function (): void {
    Carbon::setTestNow('2026-07-10 09:00:00');
    $this->site = Yard::siteId();
});

test('the station’s days are kept up to yesterday, once, and what somebody wrote down stays', function (): void {
    $this->putJson("/api/v1/sites/{$this->site}/weather", ['date' => '2026-07-08', 'tmin' => 11, 'tmax' => 30, 'rain_mm' => 4])->assertOk();
    $brought = $this->postJson("/api/v1/sites/{$this->site}/weather")->assertOk();
    expect($brought->json('added'))->toBe(119)->and($this->postJson("/api/v1/sites/{$this->site}/weather")->json('added'))->toBe(0)
        ->and(WeatherDay::query()->where('day', '2026-07-08')->firstOrFail()->only(['tmin', 'tmax', 'rain_mm', 'source']))->toBe(['tmin' => 11.0, 'tmax' => 30.0, 'rain_mm' => 4.0, 'source' => 'hand'])
        ->and(WeatherDay::query()->max('day'))->toBe('2026-07-09');
    $shown = $this->getJson("/api/v1/sites/{$this->site}/weather")->assertOk();
    Contract::check($shown, 'SiteWeather');
    expect($shown->json('kept_to'))->toBe('2026-07-09')->and($shown->json('missing'))->toBe(0)->and($shown->json('forecast.0.date'))->toBe('2026-07-10')->and($shown->json('silent'))->toBeFalse();
    Carbon::setTestNow('2026-07-13 09:00:00');
    expect($this->getJson("/api/v1/sites/{$this->site}/weather")->json('missing'))->toBe(3)->and($this->postJson("/api/v1/sites/{$this->site}/weather")->json('added'))->toBe(3);
});

test('a station that is silent brings nothing and foretells nothing, and says so', function (): void {
    $this->putJson('/api/v1/instruments/weather_station', ['plugged' => false])->assertOk();
    $refused = $this->postJson("/api/v1/sites/{$this->site}/weather")->assertUnprocessable();
    expect($refused->json('errors.0.path'))->toBe('station')->and($refused->json('errors.0.message'))->toContain('says nothing')->and(WeatherDay::query()->count())->toBe(0);
    $shown = $this->getJson("/api/v1/sites/{$this->site}/weather");
    expect($shown->json('silent'))->toBeTrue()->and($shown->json('forecast'))->toBe([]);
});

test('the panel sends a week of other weather, and it goes by again', function (string $weather, Closure $is): void {
    $climate = Site::query()->findOrFail($this->site)->climate();
    $usual = app(SimulatedStation::class)->forecast($climate, 20_644);
    $this->putJson('/api/v1/instruments/weather_station', ['weather' => $weather])->assertOk()->assertJsonPath('settings.weather', $weather);
    $first = Zolbek\Core\Place\Weather\Date::number('2026-07-10');
    $week = app(SimulatedStation::class)->forecast($climate, $first);
    expect(count($week))->toBe(7)->and($is($week))->toBeTrue();
    Carbon::setTestNow('2026-07-20 09:00:00');
    $after = app(SimulatedStation::class)->days($climate, $first + 7, $first + 8);
    $this->putJson('/api/v1/instruments/weather_station', ['weather' => 'usual'])->assertOk();
    expect($after)->toBe(app(SimulatedStation::class)->days($climate, $first + 7, $first + 8))->and(count($usual))->toBe(7);
})->with([
    ['heat_wave', static fn(array $days): bool => array_sum(array_column($days, 'rain_mm')) === 0.0 && max(array_column($days, 'tmax')) > 30.0],
    ['rain', static fn(array $days): bool => min(array_column($days, 'rain_mm')) >= 14.0],
    ['late_frost', static fn(array $days): bool => min(array_column($days, 'tmin')) <= -4.0 && max(array_column($days, 'tmax')) <= 4.0],
]);

test('nonsense at the station’s panel is refused', function (): void {
    $this->putJson('/api/v1/instruments/weather_station', ['weather' => 'hail'])->assertUnprocessable()->assertJsonPath('errors.0.path', 'weather');
    $this->putJson('/api/v1/instruments/weather_station', ['battery' => 3])->assertUnprocessable();
    $reading = $this->getJson('/api/v1/instruments/weather_station')->assertOk();
    Contract::check($reading, 'InstrumentReading');
    expect($reading->json('values'))->toHaveKeys(['celsius', 'rain_mm']);
});

test('a day by hand is held against what can be', function (array $changed, string $field): void {
    $refused = $this->putJson("/api/v1/sites/{$this->site}/weather", ['date' => '2026-07-08', 'tmin' => 11, 'tmax' => 30, 'rain_mm' => 4, ...$changed])->assertUnprocessable();
    expect($refused->json('errors.0.path'))->toBe($field)->and(WeatherDay::query()->count())->toBe(0);
})->with([
    [['tmax' => 5], 'tmax'], [['date' => '2026-07-12'], 'date'], [['date' => '2026-02-30'], 'date'], [['date' => 'yesterday, at noon'], 'date'], [['rain_mm' => -1], 'rain_mm'], [['tmin' => 'mild'], 'tmin'], [['wind' => 3], 'wind'],
]);

test('days out of a file: all or none, row by row, and the file comes out again', function (): void {
    $good = "date;tmin;tmax;rain\n2026-07-01;9,5;24;0\n2026-07-02;11;22,5;6,2\n";
    $this->call('POST', '/api/v1/imports/weather', server: ['CONTENT_TYPE' => 'text/csv', 'HTTP_ACCEPT' => 'application/json'], content: "date,tmin,tmax,rain\n2026-07-01,9,24,0\n2026-07-02,30,22,6\n")->assertJsonPath('taken', false)->assertJsonPath('refused', 1);
    expect(WeatherDay::query()->count())->toBe(0);
    $taken = $this->call('POST', '/api/v1/imports/weather', server: ['CONTENT_TYPE' => 'text/csv', 'HTTP_ACCEPT' => 'application/json'], content: $good)->assertOk();
    expect($taken->json('added'))->toBe(2)->and($taken->json('taken'))->toBeTrue()->and(WeatherDay::query()->where('day', '2026-07-02')->value('rain_mm'))->toBe(6.2)
        ->and((string) $this->get('/api/v1/exports/weather')->assertOk()->getContent())->toContain('2026-07-02', '22.5', '6.2');
    $again = $this->call('POST', '/api/v1/imports/weather', server: ['CONTENT_TYPE' => 'text/csv', 'HTTP_ACCEPT' => 'application/json'], content: $good);
    expect($again->json('same'))->toBe(2);
});

test('where there are two sites a file names the one that it is of', function (): void {
    $other = Site::query()->findOrFail($this->site)->replicate();
    $other->name = 'Below the weir';
    $other->save();
    $send = fn(string $csv) => $this->call('POST', '/api/v1/imports/weather', server: ['CONTENT_TYPE' => 'text/csv', 'HTTP_ACCEPT' => 'application/json'], content: $csv);
    expect($send("date,tmin,tmax,rain\n2026-07-01,9,24,0\n")->json('rows.0.errors.0.message'))->toContain('more than one site')
        ->and($send("date,tmin,tmax,rain,site\n2026-07-01,9,24,0,Nowhere\n")->json('rows.0.errors.0.column'))->toBe('site')
        ->and($send("date,tmin,tmax,rain,site\n2026-07-01,9,24,0,Below the weir\n")->json('added'))->toBe(1)->and(WeatherDay::query()->value('site_id'))->toBe($other->id);
});
