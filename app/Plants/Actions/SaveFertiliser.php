<?php

declare(strict_types=1);

namespace App\Plants\Actions;

use App\Plants\Models\Fertiliser;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** Adds a fertiliser by its label or changes one. */
final readonly class SaveFertiliser
{
    private const FIELDS = ['name', 'form', 'n_percent', 'p2o5_percent', 'k2o_percent', 'label_g_l', 'surface_g_l', 'price_per_kg', 'longevity_days', 'note'];

    /**
     * @param array<mixed> $input
     *
     * @throws Refused naming each field and what it may be
     */
    public function __invoke(Fertiliser $fertiliser, array $input): Fertiliser
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, self::FIELDS, $refusals);
        $name = $fields->text('name', 100);
        if ($name !== '' && Fertiliser::query()->where('name', $name)->whereKeyNot($fertiliser->id ?? 0)->exists()) {
            $refusals->add(new Refusal('name', 'name_taken', $name));
        }
        $form = $fields->oneOf('form', Fertiliser::FORMS);
        $values = [
            'name' => $name,
            'form' => $form,
            'n_percent' => $fields->number('n_percent', 0, 60),
            'p2o5_percent' => $fields->number('p2o5_percent', 0, 60),
            'k2o_percent' => $fields->number('k2o_percent', 0, 60),
            'label_g_l' => $fields->numberAbove('label_g_l', 0, 50),
            'surface_g_l' => $form !== 'liquid' && $fields->has('surface_g_l') ? $fields->numberAbove('surface_g_l', 0, 50) : null,
            'price_per_kg' => $fields->has('price_per_kg') ? $fields->number('price_per_kg', 0, 100_000) : null,
            'longevity_days' => $form === 'slow_release' ? $fields->number('longevity_days', 7, 900) : null,
            'note' => $fields->text('note', 1000, ''),
        ];
        $refusals->throwIfAny();
        $fertiliser->fill($values)->save();

        return $fertiliser->refresh();
    }
}
