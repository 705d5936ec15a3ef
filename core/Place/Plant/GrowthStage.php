<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Plant;

/** What the plant is seen to be at: the first guide to when it is potted, and to what it drinks now. */
enum GrowthStage: string
{
    case Rest = 'rest';
    case BudsMoving = 'buds_moving';
    case LeafBreak = 'leaf_break';
    case AfterFlower = 'after_flower';
    case Growing = 'growing';
    case Hardened = 'hardened';
    case LeafFall = 'leaf_fall';

    /** Crop coefficient kc by stage: 0.1 at rest without leaves, 0.3 for evergreens in cold rest, 1 in growth. Between them starting figures. */
    public function cropCoefficient(bool $evergreen): float
    {
        return match ($this) {
            self::Rest => $evergreen ? 0.3 : 0.1,
            self::BudsMoving => $evergreen ? 0.45 : 0.25,
            self::LeafBreak => $evergreen ? 0.7 : 0.6,
            self::AfterFlower => $evergreen ? 0.9 : 0.8,
            self::Growing => 1.0,
            self::Hardened => 0.85,
            self::LeafFall => $evergreen ? 0.5 : 0.35,
        };
    }
}
