<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Actions\SaveBatch;
use App\Actions\SavePot;
use App\Actions\SaveRecipe;
use App\Models\Component;
use App\Models\Pot;
use App\Models\Recipe;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Tessivale Yard: a hill nursery of potted trees that does not exist, with its shelf, pots, recipes and two batches. */
final readonly class TessivaleYard
{
    /** Component key => stock L, pack L, price per pack, note. */
    private const SHELF = [
        'pumice-3-6-mm' => [210, 40, 21.5, 'Bay 1, dry'],
        'lava-scoria-3-6-mm' => [145, 25, 14.8, 'Bay 1'],
        'akadama-type-clay-granule-2-6-mm' => [64, 14, 24.9, 'Under the lean-to; keep the sacks shut'],
        'kanuma-type-acid-granule-2-6-mm' => [38, 17, 27.4, 'Under the lean-to'],
        'calcined-clay-1-4-mm' => [90, 30, 26.0, 'Bay 2'],
        'perlite-2-5-mm' => [120, 100, 23.9, 'Bay 4, wet before scooping'],
        'composted-bark-fine-2-8-mm' => [160, 60, 13.2, 'Bay 3'],
        'coir-pith' => [75, 70, 15.6, 'Soaked in the grey tub'],
        'garden-compost-screened-8-mm' => [55, 40, 7.9, 'From the lower heap, turned in spring'],
        'horticultural-grit-2-5-mm' => [80, 15, 6.4, 'Bay 2'],
        'granite-chip-4-8-mm' => [48, 15, 6.9, 'Bay 2, for layers and tops'],
        'charcoal-3-8-mm' => [12, 20, 19.0, 'Half a sack left'],
    ];

    private const POTS = [
        ['name' => 'Oval tray 34', 'shape' => 'oval', 'depth' => 6.5, 'measures' => ['top_length' => 34, 'top_width' => 26, 'base_length' => 30, 'base_width' => 22], 'hole_count' => 2, 'hole_diameter_cm' => 2.2, 'hole_open_share' => 0.6, 'mesh_mm' => 3, 'weight_kg' => 2.9, 'owned' => 14, 'place' => 'Rack by the door'],
        ['name' => 'Rectangle 40', 'shape' => 'rectangular', 'depth' => 8, 'measures' => ['top_length' => 40, 'top_width' => 28, 'base_length' => 36, 'base_width' => 24], 'hole_count' => 4, 'hole_diameter_cm' => 2.0, 'hole_open_share' => 0.6, 'mesh_mm' => 3, 'weight_kg' => 5.1, 'owned' => 6, 'place' => 'Rack by the door'],
        ['name' => 'Deep round 16', 'shape' => 'round', 'depth' => 18, 'measures' => ['top' => 16, 'base' => 11], 'hole_count' => 1, 'hole_diameter_cm' => 2.5, 'hole_open_share' => 0.6, 'mesh_mm' => 3, 'weight_kg' => 1.4, 'owned' => 32, 'place' => 'Stack B'],
        ['name' => 'Hexagon 22', 'shape' => 'polygon', 'depth' => 9, 'measures' => ['sides' => 6, 'top' => 22, 'base' => 19], 'hole_count' => 1, 'hole_diameter_cm' => 3.0, 'hole_open_share' => 0.6, 'mesh_mm' => 3, 'weight_kg' => 1.9, 'owned' => 5, 'place' => 'Shelf over the sink'],
        ['name' => 'Moss bowl 20', 'shape' => 'bowl', 'depth' => 7, 'measures' => ['top' => 20], 'hole_count' => 1, 'hole_diameter_cm' => 1.8, 'hole_open_share' => 0.6, 'mesh_mm' => 2, 'weight_kg' => 1.1, 'owned' => 9, 'place' => 'Shelf over the sink'],
        ['name' => 'Liner tray cell', 'shape' => 'rectangular', 'depth' => 7, 'measures' => ['top_length' => 7, 'top_width' => 7, 'base_length' => 5, 'base_width' => 5], 'hole_count' => 4, 'hole_diameter_cm' => 0.8, 'hole_open_share' => 1, 'weight_kg' => 0.05, 'owned' => 240, 'place' => 'Tunnel'],
        ['name' => 'Net basket 30', 'shape' => 'round', 'depth' => 15, 'measures' => ['top' => 30, 'base' => 27], 'drying_sides' => true, 'hole_count' => 40, 'hole_diameter_cm' => 0.6, 'hole_open_share' => 1, 'weight_kg' => 0.4, 'owned' => 18, 'place' => 'Growing field'],
        ['name' => 'Hollowed stone', 'shape' => 'measured', 'depth' => 11, 'measures' => ['volume_l' => 6.2], 'hole_count' => 3, 'hole_diameter_cm' => 1.4, 'hole_open_share' => 0.6, 'mesh_mm' => 3, 'weight_kg' => 13.5, 'owned' => 1, 'place' => 'Front step'],
    ];

    private const RECIPES = [
        ['name' => 'Ridge pines', 'plant_group' => 'airy_conifers', 'note' => 'For the windy benches above the wall.', 'parts' => ['pumice-3-6-mm' => 5, 'lava-scoria-3-6-mm' => 3, 'composted-bark-fine-2-8-mm' => 1.5, 'charcoal-3-8-mm' => 0.5]],
        ['name' => 'Brook maples', 'plant_group' => 'broadleaf_deciduous', 'note' => 'Shade house; watered each morning in summer.', 'parts' => ['akadama-type-clay-granule-2-6-mm' => 4, 'pumice-3-6-mm' => 3, 'composted-bark-fine-2-8-mm' => 2, 'horticultural-grit-2-5-mm' => 1]],
        ['name' => 'North bench azaleas', 'plant_group' => 'acid_lovers', 'note' => 'Rain water only.', 'parts' => ['kanuma-type-acid-granule-2-6-mm' => 5, 'composted-bark-fine-2-8-mm' => 3, 'pumice-3-6-mm' => 2]],
        ['name' => 'Orchard pots', 'plant_group' => 'fruiting_flowering', 'note' => 'Crab apples and quinces that must not go dry.', 'parts' => ['calcined-clay-1-4-mm' => 4, 'composted-bark-fine-2-8-mm' => 3, 'perlite-2-5-mm' => 2, 'garden-compost-screened-8-mm' => 1]],
        ['name' => 'Liners', 'plant_group' => 'seedlings', 'note' => 'First year in the tunnel.', 'parts' => ['composted-bark-fine-2-8-mm' => 4, 'coir-pith' => 3, 'perlite-2-5-mm' => 3]],
    ];

    private const BATCHES = [
        ['days_ago' => 33, 'name' => 'Autumn maples, oval trays', 'recipe' => 'Brook maples', 'pot' => 'Oval tray 34', 'note' => 'Orsolt mixed, ran half a tub over.', 'order' => ['pots' => 8, 'ball_share' => 0.3, 'gap_share' => 0.25, 'spare' => 0.08, 'tub_l' => 20, 'scoop_l' => 1]],
        ['days_ago' => 12, 'name' => 'Field baskets, pines', 'recipe' => 'Ridge pines', 'pot' => 'Net basket 30', 'note' => 'Two helpers, mixed on the slab.', 'order' => ['pots' => 6, 'ball_share' => 0.4, 'gap_share' => 0.1, 'spare' => 0.05, 'tub_l' => 45, 'scoop_l' => 2]],
    ];

    public function __construct(private SavePot $savePot, private SaveRecipe $saveRecipe, private SaveBatch $saveBatch) {}

    /** Loads the yard into an empty database with the reference components; does nothing where it is there already. */
    public function load(): void
    {
        if (Recipe::query()->where('name', self::RECIPES[0]['name'])->exists()) {
            return;
        }
        DB::transaction(function (): void {
            foreach (self::SHELF as $key => [$stock, $pack, $price, $note]) {
                Component::query()->where('key', $key)->update(['stock_l' => $stock, 'pack_l' => $pack, 'pack_price' => $price, 'note' => $note]);
            }
            foreach (self::POTS as $pot) {
                ($this->savePot)(new Pot(), $pot);
            }
            $ids = Component::query()->pluck('id', 'key');
            foreach (self::RECIPES as $recipe) {
                ($this->saveRecipe)(new Recipe(), [...$recipe, 'parts' => self::rows($recipe['parts'], $ids->all())]);
            }
            foreach (self::BATCHES as $batch) {
                $this->batch($batch);
            }
        });
    }

    /** @param array{days_ago: int, name: string, recipe: string, pot: string, note: string, order: array<string, float|int>} $batch */
    private function batch(array $batch): void
    {
        $recipe = Recipe::query()->with('parts')->where('name', $batch['recipe'])->firstOrFail();
        ($this->saveBatch)([
            'name' => $batch['name'],
            'note' => $batch['note'],
            'recipe_id' => $recipe->id,
            'parts' => $recipe->parts->map(static fn($part): array => ['component_id' => $part->component_id, 'parts' => $part->parts])->all(),
            'pot_id' => Pot::query()->where('name', $batch['pot'])->firstOrFail()->id,
            'plant_group' => $recipe->plant_group,
            'headspace_cm' => 0.8,
            'order' => $batch['order'],
        ], Carbon::now()->subDays($batch['days_ago']));
    }

    /**
     * @param array<string, float|int> $parts by component key
     * @param array<string, int>       $ids   by component key
     *
     * @return list<array{component_id: int, parts: float|int}>
     */
    private static function rows(array $parts, array $ids): array
    {
        return array_map(static fn(string $key): array => ['component_id' => $ids[$key], 'parts' => $parts[$key]], array_keys($parts));
    }
}
