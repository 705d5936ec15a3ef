<?php

declare(strict_types=1);

namespace App\PottingDays\Actions;

use App\Plants\PlantSituation;
use App\Plants\Standing;
use App\PottingDays\Assembly;
use App\PottingDays\Models\DayLoad;
use App\PottingDays\Models\PottingDay;
use App\Shelf\Actions\TakeFromShelf;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** Ticks a load of a day's mix: what is in it is drawn from the shelf, from the deliveries that were named. And takes the tick back. */
final readonly class MixLoad
{
    public function __construct(private PlantSituation $situations, private Standing $standings, private TakeFromShelf $take) {}

    /**
     * @param array<mixed> $input `{recipe_id, number, lots: {component_id: lot_id}, person}`
     *
     * @throws Refused naming each field and what it may be
     */
    public function __invoke(PottingDay $day, array $input): DayLoad
    {
        $day->mustBeOpen('recipe_id');
        $refusals = new Refusals();
        $fields = Fields::of($input, ['recipe_id', 'number', 'lots', 'person'], $refusals);
        $recipeId = $fields->integer('recipe_id', 1, PHP_INT_MAX);
        $number = $fields->integer('number', 1, 10_000);
        $person = $fields->text('person', 60, '');
        $lots = is_array($fields->raw('lots')) ? array_filter($fields->raw('lots'), is_int(...)) : [];
        $refusals->throwIfAny();

        return DB::transaction(function () use ($day, $recipeId, $number, $person, $lots): DayLoad {
            if (DayLoad::query()->where(['potting_day_id' => $day->id, 'recipe_id' => $recipeId, 'number' => $number])->exists()) {
                throw Refused::because('number', 'load_mixed', $number);
            }
            $assembly = Assembly::of($day->load('entries'), $this->situations, $this->standings);
            $mix = $assembly->sums->mixes[$recipeId] ?? throw Refused::because('recipe_id', 'recipe_not_on_day', $recipeId);
            $taken = [];
            foreach ($assembly->recipes[$recipeId]->parts as $part) {
                $gross = ($mix->grossL[$part->component->key] ?? 0.0) / $mix->loads;
                if ($gross > 0.0) {
                    array_push($taken, ...($this->take)($part->component, $gross, $lots[$part->component_id] ?? null, $day->name));
                }
            }
            $day->begin();

            return DayLoad::query()->create([
                'potting_day_id' => $day->id, 'recipe_id' => $recipeId, 'number' => $number, 'litres' => $mix->loadL, 'taken' => $taken, 'person' => $person, 'mixed_at' => Carbon::now(),
            ]);
        });
    }

    /** @throws Refused where the day is closed already */
    public function undo(PottingDay $day, DayLoad $load): void
    {
        if ($day->isFinished() || $day->leftovers()->where('recipe_id', $load->recipe_id)->exists()) {
            throw Refused::because('number', 'mix_closed', $load->number);
        }
        DB::transaction(function () use ($day, $load): void {
            $this->take->putBack($load->taken, $day->name);
            $load->delete();
        });
    }
}
