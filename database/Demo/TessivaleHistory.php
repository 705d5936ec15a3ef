<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Bench\Actions\RecordBenchTest;
use App\Bench\Actions\StartBenchTest;
use App\Plants\Carried;
use App\Plants\Models\GrowthMeasure;
use App\Plants\Models\Plant;
use App\Plants\Models\PlantEvent;
use App\Plants\Outlook;
use App\Plants\StandsIn;
use App\Pots\Models\Pot;
use App\Recipes\Models\Recipe;
use App\Recipes\Models\RecipePart;
use App\Recipes\Models\RecipeVersion;
use App\Recipes\RecipePortions;
use App\Shelf\Models\Component;
use App\Situations\Models\Site;
use App\Situations\Models\Species;
use App\Trials\Actions\RunTrial;
use App\Trials\Actions\SaveTrial;
use App\Trials\Models\Trial;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use Zolbek\Core\Basis\Numerics\Normal;
use Zolbek\Core\Basis\Numerics\RandomWords;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Place\Container\RunThrough;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Verdict\Calibration\Factors;
use Zolbek\Core\Verdict\Calibration\PotModel;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Verdict\Fit\Criterion;
use Zolbek\Core\Verdict\Fit\Level;
use Zolbek\Core\Verdict\Fit\Rating;

/**
 * Three years of Tessivale Yard: young trees that were potted each spring, grew, and were sold or lost, and what the old ones were measured at. What came of each follows from
 * what the model says of its mix in its pot at its place, and from chance with a fixed seed.
 */
final class TessivaleHistory
{
    private const SEED = 4711;
    private const SPRINGS = [3, 2, 1];

    /** Recipe, species, pot, place, light, plants a spring. */
    private const POTTED = [
        ['Brook maples', 'Field maple', 'Hexagon 22', 'Shade house', 'half_shade', 4],
        ['Brook maples', 'Hornbeam', 'Oval tray 34', 'Orchard wall', 'full_sun', 2],
        ['Old tub mix', 'Field maple', 'Hexagon 22', 'Shade house', 'half_shade', 3],
        ['Old tub mix', 'Hornbeam', 'Oval tray 34', 'Growing field', 'full_sun', 2],
        ['Ridge pines', 'Scots pine', 'Deep round 16', 'Ridge bench', 'full_sun', 3],
        ['Orchard pots', 'Flowering quince', 'Deep round 16', 'Orchard wall', 'full_sun', 3],
    ];

    /** How many of a hundred take, by how the mix is judged. */
    private const TAKES = [Rating::Good->value => 0.93, Rating::Workable->value => 0.8, Rating::Poor->value => 0.5, Rating::Lethal->value => 0.2];
    private const MM_A_YEAR = 2.6;
    private const MEASURED = ['T-001' => 1.1, 'T-002' => 1.3, 'T-004' => 0.9, 'T-005' => 2.2, 'T-006' => 2.6, 'T-008' => 1.5, 'T-011' => 1.9];
    private const COMPLAINTS = ['Dry by noon in July', 'Moss on the whole surface, stays wet', 'Came out of the pot with half of its soil'];

    /** Recipe, days ago. */
    private const DRAINED = [['Brook maples', 820], ['Ridge pines', 640], ['Orchard pots', 470], ['North bench azaleas', 330], ['Liners', 210], ['Brook maples', 96]];

    private RandomWords $chance;

    /** @var array<string, array{Setup, Assessment, float}> by what it is */
    private array $known = [];

    public function __construct(private readonly Outlook $outlook, private readonly SaveTrial $save, private readonly RunTrial $run, private readonly StartBenchTest $start, private readonly RecordBenchTest $record)
    {
        $this->chance = new RandomWords(self::SEED);
    }

    public function load(): void
    {
        $number = 0;
        foreach (self::SPRINGS as $yearsAgo) {
            foreach (self::POTTED as $row) {
                for ($i = 0; $i < $row[5]; ++$i) {
                    $this->young(++$number, $row, Carbon::now()->subYears($yearsAgo)->setDate(Carbon::now()->year - $yearsAgo, 3, 10 + $number % 14)->startOfDay());
                }
            }
        }
        foreach (self::MEASURED as $name => $mmYear) {
            $this->measured($name, $mmYear);
        }
        $this->trial();
        foreach (self::DRAINED as $i => [$recipe, $daysAgo]) {
            $this->drained($recipe, $daysAgo, 10.0 + 2.0 * $i);
        }
    }

    /** A drained pot of a recipe, in a yard whose grains hold water a little less high than the model says. */
    private function drained(string $name, int $daysAgo, float $heightCm): void
    {
        $recipe = Recipe::query()->with('parts.component')->where('name', $name)->firstOrFail();
        $blend = Portion::blend(RecipePortions::of($recipe));
        $here = new Factors([Factors::CAPILLARY => 0.8, Factors::INNER_WATER.'bark' => 0.85]);
        $rounds = [];
        foreach ([1, 2] as $ignored) {
            $air = PotModel::figure($blend, $here, 'air', $heightCm) * exp(0.04 * Normal::quantile($this->chance->uniform()));
            $water = PotModel::figure($blend, $here, 'water', $heightCm) * exp(0.02 * Normal::quantile($this->chance->uniform()));
            $rounds[] = ['added_ml' => round(3000.0 * ($air + $water)), 'drained_ml' => round(3000.0 * $air)];
        }
        $test = ($this->start)(['kind' => 'drained_pot', 'recipe_id' => $recipe->id, 'person' => 'Orsolt']);
        $this->record->keep($test, ['readings' => ['setup' => ['filled_l' => 3, 'height_cm' => $heightCm, 'packing' => 'settled'], 'rounds' => $rounds]]);
        $at = Carbon::now()->subDays($daysAgo);
        $this->record->finish($test->refresh())->fill(['started_at' => $at, 'finished_at' => $at])->save();
    }

    /** A trial of last year: young trees of the springs before, half of them in another mix; and what a summer's growth came to. */
    private function trial(): void
    {
        $query = Plant::query();
        $query->where('number', 'like', 'S-%');
        $query->where('status', 'given_away');
        $query->where('name', 'Young field maple');
        $plants = $query->orderBy('id')->limit(16)->pluck('id')->all();
        $recipe = static fn(string $name): array => ['label' => $name, 'recipe_id' => Recipe::query()->where('name', $name)->value('id')];
        [$first, $last] = [Carbon::today()->subYear()->setDate(Carbon::now()->year - 1, 4, 2)->toDateString(), Carbon::today()->setDate(Carbon::now()->year - 1, 10, 20)->toDateString()];
        $trial = ($this->save)(new Trial(), [
            'name' => 'Bark or no bark for young maples', 'question' => 'Do young field maples grow more trunk in a summer in the maple mix than in the one for pines?', 'varies' => 'mix', 'arms' => [$recipe('Brook maples'), $recipe('Ridge pines')],
            'measure' => 'trunk_mm', 'from_start' => true, 'days' => [$first, $last], 'blocking' => 'size', 'blinded' => true, 'plants' => $plants,
        ]);
        $trial = $this->run->begin($trial, self::SEED, Carbon::parse($first));
        $start = $end = [];
        foreach ($trial->plants as $i => $row) {
            $mm = 9.0 + 0.2 * (16 - $i) + 0.2 * Normal::quantile($this->chance->uniform());
            $start[] = ['plant_id' => $row->plant_id, 'value' => round($mm, 1)];
            $end[] = ['plant_id' => $row->plant_id, 'value' => round($mm + ($row->arm === 0 ? 2.3 : 1.6) + 0.4 * Normal::quantile($this->chance->uniform()), 1)];
        }
        $this->run->measure($trial, ['on' => $first, 'values' => $start, 'person' => 'Mirabeth']);
        $this->run->lose($trial, ['plant_id' => $plants[5], 'why' => 'Blown off the bench', 'on' => Carbon::parse($first)->addDays(80)->toDateString()]);
        $this->run->measure($trial, ['on' => $last, 'values' => array_values(array_filter($end, static fn(array $row): bool => $row['plant_id'] !== $plants[5])), 'person' => 'Mirabeth']);
        $trial = $this->run->end($trial);
        $trial->fill(['ended_on' => $last, 'conclusion' => 'The maples keep their bark.'])->save();
    }

    /** @param array{string, string, string, string, string, int} $row */
    private function young(int $number, array $row, Carbon $potted): void
    {
        [$recipeName, $kind, $potName, $place, $light] = $row;
        $recipe = self::asItWas($recipeName, $potted);
        $pot = Pot::query()->where('name', $potName)->firstOrFail();
        $species = Species::query()->where('name', $kind)->firstOrFail();
        $standing = StandsIn::of($recipe, $pot);
        $trunk = round(8.0 + 5.0 * $this->chance->uniform(), 1);
        $plant = new Plant();
        $plant->fill([
            'number' => sprintf('S-%03d', $number), 'name' => 'Young '.lcfirst($kind), 'species_id' => $species->id, 'plant_group' => $species->plant_group, 'vigour' => $species->vigour, 'year_started' => $potted->year - 3,
            'height_cm' => 26, 'canopy_cm' => 20, 'trunk_mm' => $trunk, 'weight_kg' => 0.4, 'site_id' => Site::query()->where('name', 'Tessivale, upper yard')->value('id'), 'place' => $place, 'exposure' => $light,
            'health' => 'well', 'purpose' => 'grow_on', 'origin' => 'seed', 'pot_id' => $pot->id, 'recipe_id' => $recipe->id, 'standing' => $standing, 'potted_on' => $potted, 'buried' => [], 'plan' => [],
        ]);
        $plant->setRelation('species', $species);
        $plant->setRelation('site', Site::query()->where('name', 'Tessivale, upper yard')->first());
        [, $judged, $seconds] = $this->known[implode('|', [$recipeName, $kind, $potName, $light])] ??= $this->judged($plant, $standing);
        $takes = $this->chance->uniform() < self::TAKES[$judged->rating->value];
        $dies = ! $takes && $this->chance->uniform() < 0.4;
        $lives = $dies ? $this->day(25, 160) : $this->day(380, 560);
        $left = $potted->copy()->addDays($lives);
        if ($left->isFuture()) {
            $left = Carbon::today()->subDays($this->day(3, 40));
        }
        $plant->fill(['status' => $dies ? 'died' : 'given_away', 'left_on' => $left, 'left_to' => $dies ? '' : 'Spring market', 'archived_at' => $left->copy()->addHours(12)])->save();
        $event = static fn(string $of, Carbon $on, string $person, string $text = '', array $data = []) => PlantEvent::query()->create(['plant_id' => $plant->id, 'kind' => $of, 'happened_on' => $on, 'person' => $person, 'text' => $text, 'data' => new Carried($data)]);
        $event('potted', $potted, $number % 2 === 0 ? 'Orsolt' : 'Mirabeth', '', [
            'recipe' => $recipeName, 'recipe_version' => $standing->recipeVersion, 'pot' => $potName, 'place' => $place, 'standing' => $standing,
            'actual' => ['run_through_s' => round($seconds * exp(0.3 * Normal::quantile($this->chance->uniform())), 1)],
        ]);
        if ($lives > 45) {
            $event('outcome', $potted->copy()->addDays($this->day(38, 46)), 'Mirabeth', '', ['outcome' => $takes ? 'took' : 'sulked']);
        }
        if ($dies) {
            $event('died', $left, 'Mirabeth', $judged->rating === Rating::Good ? 'Dried on the tunnel side' : 'Black at the roots');
        } else {
            $event('given_away', $left, 'Orsolt', 'Spring market');
            $this->grown($plant, $potted, $left, $trunk, $judged, $takes);
        }
        if ($number % 13 === 0) {
            $event('complaint', $left->copy()->subDays(20)->max($potted), 'Orsolt', self::COMPLAINTS[intdiv($number, 13) % 3]);
        }
    }

    /** A recipe as it was on a day; before its first version as that one. */
    private static function asItWas(string $name, Carbon $on): Recipe
    {
        $recipe = Recipe::query()->with('parts.component')->where('name', $name)->firstOrFail();
        $query = RecipeVersion::query();
        $query->where('recipe_id', $recipe->id);
        $query->orderBy('number');
        $versions = $query->get();
        $version = $versions->last(static fn(RecipeVersion $version): bool => $version->made_at->lte($on)) ?? $versions->firstOrFail();
        $parts = array_map(static function (array $part): RecipePart {
            $row = new RecipePart(['component_id' => $part['component_id'], 'parts' => $part['parts']]);
            $row->setRelation('component', Component::query()->findOrFail($part['component_id']));

            return $row;
        }, $version->parts);

        return $recipe->forceFill(['version' => $version->number])->setRelation('parts', new Collection($parts));
    }

    /** @return array{Setup, Assessment, float} */
    private function judged(Plant $plant, StandsIn $standing): array
    {
        $setup = $this->outlook->setupIn($plant, $standing);

        return [$setup, new Assessment($setup, withYears: false), (new RunThrough($setup->zone, $setup->substrate, $setup->holes))->seconds ?? 60.0];
    }

    /** Measured each autumn: it grows by what its pot leaves it, less where it wants for water or air. */
    private function grown(Plant $plant, Carbon $from, Carbon $until, float $trunk, Assessment $judged, bool $takes): void
    {
        $want = min(1.0, $judged->water?->drought->degree ?? 0.0);
        $air = $judged->verdict(Criterion::Air)->level === Level::Good ? 1.0 : 0.75;
        $mmYear = self::MM_A_YEAR * (1.0 - 0.5 * $want) * $air * ($takes ? 1.0 : 0.4) * exp(0.18 * Normal::quantile($this->chance->uniform()));
        foreach ([0, 180, 365, 540] as $days) {
            $on = $from->copy()->addDays($days);
            if ($on->lte($until)) {
                $mm = round($trunk + $mmYear * $days / 365.25 + 0.15 * Normal::quantile($this->chance->uniform()), 1);
                GrowthMeasure::query()->create(['plant_id' => $plant->id, 'measured_on' => $on, 'trunk_mm' => $mm, 'person' => 'Mirabeth', 'before' => []]);
                $plant->trunk_mm = $mm;
            }
        }
        $plant->save();
    }

    private function measured(string $number, float $mmYear): void
    {
        $plant = Plant::query()->where('number', $number)->firstOrFail();
        foreach ([3, 2, 1, 0] as $yearsAgo) {
            $on = Carbon::today()->subDays(14)->subYears($yearsAgo);
            $mm = $yearsAgo === 0 ? $plant->trunk_mm : round((float) $plant->trunk_mm - $mmYear * $yearsAgo + 0.2 * Normal::quantile($this->chance->uniform()), 1);
            GrowthMeasure::query()->create(['plant_id' => $plant->id, 'measured_on' => $on, 'trunk_mm' => $mm, 'height_cm' => $yearsAgo === 0 ? $plant->height_cm : null, 'person' => 'Orsolt', 'before' => []]);
        }
    }

    /** A whole day between two, by chance. */
    private function day(int $from, int $to): int
    {
        return $from + (int) floor($this->chance->uniform() * ($to - $from + 1));
    }
}
