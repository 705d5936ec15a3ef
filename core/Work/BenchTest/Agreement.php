<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\BenchTest;

/**
 * A measured figure against the one computed. They agree where the difference is within sqrt((2 u)^2 + (0.15 c)^2): twice the uncertainty of the
 * measurement, and the 15 % that a figure from typical values has.
 *
 * Source: comparison of results by their uncertainties, as in ISO 13528. Check: air 0.21 +- 0.01 against 0.24: limit 0.0412, agrees; against
 * 0.28: limit 0.0465, lower.
 */
final readonly class Agreement
{
    private const COMPUTED_SHARE = 0.15;
    /** A pH is no quantity to take a share of. */
    private const COMPUTED_PH = 0.5;

    public float $difference;
    public float $limit;
    /** agrees, higher or lower */
    public string $verdict;

    public function __construct(public Figure $measured, public float $computed)
    {
        $own = $measured->name === 'ph' ? self::COMPUTED_PH : self::COMPUTED_SHARE * abs($computed);
        $this->difference = $measured->mean - $computed;
        $this->limit = hypot(2.0 * $measured->uncertainty, $own);
        $this->verdict = match (true) {
            abs($this->difference) <= $this->limit => 'agrees',
            $this->difference > 0.0 => 'higher',
            default => 'lower',
        };
    }
}
