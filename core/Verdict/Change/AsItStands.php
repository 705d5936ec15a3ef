<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Change;

use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Place\Setup\Setup;

/**
 * What stands there to be changed: a setup, the shelf behind it, and the pots of the yard.
 *
 * One adds or takes away without thinking half a part of a small mix, a part of one of ten or so, else about a tenth.
 * Source: practice. Check: the unit of 1:1:1 is half a part, that of 6:3:1 is one.
 */
final readonly class AsItStands
{
    /** Multiples of the unit that are tried. */
    public const STEPS = [1.0, 2.0, 4.0];

    public float $unit;

    /**
     * @param list<Portion>  $shelf  that could be added
     * @param list<OtherPot> $others
     */
    public function __construct(public Setup $setup, public array $shelf, public array $others)
    {
        $total = array_sum(array_column($setup->portions, 1));
        $this->unit = match (true) {
            $total < 0.5 => $total / 10.0,
            $total <= 6.0 => 0.5,
            $total <= 15.0 => 1.0,
            default => round($total / 10.0),
        };
    }

    /** What a portion is of where it is of one material. */
    public static function alone(Portion $portion): ?Material
    {
        return count($portion->contents) === 1 ? $portion->contents[0][0] : null;
    }
}
