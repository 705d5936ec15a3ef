<?php

declare(strict_types=1);

namespace App\Batches;

use App\Bench\Models\Vessel;
use App\Blend\BlendForm;
use App\Blend\ContentsDocument;
use App\Recipes\Models\Recipe;
use App\Shelf\Models\Component;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Material\Stock;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Verdict\Fit\Judge;
use Zolbek\Core\Work\Batching\BatchLine;
use Zolbek\Core\Work\Batching\BatchOrder;
use Zolbek\Core\Work\Batching\BatchPlan;

/** A batch worked out: schema BatchPlan of the API, and the inputs that a saved batch keeps. */
final readonly class BatchDocument
{
    private BatchPlan $plan;

    /** @var array<string, Component> */
    private array $byKey;

    /**
     * @throws Refused field "order.<name>" or one of the blend's
     */
    public function __construct(private BlendForm $form, mixed $order)
    {
        $byKey = [];
        foreach ($form->components as $component) {
            $byKey[$component->key] = $component;
        }
        $this->byKey = $byKey;
        try {
            $read = BatchOrder::read($order);
            $this->plan = new BatchPlan(
                $form->setup->substrate,
                $form->setup->zone,
                $read,
                array_map(fn(Component $component): Stock => ($form->parts->lots[$component->id] ?? null)?->stock($component) ?? $component->stock(), $byKey),
                $form->setup->portions,
                $form->setup->filling,
                Vessel::scoopsBelow($read->scoopL),
            );
        } catch (Refused $refused) {
            throw $refused->under('order');
        }
    }

    /** The version of a recipe that this batch is, in whatever notation; null where the mix was changed and not saved. */
    public function versionOf(Recipe $recipe): ?int
    {
        return $recipe->isSameMix($this->form->parts->rows) ? $recipe->version : null;
    }

    public function pots(): int
    {
        return $this->plan->order->pots;
    }

    /** @return array<int, array{lot_id: int|null}> the components that it is made of by id, with the delivery where one was named */
    public function componentIds(): array
    {
        $ids = [];
        foreach ($this->byKey as $component) {
            $ids[$component->id] = ['lot_id' => ($this->form->parts->lots[$component->id] ?? null)?->id];
        }

        return $ids;
    }

    public function looseL(): float
    {
        return $this->plan->looseL;
    }

    /** @return array<string, mixed> */
    public function result(): array
    {
        $plan = $this->plan;
        $loads = new LoadPlan($plan->scoops, array_map(static fn(Component $component): int => $component->id, $this->byKey));
        $weights = (new Assessment($this->form->setup, withYears: false))->weights;

        return [
            'net_per_pot_l' => $plan->netPerPotL,
            'root_zone_l' => $this->form->setup->zone->volumeL,
            'loose_l' => $plan->looseL,
            'layer_l' => $plan->layerLooseL,
            'yield_share' => $plan->substrate->yield,
            'spare_share' => $plan->order->spare,
            'scooped_l' => $plan->scoops->litres,
            'loads' => count($plan->scoops->loads),
            'load_plan' => $loads->loads(),
            'warnings' => $loads->warnings(),
            'tub_l' => $plan->order->tubL,
            'scoop_l' => $plan->order->scoopL,
            'lines' => array_map($this->line(...), $plan->lines),
            'mass_kg' => $plan->massKg,
            'wet_pot_kg' => $weights->wetKg,
            'two_to_lift' => $weights->wetKg > Judge::LIFT_ONE_KG,
            'cost' => $plan->cost(),
            'packs_cost' => $plan->packsCost(),
            'hazards' => array_values(array_unique(array_merge(...array_map(fn(BatchLine $line): array => $this->byKey[$line->portion->key]->hazards, $plan->lines)))),
        ];
    }

    /** @return array<string, mixed> */
    public function inputs(): array
    {
        $setup = $this->form->setup;
        $layer = $setup->layer;

        return [
            'components' => array_map(fn(Component $component): array => [
                ...(($this->form->parts->lots[$component->id] ?? null)?->description($component) ?? $component->description()),
                'stock_l' => $component->stock_l,
                'pack_l' => $component->pack_l,
                'pack_price' => $component->pack_price,
            ], array_values($this->byKey)),
            'parts' => array_map(fn(array $row): array => [
                'key' => $this->form->components[$row['component_id']]->key,
                'parts' => $row['parts'],
                'preparation' => $row['preparation']?->toArray() ?: null,
            ], $this->form->parts->rows),
            'expanded' => array_map(static fn(Material $component, float $parts): array => ['key' => $component->key, 'name' => $component->name, 'parts' => $parts], $setup->substrate->blend->components, $setup->substrate->blend->parts),
            'compaction_index' => $setup->substrate->compactionIndex,
            'lots' => (object) array_filter(array_map(fn(Component $component): ?string => ($this->form->parts->lots[$component->id] ?? null)?->name, $this->byKey)),
            'pot' => ['name' => $this->form->pot->name, 'weight_kg' => $this->form->pot->weight_kg, ...$this->form->pot->description()],
            'plant_group' => $setup->group->value,
            'headspace_cm' => $setup->headspaceCm,
            'top_dressing_cm' => $setup->topDressingCm,
            'tree_weight_kg' => $setup->treeWeightKg,
            'drainage_layer' => $layer === null ? null : ['key' => $layer->substrate->blend->components[0]->key, 'thickness_cm' => $layer->thicknessCm],
            'contents' => $setup->contents === null ? null : array_diff_key(ContentsDocument::of($this->form), ['ball' => true]),
            'order' => [
                'pots' => $this->plan->order->pots,
                'ball_share' => $this->plan->order->ballShare,
                'gap_share' => $this->plan->order->gapShare,
                'objects_l' => $this->plan->order->objectsL,
                'spare' => $this->plan->order->spare,
                'tub_l' => $this->plan->order->tubL,
                'scoop_l' => $this->plan->order->scoopL,
            ],
        ];
    }

    /** @return array<string, mixed> */
    private function line(BatchLine $line): array
    {
        $component = $this->byKey[$line->portion->key];
        $deviation = $this->plan->scoops->deviations[$component->key] ?? null;
        $share = $this->plan->looseL > 0.0 ? $line->mixL / $this->plan->looseL : 0.0;

        return [
            'component_id' => $component->id,
            'name' => $component->name,
            'colour' => $component->colour,
            'kind' => $component->kind,
            'dusty' => in_array('dust', $component->hazards, true),
            'share' => $share,
            'true_share' => $deviation === null ? null : $share * (1.0 + $deviation),
            'deviation_share' => $deviation,
            'mix_l' => $line->mixL,
            'scooped_l' => $line->scoopedL,
            'layer_l' => $line->layerL,
            'litres' => $line->litres,
            'gross_l' => $line->grossL,
            'kept_share' => $line->portion->keptShare,
            'loss_cost' => $line->lossCost(),
            'lot' => ($this->form->parts->lots[$component->id] ?? null)?->name,
            'preparation' => $this->preparation($component->id),
            'lime_g' => $line->scoopedL * $this->form->parts->limeGramsPerL($component->id),
            'mass_kg' => $line->massKg,
            'stock_l' => $line->stock->litres,
            'pack_l' => $line->stock->packL,
            'packs' => $line->packs,
            'cost' => $line->cost,
            'packs_cost' => $line->packsCost,
        ];
    }

    /** @return array<string, float|string>|null what is done to a component before it is mixed */
    private function preparation(int $componentId): ?array
    {
        foreach ($this->form->parts->rows as $row) {
            if ($row['component_id'] === $componentId) {
                return $row['preparation']?->toArray() ?: null;
            }
        }

        return null;
    }
}
