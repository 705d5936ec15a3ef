<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Search;

use Zolbek\Core\Basis\Numerics\EvenPoints;
use Zolbek\Core\Basis\Numerics\Normal;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Verdict\Fit\Criterion;
use Zolbek\Core\Verdict\Fit\Tally;
use Zolbek\Core\Verdict\Fit\Verdict;
use Zolbek\Core\Verdict\Uncertainty\Propagation;

/**
 * How likely a mix is as good as its word, by the standard uncertainty of each figure that it is rated by.
 *
 *     P = share of n draws in which its word is no worse and its fit at least x;  figures drawn as normal and each by itself, at the same 256 points every time
 *
 * Points see EvenPoints, put through the quantiles of the normal distribution. Figures are taken as
 * independent, which they are not quite. Years have no uncertainty of their own here and stay. Source: Guide to the Expression of Uncertainty in Measurement,
 * Supplement 1 (JCGM 101:2008), with points in place of draws. Check: a figure at its limit with any uncertainty is inside in half of the draws.
 */
final readonly class Sureness
{
    private const POINTS = 256;

    /** From here on it is called sure. */
    public const SURE_FROM = 0.8;

    /** 0..1. */
    public float $probability;

    public bool $isSure;

    /** @param float $leastFit x; whatever it is with its word where 0 */
    public function __construct(Assessment $assessment, Propagation $sure, float $leastFit = 0.0)
    {
        $places = array_flip(array_column(Criterion::cases(), 'value'));
        $inside = 0;
        for ($n = 1; $n <= self::POINTS; ++$n) {
            $tally = new Tally();
            foreach ($assessment->verdicts as $verdict) {
                $u = $sure->ofCriterion($verdict->criterion);
                $tally->take($verdict->value === null || $u <= 0.0 ? $verdict : new Verdict($verdict->criterion, self::moved($verdict, $u * Normal::quantile(EvenPoints::at($n, $places[$verdict->criterion->value]))), $verdict->band));
            }
            $inside += $tally->rating()->rank() <= $assessment->rating->rank() && $tally->fit() >= $leastFit ? 1 : 0;
        }
        $this->probability = $inside / self::POINTS;
        $this->isSure = $this->probability >= self::SURE_FROM;
    }

    /** A share, a time or a ratio is not below nothing. */
    private static function moved(Verdict $verdict, float $by): float
    {
        return $verdict->band->low === 0.0 ? max(0.0, ($verdict->value ?? 0.0) + $by) : ($verdict->value ?? 0.0) + $by;
    }
}
