<?php

declare(strict_types=1);

namespace App\Weather;

use App\Instruments\InstrumentFault;
use App\Instruments\WeatherStation;
use App\Situations\Models\Site;
use App\Weather\Models\WeatherDay;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Place\Climate\Climate;
use Zolbek\Core\Place\Weather\Date;
use Zolbek\Core\Place\Weather\MeasuredDays;
use Zolbek\Core\Place\Weather\Weather;

/** The weather of a site as it was, as far as it was kept, and as it is foretold; where neither is known it is that of its months. */
final readonly class SiteWeather
{
    public function __construct(private WeatherStation $station) {}

    /**
     * Days in a row, those that nobody measured marked.
     *
     * @param int $from the first, see Date
     */
    public function known(Site $site, Climate $climate, int $from, int $days): Weather
    {
        $query = WeatherDay::query();
        $query->where('site_id', $site->id);
        $query->whereBetween('day', [Date::of($from), Date::of($from + $days - 1)]);
        $query->orderBy('day');

        return MeasuredDays::filled($climate, $from, $days, array_values($query->get()->map(self::row(...))->all()));
    }

    /**
     * The last day that was kept, of sites.
     *
     * @param list<int> $siteIds
     *
     * @return array<int, string> YYYY-MM-DD by site, none where no day was kept
     */
    public function keptTo(array $siteIds): array
    {
        $query = DB::table('weather_days');
        $query->whereIn('site_id', $siteIds);
        $query->groupBy('site_id');
        $query->selectRaw('site_id, max(day) as day');
        $latest = [];
        foreach ($query->get() as $row) {
            $latest[(int) $row->site_id] = (string) $row->day;
        }

        return $latest;
    }

    /** From a day on, today as a rule: what the station foretells, then mean days. */
    public function ahead(Climate $climate, int $from, int $days): Weather
    {
        return MeasuredDays::filled($climate, $from, $days, $this->forecast($climate) ?? []);
    }

    /** @return list<array{date: string, tmin: float, tmax: float, rain_mm: float}>|null null where the station is silent */
    public function forecast(Climate $climate): ?array
    {
        try {
            return $this->station->forecast($climate, self::today());
        } catch (InstrumentFault) {
            return null;
        }
    }

    public static function today(): int
    {
        return Date::number(Carbon::today()->toDateString());
    }

    /** @return array{date: string, tmin: float, tmax: float, rain_mm: float} */
    private static function row(WeatherDay $day): array
    {
        return ['date' => $day->day, 'tmin' => $day->tmin, 'tmax' => $day->tmax, 'rain_mm' => $day->rain_mm];
    }
}
