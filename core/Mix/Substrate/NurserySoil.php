<?php

declare(strict_types=1);

namespace Zolbek\Core\Mix\Substrate;

use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Material\MaterialReader;

/**
 * What a root ball is of that came from elsewhere: typical soils of nurseries and gardens, by what one sees when it is opened.
 *
 *     unknown: peat, bark compost and loam as 2 : 1 : 1 by loose volume;  sand and grit: 1 : 1
 *
 * Densities in kg/L, sieves in % of mass on an aperture in mm. It is taken as it has lain for years, with its structure as far gone as it goes: garden clay as puddled loam.
 * Source: the typical components of the model's reference, peat and loam settled further; starting figures, see StandardUncertainty. Check: in 10 cm of height
 * nursery peat holds more water than bark compost, and garden clay has the least air of all.
 */
enum NurserySoil: string
{
    case Peat = 'nursery_peat';
    case Coir = 'coir';
    case BarkCompost = 'bark_compost';
    case Loam = 'loam';
    case GardenClay = 'garden_clay';
    case SandGrit = 'sand_grit';
    case Unknown = 'unknown';

    private const PEAT = [
        'key' => 'nursery-peat', 'name' => 'Nursery peat', 'kind' => 'organic', 'bulk_density' => 0.1, 'particle_density' => 0.24, 'solid_density' => 1.55, 'internal_water' => 0.76, 'unavailable_water' => 0.22,
        'internal_median_cm' => 55, 'internal_spread' => 1.7, 'sphericity' => 0.45, 'sieve' => ['5.6' => 2, '2.8' => 8, '2' => 12, '1' => 24, '0.5' => 24, '0.25' => 18, 'pan' => 12], 'settled_index' => 7.5,
        'ph' => 5.5, 'buffer' => 40, 'cec' => 14, 'crumble_rate' => 0.1, 'decay_rate' => 0.04, 'structure_loss' => 0.35,
    ];
    private const COIR = [
        'key' => 'coir-ball', 'name' => 'Coir', 'kind' => 'organic', 'bulk_density' => 0.08, 'particle_density' => 0.2, 'solid_density' => 1.5, 'internal_water' => 0.76, 'unavailable_water' => 0.22,
        'internal_median_cm' => 50, 'internal_spread' => 1.7, 'sphericity' => 0.45, 'sieve' => ['5.6' => 2, '2.8' => 8, '2' => 12, '1' => 30, '0.5' => 28, '0.25' => 14, 'pan' => 6], 'settled_index' => 6.7,
        'ph' => 6, 'buffer' => 16, 'cec' => 9, 'crumble_rate' => 0.08, 'decay_rate' => 0.04, 'structure_loss' => 0.25,
    ];
    private const BARK = [
        'key' => 'bark-compost', 'name' => 'Bark compost', 'kind' => 'bark', 'bulk_density' => 0.24, 'particle_density' => 0.47, 'solid_density' => 1.5, 'internal_water' => 0.52, 'unavailable_water' => 0.24,
        'internal_median_cm' => 90, 'internal_spread' => 1.9, 'sphericity' => 0.55, 'sieve' => ['8' => 4, '5.6' => 14, '4' => 18, '2.8' => 18, '2' => 14, '1' => 16, '0.5' => 10, 'pan' => 6], 'fines_weight' => 0.25,
        'settled_index' => 5.5, 'ph' => 5.5, 'buffer' => 40, 'cec' => 14, 'crumble_rate' => 0.02, 'decay_rate' => 0.08,
    ];
    private const LOAM = [
        'key' => 'nursery-loam', 'name' => 'Loam', 'kind' => 'soil', 'bulk_density' => 1.15, 'particle_density' => 1.85, 'solid_density' => 2.62, 'internal_water' => 0.28, 'unavailable_water' => 0.13,
        'internal_median_cm' => 300, 'internal_spread' => 2, 'sphericity' => 0.65, 'sieve' => ['4' => 4, '2' => 12, '1' => 16, '0.5' => 16, '0.25' => 16, 'pan' => 36], 'finest_mm' => 0.02,
        'hydraulic_size_mm' => 0.5, 'hydraulic_spread' => 1.2, 'settled_index' => 6, 'ph' => 6.5, 'buffer' => 55, 'cec' => 18, 'decay_rate' => 0.02, 'structure_loss' => 0.25,
    ];
    private const SAND = [
        'key' => 'ball-sand', 'name' => 'Sand', 'kind' => 'solid stone', 'bulk_density' => 1.55, 'particle_density' => 2.62, 'solid_density' => 2.65, 'internal_water' => 0.01, 'unavailable_water' => 0.005,
        'internal_median_cm' => 50, 'internal_spread' => 1.5, 'sphericity' => 0.75, 'sieve' => ['2' => 6, '1' => 24, '0.5' => 34, '0.25' => 26, 'pan' => 10], 'ph' => 7, 'buffer' => 1, 'cec' => 1,
    ];
    private const GRIT = [
        'key' => 'ball-grit', 'name' => 'Grit', 'kind' => 'solid stone', 'bulk_density' => 1.5, 'particle_density' => 2.62, 'solid_density' => 2.65, 'internal_water' => 0.01, 'unavailable_water' => 0.005,
        'internal_median_cm' => 50, 'internal_spread' => 1.5, 'sphericity' => 0.7, 'sieve' => ['4' => 20, '2.8' => 35, '2' => 30, '1' => 12, 'pan' => 3], 'ph' => 7, 'buffer' => 1, 'cec' => 1,
    ];

    /** @return list<string> */
    public static function words(): array
    {
        return array_column(self::cases(), 'value');
    }

    /** As it lies in a ball, settled. */
    public function substrate(): Substrate
    {
        return new Substrate(new Blend($this->portions()));
    }

    /** @return list<array{Material, float}> materials and their loose parts */
    private function portions(): array
    {
        $of = static fn(array $figures, float $parts = 1.0): array => [MaterialReader::read($figures), $parts];

        return match ($this) {
            self::Peat => [$of(self::PEAT)],
            self::Coir => [$of(self::COIR)],
            self::BarkCompost => [$of(self::BARK)],
            self::Loam => [$of(self::LOAM)],
            self::GardenClay => [$of(array_diff_key(['key' => 'garden-clay', 'name' => 'Garden clay', 'settled_index' => 9, 'structure_loss' => 0] + self::LOAM, ['hydraulic_size_mm' => 0, 'hydraulic_spread' => 0]))],
            self::SandGrit => [$of(self::SAND), $of(self::GRIT)],
            self::Unknown => [$of(self::PEAT, 2.0), $of(self::BARK), $of(self::LOAM)],
        };
    }
}
