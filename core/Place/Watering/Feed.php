<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Watering;

/**
 * How acid a plant is fed, by the nitrogen that turns to nitrate in the mix: mmol H+ per L of mix and year, and mg/L CaCO3 of what comes with the water.
 *
 * Usual is about 0.2 g of ammonium and organic nitrogen per L and year, 1 H+ each. A label's own figures go before. Source: model revision (c): 15 set so that
 * acid lovers in soft water fare as they do. Check: usual 15, acid 40, none 0.
 */
enum Feed: string
{
    case None = 'none';
    case Usual = 'usual';
    case Acid = 'acid';

    public function mmolLYear(): float
    {
        return match ($this) {
            self::None => 0.0,
            self::Usual => 15.0,
            self::Acid => 40.0,
        };
    }
}
