<?php

declare(strict_types=1);

use Tests\Core\Season;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Basis\Numerics\Normal;
use Zolbek\Core\Basis\Numerics\Quantile;
use Zolbek\Core\Basis\Numerics\RandomWords;
use Zolbek\Core\Place\Climate\Climate;
use Zolbek\Core\Place\Climate\DailyClimate;
use Zolbek\Core\Place\Climate\MonthLine;
use Zolbek\Core\Place\Weather\Date;
use Zolbek\Core\Place\Weather\MeanDays;
use Zolbek\Core\Place\Weather\MeasuredDays;
use Zolbek\Core\Place\Weather\WeatherGenerator;

test('the stream of words, their shares and normals are those of the reference', function (): void {
    $of = Season::vectors()['stream'];
    $words = new RandomWords($of['seed'], $of['run']);
    $again = new RandomWords($of['seed'], $of['run']);
    foreach ($of['words'] as $i => $word) {
        expect($words->word())->toBe($word);
        $u = $again->uniform();
        expect($u)->toBeNear($of['uniforms'][$i], 1e-9)->and(Normal::quantile($u))->toBeNear($of['normals'][$i], 1e-9);
    }
    foreach (Season::vectors()['normal'] as ['p' => $p, 'z' => $z]) {
        expect(Normal::quantile($p))->toEqualWithDelta($z, 1e-9);
    }
});

test('the largest seed and run give words too, and never stand still', function (int $seed, int $run): void {
    $words = new RandomWords($seed, $run);
    $got = array_map(static fn(): int => $words->word(), range(1, 50));
    expect(min($got))->toBeGreaterThan(0)->and(max($got))->toBeLessThan(4_294_967_296)->and(count(array_unique($got)))->toBe(50);
})->with([[0, 0], [RandomWords::MOST_SEED, RandomWords::MOST_RUN], [1, 0]]);

test('a quantile lies between two values', function (): void {
    $of = Season::vectors()['quantile'];
    expect(Quantile::of($of['values'], $of['q']))->toBeNear($of['value'], 1e-12)->and(Quantile::of([7.0], 0.1))->toBe(7.0)->and(Quantile::of([2.0, 1.0], 1.0))->toBe(2.0);
});

test('mean days go in lines that keep the means of the months', function (): void {
    $of = Season::vectors()['nodes'];
    $climate = Season::climate($of['site']);
    $line = new MonthLine(array_map(static fn($month): float => $month->tMin, $climate->months));
    foreach ($of['tmin'] as $i => $node) {
        expect($line->nodes[$i])->toBeNear($node, 1e-9)->and($line->at(Climate::MID_MONTH[$i]))->toBeNear($node, 1e-9);
    }
    $day = 0;
    foreach (Climate::DAYS as $month => $days) {
        $mean = array_sum(array_slice($line->days(), $day, $days)) / $days;
        expect($mean)->toEqualWithDelta($climate->months[$month]->tMin, 1e-9);
        $day += $days;
    }
    expect((new DailyClimate($climate))->tMin(15))->toBeNear($of['tmin'][0], 1e-9)->and($line->at(0))->toBe($line->at(365))->and($line->at(366))->toBe($line->at(1));
    $generator = new WeatherGenerator($climate);
    expect($generator->spreadK)->toBeNear($of['sd'], 1e-9);
    foreach ($of['wet_share'] as $i => $share) {
        expect($generator->wetShare[$i])->toBeNear($share, 1e-9)->and($generator->wetMm[$i])->toBeNear($of['wet_mm'][$i], 1e-9);
    }
});

test('a mean day is never warmer at night than by day', function (): void {
    $months = array_map(static fn(int $i): array => ['tmin' => 10.0 + $i % 2 * 8, 'tmax' => 10.1 + $i % 2 * 8, 'rain_mm' => 0], range(0, 11));
    $mean = MeanDays::of(Climate::read(['latitude' => 10, 'months' => $months]));
    foreach ($mean->tMin as $i => $low) {
        expect($mean->tMax[$i])->toBeGreaterThanOrEqual($low + 0.5 - 1e-12);
    }
});

test('a month of generated days is that of the reference', function (): void {
    $of = Season::vectors()['generated_month'];
    $weather = (new WeatherGenerator(Season::climate($of['site'])))->days(Date::number($of['start']), $of['n'], $of['seed'], $of['run']);
    foreach ($of['days'] as $i => $day) {
        expect($weather->date($i))->toBe($day['date'])->and($weather->tMin[$i])->toBeNear($day['tmin'], 1e-9)->and($weather->tMax[$i])->toBeNear($day['tmax'], 1e-9)
            ->and($weather->rainMm[$i])->toEqualWithDelta($day['rain'], 1e-9)->and($weather->et0Mm[$i])->toBeNear($day['et0'], 1e-9);
    }
});

test('the leap day takes the place of the day before', function (): void {
    $of = Season::vectors()['leap'];
    $weather = (new WeatherGenerator(Season::climate($of['site'])))->days(Date::number($of['start']), $of['n'], $of['seed'], $of['run']);
    foreach ($of['days'] as $i => $day) {
        expect($weather->date($i))->toBe($day['date'])->and($weather->dayOfYear[$i])->toBe($day['day'])->and($weather->tMin[$i])->toBeNear($day['tmin'], 1e-9)->and($weather->rainMm[$i])->toEqualWithDelta($day['rain'], 1e-9);
    }
    expect(Date::inYear(Date::number('2028-12-31')))->toBe([365, 11])->and(Date::inYear(Date::number('2027-12-31')))->toBe([365, 11]);
});

test('two hundred years keep the means, the rain, the wet days and the spread of their months', function (string $site): void {
    $months = Season::vectors()['statistics_200_years']['sites'][$site];
    $weather = (new WeatherGenerator(Season::climate($site)))->days(Date::number('2001-01-01'), 73_049, 11);
    $sums = array_fill(0, 12, ['n' => 0, 'tmin' => 0.0, 'tmax' => 0.0, 'rain' => 0.0, 'wet' => 0, 'square' => 0.0, 'et0' => 0.0]);
    foreach ($weather->month as $i => $month) {
        if (str_ends_with($weather->date($i), '-02-29')) {
            continue;
        }
        ++$sums[$month]['n'];
        $sums[$month]['tmin'] += $weather->tMin[$i];
        $sums[$month]['tmax'] += $weather->tMax[$i];
        $sums[$month]['rain'] += $weather->rainMm[$i];
        $sums[$month]['square'] += $weather->tMin[$i] ** 2;
        $sums[$month]['et0'] += $weather->et0Mm[$i];
        $sums[$month]['wet'] += $weather->rainMm[$i] > 0.0 ? 1 : 0;
    }
    $worst = 0.0;
    foreach ($months as $i => $of) {
        ['n' => $n, 'tmin' => $low, 'tmax' => $high, 'rain' => $rain, 'wet' => $wet, 'square' => $square, 'et0' => $et0] = $sums[$i];
        expect($low / $n)->toBeNear($of['tmin'], 1e-6)->and($high / $n)->toBeNear($of['tmax'], 1e-6)->and($rain / 200)->toBeNear($of['rain'], 1e-6)
            ->and($wet / 200)->toBeNear($of['wet_days'], 1e-9)->and($et0 / $n)->toBeNear($of['et0'], 1e-6)
            ->and(abs($low / $n - $of['tmin_month']))->toBeLessThan(0.48)->and(abs($high / $n - $of['tmax_month']))->toBeLessThan(0.48)
            ->and(abs($rain / 200 / $of['rain_month'] - 1.0))->toBeLessThan($of['rain_month'] <= 10 ? 0.32 : 0.12)
            ->and(abs($wet / 200 / $of['wet_days_expected'] - 1.0))->toBeLessThan($of['wet_days_expected'] >= 5 ? 0.05 : 0.12)
            ->and($et0 / $n / $of['et0_month'])->toBeGreaterThan(0.96)->toBeLessThan(1.04);
        $worst = max($worst, abs(sqrt($square / $n - ($low / $n) ** 2) - $of['sd_tmin']));
    }
    expect($worst)->toBeLessThan(0.01);
})->with(['hill', 'hotdry', 'tropic']);

test('where it never rains it never rains, and what is known of wet days counts', function (): void {
    $months = static fn(float $rain, ?float $wet): array => array_map(static fn(): array => array_filter(['tmin' => 5, 'tmax' => 15, 'rain_mm' => $rain, 'wet_days' => $wet], static fn($value): bool => $value !== null), range(0, 11));
    $dry = (new WeatherGenerator(Climate::read(['latitude' => 40, 'months' => $months(0, null)])))->days(Date::number('2027-01-01'), 3650, 5);
    expect(array_sum($dry->rainMm))->toBe(0.0);
    $rare = new WeatherGenerator(Climate::read(['latitude' => 40, 'months' => $months(60, 2)]));
    expect($rare->wetMm[0])->toBeNear(30.0, 1e-12)->and($rare->wetDays(0))->toBeNear(2.0, 1e-12);
    foreach ([0, 32] as $wrong) {
        expect(fn() => Climate::read(['latitude' => 40, 'months' => $months(60, $wrong)]))->toThrow(Refused::class, 'wet_days');
    }
});

test('known humidity, wind and sun lift the days as they lift the month', function (): void {
    $rows = static fn(array $more): array => array_map(static fn(): array => ['tmin' => 10, 'tmax' => 22, 'rain_mm' => 40, ...$more], range(0, 11));
    $plain = MeanDays::of(Climate::read(['latitude' => 45, 'months' => $rows([])]));
    $windy = Climate::read(['latitude' => 45, 'months' => $rows(['humidity' => 50, 'wind_ms' => 4, 'sun_hours' => 9])]);
    $lifted = MeanDays::of($windy)->et0(196, 6, 10, 22) / $plain->et0(196, 6, 10, 22);
    expect($lifted)->toBeGreaterThan(1.05)->and($lifted)->toBeNear($windy->et0MmDay[6] / $plain->climate->et0MmDay[6], 1e-9);
});

test('measured days are taken in order, and up to three that are missing stand for mean ones', function (): void {
    $row = static fn(string $date, float $low = 8, float $high = 18, float $rain = 2): array => ['date' => $date, 'tmin' => $low, 'tmax' => $high, 'rain_mm' => $rain];
    $climate = Season::climate('hill');
    $weather = MeasuredDays::weather($climate, [$row('2027-05-01'), $row('2027-05-05')]);
    expect($weather->days)->toBe(5)->and($weather->filled)->toBe([1, 2, 3])->and($weather->rainMm)->toBe([2.0, 0.0, 0.0, 0.0, 2.0])
        ->and($weather->tMin[1])->toBeNear(MeanDays::of($climate)->tMin[121], 1e-12)->and($weather->date(4))->toBe('2027-05-05');
    $refused = static function (array $rows) use ($climate): array {
        try {
            MeasuredDays::weather($climate, $rows);
        } catch (Refused $refused) {
            return array_map(static fn($refusal): string => $refusal->field.' '.$refusal->rule, $refused->refusals);
        }

        return [];
    };
    expect($refused([]))->toBe(['days weather_empty'])
        ->and($refused([$row('2027-05-01'), $row('2027-05-06')]))->toBe(['days.1.date weather_gap'])
        ->and($refused([$row('2027-05-02'), $row('2027-05-02')]))->toBe(['days.1.date weather_order'])
        ->and($refused([$row('2027-02-30')]))->toBe(['days.0.date date'])
        ->and($refused([$row('2027-05-01', 19, 18, -1)]))->toBe(['days.0.rain_mm between', 'days.0.tmax tmax_below_tmin'])
        ->and($refused([$row('2027-05-01', NAN, 18)]))->toBe(['days.0.tmin between']);
});
