<?php

declare(strict_types=1);

namespace Zolbek\Core\Component;

/** What a component is, by how it behaves in the hand and ages in the pot. */
enum ComponentKind: string
{
    case PorousStone = 'porous stone';
    case ClayGranule = 'clay granule';
    case SolidStone = 'solid stone';
    case LightFiller = 'light filler';
    case Bark = 'bark';
    case Organic = 'organic';
    case Soil = 'soil';
    case Charcoal = 'charcoal';

    /**
     * Whether the model's figures for it are of lower confidence: compressible or aggregated, so that its pores are not
     * those of loose grains.
     */
    public function isCompressible(): bool
    {
        return $this === self::Organic || $this === self::Soil;
    }

    /** @return list<string> */
    public static function words(): array
    {
        return array_map(static fn(self $kind): string => $kind->value, self::cases());
    }
}
