<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\Plants\Models\Plant;
use App\Pots\Models\Pot;
use App\PottingDays\Models\DayPlant;
use App\PottingDays\Models\PottingDay;
use App\Recipes\Models\Recipe;

/** For what a recipe is used: plants that stand in it and those that are planned for it, alike ones together. Schema RecipeUseList of the API. */
final class RecipeUses
{
    private const READ = 500;
    private const SHOWN = 12;
    private const NAMED = 3;
    /** What makes a plant another question to a mix. */
    private const SAME = ['plant_group', 'species_id', 'site_id', 'exposure', 'stand', 'purpose', 'vigour', 'winter_shelter', 'feed'];

    /** @return list<array<string, mixed>> those of most plants first */
    public static function of(Recipe $recipe): array
    {
        $uses = [];
        foreach ([...self::standing($recipe), ...self::planned($recipe)] as [$plant, $pot, $isPlanned]) {
            if ($pot === null) {
                continue;
            }
            $key = implode('|', [$pot->id, ...array_values($plant->only(self::SAME))]);
            $uses[$key] ??= [
                'pot_id' => $pot->id, 'pot' => $pot->name, 'planned' => true, ...$plant->only(self::SAME), 'species' => $plant->species?->name, 'site' => $plant->site?->name, 'count' => 0,
                'names' => [], 'canopies' => [],
            ];
            $uses[$key]['planned'] = $uses[$key]['planned'] && $isPlanned;
            if (isset($uses[$key]['names'][$plant->id])) {
                // stands in it, and is to be potted in it again
                continue;
            }
            $uses[$key]['count'] += $plant->many();
            $uses[$key]['names'][$plant->id] = $plant->name;
            $uses[$key]['canopies'][] = $plant->canopy_cm;
        }
        usort($uses, static fn(array $a, array $b): int => [$b['count'], reset($a['names'])] <=> [$a['count'], reset($b['names'])]);

        return array_map(self::present(...), array_slice($uses, 0, self::SHOWN));
    }

    /**
     * @param array<string, mixed> $use
     *
     * @return array<string, mixed>
     */
    private static function present(array $use): array
    {
        $canopies = array_filter($use['canopies'], static fn(?float $canopy): bool => $canopy !== null);
        unset($use['canopies']);

        return [...$use, 'names' => array_slice($use['names'], 0, self::NAMED), 'canopy_cm' => $canopies === [] ? null : round(array_sum($canopies) / count($canopies), 1)];
    }

    /** @return list<array{Plant, Pot|null, bool}> */
    private static function standing(Recipe $recipe): array
    {
        $query = Plant::query();
        $query->whereNull('archived_at');
        $query->where('recipe_id', $recipe->id);
        $query->with(['species', 'site', 'pot']);
        $query->orderBy('id');
        $query->limit(self::READ);

        return array_values($query->get()->map(static fn(Plant $plant): array => [$plant, $plant->pot, false])->all());
    }

    /** @return list<array{Plant, Pot|null, bool}> */
    private static function planned(Recipe $recipe): array
    {
        $days = PottingDay::query();
        $days->whereNull('archived_at');
        $days->where('status', '!=', 'finished');
        $query = DayPlant::query();
        $query->where('recipe_id', $recipe->id);
        $query->where('state', 'planned');
        $query->whereIn('potting_day_id', $days->select('id'));
        $query->with(['plant.species', 'plant.site', 'pot']);
        $query->orderBy('id');
        $query->limit(self::READ);

        return array_values($query->get()->map(static fn(DayPlant $entry): array => [$entry->plant, $entry->pot, true])->all());
    }
}
