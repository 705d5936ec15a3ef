<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\Batches\LoadPlan;
use App\PottingDays\Models\DayLeftover;
use App\PottingDays\Models\DayLoad;
use App\PottingDays\Models\PottingDay;
use App\Recipes\Models\RecipePart;
use Illuminate\Database\Eloquent\Collection;
use Zolbek\Core\Work\Batching\EvenMix;
use Zolbek\Core\Work\Batching\ScoopedLoad;
use Zolbek\Core\Work\PottingDay\DayMix;

/** One mix of a day: what the pots need of it, its loads in scoops, what is mixed already and what is left. Schema DayMix of the API. */
final class DayMixDocument
{
    /** @return array<string, mixed> */
    public static function of(int $recipeId, DayMix $mix, Assembly $assembly, PottingDay $day): array
    {
        $recipe = $assembly->recipes[$recipeId];
        $loads = $day->loads->where('recipe_id', $recipeId);
        $closed = $day->leftovers->firstWhere('recipe_id', $recipeId);
        $mixed = $day->mixedL($recipeId);
        $used = $day->usedL($recipeId);
        $ids = [];
        foreach ($recipe->parts as $part) {
            $ids[$part->component->key] = $part->component_id;
        }
        $plan = new LoadPlan($mix->scoops, $ids);

        return [
            'recipe_id' => $recipeId,
            'name' => $recipe->name,
            'version' => $recipe->version,
            'pots' => $mix->pots,
            'net_l' => $mix->netL,
            'loose_l' => $mix->looseL,
            'yield_share' => $assembly->substrate($recipe)->yield,
            'poured_yield_share' => $assembly->pouredYield($recipe),
            'loads' => $loads->count() + count($mix->scoops->loads),
            'load_plan' => $plan->loads(),
            'warnings' => $plan->warnings(),
            'parts' => self::parts($recipeId, $mix, $assembly, $loads),
            'ticked' => self::ticked($day, $recipeId),
            'turns' => EvenMix::turns($assembly->substrate($recipe)->blend, max([0.0, ...array_map(static fn(ScoopedLoad $load): float => $load->litres, $mix->scoops->loads)])),
            'mixed' => array_values($loads->sortBy('number')->map(self::load(...))->all()),
            'mixed_l' => $mixed,
            'used_l' => $used,
            'rest_l' => max(0.0, $mixed - $used),
            'closed' => $closed instanceof DayLeftover ? self::closed($closed) : null,
        ];
    }

    /**
     * @param Collection<int, DayLoad> $loads
     *
     * @return list<array<string, mixed>>
     */
    private static function parts(int $recipeId, DayMix $mix, Assembly $assembly, Collection $loads): array
    {
        $taken = Taken::of($loads->map(static fn(DayLoad $load): array => $load->taken)->all());
        $mixed = Taken::of($loads->map(static fn(DayLoad $load): array => $load->parts ?? [])->all());

        return array_values($assembly->recipes[$recipeId]->parts->filter(static fn(RecipePart $part): bool => $part->parts > 0.0)->map(static function (RecipePart $part) use ($mix, $taken, $mixed): array {
            $key = $part->component->key;
            $share = $mix->shares[$key] ?? 0.0;
            // of what is mixed and what is to be mixed
            $all = array_sum($mixed) + $mix->scoops->litres;
            $true = $all > 0.0 ? (($mixed[$part->component_id] ?? 0.0) + $mix->scoops->litresOf($key)) / $all : $share;

            return [
                'component_id' => $part->component_id,
                'name' => $part->component->name,
                'kind' => $part->component->kind,
                'colour' => $part->component->colour,
                'parts' => $part->parts,
                'share' => $share,
                'true_share' => $true,
                'deviation_share' => $share > 0.0 ? $true / $share - 1.0 : 0.0,
                'gross_l' => ($mix->grossL[$key] ?? 0.0) + ($taken[$part->component_id] ?? 0.0),
                'preparation' => $part->preparation,
                'median_mm' => $part->component->isMix() ? null : $part->component->toCore()->medianMm(),
                'dusty' => in_array('dust', $part->component->hazards, true),
            ];
        })->all());
    }

    /** @return list<array{number: int, component_ids: list<int>}> what is in the tub already of loads that are being mixed */
    public static function ticked(PottingDay $day, int $recipeId): array
    {
        $ticked = [];
        foreach ($day->ticks as $load => $ids) {
            [$recipe, $number] = array_map(intval(...), explode('.', $load));
            if ($recipe === $recipeId) {
                $ticked[] = ['number' => $number, 'component_ids' => $ids];
            }
        }

        return $ticked;
    }

    /** @return array<string, mixed> */
    private static function load(DayLoad $load): array
    {
        return ['id' => $load->id, ...$load->only(['number', 'litres', 'person', 'taken']), 'poured_l' => $load->pouredL(), 'lines' => $load->parts ?? [], 'mixed_at' => $load->mixed_at->toIso8601String()];
    }

    /** @return array<string, mixed> */
    private static function closed(DayLeftover $closed): array
    {
        return [
            'id' => $closed->id,
            ...$closed->only(['net_l', 'mixed_l', 'used_l', 'left_l', 'lost_l', 'more_l', 'component_id']),
            'more_share' => $closed->net_l > 0.0 ? $closed->used_l / $closed->net_l - 1.0 : 0.0,
        ];
    }
}
