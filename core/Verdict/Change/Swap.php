<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Change;

use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Place\Setup\Setup;

/**
 * A stone lighter by a quarter and of the same size in place of another.
 *
 * Source: practice, starting figures. Check: pumice 3-6 mm takes the place of granite 4-8 mm, and not the other way round.
 */
final class Swap implements Way
{
    private const SAME_SIZE = 1.6;
    private const LIGHTER = 0.75;

    public static function from(AsItStands $at): iterable
    {
        foreach ($at->setup->portions as [$portion, $parts]) {
            $stone = self::stone($portion);
            if ($stone === null || $parts <= 0.0) {
                continue;
            }
            foreach ($at->shelf as $other) {
                $lighter = self::stone($other);
                if ($lighter === null || $other->key === $portion->key || $lighter->bulkDensity > self::LIGHTER * $stone->bulkDensity) {
                    continue;
                }
                $ratio = $lighter->medianMm() / $stone->medianMm();
                if ($ratio <= self::SAME_SIZE && $ratio >= 1.0 / self::SAME_SIZE) {
                    yield static fn(): Change => new Change(ChangeKind::Swap, self::swapped($at->setup, $portion, $other, $parts), 1.0 + abs(log($ratio)), $parts, $other->key, $portion->key);
                }
            }
        }
    }

    private static function swapped(Setup $setup, Portion $portion, Portion $other, float $parts): Setup
    {
        $there = array_sum(array_map(static fn(array $each): float => $each[0]->key === $other->key ? $each[1] : 0.0, $setup->portions));
        $rest = array_values(array_filter($setup->portions, static fn(array $each): bool => $each[0]->key !== $portion->key && $each[0]->key !== $other->key));

        return $setup->withPortions([...$rest, [$other, $parts + $there]]);
    }

    private static function stone(Portion $portion): ?Material
    {
        $component = AsItStands::alone($portion);

        return $component?->kind?->isCompressible() === true ? null : $component;
    }
}
