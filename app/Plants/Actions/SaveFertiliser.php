<?php

declare(strict_types=1);

namespace App\Plants\Actions;

use App\Common\Field;
use App\Plants\FertiliserFields;
use App\Plants\Models\Fertiliser;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** Adds a fertiliser by its label or changes one. */
final readonly class SaveFertiliser
{
    /**
     * @param array<mixed> $input
     *
     * @throws Refused naming each field and what it may be
     */
    public function __invoke(Fertiliser $fertiliser, array $input): Fertiliser
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, array_keys(FertiliserFields::all()), $refusals);
        $described = FertiliserFields::all();
        // what only one form has is neither asked of the others nor kept with them
        $described['longevity_days'] = $fields->raw('form') === 'slow_release' ? $described['longevity_days']->asked() : null;
        $described['surface_g_l'] = $fields->raw('form') === 'liquid' ? null : $described['surface_g_l'];
        $values = ['longevity_days' => null, 'surface_g_l' => null, ...Field::readAll(array_filter($described), $fields, $refusals)];
        if ($values['name'] !== '' && Fertiliser::query()->where('name', $values['name'])->whereKeyNot($fertiliser->id ?? 0)->exists()) {
            $refusals->add(new Refusal('name', 'name_taken', $values['name']));
        }
        $refusals->throwIfAny();
        $fertiliser->fill($values)->save();

        return $fertiliser->refresh();
    }
}
