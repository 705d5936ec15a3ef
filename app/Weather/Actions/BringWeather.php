<?php

declare(strict_types=1);

namespace App\Weather\Actions;

use App\Instruments\InstrumentFault;
use App\Instruments\WeatherStation;
use App\Situations\Models\Site;
use App\Weather\Models\WeatherDay;
use App\Weather\SiteWeather;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Place\Weather\Date;
use Zolbek\Core\Place\Weather\MeasuredDays;

/** Keeps the days of the station that are over and not kept yet, back to the longest that it is asked for. What somebody wrote down stays. */
final readonly class BringWeather
{
    public const BACK_DAYS = 120;

    public function __construct(private WeatherStation $station) {}

    /**
     * @return int days that were added
     *
     * @throws Refused field "station" where it is silent, "days.N.…" where it says what cannot be
     */
    public function __invoke(Site $site): int
    {
        $yesterday = SiteWeather::today() - 1;
        $climate = $site->climate();
        try {
            $days = $this->station->days($climate, $yesterday - self::BACK_DAYS + 1, $yesterday);
        } catch (InstrumentFault $fault) {
            throw Refused::because('station', 'station_silent', $fault->fault);
        }
        MeasuredDays::check($days);

        return DB::transaction(static function () use ($site, $days, $yesterday): int {
            $kept = WeatherDay::query()->where('site_id', $site->id)->where('day', '>', Date::of($yesterday - self::BACK_DAYS))->pluck('day')->flip();
            $new = array_values(array_filter($days, static fn(array $day): bool => ! $kept->has($day['date']) && $day['date'] <= Date::of($yesterday)));
            foreach ($new as $day) {
                WeatherDay::query()->create(['site_id' => $site->id, 'day' => $day['date'], 'tmin' => $day['tmin'], 'tmax' => $day['tmax'], 'rain_mm' => $day['rain_mm'], 'source' => 'station']);
            }

            return count($new);
        });
    }
}
