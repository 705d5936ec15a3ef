<?php

declare(strict_types=1);

namespace App\Plants;

use App\Calibration\InUse;
use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Material\KeptMaterial;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Container\DrainageLayer;
use Zolbek\Core\Place\Container\Holes;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Setup\ModelConstants;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Place\Setup\Situation;

/** What plants stand in, as the core takes it: what their forecasts are computed from. */
final class Standing
{
    /** @var array<string, Substrate> by the key of what it is */
    private array $substrates = [];

    public function setup(StandsIn $standing, PlantGroup $group, ?Situation $situation = null): Setup
    {
        $pot = $standing->pot;
        $layer = $standing->layer;
        $index = $standing->compactionIndex;
        $substrate = $this->substrate(KeptSoil::stood($standing));
        $soil = $standing->contents?->soil;
        $constants = InUse::now()->constants();

        return new Setup(
            array_map(static fn(Material $component, float $parts): array => [Portion::of($component), $parts], $substrate->blend->components, $substrate->blend->parts),
            $standing->container(),
            Holes::of($pot['holes']['count'], $pot['holes']['diameter_cm'] ?? 1.0, $pot['holes']['open_share']),
            $group,
            $standing->headspaceCm,
            $standing->topDressingCm,
            $layer === null ? null : new DrainageLayer(new Substrate(new Blend([[KeptMaterial::read($layer['kept']), 1.0]]), $index), $layer['thickness_cm']),
            $pot['weight_kg'],
            $standing->treeWeightKg,
            $index,
            situation: $situation?->with(surface: $standing->surface, dryingSides: $pot['drying_sides']),
            contents: $standing->contents?->toCore($soil === null ? null : $this->substrate($soil)),
            holeCover: $standing->cover === null ? null : new Substrate(new Blend([[KeptMaterial::read($standing->cover), 1.0]])),
            substrate: $constants->packsAs(new ModelConstants()) ? $substrate : null,
            model: $constants,
        );
    }

    /** As it lies; what is alike is packed once. */
    public function substrate(KeptSoil $soil): Substrate
    {
        return $this->substrates[$soil->key()] ??= $soil->substrate();
    }
}
