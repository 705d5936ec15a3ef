<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Change;

use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Container\DrainageLayer;

/**
 * The drainage layer left out, or one of the first coarse stone on the shelf laid.
 *
 * Source: practice, starting figures. Check: granite 4-8 mm makes a layer of 1.5, 3 or 5 cm; perlite 2-5 mm none.
 */
final class Layer implements Way
{
    private const CM = [1.5, 3.0, 5.0];
    private const FROM_MM = 4.0;

    public static function from(AsItStands $at): iterable
    {
        $setup = $at->setup;
        if ($setup->layer !== null) {
            yield static fn(): Change => new Change(ChangeKind::NoLayer, $setup->withoutLayer(), 0.5);

            return;
        }
        foreach ($at->shelf as $portion) {
            $component = AsItStands::alone($portion);
            if ($component === null || $component->medianMm() < self::FROM_MM || $component->kind?->isCompressible() === true) {
                continue;
            }
            $substrate = new Substrate(new Blend([[$component, 1.0]]), $setup->compactionIndex);
            foreach (self::CM as $cm) {
                yield static fn(): Change => new Change(ChangeKind::Layer, $setup->with(layer: new DrainageLayer($substrate, $cm)), 1.0 + $cm / 3.0, $cm, $portion->key);
            }

            return;
        }
    }
}
