<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\PottingDays\Models\DayLoad;
use App\PottingDays\Models\DayPlant;
use App\PottingDays\Models\PottingDay;
use App\Recipes\RecipePortions;
use App\Shelf\Models\Component;
use App\Shelf\Models\Lot;
use Zolbek\Core\Mix\Material\Stock;
use Zolbek\Core\Mix\Preparation\Screenings;

/** What a day takes from the bins, what must be bought for it, and what is screened off. Schema DayShelf of the API. */
final readonly class DayShelf
{
    public function __construct(private Assembly $assembly, private PottingDay $day) {}

    /** @return list<array<string, mixed>> what comes from each bin, what is there, what is short */
    public function rows(): array
    {
        $taken = Taken::of([
            ...$this->day->loads->map(static fn(DayLoad $load): array => $load->taken)->all(),
            ...$this->day->entries->map(static fn(DayPlant $entry): array => $entry->actual->taken)->all(),
        ]);
        $needs = $this->assembly->sums->needsL;
        foreach ($this->assembly->components as $component) {
            if (isset($taken[$component->id])) {
                $needs[$component->key] ??= 0.0;
            }
        }
        $keys = array_keys($needs);
        $components = array_map($this->assembly->component(...), $keys);
        [$lots, $held] = $this->lots(array_map(static fn(Component $component): int => $component->id, $components));
        $rows = [];
        foreach ($components as $i => $component) {
            $rest = $needs[$keys[$i]];
            $there = max(0.0, $component->stock_l - ($held[$component->id] ?? 0.0));
            $packs = (new Stock($there, $component->pack_l, $component->pack_price))->packsFor($rest);
            $rows[] = [
                'component_id' => $component->id,
                'name' => $component->name,
                'kind' => $component->kind,
                'colour' => $component->colour,
                'hazards' => $component->hazards,
                'gross_l' => $rest + ($taken[$component->id] ?? 0.0),
                'taken_l' => $taken[$component->id] ?? 0.0,
                'stock_l' => $there,
                'short_l' => max(0.0, $rest - $there),
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
     * @return array{array<int, list<array<string, mixed>>>, array<int, float>} deliveries of which something can be taken, oldest first, and litres of those of which nothing can, by id of the component
     */
    private function lots(array $componentIds): array
    {
        $query = Lot::query();
        $query->whereIn('component_id', $componentIds);
        $query->where('stock_l', '>', 0);
        $query->orderBy('delivered_on');
        $query->orderBy('id');
        $lots = $held = [];
        foreach ($query->get() as $lot) {
            if ($lot->isOffered()) {
                $lots[$lot->component_id][] = $lot->only(['id', 'name', 'stock_l']);
            } else {
                $held[$lot->component_id] = ($held[$lot->component_id] ?? 0.0) + $lot->stock_l;
            }
        }

        return [$lots, $held];
    }

    /** @return list<array<string, mixed>> what is screened off, and which pots are deep enough for the coarse of it */
    public function screenings(): array
    {
        $rows = [];
        foreach ($this->assembly->sums->mixes as $id => $mix) {
            foreach ($this->assembly->recipes[$id]->parts as $part) {
                if ($part->component->isMix()) {
                    continue;
                }
                $screenings = new Screenings($part->component->toCore(), RecipePortions::preparation($part), $mix->grossL[$part->component->key] ?? 0.0);
                if ($screenings->coarseL + $screenings->fineL > 0.01) {
                    $deep = array_filter($this->assembly->sums->pots, static fn($needs): bool => $needs->pot->setup->pot->depthCm >= $screenings->deepEnoughCm);
                    $rows[] = [
                        'name' => $part->component->name, 'coarse_l' => $screenings->coarseL, 'fine_l' => $screenings->fineL, 'deep_enough_cm' => $screenings->deepEnoughCm,
                        'entry_ids' => array_keys($deep),
                    ];
                }
            }
        }

        return $rows;
    }
}
