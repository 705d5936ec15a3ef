<?php

declare(strict_types=1);

namespace App\Blend\Writing;

use App\Recipes\PartsForm;
use App\Shelf\Models\Component;
use App\Shelf\Portions;
use App\Shelf\TakenApart;
use Illuminate\Database\Eloquent\Builder;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Work\Batching\MixDistance;
use Zolbek\Core\Work\Batching\TopUp;

/** What to add to a tub: mixes in it count as what is in them, and what is left of the same recipe is offered. Schema TopUp of the API. */
final class TopUpTub
{
    private const MOST_BINS = 200;

    /**
     * @param array<mixed> $input "parts" wanted, "there" with litres and the share picked out by hand, "wanted_l"
     *
     * @return array<string, mixed>
     *
     * @throws Refused naming the field and what it may be
     */
    public static function of(array $input): array
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['parts', 'there', 'wanted_l'], $refusals);
        $wanted = $fields->has('wanted_l') ? $fields->numberAbove('wanted_l', 0, 100_000) : null;
        $parts = PartsForm::read($fields->raw('parts'), $refusals);
        $there = TubForm::read($fields->raw('there'), $refusals);
        $refusals->throwIfAny();
        $amounts = array_filter(array_column($parts->rows, 'parts', 'component_id'));
        assert($amounts !== []);
        $apart = new TakenApart(array_keys($amounts));
        $litres = array_filter($apart->all($there));
        $top = new TopUp(self::keyed($amounts), self::keyed($litres), $wanted);
        $names = self::names([...array_keys($amounts), ...array_keys($litres)]);
        $line = static fn(string $key, float $value, string $as): array => ['component_id' => (int) substr($key, 1), 'name' => $names[(int) substr($key, 1)], $as => $value];

        return [
            'recipe_l' => $top->recipeL,
            'total_l' => $top->totalL,
            'least_l' => $top->leastL,
            'add' => array_map(static fn(string $key): array => $line($key, $top->add[$key], 'litres'), array_keys($top->add)),
            'foreign' => array_map(static fn(string $key): array => $line($key, $top->foreign[$key], 'share'), array_keys(array_filter($top->foreign))),
            'apart' => self::apart($there, $amounts, $apart),
            'left' => self::left($amounts, array_map(static fn(array $row): int => $row[0]->id, $there), $apart),
        ];
    }

    /**
     * Mixes in the tub, and whether they are this very recipe.
     *
     * @param list<array{Component, float}>  $there
     * @param non-empty-array<int, float>    $amounts
     *
     * @return list<array{component_id: int, name: string, same: bool}>
     */
    private static function apart(array $there, array $amounts, TakenApart $apart): array
    {
        $mixes = [];
        foreach ($there as [$component, $litres]) {
            if ($litres > 0.0 && $component->isMix() && ! isset($amounts[$component->id])) {
                $mixes[] = ['component_id' => $component->id, 'name' => $component->name, 'same' => self::isSame($component, $amounts, $apart)];
            }
        }

        return $mixes;
    }

    /**
     * Bins of this very recipe that are not in the tub yet.
     *
     * @param non-empty-array<int, float> $amounts
     * @param list<int>                   $there   ids
     *
     * @return list<array{component_id: int, name: string, litres: float}>
     */
    private static function left(array $amounts, array $there, TakenApart $apart): array
    {
        $query = Component::query()->whereHas('mixParts', static fn(Builder $parts) => $parts->whereIn('component_id', array_keys($amounts)));
        $query->where('source', 'premix')->whereNull('archived_at')->where('stock_l', '>', 0)->whereNotIn('id', [...$there, ...array_keys($amounts)])->orderByDesc('stock_l')->limit(self::MOST_BINS);
        $bins = $query->get();
        Portions::load($bins);
        $same = $bins->filter(static fn(Component $bin): bool => self::isSame($bin, $amounts, $apart));

        return array_values($same->map(static fn(Component $bin): array => ['component_id' => $bin->id, 'name' => $bin->name, 'litres' => $bin->stock_l])->all());
    }

    /** @param non-empty-array<int, float> $amounts */
    private static function isSame(Component $mix, array $amounts, TakenApart $apart): bool
    {
        $inside = $mix->source === 'premix' ? $apart->of($mix, 1.0) : [];

        return $inside !== [] && MixDistance::between($inside, $amounts) <= MixDistance::SAME;
    }

    /**
     * @template T of array<int, float>
     *
     * @param T $values by id
     *
     * @return (T is non-empty-array ? non-empty-array<string, float> : array<string, float>)
     */
    private static function keyed(array $values): array
    {
        $by = [];
        foreach ($values as $id => $value) {
            $by['#'.$id] = $value;
        }

        return $by;
    }

    /**
     * @param list<int> $ids
     *
     * @return array<int, string>
     */
    private static function names(array $ids): array
    {
        $query = Component::query();
        $query->whereKey(array_values(array_unique($ids)));

        return $query->pluck('name', 'id')->all();
    }
}
