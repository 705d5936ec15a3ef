<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Change;

use Zolbek\Core\Mix\Material\Material;

/**
 * An organic component that buffers limed before it is mixed; one that is limed already is left as it is.
 *
 * Source: practice, starting figures. Check: peat of pH 4 is limed to 5.2, 5.8 or 6.4.
 */
final class Lime implements Way
{
    private const TO = [5.2, 5.8, 6.4];
    private const LEAST_STEP = 0.3;

    public static function from(AsItStands $at): iterable
    {
        foreach ($at->setup->portions as [$portion, $parts]) {
            $component = AsItStands::alone($portion);
            if ($component === null || $parts <= 0.0 || $component->buffer <= 0.0 || $component->ph === null || $component->kind?->isOrganic() !== true) {
                continue;
            }
            foreach (self::TO as $i => $ph) {
                if ($ph > $component->ph + self::LEAST_STEP) {
                    $limed = static fn(Material $each): array => [$each->with(ph: $ph), 1.0];
                    yield static fn(): Change => new Change(ChangeKind::Lime, $at->setup->withParts($portion->changed($limed), $parts), 1.0 + 0.2 * $i, $ph, $portion->key);
                }
            }
        }
    }
}
