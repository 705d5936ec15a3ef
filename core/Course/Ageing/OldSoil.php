<?php

declare(strict_types=1);

namespace Zolbek\Core\Course\Ageing;

use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Substrate\Portion;

/**
 * Old soil that is worked into new mix: what came off the ball, each of its components as it comes back out of the pot (see Reclaimed), poured.
 *
 * A share s of what is scooped is s / (1 - s) litres of it to one litre of new mix. Source: conservation of volume; model sections 8 and 11.
 * Check: old soil that is as fresh as the new mix changes nothing, whatever its share.
 */
final class OldSoil
{
    public const KEY = 'old soil';

    /**
     * @param float $years that it has lain, 0..100
     *
     * @throws Refused field "years"
     */
    public static function portion(Blend $blend, float $years): Portion
    {
        $parts = array_map(static fn(Material $component, float $litres): array => [Portion::of($component), $litres], $blend->components, $blend->parts);

        return Portion::mixed(self::KEY, $parts)->changed(static fn(Material $component): array => Reclaimed::of($component, $years));
    }

    /**
     * @param non-empty-list<array{Portion, float}> $portions of new mix
     * @param float                                 $share    of what is scooped that is old soil, 0 to below 1
     *
     * @return non-empty-list<array{Portion, float}>
     */
    public static function workedInto(array $portions, Portion $old, float $share): array
    {
        return $share <= 0.0 ? $portions : [...$portions, [$old, array_sum(array_column($portions, 1)) * $share / (1.0 - $share)]];
    }
}
