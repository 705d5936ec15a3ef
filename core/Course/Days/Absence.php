<?php

declare(strict_types=1);

namespace Zolbek\Core\Course\Days;

use Zolbek\Core\Basis\Numerics\Quantile;

/**
 * What becomes of a pot to which nobody comes for some days.
 *
 *     first day of want, counted from 1, n + 1 where none: 10, 50 and 90 % of the runs;  share of runs with want, share likely lost (see LikelyLost)
 *
 * Source: the season model, section 4. Check: a full tray maple on a hill from 10 July is in want on day 1, 2 and 2, in every run.
 */
final readonly class Absence
{
    /** @var array{float, float, float} counted from 1 */
    public array $firstWant;

    public float $wantShare;
    public float $lostShare;

    /** Mean over the runs of the degree of want over all days: ranks pots of which all want. */
    public float $degree;

    /** @param float|null $startL litres in it on the morning of the first day; full where nobody knows */
    public function __construct(WeatherRuns $runs, SeasonPot $pot, ?float $startL = null)
    {
        $first = [];
        $want = $lost = 0;
        $degree = 0.0;
        $all = $runs->through($pot, ComingBy::never(), $startL);
        foreach ($all as $days) {
            $day = $days->firstWant();
            $first[] = (float) ($day === null ? count($days->water) + 1 : $day + 1);
            $want += $day === null ? 0 : 1;
            $lost += $days->lostOn === null ? 0 : 1;
            $degree += $days->short();
        }
        sort($first);
        $this->firstWant = array_map(static fn(float $share): float => Quantile::sorted($first, $share), YearBands::SHARES);
        $this->wantShare = $want / count($all);
        $this->lostShare = $lost / count($all);
        $this->degree = $degree / count($all);
    }
}
