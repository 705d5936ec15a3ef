<?php

declare(strict_types=1);

namespace Zolbek\Core\Question\Validation;

use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Grading\Grading;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Climate\ExtraterrestrialRadiation;
use Zolbek\Core\Place\Climate\Hargreaves;
use Zolbek\Core\Place\Climate\PenmanMonteith;
use Zolbek\Core\Place\Container\Container;
use Zolbek\Core\Place\Container\PotWater;
use Zolbek\Core\Place\Container\RootZone;

/**
 * The model beside published figures, computed now. Each set is what database/reference/published.json says of it; here stands what of the model is its like.
 *
 *     field soils    median head of a van Genuchten curve, h50 = (2^(1/m) - 1)^(1/n) / alpha, m = 1 - 1/n
 *     columns        a straight pot of that height, settled, free to drain
 *     graded bark    the shipped bark with 24 % of it finer than 0.6 mm
 *
 * Figures quoted from memory and not well enough known are left off. Source: M. Th. van Genuchten, Soil Science Society of America Journal 44 (1980) 892-898;
 * those of the sets stand with them. Check: loam of alpha 0.036, n 1.56 has h50 86.6 cm.
 *
 * @phpstan-type Ranges array<string, array{float|int|null, float|int|null}>
 * @phpstan-type Figures list<array<string, float|int|string>>
 */
final readonly class PublishedSets
{
    private const CM_A_DAY = 86_400.0;
    private const FINE_BARK = 0.24;
    private const FINE_BARK_MM = 0.6;
    private const CONTAINER_CM = 15.0;
    private const SAND_POROSITY = 0.348;
    private const SAND_SPHERICITY = 0.9;

    /** The shipped component that is most like a texture. */
    private const TEXTURES = ['sand' => 'sharp-sand-0-25-2-mm', 'loam' => 'loam-puddled'];

    /** @param array<string, Material> $components the shipped ones, by key */
    public function __construct(private array $components) {}

    /**
     * @param list<array{key: string, name: string, source: string, sure: string, use: string, figures?: Figures, ranges?: Ranges}> $sets as published.json lists them
     *
     * @return list<array{key: string, name: string, source: string, use: string, sure: string, rows: list<Beside>}>
     */
    public function beside(array $sets): array
    {
        $all = [];
        foreach ($sets as $set) {
            [$ranges, $figures] = [$set['ranges'] ?? [], $set['figures'] ?? []];
            $rows = match ($set['key']) {
                'sands' => self::sands($figures),
                'coir' => $this->coir($ranges),
                'soils' => $this->soils($figures),
                'bark' => $this->bark($ranges),
                'nursery' => $this->nursery($ranges),
                'ideal' => $this->ideal($ranges),
                'compost' => $this->compost($ranges),
                'evapotranspiration' => self::evapotranspiration($figures),
                default => [],
            };
            if ($rows !== []) {
                $all[] = ['key' => $set['key'], 'name' => $set['name'], 'source' => $set['source'], 'use' => $set['use'], 'sure' => $set['sure'], 'rows' => $rows];
            }
        }

        return $all;
    }

    /** Suction in cm at which half of what a van Genuchten curve gives is gone. */
    public static function medianHeadCm(float $alphaPerCm, float $n): float
    {
        $m = 1.0 - 1.0 / $n;

        return (2.0 ** (1.0 / $m) - 1.0) ** (1.0 / $n) / $alphaPerCm;
    }

    /**
     * @param Figures $figures
     *
     * @return list<Beside>
     */
    private static function sands(array $figures): array
    {
        return array_map(static fn(array $sand): Beside => Beside::single(
            'median_head',
            'cm',
            number_format((float) $sand['d50_mm'], 3).' mm',
            (float) $sand['median_head_cm'],
            Substrate::medianHeadCm(self::SAND_POROSITY, (float) $sand['d50_mm'], self::SAND_SPHERICITY),
        ), $figures);
    }

    /**
     * @param Ranges $ranges
     *
     * @return list<Beside>
     */
    private function coir(array $ranges): array
    {
        $coir = new Substrate(new Blend([[$this->components['coir-pith'], 1.0]]));
        $water = self::column($coir, 7.6);

        return [
            self::percent('air', '7.6 cm', $ranges['air'], $water->air),
            self::percent('water', '7.6 cm', $ranges['water'], $water->theta),
            self::percent('total_porosity', '', $ranges['total_porosity'], $coir->totalPorosity),
            Beside::range('bulk_density', 'kg/L', '', self::bound($ranges['bulk_density'][0]), self::bound($ranges['bulk_density'][1]), $coir->bulkDensity),
        ];
    }

    /**
     * @param Figures $figures
     *
     * @return list<Beside>
     */
    private function soils(array $figures): array
    {
        $rows = [];
        foreach ($figures as $soil) {
            $texture = (string) $soil['texture'];
            $key = self::TEXTURES[$texture] ?? null;
            if ($key === null) {
                continue;
            }
            $substrate = new Substrate(new Blend([[$this->components[$key], 1.0]]));
            $rows[] = Beside::single('median_head', 'cm', $texture, self::medianHeadCm((float) $soil['alpha_1_cm'], (float) $soil['n']), $substrate->retention->medianHeadCm);
            $rows[] = Beside::single('saturated_water', '%', $texture, 100.0 * (float) $soil['theta_s'], 100.0 * $substrate->retention->saturated);
            $rows[] = Beside::withinTimes('conductivity', 'cm/d', $texture, (float) $soil['ks'], self::CM_A_DAY * $substrate->flow->fluxCmS());
        }

        return $rows;
    }

    /**
     * @param Ranges $ranges
     *
     * @return list<Beside>
     */
    private function bark(array $ranges): array
    {
        $bark = $this->components['composted-bark-fine-2-8-mm'];
        $graded = $bark->with(grading: Grading::fromSieve($bark->grading->withPassing(self::FINE_BARK_MM, self::FINE_BARK)), refitPacking: true);
        $blend = new Blend([[$graded, 1.0]]);

        return [
            self::percent('air_poured', '7.6 cm', $ranges['air'], self::column(new Substrate($blend, 4.1), 7.6)->air),
            self::percent('air', '7.6 cm', $ranges['air'], self::column(new Substrate($blend), 7.6)->air),
        ];
    }

    /**
     * A mix of six parts bark, three of peat and one of perlite, as nurseries use.
     *
     * @param Ranges $ranges
     *
     * @return list<Beside>
     */
    private function nursery(array $ranges): array
    {
        $mix = new Substrate(new Blend([[$this->components['composted-bark-fine-2-8-mm'], 6.0], [$this->components['sphagnum-peat'], 3.0], [$this->components['perlite-2-5-mm'], 1.0]]));
        $water = self::column($mix, self::CONTAINER_CM);
        $unavailable = $mix->retention->theta(15_000.0);

        return [
            self::percent('total_porosity', '', $ranges['total_porosity'], $mix->totalPorosity),
            self::percent('air', '15 cm', $ranges['air'], $water->air),
            self::percent('water', '15 cm', $ranges['container_capacity'], $water->theta),
            self::percent('available', '15 cm', $ranges['available'], $water->theta - $unavailable),
            self::percent('unavailable', '', $ranges['unavailable'], $unavailable),
            Beside::range('bulk_density', 'kg/L', '', self::bound($ranges['bulk_density'][0]), self::bound($ranges['bulk_density'][1]), $mix->bulkDensity),
        ];
    }

    /**
     * Three parts of peat and one of perlite, the nearest to an ideal that is shipped.
     *
     * @param Ranges $ranges
     *
     * @return list<Beside>
     */
    private function ideal(array $ranges): array
    {
        $mix = new Substrate(new Blend([[$this->components['sphagnum-peat'], 3.0], [$this->components['perlite-2-5-mm'], 1.0]]));
        $theta = $mix->retention->theta(...);

        return [
            self::percent('total_porosity', '', $ranges['total_porosity'], $mix->totalPorosity),
            self::percent('air', '10 cm', $ranges['air'], $mix->retention->air(10.0)),
            self::percent('easily_available', '10-50 cm', $ranges['easily_available'], $theta(10.0) - $theta(50.0)),
            self::percent('buffer', '50-100 cm', $ranges['buffer'], $theta(50.0) - $theta(100.0)),
        ];
    }

    /**
     * @param Ranges $ranges
     *
     * @return list<Beside>
     */
    private function compost(array $ranges): array
    {
        return [self::percent('air', '10 cm', $ranges['air'], self::column(new Substrate(new Blend([[$this->components['garden-compost-screened-8-mm'], 1.0]])), 10.0)->air)];
    }

    /**
     * @param Figures $figures
     *
     * @return list<Beside>
     */
    private static function evapotranspiration(array $figures): array
    {
        return array_map(static function (array $one): Beside {
            $of = sprintf('%s degrees, day %d', $one['latitude'], $one['day']);
            $one = array_map(floatval(...), $one);
            [$latitude, $day] = [$one['latitude'], (int) $one['day']];

            return match (true) {
                isset($one['ra']) => Beside::single('radiation', 'MJ/m2/d', $of, $one['ra'], (new ExtraterrestrialRadiation($latitude, $day))->mjM2Day, 0.01),
                isset($one['hargreaves']) => Beside::single('hargreaves', 'mm/d', $of, $one['hargreaves'], Hargreaves::mmDay($latitude, $day, $one['tmin'], $one['tmax']), 0.02),
                default => Beside::single('penman', 'mm/d', $of, $one['penman'], PenmanMonteith::mmDay($latitude, $one['altitude_m'], $day, $one['tmin'], $one['tmax'], $one['vapour_kpa'], $one['wind_ms'], $one['sun_hours'], $one['soil_heat_mj']), 0.01),
            };
        }, $figures);
    }

    private static function column(Substrate $substrate, float $heightCm): PotWater
    {
        return new PotWater(new RootZone(Container::read(['shape' => 'measured', 'volume_l' => $heightCm / 10.0, 'depth' => $heightCm])), $substrate);
    }

    /** @param array{float|int|null, float|int|null} $range in per cent */
    private static function percent(string $figure, string $of, array $range, float $share): Beside
    {
        return Beside::range($figure, '%', $of, self::bound($range[0]), self::bound($range[1]), 100.0 * $share);
    }

    private static function bound(float|int|null $value): ?float
    {
        return $value === null ? null : (float) $value;
    }
}
