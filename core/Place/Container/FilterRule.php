<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Container;

use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Substrate\Substrate;

/**
 * Whether what lies above stays out of what lies beneath it: grains go down with every watering where the pores beneath are too wide for them.
 *
 *     holds where D15 of the lower <= 5 D85 of the upper; else
 *     sifted = min(V_upper, eps V_lower),   air lost = sifted (a_lower / eps - a_upper),  not below 0
 *
 * D of the whole grading, mm; eps pores between the grains of the lower; a air of each at a suction of 10 cm; litres. Pores that fill up to the brim are the worst that
 * can come: to start from. Fibres hold what lies on them, and are held. Source: retention criterion for granular filters, K. Terzaghi and R. B. Peck, Soil Mechanics in
 * Engineering Practice (Wiley 1948), 4 to 5. Check: grains that are all of 0.5 mm on such of 4 mm: 8, they go down; on such of 2.5 mm: 5, they stay.
 */
final readonly class FilterRule
{
    public const MOST = 5.0;
    private const SUCTION_CM = 10.0;

    /** D15 of the lower by D85 of the upper; null where one of them is a fibre. */
    public ?float $ratio;

    public bool $holds;

    public float $siftedL;

    public float $airLostL;

    public function __construct(Substrate $upper, float $upperL, Substrate $lower, float $lowerL)
    {
        $this->ratio = self::isFibre($upper) || self::isFibre($lower) ? null : $lower->blend->grading()->quantileMm(0.15) / max(1e-9, $upper->blend->grading()->quantileMm(0.85));
        $this->holds = $this->ratio === null || $this->ratio <= self::MOST;
        $pores = $lower->interPorosity;
        $this->siftedL = $this->holds ? 0.0 : min($upperL, $pores * $lowerL);
        $this->airLostL = $pores <= 0.0 ? 0.0 : max(0.0, $this->siftedL * (self::air($lower) / $pores - self::air($upper)));
    }

    private static function air(Substrate $substrate): float
    {
        return $substrate->retention->saturated - $substrate->retention->theta(self::SUCTION_CM);
    }

    /** Mostly of what lies as a felt. */
    private static function isFibre(Substrate $substrate): bool
    {
        $share = 0.0;
        foreach ($substrate->blend->components as $i => $component) {
            $share += self::felts($component) ? $substrate->blend->shares[$i] : 0.0;
        }

        return $share > 0.5 * array_sum($substrate->blend->shares);
    }

    private static function felts(Material $component): bool
    {
        return $component->hydraulicSizeMm !== null;
    }
}
