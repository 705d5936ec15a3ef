<?php

declare(strict_types=1);

namespace App\Blending;

use Zolbek\Core\Fit\Setup;

/** What a litre of a mix costs, as it is scooped: what preparation throws away is paid for too. */
final class MixPrice
{
    /** Price of one loose litre of its components; null where one is not known. */
    public static function perLooseL(Setup $setup, BlendForm $form): ?float
    {
        $price = $litres = 0.0;
        foreach ($setup->portions as [$portion, $parts]) {
            $perL = $form->component($portion->key)->stock()->pricePerL();
            $price = $perL === null || $price === null ? null : $price + $parts / $portion->keptShare * $perL;
            $litres += $parts;
        }

        return $price === null ? null : $price / $litres / $setup->loosePerScooped;
    }
}
