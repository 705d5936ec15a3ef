<?php

declare(strict_types=1);

namespace App\Blend;

use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Place\Setup\Setup;

/** What a litre of a mix costs, as it is scooped: what preparation throws away is paid for too. */
final class MixPrice
{
    /** Price of one loose litre of the components of a form's mix; null where one is not known. */
    public static function perLooseL(Setup $setup, BlendForm $form): ?float
    {
        return self::of($setup, static fn(Portion $portion): ?float => $form->component($portion->key)->stock()->pricePerL());
    }

    /** @param callable(Portion): ?float $priceOf price of a litre of a portion as it lies in its bin */
    public static function of(Setup $setup, callable $priceOf): ?float
    {
        $price = $litres = 0.0;
        foreach ($setup->portions as [$portion, $parts]) {
            $perL = $priceOf($portion);
            $price = $perL === null || $price === null ? null : $price + $parts / $portion->keptShare * $perL;
            $litres += $parts;
        }

        return $price === null ? null : $price / $litres / $setup->loosePerScooped;
    }
}
