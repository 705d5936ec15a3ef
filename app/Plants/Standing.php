<?php

declare(strict_types=1);

namespace App\Plants;

use Zolbek\Core\Mix\Attrition\AgeingClimate;
use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Material\KeptMaterial;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Container\Container;
use Zolbek\Core\Place\Container\DrainageLayer;
use Zolbek\Core\Place\Container\Holes;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Place\Setup\Situation;

/** What plants stand in, as the core takes it: what their forecasts are computed from. */
final class Standing
{
    /** @var array<string, Substrate> by what it is made of, aged by so many years */
    private array $substrates = [];

    public function setup(StandsIn $standing, PlantGroup $group, ?Situation $situation = null): Setup
    {
        $pot = $standing->pot;
        $layer = $standing->layer;
        $index = $standing->compactionIndex;
        $substrate = $this->substrate($standing);

        return new Setup(
            array_map(static fn(Material $component, float $parts): array => [Portion::of($component), $parts], $substrate->blend->components, $substrate->blend->parts),
            self::pot($pot['description']),
            Holes::of($pot['holes']['count'], $pot['holes']['diameter_cm'] ?? 1.0, $pot['holes']['open_share']),
            $group,
            $standing->headspaceCm,
            $standing->topDressingCm,
            $layer === null ? null : new DrainageLayer(new Substrate(new Blend([[KeptMaterial::read($layer['kept']), 1.0]]), $index), $layer['thickness_cm']),
            $pot['weight_kg'],
            compactionIndex: $index,
            situation: $situation?->with(dryingSides: $pot['drying_sides']),
            substrate: $substrate,
        );
    }

    /** The mix that one stands in, aged; the same one is packed once. */
    public function substrate(StandsIn $standing, float $years = 0.0, ?AgeingClimate $climate = null): Substrate
    {
        $years = round(2.0 * $years) / 2.0;
        $index = $standing->compactionIndex;
        $key = md5((string) json_encode($standing->components)).'|'.$index.'|'.$years.'|'.($years > 0.0 ? round($climate->frostCycles ?? 0.0, 2).'|'.($climate->meanC ?? 0) : '');

        return $this->substrates[$key] ??= new Substrate(
            $years > 0.0 ? $this->substrate($standing)->blend : new Blend(array_map(static fn(array $part): array => [KeptMaterial::read($part['kept']), $part['parts']], $standing->components)),
            $index,
            $years,
            $years > 0.0 ? $climate : null,
        );
    }

    /** @param array<string, mixed> $description */
    private static function pot(array $description): Container
    {
        // whole numbers come back from JSON as such, all but the sides are lengths
        return Container::read(array_map(static fn(mixed $value): mixed => is_float($value) && floor($value) === $value ? (int) $value : $value, $description));
    }
}
