<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Container;

use Zolbek\Core\Basis\Numerics\GaussLegendre;
use Zolbek\Core\Mix\Flow\Ergun;
use Zolbek\Core\Mix\Substrate\Substrate;

/**
 * Seconds in which 2 cm of water standing on the wet column run through and out of the holes.
 *
 *     H + h = H i(u) + u A / (4 r n sqrt(open_share) K1)
 *     u <= 0.6 n pi r^2 open_share sqrt(2 * 981 (H + h)) / A
 *     time = integral from 0 to 2 of dh / u(h)
 *
 * H column height depth - headspace - top dressing in cm, a drainage layer counts as column; A = A(H) cm2; n round holes of radius r cm;
 * K1 flux in cm/s of what lies on the floor, the layer if there is one. Source: losses in series: the column by Ergun, the convergence to the holes as discs that
 * sink 4 K r each (H. L. Weissberg, Physics of Fluids 5 (1962) 1033-1036), and the orifice as an upper bound. The clean-water
 * figure: trapped air about halves the speed.
 * Check: even blend of pumice, lava and soft clay granule, settled, oval tray, 2 holes of 2.2 cm, open share 0.6: 11.90841974 s.
 */
final readonly class RunThrough
{
    public const STANDING_CM = 2.0;
    private const DISCHARGE = 0.6;
    private const TWICE_GRAVITY = 2.0 * 981.0;

    /** Null without a hole. */
    public ?float $seconds;

    /** Whether the holes, not the mix, set the speed: the orifice caps it, or convergence takes more than half of the loss. */
    public bool $limitedByHoles;

    /** @param Substrate|null $holeCover coarse grains heaped over the holes alone; they set K1 and nothing else */
    public function __construct(RootZone $zone, Substrate $substrate, Holes $holes, ?Substrate $holeCover = null)
    {
        if ($holes->count === 0) {
            $this->seconds = null;
            $this->limitedByHoles = true;

            return;
        }
        $height = $zone->topCm;
        $area = $zone->pot->areaCm2($height);
        $linear = $height * $substrate->flow->linear;
        $quadratic = $height * $substrate->flow->quadratic;
        $floorFlux = ($holeCover ?? $zone->layer->substrate ?? $substrate)->flow->fluxCmS();
        $convergence = $area / (4.0 * $holes->radiusCm() * $holes->count * sqrt($holes->openShare) * $floorFlux);
        $orifice = self::DISCHARGE * $holes->openAreaCm2() * sqrt(self::TWICE_GRAVITY) / $area;

        $column = static fn(float $head): float => Ergun::velocity($linear + $convergence, $quadratic, $head);
        $switch = self::headWhereOrificeTakesOver($linear + $convergence, $quadratic, $orifice) - $height;
        $switch = min(self::STANDING_CM, max(0.0, $switch));
        $this->seconds = self::seconds(static fn(float $h): float => $column($height + $h), 0.0, $switch)
            + self::seconds(static fn(float $h): float => $orifice * sqrt($height + $h), $switch, self::STANDING_CM);
        $u = $column($height + self::STANDING_CM);
        $this->limitedByHoles = $switch < self::STANDING_CM
            || $convergence * $u > 0.5 * ($height + self::STANDING_CM);
    }

    /**
     * Time for the standing water to fall from one height to another, at a velocity in cm/s by its height.
     *
     * @param callable(float): float $velocity
     */
    private static function seconds(callable $velocity, float $from, float $to): float
    {
        return $to > $from ? GaussLegendre::integrate(static fn(float $h): float => 1.0 / $velocity($h), $from, $to) : 0.0;
    }

    /**
     * The column alone would give u with linear u + quadratic u^2 = head, the orifice c sqrt(head); they meet at
     * sqrt(head) = linear c / (1 - quadratic c^2), beyond which the orifice is the slower one.
     */
    private static function headWhereOrificeTakesOver(float $linear, float $quadratic, float $orifice): float
    {
        $rest = 1.0 - $quadratic * $orifice * $orifice;

        return $rest > 0.0 ? ($linear * $orifice / $rest) ** 2 : INF;
    }
}
