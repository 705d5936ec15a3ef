<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\PottingDay;

use Zolbek\Core\Place\Container\Holes;

/**
 * Square pieces of mesh, one over each hole, 1 cm wider than it on every side. A net of many small holes takes none.
 *
 * cm. Source: practice. Check: two holes of 2.2 cm: two pieces of 4.2 cm.
 */
final readonly class MeshPieces
{
    private const OVER_CM = 1.0;
    private const NEEDED_FROM_CM = 0.7;

    public int $pieces;
    public float $sideCm;

    public function __construct(Holes $holes)
    {
        $this->pieces = $holes->diameterCm >= self::NEEDED_FROM_CM ? $holes->count : 0;
        $this->sideCm = $this->pieces === 0 ? 0.0 : $holes->diameterCm + 2.0 * self::OVER_CM;
    }
}
