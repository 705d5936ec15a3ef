<?php

declare(strict_types=1);

namespace App\PottingDays\Actions;

use App\Plants\Models\Plant;
use App\PottingDays\Models\DayPlant;
use App\PottingDays\Models\PottingDay;
use App\Recipes\Actions\SaveRecipe;
use App\Recipes\Models\Recipe;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** Mixes that plants share become recipes, and their plants stand on a potting day with them: a new day, or one that is planned. All of it is written, or nothing. */
final readonly class ShareMixes
{
    private const MOST_MIXES = 40;

    public function __construct(private SaveRecipe $recipes, private SavePottingDay $days, private AddToDay $add, private ChangeEntry $change) {}

    /**
     * @param array<mixed> $input `{day_id}` or `{name, planned_on}`, and `mixes: [{name, parts, plants: [{plant_id, pot_id}]}]`
     *
     * @throws \Throwable Refused, naming each field and what it may be
     */
    public function __invoke(array $input): PottingDay
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['day_id', 'name', 'planned_on', 'mixes'], $refusals);
        $mixes = $fields->raw('mixes');
        if (! is_array($mixes) || ! array_is_list($mixes) || $mixes === [] || count($mixes) > self::MOST_MIXES) {
            throw Refused::because('mixes', 'list_of_most', $mixes, ['max' => self::MOST_MIXES]);
        }
        $read = [];
        foreach ($mixes as $i => $mix) {
            $each = Fields::of($mix, ['name', 'parts', 'plants'], $refusals, 'mixes.'.$i);
            $read[] = ['name' => $each->text('name', 100), 'parts' => $each->raw('parts'), 'pots' => self::pots($each->raw('plants'), 'mixes.'.$i.'.plants', $refusals)];
        }
        $dayId = $fields->has('day_id') ? $fields->integer('day_id', 1, PHP_INT_MAX) : 0;
        $refusals->throwIfAny();

        return DB::transaction(function () use ($fields, $dayId, $read, $input): PottingDay {
            $day = $fields->has('day_id')
                ? self::day($dayId)
                : ($this->days)(new PottingDay(), array_intersect_key($input, ['name' => 0, 'planned_on' => 0]));
            $day->mustBeOpen('day_id');
            foreach ($read as $i => $mix) {
                $recipe = $this->recipe($mix, 'mixes.'.$i);
                try {
                    $this->plants($day, $recipe, $mix['pots']);
                } catch (Refused $refused) {
                    throw $refused->under('mixes.'.$i.'.plants');
                }
            }

            return $day->refresh();
        });
    }

    private static function day(int $id): PottingDay
    {
        return PottingDay::query()->find($id) ?? throw Refused::because('day_id', 'day_missing', $id);
    }

    /** @param array{name: string, parts: mixed, pots: array<int, int>} $mix */
    private function recipe(array $mix, string $path): Recipe
    {
        $first = Plant::query()->find(array_key_first($mix['pots'])) ?? throw Refused::because($path.'.plants.0.plant_id', 'plant_missing', array_key_first($mix['pots']));
        try {
            return ($this->recipes)(new Recipe(), ['name' => $mix['name'], 'plant_group' => $first->plant_group, 'parts' => $mix['parts']]);
        } catch (Refused $refused) {
            throw $refused->under($path);
        }
    }

    /** @param array<int, int> $pots by id of the plant */
    private function plants(PottingDay $day, Recipe $recipe, array $pots): void
    {
        /** @var array<int, DayPlant> $there */
        $there = $day->entries()->with('pot')->get()->whereIn('plant_id', array_keys($pots))->keyBy('plant_id')->all();
        foreach ($there as $entry) {
            if ($entry->pot_id !== $pots[$entry->plant_id]) {
                // the mix was judged in another pot
                throw Refused::because((string) array_search($entry->plant_id, array_keys($pots), true).'.pot_id', 'changed_elsewhere', $entry->pot->name);
            }
            ($this->change)($day, $entry, ['revision' => $entry->revision, 'changes' => ['recipe_id' => $recipe->id]]);
        }
        $byPot = [];
        foreach (array_diff_key($pots, $there) as $plant => $pot) {
            $byPot[$pot][] = $plant;
        }
        foreach ($byPot as $pot => $plants) {
            ($this->add)($day, ['plant_ids' => $plants, 'recipe_id' => $recipe->id, 'pot_id' => $pot]);
        }
    }

    /** @return array<int, int> pot by id of the plant */
    private static function pots(mixed $input, string $path, Refusals $refusals): array
    {
        if (! is_array($input) || ! array_is_list($input) || $input === [] || count($input) > AddToDay::MOST) {
            $refusals->add(new Refusal($path, 'list_of_most', $input, ['max' => AddToDay::MOST]));

            return [];
        }
        $pots = [];
        foreach ($input as $i => $row) {
            $fields = Fields::of($row, ['plant_id', 'pot_id'], $refusals, $path.'.'.$i);
            $pots[$fields->integer('plant_id', 1, PHP_INT_MAX)] = $fields->integer('pot_id', 1, PHP_INT_MAX);
        }

        return $pots;
    }
}
