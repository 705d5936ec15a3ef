<?php

declare(strict_types=1);

namespace App\Weather;

use App\Sheets\Column;
use App\Sheets\Sheet;
use App\Situations\Models\Site;
use App\Weather\Actions\WriteWeather;
use App\Weather\Models\WeatherDay;
use Zolbek\Core\Basis\Input\Refused;

/** Days of weather as CSV, a line for each; the site by its name, which may be left out where there is one. */
final class WeatherSheet implements Sheet
{
    /** @var array<string, Site> by name */
    private array $sites = [];

    public function __construct(private readonly WriteWeather $write) {}

    public function columns(): array
    {
        return [
            new Column('date', 'date', unit: 'YYYY-MM-DD', required: true),
            new Column('tmin', 'tmin', Column::NUMBER, 'degC', true),
            new Column('tmax', 'tmax', Column::NUMBER, 'degC', true),
            new Column('rain', 'rain_mm', Column::NUMBER, 'mm', true),
            new Column('site', 'site'),
        ];
    }

    public function sieveUnit(): ?string
    {
        return null;
    }

    public function key(array $values): string
    {
        return $values['date'].'|'.mb_strtolower((string) ($values['site'] ?? ''));
    }

    public function take(array $values): array
    {
        $site = $this->site((string) ($values['site'] ?? ''));
        unset($values['site']);
        [$day, $status] = ($this->write)($site, $values, 'file');

        return [$status, $site->name.' '.$day->day];
    }

    public function all(): iterable
    {
        $query = WeatherDay::query();
        $query->join('sites', 'sites.id', '=', 'weather_days.site_id')->select(['weather_days.*', 'sites.name as site_name']);
        foreach ($query->lazyById(500, 'weather_days.id', 'id') as $day) {
            yield ['date' => $day->day, 'tmin' => $day->tmin, 'tmax' => $day->tmax, 'rain_mm' => $day->rain_mm, 'site' => $day->getAttribute('site_name')];
        }
    }

    /** @throws Refused field "site" */
    private function site(string $name): Site
    {
        if (isset($this->sites[$name])) {
            return $this->sites[$name];
        }
        $query = Site::query();
        $query->where('archived_at', null);
        if ($name !== '') {
            $query->where('name', $name);
        }
        $query->limit(2);
        $found = $query->get();
        if ($found->count() !== 1) {
            throw Refused::because('site', $name === '' ? 'site_needed' : 'name_unknown', $name);
        }

        return $this->sites[$name] = $found->firstOrFail();
    }
}
