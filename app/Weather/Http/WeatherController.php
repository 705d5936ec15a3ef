<?php

declare(strict_types=1);

namespace App\Weather\Http;

use App\Situations\Models\Site;
use App\Weather\Actions\BringWeather;
use App\Weather\Actions\WriteWeather;
use App\Weather\Models\WeatherDay;
use App\Weather\SiteWeather;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Zolbek\Core\Place\Climate\Climate;
use Zolbek\Core\Place\Weather\Date;
use Zolbek\Core\Place\Weather\MeanDays;

/** The weather of a site: days that were, days that are foretold, and what is usual. */
final readonly class WeatherController
{
    private const SHOWN_DAYS = 62;

    public function show(Site $site, SiteWeather $weather): JsonResponse
    {
        return new JsonResponse(self::document($site, $weather));
    }

    public function bring(Site $site, BringWeather $bring, SiteWeather $weather): JsonResponse
    {
        $added = $bring($site);

        return new JsonResponse(['added' => $added, 'weather' => self::document($site, $weather)]);
    }

    public function write(Request $request, Site $site, WriteWeather $write, SiteWeather $weather): JsonResponse
    {
        $write($site, $request->json()->all(), 'hand');

        return new JsonResponse(self::document($site, $weather));
    }

    /** @return array<string, mixed> schema SiteWeather */
    private static function document(Site $site, SiteWeather $weather): array
    {
        $climate = $site->climate();
        $query = WeatherDay::query()->where('site_id', $site->id);
        $query->where('day', '>=', Date::of(SiteWeather::today() - self::SHOWN_DAYS));
        $query->orderBy('day');
        $kept = $query->get();
        $latest = $weather->keptTo([$site->id])[$site->id] ?? null;
        $forecast = $weather->forecast($climate);

        return [
            'site_id' => $site->id,
            'site' => $site->name,
            'days' => array_values($kept->map(static fn(WeatherDay $day): array => [...self::usual($climate, $day->day), ...$day->only(['tmin', 'tmax', 'rain_mm', 'source']), 'date' => $day->day])->all()),
            'kept_to' => $latest,
            'missing' => max(0, $latest === null ? BringWeather::BACK_DAYS : SiteWeather::today() - 1 - Date::number($latest)),
            'forecast' => array_map(static fn(array $day): array => [...self::usual($climate, $day['date']), ...$day], $forecast ?? []),
            'silent' => $forecast === null,
        ];
    }

    /** @return array{usual_tmin: float, usual_tmax: float} */
    private static function usual(Climate $climate, string $date): array
    {
        [$day] = Date::inYear(Date::number($date));
        $mean = MeanDays::of($climate);

        return ['usual_tmin' => $mean->tMin[$day - 1] ?? 0.0, 'usual_tmax' => $mean->tMax[$day - 1] ?? 0.0];
    }
}
