<?php

declare(strict_types=1);

namespace Zolbek\Core\Course\Ageing;

use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Attrition\AgeingClimate;
use Zolbek\Core\Mix\Attrition\Attrition;
use Zolbek\Core\Mix\Attrition\WashOut;
use Zolbek\Core\Mix\Grading\Grading;
use Zolbek\Core\Mix\Grading\PoreSize;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Packing\CompressiblePacking;

/**
 * A component that comes back out of a pot after some years: its aged classes as a grading, the loose density that those pack to with the fresh
 * residual packing, and the share of its mass that is left.
 *
 * rb' = re phi(beta, aged classes, 4.1). What has crumbled off is washed out as from the component alone; crumbs and flakes that gave way lie closer and
 * finer, see Substrate. Source: model sections 8 and 11, revision (b). Check: after 0 years nothing has changed.
 */
final class Reclaimed
{
    /**
     * @param float $years 0..100
     *
     * @return array{Material, float} the component and the share of its mass that is left
     *
     * @throws Refused field "years"
     */
    public static function of(Material $component, float $years): array
    {
        Attrition::checkYears($years);
        if (round(12.0 * $years) < 1.0) {
            return [$component, 1.0];
        }
        $steady = new AgeingClimate();
        $aged = Attrition::of($component, $years, new WashOut($component->grading->quantileMm(0.15)), $steady);
        $kept = $steady->structureKept($component, round(12.0 * $years) / 12.0);
        $coarser = $component->poreSizeMm / $component->sauterMm;
        $packing = CompressiblePacking::uniform($component->residualPacking, $aged->shares, CompressiblePacking::POURED);

        return [
            $component->with(
                key: $component->key.'~'.round($years, 2).'y',
                grading: Grading::fromClassShares($aged->shares),
                bulkDensity: $component->particleDensity * $packing,
                hydraulicSizeMm: $coarser === 1.0 ? null : PoreSize::sauterMm($aged->shares) * ($coarser < 1.0 ? $coarser : $coarser ** $kept),
                settledIndex: $component->settledIndex + (CompressiblePacking::PRESSED - $component->settledIndex) * (1.0 - $kept),
            ),
            $aged->left,
        ];
    }
}
