<?php

declare(strict_types=1);

namespace Zolbek\Core\Mix\Material;

/**
 * What a component is, by how it behaves in the hand and ages in the pot, and what is taken for it where nobody gave a figure:
 *
 *     c   fines weight, see PoreSizes       K   compaction index once watered in       s   loss of structure, 1/year at 15 degC
 *
 * Source: model revision (a); K 5.5 of grains is the low end of the 5 to 15 % that growers see between poured and watered in.
 * Check: bark 0, 4.75, 0.10; pumice 0.5, 5.5, 0.
 */
enum MaterialKind: string
{
    case PorousStone = 'porous stone';
    case ClayGranule = 'clay granule';
    case SolidStone = 'solid stone';
    case LightFiller = 'light filler';
    case Bark = 'bark';
    case Organic = 'organic';
    case Soil = 'soil';
    case Charcoal = 'charcoal';

    /** What a material that nobody put in a kind is taken for: loose grains. */
    public const UNKNOWN = self::PorousStone;

    /**
     * Whether the model's figures for it are of lower confidence: compressible or aggregated, so that its pores are not
     * those of loose grains.
     */
    public function isCompressible(): bool
    {
        return $this === self::Bark || $this === self::Organic || $this === self::Soil;
    }

    /** Whether it lowers the reaction that plants ask for, and rots. */
    public function isOrganic(): bool
    {
        return $this === self::Bark || $this === self::Organic;
    }

    /** c: 0.5 where fines lie free, less where they stick in crumbs and between flakes. */
    public function finesWeight(): float
    {
        return $this === self::Bark ? 0.0 : 0.5;
    }

    /** K, 4.1 poured to 9 pressed. */
    public function settledIndex(): float
    {
        return match ($this) {
            self::Bark => 4.75,
            self::Organic, self::Soil => 6.7,
            default => 5.5,
        };
    }

    /** s, 1/year at 15 degC. */
    public function structureLoss(): float
    {
        return match ($this) {
            self::Bark => 0.10,
            self::Organic => 0.20,
            default => 0.0,
        };
    }

    /** @return list<string> */
    public static function words(): array
    {
        return array_map(static fn(self $kind): string => $kind->value, self::cases());
    }
}
