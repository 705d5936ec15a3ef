<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\Bench\Models\Vessel;
use App\Calibration\InUse;
use App\Plants\KeptSoil;
use App\Plants\Models\Fertiliser;
use App\Plants\PlantSituation;
use App\Plants\Standing;
use App\PottingDays\Models\DayLoad;
use App\PottingDays\Models\DayPlant;
use App\PottingDays\Models\PottingDay;
use App\Recipes\Models\Recipe;
use App\Recipes\RecipePortions;
use App\Shelf\Models\Component;
use App\Shelf\Portions;
use Illuminate\Database\Eloquent\Collection;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Course\Ageing\OldSoil;
use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Container\Contents;
use Zolbek\Core\Place\Container\DrainageLayer;
use Zolbek\Core\Place\Container\RootBall;
use Zolbek\Core\Place\Container\WallZone;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Setup\ModelConstants;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Work\PottingDay\DayPot;
use Zolbek\Core\Work\PottingDay\DaySums;
use Zolbek\Core\Work\PottingDay\MixedAlready;

/**
 * A potting day put together for the core: every entry with its pot, mix, ball and zones. Records are read in a few queries, however many plants there are.
 * An entry that cannot be (a ball that fills the pot) is left out of the sums, and why is kept.
 */
final class Assembly
{
    /** @var array<int, Component> by id */
    public array $components = [];

    /** @var array<int, Fertiliser> by id */
    public array $fertilisers = [];

    /** @var array<int, Recipe> by id */
    public array $recipes = [];

    /** @var array<int, string> by id of the entry: those with the same are alike */
    public array $keys = [];

    /** @var array<int, Refused> by id of the entry */
    public array $refused = [];

    public DaySums $sums;

    public readonly OldSoils $oldSoils;

    private Portions $shelf;

    /** @var array<int, array{non-empty-list<array{Portion, float}>, Substrate, float}> portions, settled, and litres poured from one scooped, by id of the recipe */
    private array $mixes = [];

    /** @var array<int, Substrate> of single components, by id */
    private array $alone = [];

    /**
     * @param Collection<int, DayPlant> $entries those to put together
     * @param Collection<int, DayLoad>  $loads   that are mixed, whether or not one of those takes of them
     */
    private function __construct(public readonly PottingDay $day, private readonly PlantSituation $situations, private readonly Standing $standings, Collection $entries, Collection $loads)
    {
        $loads->loadMissing('recipe.parts.component');
        $entries->loadMissing(['plant.species', 'plant.site', 'pot', 'recipe.parts.component']);
        $this->shelf = new Portions();
        $ids = $fertilisers = [];
        foreach ($entries as $entry) {
            array_push($ids, ...array_values($entry->plan->componentIds()));
            $fertilisers[] = $entry->plan->fertiliser['id'] ?? null;
            $this->recipes[$entry->recipe_id] = $entry->recipe;
            foreach ($entry->recipe->parts as $part) {
                $this->components[$part->component_id] ??= $part->component;
            }
        }
        foreach ($loads as $load) {
            $this->recipes[$load->recipe_id] ??= $load->recipe;
            foreach ($load->recipe->parts as $part) {
                $this->components[$part->component_id] ??= $part->component;
            }
        }
        foreach ($ids === [] ? [] : Component::query()->findMany(array_unique($ids)) as $component) {
            $this->components[$component->id] ??= $component;
        }
        Portions::load($this->components);
        $this->fertilisers = Fertiliser::query()->findMany(array_unique(array_filter($fertilisers)))->keyBy('id')->all();
        $before = StoodBefore::of($entries);
        $this->oldSoils = new OldSoils($day->planned_on, $situations, $standings, $before);
        $pots = $alike = [];
        foreach ($entries as $entry) {
            try {
                $usedL = $entry->isPotted() ? $entry->actual->scoopedL() : null;
                $first = $alike[$key = $this->keys[$entry->id] = EntryKey::of($entry, $before)] ?? null;
                $pots[] = $first === null ? $alike[$key] = $this->pot($entry, $usedL) : $first->alike($entry->id, $usedL, $entry->count);
            } catch (Refused $refused) {
                $this->refused[$entry->id] = $refused;
            }
        }
        $this->sums = new DaySums($this->fitting($pots), $day->spare, $day->tub_l, $day->scoop_l, Vessel::scoopsBelow($day->scoop_l), $this->mixed($loads));
    }

    /** What is potted on the day, without those put off. */
    public static function of(PottingDay $day, PlantSituation $situations, Standing $standings): self
    {
        return new self($day, $situations, $standings, $day->entries->filter(static fn(DayPlant $entry): bool => $entry->state !== 'not_today')->values(), $day->loads);
    }

    /** A single plant of it. */
    public static function ofOne(PottingDay $day, DayPlant $entry, PlantSituation $situations, Standing $standings): self
    {
        return new self($day, $situations, $standings, $entry->newCollection([$entry]), new Collection());
    }

    public function component(string $key): Component
    {
        foreach ($this->components as $component) {
            if ($component->key === $key) {
                return $component;
            }
        }

        throw new \LogicException('Only components of the day are asked for.');
    }

    /** The mix of a recipe, settled. */
    public function substrate(Recipe $recipe): Substrate
    {
        return $this->mix($recipe)[1];
    }

    /** Litres of a mix, as it lies poured in the tub, from one litre scooped. */
    public function pouredYield(Recipe $recipe): float
    {
        return $this->mix($recipe)[2];
    }

    private function pot(DayPlant $entry, ?float $usedL): DayPot
    {
        $plan = $entry->plan;
        $plant = $entry->plant;
        [$portions, $substrate] = $this->mix($entry->recipe);
        $share = $plan->oldSoilShare;
        $soil = $share > 0.0 || $plan->ball !== null || $plan->wall !== null ? $this->soil($entry) : null;
        if ($share > 0.0 && $soil !== null) {
            $portions = OldSoil::workedInto($portions, $this->oldSoils->portion($soil), $share);
        }
        $layer = $plan->layer;
        $dressing = $plan->dressing;
        $cover = $plan->holeCoverId;
        $moss = ($plan->wall['kind'] ?? null) === 'moss' ? $plan->wall['component_id'] : null;

        $constants = InUse::now()->constants();

        return new DayPot(
            $entry->id,
            $entry->recipe_id,
            new Setup(
                $portions,
                $entry->pot->toCore(),
                $entry->pot->holes(),
                PlantGroup::from($plant->plant_group),
                $plan->headspaceCm,
                $dressing['cm'] ?? 0.0,
                $layer === null ? null : new DrainageLayer($this->alone($layer['component_id']), $layer['thickness_cm']),
                $entry->pot->weight_kg,
                $plant->weight_kg ?? 0.0,
                $entry->recipe->compaction_index,
                situation: $this->situations->of($plant, $plan->rootsCutShare, $plan->surface),
                contents: $this->contents($entry, $soil),
                holeCover: $cover === null ? null : $this->alone($cover),
                substrate: $share > 0.0 || ! $constants->packsAs(new ModelConstants()) ? null : $substrate,
                model: $constants,
            ),
            array_map(fn(array $extra): array => [$this->shelf->of($this->components[$extra['component_id']]), $extra['litres']], $plan->extras),
            $layer === null ? null : $this->components[$layer['component_id']]->key,
            $dressing === null ? null : $this->components[$dressing['component_id']]->key,
            $dressing === null ? null : $this->alone($dressing['component_id']),
            $moss === null ? null : $this->components[$moss]->key,
            $cover === null ? null : $this->components[$cover]->key,
            $share,
            $usedL,
            $plan->slope['cm'] ?? 0.0,
            $entry->count,
        );
    }

    /** What the ball of an entry is of, and what of it is worked in or laid along the wall. */
    public function soil(DayPlant $entry): KeptSoil
    {
        return $this->oldSoils->of($entry, $this->keys[$entry->id]);
    }

    /** @throws Refused where bed or mound contradict the height that was chosen */
    private function contents(DayPlant $entry, ?KeptSoil $soil): ?Contents
    {
        $plan = $entry->plan;
        if ($plan->ball === null && $plan->wall === null && $plan->objectsL <= 0.0) {
            return null;
        }
        $old = $soil === null ? null : $this->oldSoils->substrate($soil);
        $height = EntryHeight::of($entry);
        $ball = $plan->ball === null || $old === null ? null : new RootBall($plan->ball['length_cm'], $plan->ball['width_cm'], $height->ballCm ?? $plan->ball['height_cm'], $plan->treatment, $old);
        // what lies along the wall is moss where it names it, else the old mix
        $wall = $plan->wall === null || $old === null ? null : new WallZone($plan->wall['component_id'] === null ? $old : $this->alone($plan->wall['component_id']), $plan->wall['thickness_cm']);

        return new Contents($ball, null, $wall, $plan->objectsL, $height->bedCm ?? $plan->bedCm ?? Plan::BED_CM, $plan->collarCm, $height->moundCm ?? $plan->moundCm ?? 0.0);
    }

    /**
     * @param Collection<int, DayLoad> $loads
     *
     * @return array<int, MixedAlready> by id of the recipe
     */
    private function mixed(Collection $loads): array
    {
        $mixed = [];
        foreach ($loads as $load) {
            $before = $mixed[$load->recipe_id] ?? new MixedAlready($this->mix($load->recipe)[0], 0.0, []);
            $mixed[$load->recipe_id] = new MixedAlready($before->portions, $before->litres + $load->litres, [...$before->numbers, $load->number]);
        }

        return $mixed;
    }

    /** @return array{non-empty-list<array{Portion, float}>, Substrate, float} */
    private function mix(Recipe $recipe): array
    {
        if (! isset($this->mixes[$recipe->id])) {
            $portions = RecipePortions::of($recipe);
            $this->mixes[$recipe->id] = [$portions, new Substrate(Portion::blend($portions), $recipe->compaction_index), Portion::pouredYield($portions)];
        }

        return $this->mixes[$recipe->id];
    }

    private function alone(int $id): Substrate
    {
        return $this->alone[$id] ??= new Substrate(new Blend([[$this->components[$id]->toCore(), 1.0]]));
    }

    /**
     * Those of which the extras leave room for the mix.
     *
     * @param list<DayPot> $pots
     *
     * @return list<DayPot>
     */
    private function fitting(array $pots): array
    {
        return array_values(array_filter($pots, function (DayPot $pot): bool {
            try {
                $pot->needs();

                return true;
            } catch (Refused $refused) {
                $this->refused[$pot->id] = $refused;

                return false;
            }
        }));
    }
}
