<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Weather;

use Zolbek\Core\Basis\Numerics\Normal;
use Zolbek\Core\Basis\Numerics\RandomWords;
use Zolbek\Core\Place\Climate\Climate;

/**
 * Days that a site could have, made from its twelve months: a chain of wet and dry days, amounts of rain, temperature and daily range that follow it.
 *
 *     wet days of a month   as known, else R/(3.5 + 0.04 R);  f = min(0.95, w/n),  amount of a wet day m = R/(n f)
 *     p(wet) = f + 0.25 (1 - f_before) after a wet day, f - 0.25 f_before after a dry one
 *     rain = -ln(u3) m (u2 < 0.5 ? 1.5 : 0.5)
 *     x = 0.7 x + sqrt(1 - 0.49) z1,  y = 0.3 y + sqrt(1 - 0.09) z2,  c = 2 clamp((Tm - 5)/10, 0, 1)
 *     T = Tm + sd x + (wet ? -c (1 - f) : c f),  sd = clamp(1.2 + 0.13 (warmest - coldest month), 1.5, 4.5)
 *     D = (mean tmax - mean tmin) (wet ? 0.65 : 1)/(1 - 0.35 f) exp(0.25 y - 0.03125);  tmin = T - D/2, tmax = T + D/2
 *
 * Every day draws five words, wet or not, so that all pots of a site meet the same weather. The means of the months are kept; 2 K, 0.25, 0.65, 0.7 and 0.3 are judged.
 * degC, mm. Source: C. W. Richardson, Water Resources Research 17 (1981) 182-190; S. Geng, F. W. T. Penning de Vries and I. Supit, Agricultural and Forest Meteorology 36
 * (1986) 363-376; D. A. Woolhiser and J. Roldan, Water Resources Research 18 (1982) 1461-1468; the season model, section 1. Left out: long dry spells and heat waves
 * come a little too seldom. Check: a hill has sd 3.7675 K, and 70 mm in January fall on 0.358422939 of its days.
 */
final readonly class WeatherGenerator
{
    private const PERSISTENCE = 0.25;
    private const MOST_WET = 0.95;
    private const WET_RANGE = 0.65;
    private const COOLER_K = 2.0;

    /** sqrt(1 - 0.49) and sqrt(1 - 0.09): what is new in a day. */
    private const X_NEW = 0.714142842854285;
    private const Y_NEW = 0.9539392014169457;

    /** @var list<float> f of the twelve months */
    public array $wetShare;

    /** @var list<float> m of the twelve months, mm */
    public array $wetMm;

    /** K. */
    public float $spreadK;

    private MeanDays $mean;

    public function __construct(private Climate $climate)
    {
        $this->mean = MeanDays::of($climate);
        $share = $amount = $means = [];
        foreach ($climate->months as $i => $month) {
            $days = $climate->daysIn($i);
            $wet = $month->wetDays ?? $month->rainMm / (3.5 + 0.04 * $month->rainMm);
            $share[] = $f = $month->rainMm > 0.0 ? min(self::MOST_WET, $wet / $days) : 0.0;
            $amount[] = $f > 0.0 ? $month->rainMm / ($days * $f) : 0.0;
            $means[] = $month->meanC;
        }
        $this->wetShare = $share;
        $this->wetMm = $amount;
        $this->spreadK = max(1.5, min(4.5, 1.2 + 0.13 * (max($means) - min($means))));
    }

    /**
     * @param int $first the first day, see Date
     * @param int $seed  0 to 2^31 - 1
     * @param int $run   0 to 10^6
     */
    public function days(int $first, int $days, int $seed, int $run = 0): Weather
    {
        $words = new RandomWords($seed, $run);
        $wet = false;
        $before = null;
        $x = $y = 0.0;
        $lows = $highs = $rain = $et0 = [];
        for ($i = 0; $i < $days; ++$i) {
            [$day, $month] = Date::inYear($first + $i);
            $f = $this->wetShare[$month] ?? 0.0;
            if ($before === null) {
                $wet = $words->uniform() < $f;
                $x = Normal::quantile($words->uniform());
                $y = Normal::quantile($words->uniform());
                $before = $f;
            }
            $u1 = $words->uniform();
            $u2 = $words->uniform();
            $u3 = $words->uniform();
            $x = 0.7 * $x + self::X_NEW * Normal::quantile($words->uniform());
            $y = 0.3 * $y + self::Y_NEW * Normal::quantile($words->uniform());
            $wet = $u1 < ($wet ? $f + self::PERSISTENCE * (1.0 - $before) : $f - self::PERSISTENCE * $before);
            $before = $f;
            $low = $this->mean->tMin[$day - 1] ?? 0.0;
            $high = $this->mean->tMax[$day - 1] ?? 0.0;
            $mean = ($low + $high) / 2.0;
            $cooler = self::COOLER_K * max(0.0, min(1.0, ($mean - 5.0) / 10.0));
            $mean += $this->spreadK * $x + ($wet ? -$cooler * (1.0 - $f) : $cooler * $f);
            $half = ($high - $low) * ($wet ? self::WET_RANGE : 1.0) / (1.0 - (1.0 - self::WET_RANGE) * $f) * exp(0.25 * $y - 0.03125) / 2.0;
            $rain[] = $wet ? -log($u3) * ($this->wetMm[$month] ?? 0.0) * ($u2 < 0.5 ? 1.5 : 0.5) : 0.0;
            $lows[] = $mean - $half;
            $highs[] = $mean + $half;
            $et0[] = $this->mean->et0($day, $month, $mean - $half, $mean + $half);
        }

        return new Weather($first, $lows, $highs, $rain, $et0, $this->climate->latitude < 0.0);
    }

    /** Days with rain to expect in a month, 0 to 11. */
    public function wetDays(int $month): float
    {
        return ($this->wetShare[$month] ?? 0.0) * $this->climate->daysIn($month);
    }
}
