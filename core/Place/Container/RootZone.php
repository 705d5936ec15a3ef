<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Container;

use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Basis\Numerics\GaussLegendre;
use Zolbek\Core\Mix\Retention\RetentionCurve;

/**
 * The part of a pot that roots can use, from the top of any drainage layer (thickness t) to depth - headspace - top
 * dressing, and the water that stays in it after free drainage.
 *
 *     W(s) = integral theta(suction(z) + s) A(z) dz,   suction(z) = z without a layer,
 *     z - t + min(t, hc) above one, hc the head at which the layer loses contact with the mix above
 *
 * Source: the floor of a pot is at zero suction (T. E. Bilderback and W. C. Fonteno, Journal of Environmental Horticulture 5 (1987) 180-182).
 * Integrated by Gauss-Legendre over z = z0 + L u^2 in panels of at most 40 cm, 16 nodes each, 8 where the suction at the floor is 50 cm
 * or more and so hardly changes with height: within 2e-5.
 * Lengths in cm, water in L. Check: even blend of pumice, lava and soft clay granule, settled, in an oval tray of 6.5 cm with 0.8 cm headspace:
 * W(0) = 1.437112326, W(50) = 0.6489431937 L.
 */
final readonly class RootZone
{
    public const LEAST_CM = 0.5;
    private const PANEL_CM = 40.0;
    private const COARSE_FROM_CM = 50.0;

    public float $bottomCm;

    public float $topCm;

    public float $volumeL;

    /** Suction in cm at the bottom of the root zone. */
    public float $footSuctionCm;

    /** @var array{list<float>, list<float>} suctions in cm and the litres that stand at them */
    private array $fineNodes;

    /** @var array{list<float>, list<float>} the same for suctions that hardly change over the height of the root zone */
    private array $coarseNodes;

    /** @throws Refused field "headspace_cm" or "drainage_layer.thickness_cm" when less than 0.5 cm is left */
    public function __construct(public Container $pot, float $headspaceCm = 0.0, float $topDressingCm = 0.0, public ?DrainageLayer $layer = null)
    {
        $this->bottomCm = $layer->thicknessCm ?? 0.0;
        $this->topCm = $pot->depthCm - $headspaceCm - $topDressingCm;
        if ($this->topCm < self::LEAST_CM) {
            throw new Refused([new Refusal('headspace_cm', 'root_zone', $headspaceCm, ['max' => max(0.0, $pot->depthCm - $topDressingCm - self::LEAST_CM)])]);
        }
        if ($this->topCm - $this->bottomCm < self::LEAST_CM) {
            throw new Refused([new Refusal('drainage_layer.thickness_cm', 'root_zone', $this->bottomCm, ['max' => $this->topCm - self::LEAST_CM])]);
        }
        $this->volumeL = $pot->volumeL($this->bottomCm, $this->topCm);
        $this->footSuctionCm = $layer === null ? 0.0 : min($layer->thicknessCm, $layer->substrate->retention->disconnectHeadCm());
        $this->fineNodes = $this->nodes(GaussLegendre::SIXTEEN);
        $this->coarseNodes = $this->nodes(GaussLegendre::EIGHT);
    }

    /** Suction in cm at a height above the floor, after free drainage. */
    public function suctionCm(float $z): float
    {
        return $z - $this->bottomCm + $this->footSuctionCm;
    }

    /** Litres held in the root zone when the floor is at a suction in cm. */
    public function waterL(RetentionCurve $retention, float $suctionCm = 0.0): float
    {
        [$suctions, $litres] = $this->standing($suctionCm);

        return $retention->water($suctions, $litres, $suctionCm);
    }

    /** @return array{list<float>, list<float>} suctions in cm after free drainage and the litres of the zone that stand at them, as fine as another suction at the floor asks for */
    public function standing(float $suctionCm): array
    {
        return $suctionCm < self::COARSE_FROM_CM ? $this->fineNodes : $this->coarseNodes;
    }

    /** Litres of that which stand between the grains after free drainage. */
    public function freeWaterL(RetentionCurve $retention): float
    {
        return $retention->freeWater(...$this->fineNodes);
    }

    /** Height in cm above the floor of the pot below which air is under a share of bulk volume: the wet foot. */
    public function wetFootCm(RetentionCurve $retention, float $leastAir = 0.10): float
    {
        if ($retention->air($this->suctionCm($this->topCm)) < $leastAir) {
            return $this->topCm;
        }
        [$low, $high] = [$this->bottomCm, $this->topCm];
        for ($step = 0; $step < 40; ++$step) {
            $middle = ($low + $high) / 2.0;
            if ($retention->air($this->suctionCm($middle)) < $leastAir) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return $low;
    }

    /**
     * @param list<array{float, float}> $rule nodes and weights on 0..1
     *
     * @return array{list<float>, list<float>} suction in cm and litres at each node
     */
    private function nodes(array $rule): array
    {
        $height = $this->topCm - $this->bottomCm;
        $panels = (int) ceil($height / self::PANEL_CM);
        $suctions = $litres = [];
        for ($panel = 0; $panel < $panels; ++$panel) {
            $from = sqrt($panel / $panels);
            $wide = sqrt(($panel + 1) / $panels) - $from;
            foreach ($rule as [$node, $weight]) {
                $u = $from + $wide * $node;
                $z = $this->bottomCm + $height * $u * $u;
                $suctions[] = $this->suctionCm($z);
                $litres[] = $weight * $wide * 2.0 * $height * $u * $this->pot->areaCm2($z) / 1000.0;
            }
        }

        return [$suctions, $litres];
    }
}
