<?php

declare(strict_types=1);

namespace Zolbek\Core\Mix\Attrition;

use WeakMap;
use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Grading\SizeClasses;

/**
 * How fast new dust is washed out of a mix: what its coarse grains do not hold back.
 *
 *     rate_k = max(0.4 where the upper edge of the class <= 0.25 mm else 0, w q_k)      1/year
 *     w = 0.4 + 1.0 clamp(D15 - 1, 0, 1),   q_k = clamp(ln(d_w/e_k) / ln(e_k+1/e_k), 0, 1),   d_w = D15 / 5
 *
 * D15 of the fresh blend by mass, edges e and d_w in mm. Source: the retention rule of K. Terzaghi (a skeleton holds back what is coarser than a fifth of its
 * D15); 1.4 a year is set to the 3 to 5 years of soft clay mixes in frosty trays. Check: D15 2.56273255 mm: 1.4 a year in classes 7, 8 and 9; D15 of 1 mm and
 * less: 0.4 up to 0.25 mm and nothing above.
 */
final class WashOut
{
    private const HELD_BACK = 5.0;
    private const LEAST = 0.4;
    private const DUST_CLASSES = 8;

    /** @var WeakMap<Blend, self>|null */
    private static ?WeakMap $known = null;

    /** @var non-empty-list<float> 1/year by size class */
    public readonly array $rates;

    public function __construct(public readonly float $d15Mm)
    {
        $most = self::LEAST + min(1.0, max(0.0, $d15Mm - 1.0));
        $washed = $d15Mm / self::HELD_BACK;
        $rates = [];
        for ($k = 0; $k < SizeClasses::COUNT; ++$k) {
            $share = log($washed / SizeClasses::EDGES_MM[$k]) / log(SizeClasses::EDGES_MM[$k + 1] / SizeClasses::EDGES_MM[$k]);
            $rates[] = max($k < self::DUST_CLASSES ? self::LEAST : 0.0, $most * min(1.0, max(0.0, $share)));
        }
        $this->rates = $rates;
    }

    public static function of(Blend $blend): self
    {
        self::$known ??= new WeakMap();

        return self::$known[$blend] ??= new self($blend->grading()->quantileMm(0.15));
    }
}
