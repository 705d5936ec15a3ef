<?php

declare(strict_types=1);

namespace App\PottingDays\Actions;

use App\Plants\Models\Plant;
use App\Pots\Models\Pot;
use App\PottingDays\Actual;
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
use Zolbek\Core\Place\Plant\Purpose;
use Zolbek\Core\Work\Feeding\FeedingSchool;

/** Puts plants on a potting day, each with a recipe, a pot and a root ball to start from: what it stands in now, and what was planned for it. */
final readonly class AddToDay
{
    public const MOST = 1000;

    /** Share of the height and width of what it stood in that is left of a ball once it is cut back. */
    private const CUT_BACK = 0.8;

    /** Share of the new pot's width at its foot that it may take. */
    private const INSIDE = 0.9;

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
            $start = [...self::start($plant, $into->toCore()), ...$plan];
            DayPlant::query()->create([
                'potting_day_id' => $day->id, 'plant_id' => $plant->id, 'position' => ++$position, 'recipe_id' => $with, 'pot_id' => $into->id,
                'plan' => (new Plan())->with($start), 'helper' => $helper, 'actual' => new Actual(), 'stamps' => [],
            ]);
        }

        return $day->refresh();
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

    /** @return array<string, mixed> a plan to start from */
    private static function start(Plant $plant, Container $into): array
    {
        $from = $plant->pot?->toCore();
        $whole = $plant->health !== 'well' || in_array($plant->purpose, [Purpose::Recover->value, Purpose::NewlyCollected->value], true);
        $ball = null;
        if ($from !== null) {
            $cut = $whole ? 1.0 : self::CUT_BACK;
            $middle = $from->depthCm / 2.0;
            $ball = ['length_cm' => round($from->widthCm($middle) * $cut, 1), 'width_cm' => round($from->breadthCm($middle) * $cut, 1), 'height_cm' => round(max(1.0, min($from->depthCm * $cut * 0.75, $into->depthCm - 2.0)), 1)];
            // it never starts wider than what it goes into
            $foot = min((new Plan())->bedCm, $into->depthCm);
            $ball['length_cm'] = min($ball['length_cm'], round(self::INSIDE * $into->widthCm($foot), 1));
            $ball['width_cm'] = min($ball['width_cm'], round(self::INSIDE * $into->breadthCm($foot), 1));
        }

        return [
            'ball' => $ball,
            'treatment' => $whole ? 'untouched' : ($plant->species?->evergreen === true ? 'teased' : 'combed'),
            'roots_cut_share' => $whole ? 0.0 : 0.2,
            'feeding' => $whole ? FeedingSchool::None->value : FeedingSchool::WeeklyGrowth->value,
            'headspace_cm' => min(0.8, $into->depthCm / 10.0),
        ];
    }
}
