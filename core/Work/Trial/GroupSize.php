<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Trial;

use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Basis\Numerics\Normal;

/**
 * How many plants each of two groups needs, so that a difference would be seen.
 *
 *     n = 2 (z_{1 - alpha/2} + z_power)^2 (s/d)^2, rounded up     d the difference, s what plants of one group differ by (standard deviation)
 *
 * Two-sided at 5 %, normal approximation. Source: Snedecor and Cochran, Statistical Methods, 8th edition, section 6.14. Check: power 80 %, d = s: 15.70, so 16; d = s/2: 62.79,
 * so 63.
 */
final readonly class GroupSize
{
    private const TWO_SIDED = 0.975;

    public float $exact;
    public int $plants;

    /**
     * @param float $difference that is worth seeing, above 0, in the unit of what is measured
     * @param float $spread     standard deviation of plants of one group, above 0, in the same unit
     * @param float $power      0.5 to 0.99
     *
     * @throws Refused naming the figure
     */
    public function __construct(public float $difference, public float $spread, public float $power = 0.8)
    {
        foreach (['difference' => $difference, 'spread' => $spread] as $name => $value) {
            if (! is_finite($value) || $value <= 0.0) {
                throw Refused::because($name, 'above', $value, ['min' => 0, 'max' => 1_000_000]);
            }
        }
        if (! is_finite($power) || $power < 0.5 || $power > 0.99) {
            throw Refused::because('power', 'between', $power, ['min' => 0.5, 'max' => 0.99]);
        }
        $this->exact = 2.0 * ((Normal::quantile(self::TWO_SIDED) + Normal::quantile($power)) * $spread / $difference) ** 2;
        if ($this->exact > 1e6) {
            throw Refused::because('difference', 'difference_too_small', $difference);
        }
        $this->plants = max(2, (int) ceil($this->exact - 1e-9));
    }

    /** The smallest difference that so many plants in each group would show, in standard deviations. */
    public static function seenWith(int $plants, float $power = 0.8): float
    {
        return (Normal::quantile(self::TWO_SIDED) + Normal::quantile($power)) * sqrt(2.0 / max(1, $plants));
    }
}
