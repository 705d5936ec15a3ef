<?php

declare(strict_types=1);

namespace App\Pots;

use App\Pots\Models\Pot;
use Zolbek\Core\Place\Container\Container;

/** A pot as the API shows it: schema Pot. */
final class PotPresenter
{
    private const LEVELS = 24;

    /** @return array<string, mixed> */
    public static function present(Pot $pot): array
    {
        $core = $pot->toCore();

        return [
            'id' => $pot->id,
            ...$pot->only(['revision', 'shape', 'depth', ...array_keys(PotFields::all())]),
            'measures' => (object) $pot->measures,
            'in_use' => $inUse = $pot->inUse(),
            'planned' => $planned = $pot->plannedUse(),
            'overbooked' => $inUse + $planned > $pot->owned,
            'archived' => $pot->isArchived(),
            'outline' => self::outline($core),
            'volume_l' => $core->volumeL(0.0, $core->depthCm),
            'open_hole_cm2' => $pot->holes()->openAreaCm2(),
            'open_hole_share' => $pot->holes()->openAreaCm2() / $core->floorCm2(),
        ];
    }

    /** @return list<array{z_cm: float, width_cm: float}> */
    public static function outline(Container $pot): array
    {
        return array_map(static function (int $i) use ($pot): array {
            // closer together at the floor, where a bowl bends
            $z = $pot->depthCm * ($i / self::LEVELS) ** 2;

            return ['z_cm' => $z, 'width_cm' => $pot->widthCm($z)];
        }, range(0, self::LEVELS));
    }
}
