<?php

declare(strict_types=1);

namespace App\Situations;

use App\Sheets\Column;
use App\Sheets\Listing;
use App\Situations\Models\Site;

/** Sites: one row for each month of each. */
final readonly class SiteListing implements Listing
{
    public function columns(): array
    {
        return [
            new Column('site', 'site'),
            new Column('latitude', 'latitude', Column::NUMBER, 'deg'),
            new Column('altitude', 'altitude', Column::NUMBER, 'm'),
            new Column('alkalinity', 'alkalinity', Column::NUMBER, 'mg/L CaCO3'),
            new Column('month', 'month', Column::NUMBER),
            new Column('tmin', 'tmin', Column::NUMBER, 'degC'),
            new Column('tmax', 'tmax', Column::NUMBER, 'degC'),
            new Column('rain', 'rain', Column::NUMBER, 'mm'),
            new Column('humidity', 'humidity', Column::NUMBER, '%'),
            new Column('wind', 'wind', Column::NUMBER, 'm/s'),
            new Column('sun', 'sun', Column::NUMBER, 'h'),
            new Column('note', 'note'),
        ];
    }

    public function all(): iterable
    {
        $query = Site::query();
        $query->whereNull('archived_at');
        foreach ($query->lazyById(200) as $site) {
            foreach ($site->floats() as $i => $month) {
                yield [
                    'site' => $site->name, 'latitude' => $site->latitude, 'altitude' => $site->altitude_m, 'alkalinity' => $site->alkalinity_mg_l, 'month' => $i + 1, 'tmin' => $month['tmin'], 'tmax' => $month['tmax'],
                    'rain' => $month['rain_mm'], 'humidity' => $month['humidity'] ?? null, 'wind' => $month['wind_ms'] ?? null, 'sun' => $month['sun_hours'] ?? null, 'note' => $site->note,
                ];
            }
        }
    }
}
