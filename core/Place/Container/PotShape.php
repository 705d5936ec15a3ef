<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Container;

/** The inner form of a pot. */
enum PotShape: string
{
    case Round = 'round';
    case Rectangular = 'rectangular';
    case Oval = 'oval';
    case Polygon = 'polygon';
    case Bowl = 'bowl';
    case Measured = 'measured';

    /** @return list<string> */
    public static function words(): array
    {
        return array_map(static fn(self $shape): string => $shape->value, self::cases());
    }

    /** @return list<string> names of the measures that this shape has beside its depth */
    public function measures(): array
    {
        return match ($this) {
            self::Round => ['top', 'base'],
            self::Rectangular, self::Oval => ['top_length', 'top_width', 'base_length', 'base_width'],
            self::Polygon => ['sides', 'top', 'base'],
            self::Bowl => ['top'],
            self::Measured => ['volume_l'],
        };
    }
}
