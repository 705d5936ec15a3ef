<?php

declare(strict_types=1);

namespace Zolbek\Core\Chemistry;

/**
 * What the lime in water does to the reaction of a mix, before any leaching.
 *
 *     rise per year = (alkalinity / 50.04) * litres of water a year per litre of mix / B, up to pH 8.2
 *
 * Alkalinity in mg/L as CaCO3 (over 50.04 it is mmol/L), B in mmol H+ per L and pH unit. Source: model section 7; 8.2 is the pH of water in balance with lime and air.
 * Check: alkalinity 100.08, 50 L a year per L of mix, B 100: a rise of 1 a year.
 */
final readonly class WaterDrift
{
    public const HIGHEST_PH = 8.2;
    private const MG_PER_MMOL = 50.04;

    /** INF where nothing buffers and the water has lime. */
    public float $risePerYear;

    public function __construct(float $alkalinityMgL, float $waterLYearPerL, float $bufferMmolL)
    {
        $acid = $alkalinityMgL / self::MG_PER_MMOL * $waterLYearPerL;
        $this->risePerYear = $acid <= 0.0 ? 0.0 : ($bufferMmolL > 0.0 ? $acid / $bufferMmolL : INF);
    }

    public function phAfter(float $ph, float $years): float
    {
        return $years <= 0.0 ? $ph : max($ph, min(self::HIGHEST_PH, $ph + $this->risePerYear * $years));
    }
}
