<?php

declare(strict_types=1);

namespace App\Blend\Writing;

use App\Recipes\PartsForm;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Work\Batching\TopUp;

/** What to add to a tub. */
final class TopUpTub
{
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
        $raw = $fields->raw('there');
        if (! is_array($raw) || ! array_is_list($raw)) {
            $refusals->add(new Refusal('there', 'list', $raw));
            $raw = [];
        }
        $ids = $paths = $litres = $removed = [];
        foreach ($raw as $i => $row) {
            $line = Fields::of($row, ['component_id', 'litres', 'removed_share'], $refusals, 'there.'.$i);
            $id = $line->integer('component_id', 1, PHP_INT_MAX);
            if (isset($litres[$id])) {
                $refusals->add(new Refusal('there.'.$i.'.component_id', 'component_twice', $id));
            }
            [$ids[], $paths[]] = [$id, 'there.'.$i.'.component_id'];
            $litres[$id] = $line->number('litres', 0, 100_000);
            $removed[$id] = $line->number('removed_share', 0, 1, 0);
        }
        $there = $ids === [] ? [] : PartsForm::components($ids, $paths, $refusals);
        $refusals->throwIfAny();
        $amounts = [];
        foreach ($parts->rows as $row) {
            if ($row['parts'] > 0.0) {
                $amounts['#'.$row['component_id']] = $row['parts'];
            }
        }
        $keyed = static function (array $values): array {
            $by = [];
            foreach ($values as $id => $value) {
                $by['#'.$id] = $value;
            }

            return $by;
        };
        $top = new TopUp($amounts, $keyed($litres), $keyed($removed), $wanted);
        $all = $parts->components + $there;
        $line = static fn(string $key, float $value, string $as): array => ['component_id' => (int) substr($key, 1), 'name' => $all[(int) substr($key, 1)]->name, $as => $value];

        return [
            'recipe_l' => $top->recipeL,
            'total_l' => $top->totalL,
            'least_l' => $top->leastL,
            'add' => array_map(static fn(string $key): array => $line($key, $top->add[$key], 'litres'), array_keys($top->add)),
            'foreign' => array_map(static fn(string $key): array => $line($key, $top->foreign[$key], 'share'), array_keys(array_filter($top->foreign))),
        ];
    }
}
