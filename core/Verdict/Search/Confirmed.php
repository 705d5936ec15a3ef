<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Search;

use Zolbek\Core\Course\Ageing\Forecast;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Verdict\Fit\Criterion;
use Zolbek\Core\Verdict\Fit\Rating;
use Zolbek\Core\Verdict\Fit\Verdict;

/** A candidate that was assessed in full, with its years. */
final readonly class Confirmed
{
    public Rating $rating;
    public float $fit;

    /** Until it fails its plant; null where it does not within the horizon, or nobody said where it stands. */
    public ?float $years;

    /** The first verdict of its assessment. */
    public Verdict $worst;

    public function __construct(public Candidate $candidate, Assessment $assessment)
    {
        $this->rating = $assessment->rating;
        $this->fit = $assessment->fit;
        $years = $assessment->find(Criterion::Years);
        $this->years = $years === null || $years->value === null || $years->value >= Forecast::HORIZON ? null : $years->value;
        $this->worst = $assessment->verdicts[0];
    }

    /** Years for comparing: the horizon where it lasts longer. */
    public function lasts(): float
    {
        return $this->years ?? Forecast::HORIZON;
    }
}
