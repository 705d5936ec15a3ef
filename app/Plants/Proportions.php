<?php

declare(strict_types=1);

namespace App\Plants;

use App\Common\Setting;
use App\Plants\Models\Plant;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Place\Container\Container;

/** Rules of thumb for the proportion of pot and plant; the yard's own where it has changed them. */
final class Proportions
{
    public const KEY = 'proportions';
    public const USUAL = ['length_of_height' => 0.67, 'depth_of_trunk' => 1.25, 'breadth_of_canopy' => 0.67];

    /** @return array<string, float> */
    public static function rules(): array
    {
        $kept = Setting::query()->whereKey(self::KEY)->first()->value ?? [];

        return array_map(floatval(...), [...self::USUAL, ...array_intersect_key($kept, self::USUAL)]);
    }

    /**
     * @param array<mixed> $input
     *
     * @return array<string, float>
     *
     * @throws Refused naming each field and what it may be
     */
    public static function change(array $input): array
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, array_keys(self::USUAL), $refusals);
        $rules = [];
        foreach (self::USUAL as $name => $usual) {
            $rules[$name] = $fields->number($name, 0.05, 10, $usual);
        }
        $refusals->throwIfAny();
        Setting::query()->updateOrCreate(['key' => self::KEY], ['value' => $rules]);

        return $rules;
    }

    /**
     * What the rules say of a pot for a plant.
     *
     * @param array<string, float>|null $rules where they were read already
     *
     * @return list<array{rule: string, is_cm: float, should_cm: float}>
     */
    public static function of(Plant $plant, Container $pot, ?array $rules = null): array
    {
        $rules ??= self::rules();
        $rows = [];
        foreach ([
            ['length_of_height', $pot->widthCm($pot->depthCm), $plant->height_cm],
            ['depth_of_trunk', $pot->depthCm, $plant->trunk_mm === null ? null : $plant->trunk_mm / 10.0],
            ['breadth_of_canopy', $pot->breadthCm($pot->depthCm), $plant->canopy_cm],
        ] as [$rule, $is, $of]) {
            if ($of !== null) {
                $rows[] = ['rule' => $rule, 'is_cm' => $is, 'should_cm' => $rules[$rule] * $of];
            }
        }

        return $rows;
    }
}
