<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Change;

/** More rain in the water that is given, where that is hard. */
final class Rain implements Way
{
    private const SHARES = [0.5, 0.75, 1.0];

    public static function from(AsItStands $at): iterable
    {
        $situation = $at->setup->situation;
        if ($situation === null || $situation->alkalinityMgL <= 0.0) {
            return;
        }
        foreach (self::SHARES as $i => $share) {
            if ($share > $situation->rainShare) {
                yield static fn(): Change => new Change(ChangeKind::Rain, $at->setup->with(situation: $situation->with(rainShare: $share)), 0.8 + 0.2 * $i, $share);
            }
        }
    }
}
