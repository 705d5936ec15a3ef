<?php

declare(strict_types=1);

namespace App\Weather\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A day of weather at a site, as it was measured.
 *
 * @property int    $id
 * @property int    $site_id
 * @property string $day     YYYY-MM-DD
 * @property float  $tmin    degC
 * @property float  $tmax    degC
 * @property float  $rain_mm
 * @property string $source  one of SOURCES
 */
final class WeatherDay extends Model
{
    public const SOURCES = ['station', 'file', 'hand'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['tmin' => 'float', 'tmax' => 'float', 'rain_mm' => 'float'];
    }
}
