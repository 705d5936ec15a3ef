<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\Common\RefusalWords;
use App\Plants\Outlook;
use App\Plants\PlantSituation;
use App\Plants\Standing;
use App\PottingDays\Models\DayLeftover;
use App\PottingDays\Models\DayLoad;
use App\PottingDays\Models\DayPlant;
use App\PottingDays\Models\DayPurchase;
use App\PottingDays\Models\PottingDay;
use App\Recipes\Models\RecipePart;
use App\Recipes\RecipePortions;
use App\Shelf\Models\Component;
use App\Shelf\Models\Lot;
use Zolbek\Core\Mix\Material\Stock;
use Zolbek\Core\Mix\Preparation\Screenings;
use Zolbek\Core\Work\PottingDay\DayMix;

/** A potting day worked out: every plant, the mixes with their loads, what comes from the shelf and what must be bought. Schema PottingDay of the API. */
final readonly class DayDocument
{
    public function __construct(private PlantSituation $situations, private Standing $standings, private Outlook $outlook) {}

    /** @return array<string, mixed> */
    public static function summary(PottingDay $day): array
    {
        return [
            'id' => $day->id,
            ...$day->only(['name', 'status', 'tub_l', 'scoop_l', 'spare', 'helpers', 'note']),
            'planned_on' => $day->planned_on->toDateString(),
            'plants' => $day->entries_count ?? $day->entries->count(),
            'done' => $day->done_count ?? $day->entries->filter(static fn(DayPlant $entry): bool => $entry->isPotted())->count(),
            'archived' => $day->isArchived(),
        ];
    }

    /** @return array<string, mixed> */
    public function toArray(PottingDay $day): array
    {
        $day->load(['entries.plant.species', 'entries.plant.site', 'entries.pot', 'entries.recipe.parts.component', 'loads', 'purchases', 'leftovers']);
        $assembly = Assembly::of($day, $this->situations, $this->standings);
        $pace = Learned::pace();
        $spare = Learned::spare();
        $figures = new EntryFigures($assembly, $this->outlook, $pace);
        $order = array_flip(WorkOrder::of($assembly));
        $entries = array_values($day->entries->map(fn(DayPlant $entry): array => $this->entry($entry, $assembly, $figures, $order))->all());
        $shelf = $this->shelf($assembly, $day);

        return [
            ...self::summary($day),
            'pace' => $pace,
            'learned_spare' => ['share' => $spare->share, 'days' => $spare->days],
            'entries' => $entries,
            'mixes' => array_map(fn(int $id): array => $this->mix($id, $assembly->sums->mixes[$id], $assembly, $day), array_keys($assembly->sums->mixes)),
            'shelf' => $shelf,
            'packs_cost' => in_array(null, array_column($shelf, 'packs_cost'), true) ? null : array_sum(array_column($shelf, 'packs_cost')),
            'screenings' => $this->screenings($assembly),
            'totals' => self::totals($entries, $assembly),
            'purchases' => array_values($day->purchases->map(static fn(DayPurchase $bought): array => ['id' => $bought->id, ...$bought->only(['component_id', 'lot_id', 'litres', 'price'])])->all()),
            'hazards' => array_values(array_unique(array_merge([], ...array_map(static fn(array $row): array => $row['hazards'], $shelf)))),
        ];
    }

    /**
     * @param array<int, int> $order place in the work by id of the entry
     *
     * @return array<string, mixed>
     */
    private function entry(DayPlant $entry, Assembly $assembly, EntryFigures $figures, array $order): array
    {
        $plant = $entry->plant;
        $needs = $assembly->sums->pots[$entry->id] ?? null;
        $refused = $assembly->refused[$entry->id] ?? null;

        return [
            'id' => $entry->id,
            'plant' => [
                ...$plant->only(['id', 'number', 'name', 'place', 'plant_group', 'trunk_mm', 'health', 'front', 'buried', 'height_cm']),
                'species' => $plant->species?->name,
                'potted_on' => $plant->potted_on?->toDateString(),
                'mix' => $plant->standing?->recipeName,
                'evergreen' => $plant->species->evergreen ?? false,
            ],
            'pot' => $entry->pot->only(['id', 'name', 'depth', 'mesh_mm', 'feet_cm', 'owned', 'place', 'home_made', 'wall']),
            'recipe' => $entry->recipe->only(['id', 'name', 'version']),
            'plan' => $entry->plan,
            'extras' => array_map(static fn(array $extra): array => ['name' => $assembly->components[$extra['component_id']]->name ?? '', 'litres' => $extra['litres']], $entry->plan->extras),
            'materials' => (object) array_map(static fn(int $id): string => $assembly->components[$id]->name ?? '', $entry->plan->componentIds()),
            'helper' => $entry->helper,
            'state' => $entry->state,
            'actual' => (object) $entry->actual->jsonSerialize(),
            'revision' => $entry->revision,
            'position' => $entry->position,
            'order' => isset($order[$entry->id]) ? $order[$entry->id] + 1 : null,
            'done_at' => $entry->done_at?->toIso8601String(),
            'figures' => $needs === null ? null : $figures->of($entry, $needs),
            'problem' => $refused === null ? null : RefusalWords::sentence($refused->refusals[0]),
        ];
    }

    /** @return array<string, mixed> */
    private function mix(int $recipeId, DayMix $mix, Assembly $assembly, PottingDay $day): array
    {
        $recipe = $assembly->recipes[$recipeId];
        $true = $mix->trueShares();
        $loads = $day->loads->where('recipe_id', $recipeId);
        $closed = $day->leftovers->firstWhere('recipe_id', $recipeId);
        $substrate = $assembly->substrate($recipe);
        $mixed = (float) $loads->sum('litres');
        $used = self::used($day, $recipeId);

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

    /** Loose litres of a mix that went into pots, as they were noted. */
    public static function used(PottingDay $day, int $recipeId): float
    {
        $used = 0.0;
        foreach ($day->entries as $entry) {
            if ($entry->isPotted() && $entry->recipe_id === $recipeId) {
                $used += $entry->actual->usedL ?? 0.0;
            }
        }

        return $used;
    }

    /** @return list<array<string, mixed>> what comes from each bin, what is there, what is short */
    private function shelf(Assembly $assembly, PottingDay $day): array
    {
        $taken = [];
        foreach ($day->loads as $load) {
            foreach ($load->taken as $part) {
                $taken[$part['component_id']] = ($taken[$part['component_id']] ?? 0.0) + $part['litres'];
            }
        }
        foreach ($day->entries as $entry) {
            foreach ($entry->actual->taken as $part) {
                $taken[$part['component_id']] = ($taken[$part['component_id']] ?? 0.0) + $part['litres'];
            }
        }
        $keys = array_keys($assembly->sums->needsL);
        $components = array_map($assembly->component(...), $keys);
        $lots = $this->lots(array_map(static fn(Component $component): int => $component->id, $components));
        $rows = [];
        foreach ($components as $i => $component) {
            $gross = $assembly->sums->needsL[$keys[$i]];
            $rest = max(0.0, $gross - ($taken[$component->id] ?? 0.0));
            $packs = (new Stock($component->stock_l, $component->pack_l, $component->pack_price))->packsFor($rest);
            $rows[] = [
                'component_id' => $component->id,
                'name' => $component->name,
                'kind' => $component->kind,
                'colour' => $component->colour,
                'hazards' => $component->hazards,
                'gross_l' => $gross,
                'taken_l' => $taken[$component->id] ?? 0.0,
                'stock_l' => $component->stock_l,
                'short_l' => max(0.0, $rest - $component->stock_l),
                'pack_l' => $component->pack_l,
                'pack_price' => $component->pack_price,
                'packs' => $packs,
                'packs_cost' => $packs === 0 ? 0.0 : ($packs === null || $component->pack_price === null ? null : $packs * $component->pack_price),
                'lots' => $lots[$component->id] ?? [],
            ];
        }
        usort($rows, static fn(array $a, array $b): int => [$b['short_l'] > 0.0, $a['name']] <=> [$a['short_l'] > 0.0, $b['name']]);

        return $rows;
    }

    /**
     * @param list<int> $componentIds
     *
     * @return array<int, list<array<string, mixed>>> deliveries of which something is left, oldest first, by id of the component
     */
    private function lots(array $componentIds): array
    {
        $query = Lot::query();
        $query->whereIn('component_id', $componentIds);
        $query->whereNull('archived_at');
        $query->where('stock_l', '>', 0);
        $query->orderBy('delivered_on');
        $lots = [];
        foreach ($query->get() as $lot) {
            $lots[$lot->component_id][] = $lot->only(['id', 'name', 'stock_l']);
        }

        return $lots;
    }

    /** @return list<array<string, mixed>> what is screened off, and which pots are deep enough for the coarse of it */
    private function screenings(Assembly $assembly): array
    {
        $rows = [];
        foreach ($assembly->sums->mixes as $id => $mix) {
            foreach ($assembly->recipes[$id]->parts as $part) {
                if ($part->component->isMix()) {
                    continue;
                }
                $screenings = new Screenings($part->component->toCore(), RecipePortions::preparation($part), $mix->grossL[$part->component->key] ?? 0.0);
                if ($screenings->coarseL + $screenings->fineL > 0.01) {
                    $deep = array_filter($assembly->sums->pots, static fn($needs): bool => $needs->pot->setup->pot->depthCm >= $screenings->deepEnoughCm);
                    $rows[] = [
                        'name' => $part->component->name, 'coarse_l' => $screenings->coarseL, 'fine_l' => $screenings->fineL, 'deep_enough_cm' => $screenings->deepEnoughCm,
                        'entry_ids' => array_keys($deep),
                    ];
                }
            }
        }

        return $rows;
    }

    /**
     * @param list<array<string, mixed>> $entries
     *
     * @return array<string, mixed>
     */
    private static function totals(array $entries, Assembly $assembly): array
    {
        $figures = array_values(array_filter(array_column($entries, 'figures')));
        $wires = $mesh = $fertilisers = [];
        foreach ($figures as $each) {
            if ($each['wire'] !== null) {
                $gauge = (string) $each['wire']['gauge_mm'];
                $wires[$gauge] = ($wires[$gauge] ?? 0.0) + $each['wire']['length_cm'];
            }
            if ($each['mesh']['pieces'] > 0) {
                $side = (string) round($each['mesh']['side_cm'], 1);
                $mesh[$side] = ($mesh[$side] ?? 0) + $each['mesh']['pieces'];
            }
            if ($each['fertiliser'] !== null) {
                $fertilisers[$each['fertiliser']['name']] = ($fertilisers[$each['fertiliser']['name']] ?? 0.0) + $each['fertiliser']['grams'];
            }
        }
        $rows = static fn(array $sums, string $by, string $of): array => array_map(static fn(string|int $key, float|int $sum): array => [$by => $by === 'name' ? (string) $key : (float) $key, $of => $sum], array_keys($sums), $sums);

        return [
            'minutes' => array_sum(array_column($figures, 'minutes')),
            'loose_l' => array_sum(array_map(static fn(DayMix $mix): float => $mix->looseL, $assembly->sums->mixes)),
            'moss_cm2' => array_sum(array_column($figures, 'moss_cm2')),
            'two_to_lift' => count(array_filter(array_column($figures, 'two_to_lift'))),
            'wires' => $rows($wires, 'gauge_mm', 'length_cm'),
            'mesh' => $rows($mesh, 'side_cm', 'pieces'),
            'fertilisers' => $rows($fertilisers, 'name', 'grams'),
        ];
    }
}
