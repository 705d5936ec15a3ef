<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Batches\Actions\SaveBatch;
use App\Bench\Actions\RecordBenchTest;
use App\Bench\Actions\SaveSieveSet;
use App\Bench\Actions\SaveVessel;
use App\Bench\Actions\StartBenchTest;
use App\Bench\Actions\UseBenchTest;
use App\Bench\Models\SieveSet;
use App\Bench\Models\Vessel;
use App\Pots\Actions\SavePot;
use App\Pots\Models\Pot;
use App\Recipes\Actions\SaveRecipe;
use App\Recipes\Models\Recipe;
use App\Shelf\Actions\SaveLot;
use App\Shelf\Actions\SaveMix;
use App\Shelf\Models\Component;
use App\Shelf\Models\Lot;
use App\Situations\Actions\SaveSite;
use App\Situations\Models\Site;
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
        'kanuma-type-acid-granule-2-6-mm' => [1, 17, 27.4, 'Under the lean-to; the rest of a sack'],
        'long-fibre-sphagnum-moss' => [0, 5, 12.5, 'None left since the cuttings'],
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
        ['name' => 'Old tub mix', 'plant_group' => 'broadleaf_deciduous', 'note' => 'What the beech came in. Kept to see what is wrong with it: good in a border, sour in a tray.', 'parts' => ['loam-screened-6-mm' => 4, 'garden-compost-screened-8-mm' => 2, 'sharp-sand-0-25-2-mm' => 2]],
    ];

    private const BATCHES = [
        ['days_ago' => 33, 'name' => 'Autumn maples, oval trays', 'recipe' => 'Brook maples', 'pot' => 'Oval tray 34', 'note' => 'Orsolt mixed, ran half a tub over.', 'order' => ['pots' => 8, 'ball_share' => 0.3, 'gap_share' => 0.25, 'spare' => 0.08, 'tub_l' => 20, 'scoop_l' => 1]],
        ['days_ago' => 12, 'name' => 'Field baskets, pines', 'recipe' => 'Ridge pines', 'pot' => 'Net basket 30', 'note' => 'Two helpers, mixed on the slab.', 'order' => ['pots' => 6, 'ball_share' => 0.4, 'gap_share' => 0.1, 'spare' => 0.05, 'tub_l' => 45, 'scoop_l' => 2]],
    ];

    /** Name => latitude, altitude in m, alkalinity of the water, last and first frost, note, and by month: coldest, warmest, rain in mm, humidity, wind, sun. */
    private const SITES = [
        'Tessivale, upper yard' => [44.2, 620, 60, '04-28', '10-14', 'Spring water from the slope.', [
            [-4.1, 3.8, 62, 82, 2.1, 3.1], [-3.2, 5.9, 58, 78, 2.3, 4.2], [0.1, 10.8, 71, 71, 2.4, 5.3], [3.9, 14.9, 88, 69, 2.2, 6.1], [8.0, 19.8, 96, 68, 1.9, 7.4], [11.7, 24.0, 81, 65, 1.8, 8.8],
            [13.8, 27.1, 54, 60, 1.8, 9.9], [13.6, 26.4, 63, 63, 1.7, 9.1], [10.0, 21.3, 84, 71, 1.7, 7.0], [5.8, 15.2, 103, 78, 1.8, 5.0], [1.1, 8.4, 98, 83, 2.0, 3.4], [-2.9, 4.3, 74, 84, 2.0, 2.7],
        ]],
        'Market garden, Lower Brook' => [44.0, 180, 310, '04-06', '11-02', 'Well water, hard.', [
            [-0.8, 6.9, 55, null, null, null], [0.2, 9.2, 50, null, null, null], [3.3, 14.1, 60, null, null, null], [6.9, 18.2, 70, null, null, null], [11.2, 23.1, 75, null, null, null], [15.0, 27.6, 60, null, null, null],
            [17.2, 31.0, 38, null, null, null], [16.9, 30.4, 45, null, null, null], [13.1, 25.2, 66, null, null, null], [8.7, 18.8, 85, null, null, null], [4.0, 11.6, 84, null, null, null], [0.3, 7.5, 63, null, null, null],
        ]],
        'Harbour terrace' => [37.5, 15, 240, null, null, 'A friend of the yard; no frost, wind off the sea.', [
            [9.2, 15.4, 70, 74, 4.2, 5.1], [9.3, 15.9, 62, 72, 4.3, 5.9], [10.4, 17.6, 48, 70, 4.1, 6.8], [12.3, 20.2, 35, 69, 3.8, 8.0], [15.6, 24.1, 20, 67, 3.4, 9.5], [19.4, 28.3, 8, 63, 3.3, 10.8],
            [22.2, 31.2, 3, 60, 3.3, 11.4], [22.8, 31.4, 8, 62, 3.2, 10.6], [20.2, 28.2, 34, 66, 3.3, 8.7], [17.0, 24.0, 72, 71, 3.6, 7.0], [13.2, 19.7, 88, 75, 4.0, 5.5], [10.4, 16.6, 86, 75, 4.3, 4.8],
        ]],
    ];

    /** Corners of a site with another water: name => the site whose weather they share, share of rain in the water, note. */
    private const CORNERS = ['Tessivale, north bench' => ['Tessivale, upper yard', 1.0, 'Watered from the butts under the barn roof.']];

    /** Recipe => what it was before: parts that differed, and why it changed. */
    private const CHANGES = [
        'Ridge pines' => [['charcoal-3-8-mm' => 0, 'composted-bark-fine-2-8-mm' => 2], 'Half a part of charcoal in place of bark: the old mix sank in its third year.'],
        'Brook maples' => [['akadama-type-clay-granule-2-6-mm' => 5, 'horticultural-grit-2-5-mm' => 0], 'Less soft granule and some grit after the hard winter.'],
    ];
    private const TAGS = ['Ridge pines' => ['wind', 'benches'], 'Brook maples' => ['shade house'], 'North bench azaleas' => ['rain water'], 'Orchard pots' => ['fruit'], 'Liners' => ['tunnel', 'cheap']];

    private const VESSELS = [
        ['name' => 'Tin scoop', 'kind' => 'scoop', 'water_g' => 948.0, 'note' => 'Cut from an oil can'],
        ['name' => 'Half scoop', 'kind' => 'scoop', 'water_g' => 474.5],
        ['name' => 'Grey tub', 'kind' => 'tub', 'volume_l' => 42.0, 'note' => 'To the rivet'],
    ];
    private const SIEVES = [
        ['name' => 'Round wooden sieves', 'apertures' => [12, 6, 3, 1.5]],
        ['name' => 'Brass tower', 'apertures' => [8, 5.6, 4, 2.8, 2, 1, 0.5]],
    ];

    /** Component key => deliveries: days ago, mark, litres, paid, note. */
    private const LOTS = [
        'pumice-3-6-mm' => [[120, 'P-spring', 120, 66.0, 'Three sacks, pale'], [24, 'P-autumn', 80, 45.5, 'Dustier than the spring one']],
        'lava-scoria-3-6-mm' => [[70, 'L-7', 100, 55.0, '']],
        'akadama-type-clay-granule-2-6-mm' => [[40, 'Soft pallet', 56, 99.6, 'Lower row was damp']],
    ];

    private const LOW = ['charcoal-3-8-mm' => 15.0, 'kanuma-type-acid-granule-2-6-mm' => 30.0, 'akadama-type-clay-granule-2-6-mm' => 70.0];

    private const MIXES = [
        ['name' => 'Yard starter', 'source' => 'premix', 'stock_l' => 90, 'pack_l' => 45, 'pack_price' => 17.5, 'note' => 'Mixed in spring for the tunnel', 'parts' => ['composted-bark-fine-2-8-mm' => 3, 'coir-pith' => 2, 'perlite-2-5-mm' => 2]],
        ['name' => 'Old pine mix, sieved', 'source' => 'reclaimed', 'reclaimed_years' => 3, 'sieved_mm' => 1.5, 'stock_l' => 60, 'note' => 'From the ridge benches', 'parts' => ['pumice-3-6-mm' => 5, 'lava-scoria-3-6-mm' => 3, 'composted-bark-fine-2-8-mm' => 2]],
    ];

    /** Finished tests: days ago, kind, component key or recipe, delivery, readings, person, in use. */
    private const TESTS = [
        ['days_ago' => 20, 'kind' => 'loose_density', 'component' => 'lava-scoria-3-6-mm', 'person' => 'Orsolt', 'in_use' => true, 'setup' => ['vessel_l' => 2, 'empty_g' => 318], 'rounds' => [['full_g' => 1898], ['full_g' => 1906], ['full_g' => 1884]]],
        ['days_ago' => 19, 'kind' => 'sieve_analysis', 'component' => 'pumice-3-6-mm', 'lot' => 'P-autumn', 'person' => 'Mirabeth', 'in_use' => true, 'setup' => ['apertures' => [8, 5.6, 4, 2.8, 2, 1, 0.5]], 'rounds' => [['before_g' => 240, 'retained' => ['8' => 1.2, '5.6' => 30.4, '4' => 84.1, '2.8' => 66.0, '2' => 31.5, '1' => 15.2, '0.5' => 6.4, 'pan' => 4.1]]]],
        ['days_ago' => 11, 'kind' => 'drained_pot', 'recipe' => 'Ridge pines', 'person' => 'Orsolt', 'in_use' => false, 'setup' => ['filled_l' => 3, 'height_cm' => 14, 'packing' => 'settled'], 'rounds' => [['added_ml' => 1905, 'drained_ml' => 912], ['added_ml' => 1880, 'drained_ml' => 885]]],
    ];

    public function __construct(private SaveVessel $saveVessel, private SaveSieveSet $saveSieveSet, private SaveLot $saveLot, private SaveMix $saveMix, private StartBenchTest $startTest, private RecordBenchTest $recordTest, private UseBenchTest $useTest, private SavePot $savePot, private SaveRecipe $saveRecipe, private SaveBatch $saveBatch, private SaveSite $saveSite, private TessivaleCollection $collection) {}

    /** Loads the yard into an empty database with the reference components; does nothing where it is there already. */
    public function load(): void
    {
        if (Recipe::query()->where('name', self::RECIPES[0]['name'])->exists()) {
            return;
        }
        DB::transaction(function (): void {
            foreach (self::SHELF as $key => [$stock, $pack, $price, $note]) {
                $fromLots = array_sum(array_column(self::LOTS[$key] ?? [], 2));
                Component::query()->where('key', $key)->update(['stock_l' => max(0, $stock - $fromLots), 'pack_l' => $pack, 'pack_price' => $price, 'low_l' => self::LOW[$key] ?? null, 'note' => $note]);
            }
            foreach (self::POTS as $pot) {
                ($this->savePot)(new Pot(), $pot);
            }
            $ids = Component::query()->pluck('id', 'key');
            $this->shelf($ids->all());
            foreach (self::RECIPES as $recipe) {
                $this->recipe($recipe, $ids->all());
            }
            foreach (self::SITES as $name => [$latitude, $altitude, $alkalinity, $last, $first, $note, $months]) {
                ($this->saveSite)(new Site(), [
                    'name' => $name, 'latitude' => $latitude, 'altitude_m' => $altitude, 'alkalinity_mg_l' => $alkalinity, 'last_frost' => $last, 'first_frost' => $first, 'note' => $note,
                    'months' => array_map(static fn(array $month): array => array_combine(['tmin', 'tmax', 'rain_mm', 'humidity', 'wind_ms', 'sun_hours'], $month), $months),
                ]);
            }
            foreach (self::CORNERS as $name => [$of, $rain, $note]) {
                $whole = Site::query()->where('name', $of)->firstOrFail();
                ($this->saveSite)(new Site(), [...$whole->only(['latitude', 'altitude_m', 'alkalinity_mg_l', 'last_frost', 'first_frost', 'months']), 'name' => $name, 'rain_share' => $rain, 'note' => $note]);
            }
            foreach (self::BATCHES as $batch) {
                $this->batch($batch);
            }
            foreach (self::TESTS as $test) {
                $this->test($test);
            }
            $this->collection->load();
        });
    }

    /**
     * A recipe with its tags, and where it was something else before, with that version too.
     *
     * @param array{name: string, plant_group: string, note: string, parts: array<string, float|int>} $recipe
     * @param array<string, int>                                                                      $ids    by component key
     */
    private function recipe(array $recipe, array $ids): void
    {
        $input = [...$recipe, 'tags' => self::TAGS[$recipe['name']] ?? []];
        [$before, $reason] = self::CHANGES[$recipe['name']] ?? [[], ''];
        $first = array_filter([...$recipe['parts'], ...$before], static fn(float|int $parts): bool => $parts > 0);
        $saved = ($this->saveRecipe)(new Recipe(), [...$input, 'parts' => self::rows($first, $ids)], Carbon::now()->subMonths(14));
        if ($before !== []) {
            ($this->saveRecipe)($saved, [...$input, 'parts' => self::rows($recipe['parts'], $ids), 'reason' => $reason], Carbon::now()->subMonths(2));
        }
    }

    /**
     * Deliveries, mixes in bins, scoops and sieves.
     *
     * @param array<string, int> $ids by component key
     */
    private function shelf(array $ids): void
    {
        foreach (self::LOTS as $key => $lots) {
            foreach ($lots as [$daysAgo, $name, $litres, $price, $note]) {
                $component = Component::query()->findOrFail($ids[$key]);
                ($this->saveLot)(new Lot(), $component, ['name' => $name, 'delivered_on' => Carbon::now()->subDays($daysAgo)->toDateString(), 'quantity_l' => $litres, 'price' => $price, 'note' => $note]);
            }
        }
        foreach (self::MIXES as $mix) {
            $parts = $mix['parts'];
            unset($mix['parts']);
            ($this->saveMix)(new Component(), [...$mix, 'mix_parts' => self::rows($parts, $ids)]);
        }
        foreach (self::VESSELS as $vessel) {
            ($this->saveVessel)(new Vessel(), $vessel);
        }
        foreach (self::SIEVES as $set) {
            ($this->saveSieveSet)(new SieveSet(), $set);
        }
    }

    /** @param array<string, mixed> $test */
    private function test(array $test): void
    {
        $component = isset($test['component']) ? Component::query()->where('key', $test['component'])->firstOrFail() : null;
        $lot = isset($test['lot']) ? Lot::query()->where('name', $test['lot'])->firstOrFail() : null;
        $running = ($this->startTest)([
            'kind' => $test['kind'],
            'person' => $test['person'],
            ...match (true) {
                $lot !== null => ['lot_id' => $lot->id],
                $component !== null => ['component_id' => $component->id],
                default => ['recipe_id' => Recipe::query()->where('name', $test['recipe'])->firstOrFail()->id],
            },
        ]);
        $this->recordTest->keep($running, ['readings' => ['setup' => $test['setup'], 'rounds' => $test['rounds']]]);
        $finished = $this->recordTest->finish($running->refresh());
        $at = Carbon::now()->subDays($test['days_ago']);
        $finished->fill(['started_at' => $at, 'finished_at' => $at])->save();
        if ($test['in_use']) {
            $this->useTest->use($finished, true);
        }
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
