<?php

declare(strict_types=1);

namespace Zolbek\Core\Basis\Statistics;

use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Basis\Numerics\Normal;

/**
 * Between which shares a share lies of which a few cases were counted.
 *
 *     p = k/n;   (p + z^2/2n +- z sqrt(p(1 - p)/n + z^2/4n^2))/(1 + z^2/n)     z of 95 %: 1.959964
 *
 * Source: E. B. Wilson, Journal of the American Statistical Association 22 (1927) 209-212. Check: 3 of 10 is 0.10779 to 0.60322, 0 of 5 is 0 to 0.43448, 18 of 20 is
 * 0.69897 to 0.97213.
 */
final readonly class Wilson
{
    /** Below so many cases a share says little. */
    public const FEW = 10;
    private const TWO_SIDED = 0.975;

    public float $share;
    public float $low;
    public float $high;

    /**
     * @param int $hits  0 to $cases
     * @param int $cases from 1
     *
     * @throws Refused where there is no case, or more hits than cases
     */
    public function __construct(public int $hits, public int $cases)
    {
        if ($cases < 1) {
            throw Refused::because('cases', 'at_least', $cases, ['min' => 1]);
        }
        if ($hits < 0 || $hits > $cases) {
            throw Refused::because('hits', 'between', $hits, ['min' => 0, 'max' => $cases]);
        }
        $z2 = Normal::quantile(self::TWO_SIDED) ** 2;
        $this->share = $p = $hits / $cases;
        $middle = $p + $z2 / (2.0 * $cases);
        $half = sqrt($z2 * ($p * (1.0 - $p) / $cases + $z2 / (4.0 * $cases ** 2)));
        $this->low = $hits === 0 ? 0.0 : ($middle - $half) / (1.0 + $z2 / $cases);
        $this->high = $hits === $cases ? 1.0 : ($middle + $half) / (1.0 + $z2 / $cases);
    }

    public function isFew(): bool
    {
        return $this->cases < self::FEW;
    }
}
