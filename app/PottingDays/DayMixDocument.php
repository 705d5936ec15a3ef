<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\PottingDays\Models\DayLeftover;
use App\PottingDays\Models\DayLoad;
use App\PottingDays\Models\PottingDay;
use App\Recipes\Models\RecipePart;
use Zolbek\Core\Work\PottingDay\DayMix;

/** One mix of a day: what the pots need of it, its loads in scoops, what is mixed already and what is left. Schema DayMix of the API. */
final class DayMixDocument
{
    /** @return array<string, mixed> */
    public static function of(int $recipeId, DayMix $mix, Assembly $assembly, PottingDay $day): array
    {
        $recipe = $assembly->recipes[$recipeId];
        $true = $mix->trueShares();
        $loads = $day->loads->where('recipe_id', $recipeId);
        $closed = $day->leftovers->firstWhere('recipe_id', $recipeId);
        $substrate = $assembly->substrate($recipe);
        $mixed = (float) $loads->sum('litres');
        $used = $day->usedL($recipeId);

        return [
            'recipe_id' => $recipeId,
            'name' => $recipe->name,
            'version' => $recipe->version,
            'pots' => $mix->pots,
            'net_l' => $mix->netL,
            'loose_l' => $mix->looseL,
            'yield_share' => $substrate->yield,
            'loads' => $mix->loads,
            'load_l' => $mix->loadL,
            'parts' => array_values($recipe->parts->filter(static fn(RecipePart $part): bool => $part->parts > 0.0)->map(static fn(RecipePart $part): array => [
                'component_id' => $part->component_id,
                'name' => $part->component->name,
                'kind' => $part->component->kind,
                'colour' => $part->component->colour,
                'parts' => $part->parts,
                'share' => $mix->shares[$part->component->key] ?? 0.0,
                'true_share' => $true[$part->component->key] ?? 0.0,
                'scoops_per_load' => $mix->scoops[$part->component->key] ?? 0.0,
                'load_l' => ($mix->shares[$part->component->key] ?? 0.0) * $mix->loadL,
                'gross_l' => $mix->grossL[$part->component->key] ?? 0.0,
                'preparation' => $part->preparation,
                'dusty' => in_array('dust', $part->component->hazards, true),
            ])->all()),
            'mixed' => array_values($loads->sortBy('number')->map(static fn(DayLoad $load): array => ['id' => $load->id, ...$load->only(['number', 'litres', 'person', 'taken']), 'mixed_at' => $load->mixed_at->toIso8601String()])->all()),
            'mixed_l' => $mixed,
            'used_l' => $used,
            'rest_l' => max(0.0, $mixed - $used),
            'closed' => $closed instanceof DayLeftover ? [...$closed->only(['net_l', 'mixed_l', 'used_l', 'left_l', 'lost_l', 'component_id']), 'more_share' => $closed->net_l > 0.0 ? $closed->used_l / $closed->net_l - 1.0 : 0.0] : null,
        ];
    }
}
