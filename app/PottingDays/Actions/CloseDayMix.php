<?php

declare(strict_types=1);

namespace App\PottingDays\Actions;

use App\Common\Words;
use App\Plants\PlantSituation;
use App\Plants\Standing;
use App\PottingDays\Assembly;
use App\PottingDays\Models\DayLeftover;
use App\PottingDays\Models\PottingDay;
use App\Recipes\Models\RecipePart;
use App\Shelf\Actions\SaveMix;
use App\Shelf\Models\Component;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** Closes a mix of a day: what is left becomes a bin, what is neither used nor left is written down as lost. mixed = used + left + lost. */
final readonly class CloseDayMix
{
    private const SLACK_L = 1e-6;

    public function __construct(private PlantSituation $situations, private Standing $standings, private SaveMix $saveMix) {}

    /**
     * @param array<mixed> $input `{recipe_id, left_l}`
     *
     * @throws Refused naming each field and what it may be
     */
    public function __invoke(PottingDay $day, array $input): DayLeftover
    {
        $day->mustBeOpen('recipe_id');
        $refusals = new Refusals();
        $fields = Fields::of($input, ['recipe_id', 'left_l'], $refusals);
        $recipeId = $fields->integer('recipe_id', 1, PHP_INT_MAX);
        $left = $fields->number('left_l', 0, 100_000);
        $refusals->throwIfAny();
        $day->load(['entries', 'loads']);
        $assembly = Assembly::of($day, $this->situations, $this->standings);
        $mix = $assembly->sums->mixes[$recipeId] ?? throw Refused::because('recipe_id', 'recipe_not_on_day', $recipeId);
        if (DayLeftover::query()->where(['potting_day_id' => $day->id, 'recipe_id' => $recipeId])->exists()) {
            throw Refused::because('recipe_id', 'mix_closed', $recipeId);
        }
        $mixed = (float) $day->loads->where('recipe_id', $recipeId)->sum('litres');
        $used = $day->usedL($recipeId);
        if ($used + $left > $mixed + self::SLACK_L) {
            throw Refused::because('left_l', 'more_than_mixed', $left, ['mixed' => round($mixed, 2), 'used' => round($used, 2), 'max' => round(max(0.0, $mixed - $used), 2)]);
        }
        $recipe = $assembly->recipes[$recipeId];
        $netPotted = 0.0;
        foreach ($day->entries as $entry) {
            $netPotted += $entry->recipe_id === $recipeId && $entry->isPotted() ? ($assembly->sums->pots[$entry->id] ?? null)->baseL ?? 0.0 : 0.0;
        }

        return DB::transaction(function () use ($day, $recipe, $left, $mixed, $used, $netPotted): DayLeftover {
            $bin = $left <= 0.0 ? null : ($this->saveMix)(new Component(), [
                'name' => self::freeName(mb_substr(Words::of('records.leftover', ['recipe' => $recipe->name, 'day' => $day->name]), 0, 90)), 'source' => 'premix', 'stock_l' => $left, 'note' => $day->name,
                'mix_parts' => $recipe->parts->map(static fn(RecipePart $part): array => ['component_id' => $part->component_id, 'parts' => $part->parts])->filter(static fn(array $part): bool => $part['parts'] > 0.0)->values()->all(),
            ]);

            return DayLeftover::query()->create([
                'potting_day_id' => $day->id, 'recipe_id' => $recipe->id, 'net_l' => $netPotted, 'mixed_l' => $mixed, 'used_l' => $used, 'left_l' => $left, 'lost_l' => max(0.0, $mixed - $used - $left),
                'component_id' => $bin?->id, 'closed_at' => Carbon::now(),
            ]);
        });
    }

    private static function freeName(string $name): string
    {
        $free = $name;
        for ($i = 2; Component::query()->where('name', $free)->exists(); ++$i) {
            $free = $name.' '.$i;
        }

        return $free;
    }
}
