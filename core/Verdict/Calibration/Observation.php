<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Calibration;

use Closure;

/**
 * A figure that was measured, and what the model would say of it under some factors.
 *
 *     s^2 = 0.05^2 + (u/m)^2     of ln m: beside what the measuring is uncertain by, two pots of one mix differ
 *
 * Source: Guide to the Expression of Uncertainty in Measurement (JCGM 100:2008), section 5.1.2. Check: 0.20 +- 0.01 has 0.0707.
 */
final readonly class Observation
{
    /** Beside what the measuring is uncertain by: two pots of one mix differ so much, as a logarithm. */
    private const SCATTER = 0.05;

    /** Standard deviation of ln measured. */
    public float $spread;

    /**
     * @param string                    $key         that names it
     * @param float                     $measured    above 0
     * @param float|null                $uncertainty of what was measured, in its unit; null where it is not known
     * @param Closure(Factors): float   $model       what the model says, above 0
     */
    public function __construct(public string $key, public string $figure, public float $measured, ?float $uncertainty, public Closure $model)
    {
        $this->spread = hypot(self::SCATTER, ($uncertainty ?? 0.0) / $measured);
    }

    public function log(Factors $factors): float
    {
        return log(max(1e-9, ($this->model)($factors)));
    }
}
