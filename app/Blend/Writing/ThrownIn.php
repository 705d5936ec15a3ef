<?php

declare(strict_types=1);

namespace App\Blend\Writing;

use App\Recipes\Models\Recipe;
use App\Recipes\Models\RecipePart;
use App\Shelf\Models\Component;
use App\Shelf\Portions;
use App\Shelf\TakenApart;
use Illuminate\Database\Eloquent\Builder;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Work\Batching\MixDistance;
use Zolbek\Core\Work\Batching\RoundParts;

/** This is what I threw in, what have I now? Shares, small whole parts, litres in the tub, and the recipe that it is nearest to. Schema ThrownIn of the API. */
final class ThrownIn
{
    private const MOST_RECIPES = 500;

    /**
     * @param array<mixed> $input "there" with litres and the share picked out by hand
     *
     * @return array<string, mixed>
     *
     * @throws Refused naming the field and what it may be
     */
    public static function of(array $input): array
    {
        $refusals = new Refusals();
        $there = TubForm::read(Fields::of($input, ['there'], $refusals)->raw('there'), $refusals);
        $refusals->throwIfAny();
        $there = array_values(array_filter($there, static fn(array $row): bool => $row[1] > 0.0));
        if ($there === []) {
            throw Refused::because('there', 'tub_empty');
        }
        $components = array_column($there, 0);
        Portions::load($components);
        $shelf = new Portions();
        $portions = array_map(static fn(array $row): array => [$shelf->of($row[0]), $row[1]], $there);
        $scooped = array_sum(array_column($there, 1));
        // old mix is not what was new once: it stays a row of its own
        $apart = new TakenApart(array_values(array_map(static fn(Component $each): int => $each->id, array_filter($components, static fn(Component $each): bool => $each->source === 'reclaimed'))));
        $litres = $apart->all($there);
        arsort($litres);
        assert($litres !== []);
        $query = Component::query();
        $names = $query->whereKey(array_keys($litres))->pluck('name', 'id');
        $round = RoundParts::of($litres);
        $all = array_sum($litres);

        return [
            'scooped_l' => $scooped,
            'poured_l' => $scooped * Portion::pouredYield($portions),
            'mass_kg' => array_sum(array_map(static fn(array $row): float => $row[0]->bulkDensity * $row[1], $portions)),
            'rows' => array_map(static fn(array $row): array => WrittenRow::of($row[0], $row[1]), $there),
            'inside' => array_map(static fn(int $id): array => ['component_id' => $id, 'name' => $names[$id], 'litres' => $litres[$id], 'share' => $litres[$id] / $all, 'parts' => $round[$id] ?? null], array_keys($litres)),
            'recipe' => self::nearest($litres, $apart),
        ];
    }

    /**
     * @param non-empty-array<int, float> $litres
     *
     * @return array{id: int, name: string, other_share: float, same: bool}|null
     */
    private static function nearest(array $litres, TakenApart $apart): ?array
    {
        $query = Recipe::query()->whereHas('parts', static fn(Builder $parts) => $parts->whereIn('component_id', array_keys($litres)));
        $query->whereNull('archived_at')->orderBy('name')->limit(self::MOST_RECIPES);
        $recipes = $query->with('parts.component')->get();
        Portions::load($recipes->flatMap(static fn(Recipe $recipe): array => $recipe->parts->pluck('component')->all()));
        $best = null;
        foreach ($recipes as $recipe) {
            $inside = array_filter($apart->all($recipe->parts->map(static fn(RecipePart $part): array => [$part->component, $part->parts])));
            $distance = $inside === [] ? 1.0 : MixDistance::between($litres, $inside);
            if ($distance < ($best['other_share'] ?? 1.0)) {
                $best = ['id' => $recipe->id, 'name' => $recipe->name, 'other_share' => $distance, 'same' => $distance <= MixDistance::SAME];
            }
        }

        return $best;
    }
}
