<?php

declare(strict_types=1);

namespace Zolbek\Core\Mix\Material;

/**
 * Standard uncertainty of a property by what it rests on: typical 15 % of the value, 30 % for bark, organics and soil; supplier 10 %;
 * measured at least 3 %. In the unit of the property.
 *
 * A pH is no quantity to take a share of; its own uncertainty is 0.5 typical, 0.3 from a supplier, 0.1 measured.
 * Source: type B evaluation of the Guide to the Expression of Uncertainty in Measurement (JCGM 100:2008), section 4.3.
 * Check: a typical bulk density of 0.46 kg/L of pumice is uncertain by 0.069, of peat 0.10 by 0.03.
 */
final class StandardUncertainty
{
    /** @param string $basis typical, supplier or measured */
    public static function of(float $value, string $basis, ?MaterialKind $kind): float
    {
        return abs($value) * match ($basis) {
            'supplier' => 0.10,
            'measured' => 0.03,
            default => self::typicalShare($kind),
        };
    }

    /** Share of its value that a typical property is uncertain by. */
    public static function typicalShare(?MaterialKind $kind): float
    {
        return $kind?->isCompressible() === true ? 0.30 : 0.15;
    }

    public static function ofPh(string $basis): float
    {
        return match ($basis) {
            'supplier' => 0.3,
            'measured' => 0.1,
            default => 0.5,
        };
    }
}
