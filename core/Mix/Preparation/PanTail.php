<?php

declare(strict_types=1);

namespace Zolbek\Core\Mix\Preparation;

use Zolbek\Core\Mix\Grading\SizeClasses;
use Zolbek\Core\Mix\Material\Material;

/**
 * How much an assumed tail of fines rules a component's Sauter mean: where more than 0.5 % lies in the pan under an aperture of
 * 1 mm or more, nobody knows how fine that is, and it decides the pores.
 *
 * share = (sum of y_k/d_k over what passes the smallest aperture) / (sum of y_k/d_k over all), 0..1.
 * Above 0.15 a sieve of 0.5 mm is worth having.
 * Source: the Sauter mean of model section 4; 0.5 % and 0.15 are starting figures. Check: pumice 3-6 mm, pan 1 % under 1 mm: 0.135.
 */
final readonly class PanTail
{
    private const PAN_ABOVE = 0.005;
    private const APERTURE_FROM_MM = 1.0;
    private const SIEVE_WORTH_IT = 0.15;

    private function __construct(public float $share, public bool $finerSieveWorthIt) {}

    /** Null where the pan does not matter: little in it, a fine sieve above it, or a fibre, whose pores do not follow from sieves. */
    public static function of(Material $component): ?self
    {
        $grading = $component->grading;
        $smallest = $grading->sizesMm[1];
        if ($component->hydraulicSizeMm !== null || $smallest < self::APERTURE_FROM_MM || $grading->passing[1] <= self::PAN_ABOVE) {
            return null;
        }
        $pan = $all = 0.0;
        foreach ($component->classShares as $k => $share) {
            $all += $share / SizeClasses::SIZES_MM[$k];
            if (SizeClasses::EDGES_MM[$k + 1] <= $smallest * 1.0001) {
                $pan += $share / SizeClasses::SIZES_MM[$k];
            }
        }

        return new self($pan / $all, $pan / $all > self::SIEVE_WORTH_IT);
    }
}
