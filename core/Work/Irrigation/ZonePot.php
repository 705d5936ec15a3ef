<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Irrigation;

use Zolbek\Core\Course\Water\Drought;
use Zolbek\Core\Place\Setup\ModelConstants;

/**
 * A pot under the emitters of a zone.
 *
 *     I = 24 * 0.85 (W(0) - W(limit))/U h, 8760 where U = 0
 *
 * Litres, L/day, hours. Source: the season model, section 6. Check: 1.40709 and 0.555319 L at 0.9 L a day: 19.306809333 h.
 */
final readonly class ZonePot
{
    public float $intervalH;

    /**
     * @param float $useLDay  U
     * @param int   $emitters n
     */
    public function __construct(public string $name, float $easyL, public float $useLDay, public int $emitters)
    {
        $this->intervalH = $useLDay > 0.0 ? min(Drought::LONGEST_H, 24.0 * ModelConstants::REFILL * $easyL / $useLDay) : Drought::LONGEST_H;
    }
}
