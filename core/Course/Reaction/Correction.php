<?php

declare(strict_types=1);

namespace Zolbek\Core\Course\Reaction;

/**
 * A starting dose that moves the reaction of a litre of mix, to be tried in a test tub and never in a planted pot.
 *
 *     mmol H+ per L = B dpH;   down by elemental sulphur, 16.03 g per mol H+;   up by calcium carbonate, 50.04 g per mol
 *
 * B in mmol H+ per L and pH unit. Source: stoichiometry of S + 3/2 O2 + H2O -> H2SO4 and CaCO3 + 2 H+. Check: B 20, from 7 down to 6: 0.3206 g/L of sulphur; from 5 up
 * to 6: 1.0008 g/L of carbonate.
 */
final readonly class Correction
{
    public const SULPHUR = 'sulphur';
    public const CARBONATE = 'carbonate';
    private const SULPHUR_G_MOL = 16.03;
    private const CARBONATE_G_MOL = 50.04;

    /** @var self::SULPHUR|self::CARBONATE|null null where nothing is to be done */
    public ?string $agent;

    public float $gramsPerL;

    public function __construct(public float $bufferMmolL, public float $fromPh, public float $toPh)
    {
        $change = $toPh - $fromPh;
        $this->agent = match (true) {
            abs($change) < 1e-9 || $bufferMmolL <= 0.0 => null,
            $change < 0.0 => self::SULPHUR,
            default => self::CARBONATE,
        };
        $this->gramsPerL = abs($change) * $bufferMmolL / 1000.0 * ($change < 0.0 ? self::SULPHUR_G_MOL : self::CARBONATE_G_MOL);
    }
}
