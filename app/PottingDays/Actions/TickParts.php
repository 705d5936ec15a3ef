<?php

declare(strict_types=1);

namespace App\PottingDays\Actions;

use App\PottingDays\Models\PottingDay;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** Ticks what is in the tub already of a load that is being mixed, component by component: two at one tub see the same. A load that is mixed has none left. */
final readonly class TickParts
{
    /**
     * @param array<mixed> $input `{recipe_id, number, component_id, ticked}`
     *
     * @return int id of the recipe
     *
     * @throws \Throwable Refused, naming each field and what it may be
     */
    public function __invoke(PottingDay $day, array $input): int
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['recipe_id', 'number', 'component_id', 'ticked'], $refusals);
        $recipe = $fields->integer('recipe_id', 1, PHP_INT_MAX);
        $number = $fields->integer('number', 1, 10_000);
        $component = $fields->integer('component_id', 1, PHP_INT_MAX);
        $isTicked = $fields->flag('ticked', true);
        $refusals->throwIfAny();
        DB::transaction(static function () use ($day, $recipe, $number, $component, $isTicked): void {
            $day->refresh()->mustBeOpen('recipe_id');
            $day->mixMustBeOpen($recipe, 'recipe_id');
            if ($day->entries->doesntContain('recipe_id', $recipe)) {
                throw Refused::because('recipe_id', 'recipe_not_on_day', $recipe);
            }
            $load = self::key($recipe, $number);
            $others = array_values(array_filter($day->ticks[$load] ?? [], static fn(int $id): bool => $id !== $component));
            $ticks = [...$day->ticks, $load => $isTicked ? [...$others, $component] : $others];
            $day->ticks = array_filter($ticks, static fn(array $ids): bool => $ids !== []);
            $day->save();
        });

        return $recipe;
    }

    public static function key(int $recipe, int $number): string
    {
        return $recipe.'.'.$number;
    }
}
