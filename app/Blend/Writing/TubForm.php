<?php

declare(strict_types=1);

namespace App\Blend\Writing;

use App\Recipes\PartsForm;
use App\Shelf\Models\Component;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;

/** What lies in a tub: `[{component_id, litres, removed_share?}]`, without what is picked out by hand. */
final class TubForm
{
    private const MOST_ROWS = 60;

    /** @return list<array{Component, float}> components and litres that stay */
    public static function read(mixed $input, Refusals $refusals): array
    {
        if (! is_array($input) || ! array_is_list($input)) {
            $refusals->add(new Refusal('there', 'list', $input));

            return [];
        }
        if (count($input) > self::MOST_ROWS) {
            $refusals->add(new Refusal('there', 'too_many_components', count($input), ['max' => self::MOST_ROWS]));

            return [];
        }
        $ids = $paths = $litres = [];
        foreach ($input as $i => $row) {
            $line = Fields::of($row, ['component_id', 'litres', 'removed_share'], $refusals, 'there.'.$i);
            $id = $line->integer('component_id', 1, PHP_INT_MAX);
            if (in_array($id, $ids, true)) {
                $refusals->add(new Refusal('there.'.$i.'.component_id', 'component_twice', $id));
            }
            [$ids[], $paths[]] = [$id, 'there.'.$i.'.component_id'];
            $litres[$id] = $line->number('litres', 0, 100_000) * (1.0 - $line->number('removed_share', 0, 1, 0));
        }
        $found = PartsForm::components($ids, $paths, $refusals);

        return array_map(static fn(Component $component): array => [$component, $litres[$component->id]], array_values($found));
    }
}
