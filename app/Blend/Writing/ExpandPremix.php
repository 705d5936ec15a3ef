<?php

declare(strict_types=1);

namespace App\Blend\Writing;

use App\Recipes\PartsForm;
use App\Shelf\Portions;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** A premix or reclaimed mix as rows of what it is made of, coming to the same mix: schema ExpandedMix of the API. */
final class ExpandPremix
{
    /**
     * @param array<mixed> $input
     *
     * @return array<string, mixed>
     *
     * @throws Refused field "component_id" or "amount"
     */
    public static function of(array $input): array
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['component_id', 'amount'], $refusals);
        $found = PartsForm::components([$fields->integer('component_id', 1, PHP_INT_MAX)], ['component_id'], $refusals);
        $amount = $fields->numberAbove('amount', 0, 1e6);
        $refusals->throwIfAny();
        $mix = array_values($found)[0];
        if ($mix->source !== 'premix') {
            throw Refused::because('component_id', 'not_a_premix', $mix->name);
        }
        Portions::load([$mix]);
        $shelf = new Portions();
        $rows = [];
        foreach ($shelf->of($mix)->contents as [$component, $litres]) {
            $record = $shelf->record($component->key);
            if ($record === null || $record->key !== $component->key) {
                throw Refused::because('component_id', 'not_a_premix', $mix->name);
            }
            $rows[] = WrittenRow::of($record, $amount * $litres);
        }

        return ['rows' => $rows];
    }
}
