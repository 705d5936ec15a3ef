<?php

declare(strict_types=1);

namespace App\Situations\Models;

use App\Common\Archivable;
use App\Common\Field;
use App\Common\Stamped;
use App\Situations\SiteFields;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Zolbek\Core\Place\Climate\Climate;

/**
 * A place with its monthly climate and its water.
 *
 * @property int         $id
 * @property string      $name
 * @property float       $latitude
 * @property float       $altitude_m
 * @property float       $alkalinity_mg_l of the water there, as CaCO3
 * @property float       $rain_share      share of rain in what is given
 * @property float|null  $water_ec_ms_cm  conductivity of the water there
 * @property list<array{tmin: float, tmax: float, rain_mm: float, humidity?: float|null, wind_ms?: float|null, sun_hours?: float|null, wet_days?: float|null}> $months
 * @property string|null $last_frost      MM-DD, as somebody knows it; the months say how likely frost is
 * @property string|null $first_frost     MM-DD
 * @property string      $note
 * @property Carbon|null $archived_at
 */
final class Site extends Model
{
    use Archivable;
    use Stamped;

    public function climate(): Climate
    {
        return Climate::read([
            'latitude' => $this->latitude,
            'altitude_m' => $this->altitude_m,
            'months' => array_map(static fn(array $month): array => array_filter($month, static fn(?float $value): bool => $value !== null), $this->floats()),
        ]);
    }

    /** @return list<array<string, float|null>> months with every figure a float */
    public function floats(): array
    {
        return array_map(static fn(array $month): array => array_map(static fn(int|float|null $value): ?float => $value === null ? null : (float) $value, $month), $this->months);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [...Field::casts(SiteFields::all()), 'latitude' => 'float', 'altitude_m' => 'float', 'months' => 'array', 'archived_at' => 'datetime'];
    }
}
