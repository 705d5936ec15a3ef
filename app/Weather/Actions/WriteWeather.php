<?php

declare(strict_types=1);

namespace App\Weather\Actions;

use App\Situations\Models\Site;
use App\Weather\Models\WeatherDay;
use App\Weather\SiteWeather;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Place\Weather\Date;
use Zolbek\Core\Place\Weather\MeasuredDays;

/** Writes down one day by hand or out of a file, or corrects it. */
final readonly class WriteWeather
{
    /**
     * @param array<mixed> $input `{date, tmin, tmax, rain_mm}`
     *
     * @return array{WeatherDay, string} and added, changed or same
     *
     * @throws Refused naming each field and what it may be
     */
    public function __invoke(Site $site, array $input, string $source): array
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['date', 'tmin', 'tmax', 'rain_mm'], $refusals);
        $date = $fields->text('date', 10);
        $tMin = $fields->number('tmin', MeasuredDays::COLDEST_C, MeasuredDays::WARMEST_C);
        $tMax = $fields->number('tmax', MeasuredDays::COLDEST_C, MeasuredDays::WARMEST_C);
        $rain = $fields->number('rain_mm', 0, MeasuredDays::MOST_RAIN_MM);
        if ($tMax < $tMin) {
            $refusals->add(new Refusal('tmax', 'tmax_below_tmin', $tMax, ['min' => $tMin]));
        }
        $number = $refusals->during('', static fn(): int => Date::number($date));
        if ($number !== null && $number > SiteWeather::today()) {
            $refusals->add(new Refusal('date', 'day_ahead', $date));
        }
        $refusals->throwIfAny();

        return DB::transaction(static function () use ($site, $date, $tMin, $tMax, $rain, $source): array {
            $day = WeatherDay::query()->where('site_id', $site->id)->where('day', $date)->first();
            $is = ['tmin' => $tMin, 'tmax' => $tMax, 'rain_mm' => $rain];
            if ($day !== null && $day->only(array_keys($is)) === $is) {
                return [$day, 'same'];
            }
            $kept = $day ?? new WeatherDay(['site_id' => $site->id, 'day' => $date]);
            $kept->fill([...$is, 'source' => $source])->save();

            return [$kept, $day === null ? 'added' : 'changed'];
        });
    }
}
