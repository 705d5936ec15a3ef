<?php

declare(strict_types=1);

namespace Zolbek\Core\Mix\Chemistry;

use Zolbek\Core\Mix\Blending\Blend;

/**
 * Reaction of a blend from components with linear buffers: pH = sum p b pH / sum p b.
 *
 * p loose parts, b buffer in mmol H+ per L and pH unit. None where nothing buffers: such a mix begins at 7.0 and follows its water. A limed component enters
 * with the pH that it is limed to; its buffer stays.
 * Check: even blend of pumice, lava and soft clay granule: pH 6.743902439.
 */
final class Reaction
{
    /** pH of a mix that nothing buffers, before its water has come. */
    public const UNBUFFERED_PH = 7.0;

    public static function fresh(Blend $blend): float
    {
        return self::ph($blend) ?? self::UNBUFFERED_PH;
    }

    public static function ph(Blend $blend): ?float
    {
        $buffers = $weighted = 0.0;
        foreach ($blend->components as $i => $component) {
            $buffer = $blend->shares[$i] * $component->buffer;
            $buffers += $buffer;
            $weighted += $buffer * ($component->ph ?? 0.0);
        }

        return $buffers > 0.0 ? $weighted / $buffers : null;
    }
}
