<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Change;

use Zolbek\Core\Place\Setup\Setup;

/**
 * Another pot of the yard.
 *
 * Its size for ranking is 1 + |ln of the ratio of volumes|. Source: practice. Check: a pot of twice the volume is of size 1.69.
 */
final class AnotherPot implements Way
{
    public static function from(AsItStands $at): iterable
    {
        $setup = $at->setup;
        foreach ($at->others as $other) {
            if (! self::isThis($setup, $other)) {
                yield static fn(): Change => new Change(
                    ChangeKind::OtherPot,
                    $setup->with(pot: $other->pot, holes: $other->holes, potWeightKg: $other->weightKg, situation: $setup->situation?->with(dryingSides: $other->dryingSides)),
                    1.0 + abs(log($other->pot->volumeL(0.0, $other->pot->depthCm) / $setup->pot->volumeL(0.0, $setup->pot->depthCm))),
                    to: $other->key,
                );
            }
        }
    }

    private static function isThis(Setup $setup, OtherPot $other): bool
    {
        return $other->pot->shape === $setup->pot->shape && $other->pot->depthCm === $setup->pot->depthCm && $other->pot->measures === $setup->pot->measures && $other->holes === $setup->holes;
    }
}
