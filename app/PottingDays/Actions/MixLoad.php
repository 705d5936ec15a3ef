<?php

declare(strict_types=1);

namespace App\PottingDays\Actions;

use App\Batches\LoadPlan;
use App\Common\Author;
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
use Zolbek\Core\Work\Batching\ScoopedLoad;
use Zolbek\Core\Work\PottingDay\DayMix;

/**
 * Ticks a load of a day's mix: what its scoops hold is drawn from the shelf, from the deliveries that were named. Or writes down litres that were mixed without
 * counting scoops. And takes either back.
 */
final readonly class MixLoad
{
    private const MOST_L = 10_000;

    public function __construct(private PlantSituation $situations, private Standing $standings, private TakeFromShelf $take) {}

    /**
     * @param array<mixed> $input `{recipe_id, number, lots: {component_id: lot_id}, person}`, or `litres` in the tub in place of `number`
     *
     * @throws Refused naming each field and what it may be
     */
    public function __invoke(PottingDay $day, array $input): DayLoad
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['recipe_id', 'number', 'litres', 'lots', 'person'], $refusals);
        $recipeId = $fields->integer('recipe_id', 1, PHP_INT_MAX);
        $litres = $fields->has('litres') ? $fields->numberAbove('litres', 0, self::MOST_L) : null;
        $number = $litres === null ? $fields->integer('number', 1, 10_000) : null;
        $person = Author::of($fields);
        $lots = is_array($fields->raw('lots')) ? array_filter($fields->raw('lots'), is_int(...)) : [];
        $refusals->throwIfAny();

        return DB::transaction(function () use ($day, $recipeId, $number, $litres, $person, $lots): DayLoad {
            $day->refresh()->mustBeOpen('recipe_id');
            $day->mixMustBeOpen($recipeId, 'recipe_id');
            $assembly = Assembly::of($day->load(['entries', 'loads']), $this->situations, $this->standings);
            $mix = $assembly->sums->mixes[$recipeId] ?? throw Refused::because('recipe_id', 'recipe_not_on_day', $recipeId);
            $pouredYield = $assembly->pouredYield($assembly->recipes[$recipeId]);
            $scooped = $litres === null ? null : $litres / $pouredYield;
            $ids = [];
            foreach ($assembly->recipes[$recipeId]->parts as $part) {
                $ids[$part->component->key] = $part->component_id;
            }
            $parts = $scooped === null ? (new LoadPlan($mix->scoops, $ids))->lines($load = self::load($day, $mix, $recipeId, (int) $number)) : self::uncounted($mix, $ids, $scooped);
            $taken = [];
            foreach ($parts as $part) {
                $component = $assembly->components[$part['component_id']];
                array_push($taken, ...($this->take)($component, $part['litres'] / $mix->keptShares[$component->key], $lots[$component->id] ?? null, $day->name));
            }
            $day->ticks = array_diff_key($day->ticks, [TickParts::key($recipeId, (int) $number) => 0]);
            $day->save();
            $day->begin();

            return DayLoad::query()->create([
                'potting_day_id' => $day->id, 'recipe_id' => $recipeId, 'number' => $load->number ?? 1 + (int) $day->loads->where('recipe_id', $recipeId)->max('number'),
                'litres' => $scooped ?? $load->litres ?? 0.0, 'poured_yield' => $pouredYield, 'parts' => $parts, 'taken' => $taken, 'person' => $person, 'mixed_at' => Carbon::now(),
            ]);
        });
    }

    /** @throws \Throwable Refused, where the day or the mix is closed already */
    public function undo(PottingDay $day, DayLoad $load): void
    {
        DB::transaction(function () use ($day, $load): void {
            $day->refresh()->mustBeOpen('number');
            $day->mixMustBeOpen($load->recipe_id, 'number');
            $there = DayLoad::query()->findOrFail($load->id);
            $this->take->putBack($there->taken, $day->name);
            $there->delete();
        });
    }

    private static function load(PottingDay $day, DayMix $mix, int $recipeId, int $number): ScoopedLoad
    {
        if ($day->loads->where('recipe_id', $recipeId)->contains('number', $number)) {
            throw Refused::because('number', 'load_mixed', $number);
        }
        foreach ($mix->scoops->loads as $load) {
            if ($load->number === $number) {
                return $load;
            }
        }
        $open = array_map(static fn(ScoopedLoad $load): int => $load->number, $mix->scoops->loads);

        throw $open === [] ? Refused::because('number', 'all_mixed', $number) : Refused::because('number', 'no_such_load', $number, ['loads' => implode(', ', $open)]);
    }

    /**
     * @param array<string, int> $ids by key of the portion
     *
     * @return list<array{component_id: int, scoops: null, scoop_l: null, ml: int, litres: float}>
     */
    private static function uncounted(DayMix $mix, array $ids, float $litres): array
    {
        return array_map(
            static fn(string $key, float $share): array => ['component_id' => $ids[$key], 'scoops' => null, 'scoop_l' => null, 'ml' => 0, 'litres' => $share * $litres],
            array_keys($mix->shares),
            array_values($mix->shares),
        );
    }
}
