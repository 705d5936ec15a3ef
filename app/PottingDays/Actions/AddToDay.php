<?php

declare(strict_types=1);

namespace App\PottingDays\Actions;

use App\Plants\Models\Plant;
use App\Plants\Outlook;
use App\Plants\PlantSituation;
use App\Plants\Standing;
use App\Pots\Models\Pot;
use App\PottingDays\Actual;
use App\PottingDays\Assembly;
use App\PottingDays\EntryWind;
use App\PottingDays\Models\DayPlant;
use App\PottingDays\Models\PottingDay;
use App\PottingDays\Plan;
use App\PottingDays\PlanForm;
use App\Recipes\Models\Recipe;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Place\Container\Container;
use Zolbek\Core\Place\Container\PlantingHeight;
use Zolbek\Core\Place\Container\PotShape;
use Zolbek\Core\Place\Plant\Purpose;
use Zolbek\Core\Work\Feeding\FeedingSchool;

/** Puts plants on a potting day, each with a recipe, a pot and a root ball to start from: what it stands in now, and what was planned for it. */
final readonly class AddToDay
{
    public const MOST = 1000;

    /** Share of a ball that goes where it is cut back. */
    private const CUT = 0.2;

    /** Of the size of a pot, what a plant stands in that stays in it: a gap is left to fill. */
    private const CONTENT = 0.99;

    /** Room above and beneath that it leaves in what it goes into, cm. */
    private const FREE_CM = 2.5;

    /** Share of the new pot's width at its foot that it may take. */
    private const INSIDE = 0.9;

    public function __construct(private PlantSituation $situations, private Standing $standings) {}

    /**
     * @param array<mixed> $input `{plant_ids, recipe_id?, pot_id?, helper?, plan?}`; what is left out is taken from each plant
     *
     * @throws \Throwable Refused, naming each field and what it may be
     */
    public function __invoke(PottingDay $day, array $input): PottingDay
    {
        return DB::transaction(fn(): PottingDay => $this->add($day->refresh(), $input));
    }

    /** @param array<mixed> $input */
    private function add(PottingDay $day, array $input): PottingDay
    {
        $day->mustBeOpen('plant_ids');
        $refusals = new Refusals();
        $fields = Fields::of($input, ['plant_ids', 'recipe_id', 'pot_id', 'helper', 'plan'], $refusals);
        $ids = $fields->raw('plant_ids');
        if (! is_array($ids) || ! array_is_list($ids) || $ids === [] || count($ids) > self::MOST) {
            $refusals->add(new Refusal('plant_ids', 'list_of_most', $ids, ['max' => self::MOST]));
            $ids = [];
        }
        $plants = Plant::query()->with(['species', 'recipe', 'pot'])->findMany(array_filter($ids, is_int(...)))->keyBy('id');
        $there = $day->entries()->pluck('plant_id')->all();
        foreach ($ids as $i => $id) {
            if (! is_int($id) || ! isset($plants[$id])) {
                $refusals->add(new Refusal('plant_ids.'.$i, 'plant_missing', $id));
            } elseif (in_array($id, $there, true)) {
                $refusals->add(new Refusal('plant_ids.'.$i, 'plant_on_day', $plants[$id]->number));
            }
        }
        $recipe = $fields->has('recipe_id') ? Recipe::query()->find($fields->integer('recipe_id', 1, PHP_INT_MAX)) : null;
        if ($fields->has('recipe_id') && $recipe === null) {
            $refusals->add(new Refusal('recipe_id', 'recipe_missing', $fields->raw('recipe_id')));
        }
        $pot = $fields->has('pot_id') ? Pot::query()->find($fields->integer('pot_id', 1, PHP_INT_MAX)) : null;
        if ($fields->has('pot_id') && $pot === null) {
            $refusals->add(new Refusal('pot_id', 'pot_missing', $fields->raw('pot_id')));
        }
        $helper = $fields->text('helper', 60, '');
        $plan = $fields->raw('plan');
        $plan = is_array($plan) ? PlanForm::read($plan, $refusals, 'plan') : [];
        $refusals->throwIfAny();

        $usual = self::usualRecipes();
        $anyPot = Pot::query();
        $anyPot->whereNull('archived_at');
        $anyPot->orderBy('id');
        $fallbackPot = $anyPot->first();
        $planned = Pot::query()->findMany($plants->map(self::plannedPot(...))->filter()->unique()->all())->keyBy('id');
        $position = (int) $day->entries()->max('position');
        foreach (array_unique($ids) as $id) {
            $plant = $plants[$id] ?? throw new \LogicException('Plants were checked.');
            $into = $pot ?? $planned[self::plannedPot($plant)] ?? $plant->pot ?? $fallbackPot;
            $with = $recipe->id ?? ($plant->recipe?->isArchived() === false ? $plant->recipe_id : null) ?? $usual[$plant->plant_group] ?? $usual[''] ?? null;
            if ($into === null || $with === null) {
                throw Refused::because('plant_ids', $into === null ? 'no_pot_yet' : 'no_recipe_yet', $plant->number);
            }
            $start = [...self::start($plant, $into->toCore(), $into->id === $plant->pot_id), ...Outlook::workSeen($plant), ...$plan];
            DayPlant::query()->create([
                'potting_day_id' => $day->id, 'plant_id' => $plant->id, 'position' => ++$position, 'recipe_id' => $with, 'pot_id' => $into->id, 'count' => $plant->many(),
                'plan' => (new Plan())->with($start), 'helper' => $helper, 'actual' => new Actual(), 'stamps' => [],
            ]);
        }

        if (! array_key_exists('fixing', $plan)) {
            $this->proposeFixing($day->refresh(), array_values($plants->modelKeys()));
        }

        return $day->refresh();
    }

    /**
     * The least that stands the gusts that are to be reckoned with there.
     *
     * @param list<int> $plantIds
     */
    private function proposeFixing(PottingDay $day, array $plantIds): void
    {
        $assembly = Assembly::of($day->load(['entries.plant.species', 'entries.plant.site', 'entries.pot', 'entries.recipe.parts.component', 'loads']), $this->situations, $this->standings);
        foreach ($day->entries as $entry) {
            $needs = in_array($entry->plant_id, $plantIds, true) ? $assembly->sums->pots[$entry->id] ?? null : null;
            $least = $needs === null ? null : EntryWind::of($entry, $needs)?->least();
            if ($least !== null && $least !== $entry->plan->fixing) {
                $entry->plan = $entry->plan->with(['fixing' => $least]);
                $entry->save();
            }
        }
    }

    /**
     * A plant on a day of today that nobody planned, in the pot that it stands in: to see what would be.
     *
     * @return array{PottingDay, DayPlant}
     *
     * @throws Refused field "recipe_id" or "plant_ids" where there is no mix or no pot yet
     */
    public static function asIf(Plant $plant, int $recipeId = 0): array
    {
        $plant->loadMissing(['species', 'site', 'pot', 'recipe.parts.component']);
        $usual = self::usualRecipes();
        $id = $recipeId > 0 ? $recipeId : ($plant->recipe_id ?? $usual[$plant->plant_group] ?? $usual[''] ?? 0);
        $recipe = Recipe::query()->with('parts.component')->find($id) ?? throw Refused::because('recipe_id', $recipeId > 0 ? 'recipe_missing' : 'no_recipe_yet', $recipeId > 0 ? $recipeId : $plant->number);
        $any = Pot::query();
        $any->whereNull('archived_at');
        $any->orderBy('id');
        $pot = $plant->pot ?? $any->first() ?? throw Refused::because('plant_ids', 'no_pot_yet', $plant->number);
        $day = new PottingDay(['name' => '', 'planned_on' => Carbon::today(), 'status' => 'planned', 'tub_l' => 40.0, 'scoop_l' => 1.0, 'spare' => 0.0, 'helpers' => [], 'ticks' => []]);
        $core = $pot->toCore();
        $entry = new DayPlant([
            'id' => 0, 'plant_id' => $plant->id, 'recipe_id' => $recipe->id, 'pot_id' => $pot->id, 'count' => $plant->many(), 'state' => 'planned', 'helper' => '', 'actual' => new Actual(), 'stamps' => [],
            'plan' => (new Plan())->with(self::start($plant, $core, false)),
        ]);
        $entry->setRelation('plant', $plant)->setRelation('recipe', $recipe)->setRelation('pot', $pot);

        return [$day, $entry];
    }

    /** @return array<string, int> newest recipe in use for each plant group, under '' any */
    private static function usualRecipes(): array
    {
        $query = Recipe::query();
        $query->whereNull('archived_at');
        $query->orderBy('id');
        $usual = [];
        foreach ($query->get(['id', 'plant_group']) as $recipe) {
            $usual[$recipe->plant_group] = $recipe->id;
            $usual[''] = $recipe->id;
        }

        return $usual;
    }

    /** The pot that is planned for it next, where its year has come. */
    private static function plannedPot(Plant $plant): ?int
    {
        foreach ($plant->plan as $step) {
            if ($step['what'] === 'next_pot' && $step['pot_id'] !== null && $step['year'] <= Carbon::now()->year + 1 && ($plant->potted_on === null || $step['year'] >= $plant->potted_on->year)) {
                return $step['pot_id'];
            }
        }

        return null;
    }

    /**
     * What is kept of what it stood in: all of it, or what is left once the roots are cut back; never wider than what it goes into, but for the pot that it is in.
     *
     * @return array{length_cm: float, width_cm: float, height_cm: float}
     */
    private static function ball(Container $from, Container $into, bool $whole, bool $stays): array
    {
        $high = $from->depthCm - $from->usualHeadspaceCm();
        if ($whole && $stays) {
            return ['length_cm' => round(self::CONTENT * $from->widthCm($high), 1), 'width_cm' => round(self::CONTENT * $from->breadthCm($high), 1), 'height_cm' => ceil(10.0 * $high) / 10.0];
        }
        $scale = ($whole ? 1.0 : 1.0 - self::CUT) ** (1.0 / 3.0);
        $middle = $high / 2.0;
        $slim = $from->breadthCm($middle) / $from->widthCm($middle);
        // of one section all the way, as much as the pot held
        $length = sqrt(1000.0 * $from->volumeL(0.0, $high) / $high / $slim / ($from->shape === PotShape::Rectangular ? 1.0 : M_PI / 4.0));
        $foot = min(PlantingHeight::LEAST_BED_CM, $into->depthCm);

        return [
            'length_cm' => round(min($scale * $length, self::INSIDE * $into->widthCm($foot)), 1),
            'width_cm' => round(min($scale * $length * $slim, self::INSIDE * $into->breadthCm($foot)), 1),
            'height_cm' => round(max(1.0, min($scale * $high, $into->depthCm - self::FREE_CM)), 1),
        ];
    }

    /** @return array{ball: array{length_cm: float, width_cm: float, height_cm: float}|null, treatment: string, roots_cut_share: float, feeding: string, headspace_cm: float} a plan to start from */
    private static function start(Plant $plant, Container $into, bool $stays): array
    {
        $from = $plant->pot?->toCore();
        $whole = $plant->health !== 'well' || in_array($plant->purpose, [Purpose::Recover->value, Purpose::NewlyCollected->value], true);
        $ball = $from === null ? null : self::ball($from, $into, $whole, $stays);

        return [
            'ball' => $ball,
            'treatment' => $whole ? 'untouched' : ($plant->species?->evergreen === true ? 'teased' : 'combed'),
            'roots_cut_share' => $whole ? 0.0 : self::CUT,
            'feeding' => $whole ? FeedingSchool::None->value : FeedingSchool::WeeklyGrowth->value,
            'headspace_cm' => $into->usualHeadspaceCm(),
        ];
    }
}
