<?php

declare(strict_types=1);

namespace Zolbek\Core\Mix\Substrate;

use WeakMap;
use Zolbek\Core\Mix\Grading\SizeClasses;
use Zolbek\Core\Mix\Material\Material;

/**
 * Sums over size classes from which the pores between grains follow: Sauter mean d32 = 1 / sum(y_k/d_k) in mm and the
 * variance of ln d, both by share of envelope volume. A fibre counts as one class of its hydraulic size.
 *
 * Source: model section 4. Check: pumice 3-6 mm has d32 = 3.187886289 mm.
 */
final class PoreSizes
{
    private float $inverse = 0.0;
    private float $ln = 0.0;
    private float $lnSquared = 0.0;

    /** @var WeakMap<Material, self> sums of a fresh material alone, once worked out */
    private static WeakMap $fresh;

    public function addFresh(float $share, Material $material): void
    {
        $known = self::$fresh ??= new WeakMap();
        $alone = $known[$material] ?? null;
        if ($alone === null) {
            $alone = new self();
            $alone->add(1.0, $material->classShares, $material->hydraulicSizeMm);
            $known[$material] = $alone;
        }
        $this->inverse += $share * $alone->inverse;
        $this->ln += $share * $alone->ln;
        $this->lnSquared += $share * $alone->lnSquared;
    }

    /** @param list<float> $classShares */
    public function add(float $share, array $classShares, ?float $hydraulicSizeMm): void
    {
        if ($hydraulicSizeMm !== null) {
            $this->addSize($share, $hydraulicSizeMm, log($hydraulicSizeMm));

            return;
        }
        foreach ($classShares as $k => $classShare) {
            if ($classShare > 0.0) {
                $this->addSize($share * $classShare, SizeClasses::SIZES_MM[$k], SizeClasses::LN_SIZES[$k]);
            }
        }
    }

    public function sauterMm(): float
    {
        return 1.0 / $this->inverse;
    }

    public function varianceOfLn(): float
    {
        return max(0.0, $this->lnSquared - $this->ln * $this->ln);
    }

    private function addSize(float $share, float $sizeMm, float $ln): void
    {
        $this->inverse += $share / $sizeMm;
        $this->ln += $share * $ln;
        $this->lnSquared += $share * $ln * $ln;
    }
}
