<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Change;

use Zolbek\Core\Place\Site\Surface;

/**
 * Stone or moss over the mix. Source: practice, a starting figure. Check: stone takes 1 cm more of the pot.
 */
final class Cover implements Way
{
    private const STONE_CM = 1.0;

    public static function from(AsItStands $at): iterable
    {
        $setup = $at->setup;
        $situation = $setup->situation;
        if ($situation !== null && $situation->surface !== Surface::Stone) {
            $cm = $setup->topDressingCm + self::STONE_CM;
            yield static fn(): Change => new Change(ChangeKind::Stone, $setup->with(topDressingCm: $cm, situation: $situation->with(surface: Surface::Stone)), 0.8, $cm);
        }
        if ($situation !== null && $situation->surface !== Surface::Moss) {
            yield static fn(): Change => new Change(ChangeKind::Moss, $setup->with(situation: $situation->with(surface: Surface::Moss)), 0.9);
        }
    }
}
