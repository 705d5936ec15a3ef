<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Feeding;

use Zolbek\Core\Basis\Input\Refused;

/**
 * A fertiliser by its label: share of N, P2O5 and K2O, and the most that the label allows, in g per litre of mix (grains) or of water (liquids); and in g per
 * litre of pot where it is laid on top, if the label says so.
 *
 *     grams = label rate * litres of mix it goes into, or surface rate * litres of the pot it lies on;  P = 0.436 P2O5, K = 0.830 K2O;  a liquid of N % at g/L gives 10 * g/L * N % ppm N
 *
 * Never above the label. Source: model section 7; the factors are those of molar masses. Check: 4 g/L of 15-9-12 in 3.5 L: 14 g with 2.1 g N, 0.549 g P, 1.394 g K; 6 g/L on top of a pot of 3.5 L: 21 g.
 */
final readonly class FertiliserLabel
{
    public const P_OF_P2O5 = 0.436;
    public const K_OF_K2O = 0.830;

    public function __construct(public float $nPercent, public float $p2o5Percent, public float $k2oPercent, public float $labelGL, public ?float $surfaceGL = null) {}

    /**
     * Grams for so many litres of mix at a share of the label rate.
     *
     * @throws Refused field "share" above the label
     */
    public function grams(float $litres, float $share = 1.0): float
    {
        if ($share < 0.0 || $share > 1.0) {
            throw Refused::because('share', 'above_label', $share, ['max' => 1]);
        }

        return $this->labelGL * $share * $litres;
    }

    /**
     * Grams to lay on top of a pot of so many litres, at a share of the rate for that.
     *
     * @throws Refused field "share" above the label, "where" for a label without such a rate
     */
    public function gramsOnTop(float $potL, float $share = 1.0): float
    {
        if ($this->surfaceGL === null) {
            throw Refused::because('where', 'no_surface_rate');
        }

        return (new self($this->nPercent, $this->p2o5Percent, $this->k2oPercent, $this->surfaceGL))->grams($potL, $share);
    }

    /** @return array{n: float, p: float, k: float} grams of the elements in so many grams */
    public function elements(float $grams): array
    {
        return [
            'n' => $grams * $this->nPercent / 100.0,
            'p' => $grams * $this->p2o5Percent / 100.0 * self::P_OF_P2O5,
            'k' => $grams * $this->k2oPercent / 100.0 * self::K_OF_K2O,
        ];
    }

    /** ppm N of a liquid at a share of its label rate. */
    public function ppmN(float $share = 1.0): float
    {
        return 10.0 * $this->labelGL * $share * $this->nPercent;
    }
}
