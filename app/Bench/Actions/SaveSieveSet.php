<?php

declare(strict_types=1);

namespace App\Bench\Actions;

use App\Bench\Models\SieveSet;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** Adds a set of sieves or changes one. */
final readonly class SaveSieveSet
{
    private const MOST = 24;

    /**
     * @param array<mixed> $input
     *
     * @throws Refused naming each field and what it may be
     */
    public function __invoke(SieveSet $set, array $input): SieveSet
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['name', 'apertures'], $refusals);
        $name = $fields->text('name', 60);
        if ($name !== '' && SieveSet::query()->where('name', $name)->whereKeyNot($set->id ?? 0)->exists()) {
            $refusals->add(new Refusal('name', 'name_taken', $name));
        }
        $given = $fields->raw('apertures');
        $apertures = [];
        if (! is_array($given) || $given === [] || count($given) > self::MOST) {
            $refusals->add(new Refusal('apertures', 'sieve_set', $given, ['max' => self::MOST]));
            $given = [];
        }
        foreach (array_values($given) as $i => $aperture) {
            if ((! is_int($aperture) && ! is_float($aperture)) || ! ($aperture >= 0.02 && $aperture <= 125.0)) {
                $refusals->add(new Refusal('apertures.'.$i, 'aperture', $aperture));
            } elseif (in_array((float) $aperture, $apertures, true)) {
                $refusals->add(new Refusal('apertures.'.$i, 'aperture_twice', $aperture));
            } else {
                $apertures[] = (float) $aperture;
            }
        }
        $refusals->throwIfAny();
        rsort($apertures);
        $set->fill(['name' => $name, 'apertures' => $apertures])->save();

        return $set->refresh();
    }
}
