<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Change;

/** Fewer years until it is repotted, by halves. Source: practice. Check: of two years planned 1.5, 1 and 0.5 are tried. */
final class RepotSooner implements Way
{
    private const STEP = 0.5;

    public static function from(AsItStands $at): iterable
    {
        $situation = $at->setup->situation;
        $planned = $situation->targets->plannedYears ?? 0.0;
        for ($years = $planned - self::STEP; $situation !== null && $years >= self::STEP; $years -= self::STEP) {
            yield static fn(): Change => new Change(ChangeKind::Repot, $at->setup->with(situation: $situation->withPlannedYears($years)), 1.0 + $planned - $years, $years);
        }
    }
}
