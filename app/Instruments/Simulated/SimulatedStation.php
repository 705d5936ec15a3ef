<?php

declare(strict_types=1);

namespace App\Instruments\Simulated;

use App\Instruments\InstrumentReading;
use App\Instruments\WeatherStation;
use App\Situations\Models\Site;
use Illuminate\Support\Carbon;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Place\Climate\Climate;
use Zolbek\Core\Place\Weather\Date;
use Zolbek\Core\Place\Weather\WeatherGenerator;

/**
 * A station whose days are made from the climate of the site, the same every time. The panel sends a week of other weather from the day on which it is set: a heat wave,
 * rain, a late frost; unplugged it is silent. Its forecast knows the week, and is a little off from the third day on.
 */
final class SimulatedStation extends Simulated implements WeatherStation
{
    public const WEATHER = ['usual', 'heat_wave', 'rain', 'late_frost'];
    private const SEED = 8321;
    private const LASTS_DAYS = 7;
    private const FORETOLD_DAYS = 7;
    private const SURE_DAYS = 2;

    public function read(): InstrumentReading
    {
        $this->mustWork();
        $query = Site::query();
        $query->where('archived_at', null);
        $query->orderBy('id');
        $site = $query->first();
        if ($site === null) {
            return new InstrumentReading([], true, $this->isBatteryLow());
        }
        $today = $this->made($site->climate(), self::today(), self::today())[0] ?? ['tmin' => 0.0, 'tmax' => 0.0, 'rain_mm' => 0.0];
        $warm = max(0.0, sin((Carbon::now()->hour - 6) / 24.0 * M_PI));

        return new InstrumentReading(['celsius' => round($today['tmin'] + ($today['tmax'] - $today['tmin']) * $warm, 1), 'rain_mm' => round($today['rain_mm'], 1)], true, $this->isBatteryLow());
    }

    public function days(Climate $climate, int $from, int $to): array
    {
        $this->mustWork();

        return $this->made($climate, $from, $to);
    }

    public function forecast(Climate $climate, int $from): array
    {
        $this->mustWork();
        $days = $this->made($climate, $from, $from + self::FORETOLD_DAYS - 1);

        // what is further off is foretold half-way to the day before it
        return array_map(static function (int $i, array $day) use ($days): array {
            $before = $days[max(0, $i - 1)] ?? $day;

            return $i < self::SURE_DAYS ? $day : ['date' => $day['date'], 'tmin' => round(($day['tmin'] + $before['tmin']) / 2, 1), 'tmax' => round(($day['tmax'] + $before['tmax']) / 2, 1), 'rain_mm' => $day['rain_mm']];
        }, array_keys($days), $days);
    }

    public function settings(): array
    {
        $state = $this->state();

        return ['plugged' => $state['plugged'], 'battery' => $state['battery'], 'weather' => $state['weather'] ?? 'usual', 'weather_since' => isset($state['since']) ? Date::of($state['since']) : null];
    }

    public function set(array $input): void
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['plugged', 'battery', 'weather'], $refusals);
        $state = $this->state();
        $state['plugged'] = $fields->flag('plugged', $state['plugged']);
        $state['battery'] = $fields->number('battery', 0, 1, $state['battery']);
        $weather = $fields->has('weather') ? $fields->oneOf('weather', self::WEATHER) : null;
        $refusals->throwIfAny();
        if ($weather !== null) {
            $state['weather'] = $weather;
            $state['since'] = $weather === 'usual' ? null : self::today();
        }
        $this->keep($state);
    }

    /** @return list<array{date: string, tmin: float, tmax: float, rain_mm: float}> */
    private function made(Climate $climate, int $from, int $to): array
    {
        $generator = new WeatherGenerator($climate);
        $state = $this->state();
        $days = $years = [];
        for ($number = $from; $number <= max($from, $to); ++$number) {
            $year = (int) substr(Date::of($number), 0, 4);
            $years[$year] ??= $generator->days(Date::number($year.'-01-01'), 366, self::SEED, $year);
            $i = $number - $years[$year]->first;
            $day = ['date' => Date::of($number), 'tmin' => $years[$year]->tMin[$i] ?? 0.0, 'tmax' => $years[$year]->tMax[$i] ?? 0.0, 'rain_mm' => $years[$year]->rainMm[$i] ?? 0.0];
            $since = $state['since'] ?? null;
            $days[] = self::rounded($since !== null && $number >= $since && $number < $since + self::LASTS_DAYS ? self::under($day, $state['weather'] ?? 'usual') : $day);
        }

        return $days;
    }

    /**
     * @param array{date: string, tmin: float, tmax: float, rain_mm: float} $day
     *
     * @return array{date: string, tmin: float, tmax: float, rain_mm: float}
     */
    private static function under(array $day, string $weather): array
    {
        return match ($weather) {
            'heat_wave' => [...$day, 'tmin' => $day['tmin'] + 6.0, 'tmax' => $day['tmax'] + 11.0, 'rain_mm' => 0.0],
            'rain' => [...$day, 'tmax' => max($day['tmin'] + 2.0, $day['tmax'] - 4.0), 'rain_mm' => max(14.0, $day['rain_mm'])],
            'late_frost' => [...$day, 'tmin' => min(-4.0, $day['tmin'] - 6.0), 'tmax' => min(4.0, $day['tmax']), 'rain_mm' => 0.0],
            default => $day,
        };
    }

    /**
     * @param array{date: string, tmin: float, tmax: float, rain_mm: float} $day
     *
     * @return array{date: string, tmin: float, tmax: float, rain_mm: float}
     */
    private static function rounded(array $day): array
    {
        return ['date' => $day['date'], 'tmin' => round($day['tmin'], 1), 'tmax' => max(round($day['tmin'], 1), round($day['tmax'], 1)), 'rain_mm' => round($day['rain_mm'], 1)];
    }

    private static function today(): int
    {
        return Date::number(Carbon::today()->toDateString());
    }

    protected function key(): string
    {
        return 'weather_station';
    }
}
