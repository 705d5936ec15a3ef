<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\PottingDay;

use Zolbek\Core\Place\Container\BallTreatment;

/**
 * Minutes to pot one plant, and how they learn from those that were noted.
 *
 *     minutes = 10 + 4 sqrt(litres) + treatment (0, 4, 10, 18) + 4 wire or 2 stones + 6 crown cut
 *     pace    = (3 + sum actual/planned) / (3 + n),  between 0.4 and 3
 *
 * Source: starting figures of practice. Check: an untouched ball in a pot of 4 L, nothing fixed: 18 minutes.
 */
final class WorkTime
{
    private const WEIGHT = 3.0;

    public static function minutes(float $potL, BallTreatment $treatment, string $fixing, bool $crownCut, float $pace = 1.0): float
    {
        return $pace * (10.0 + 4.0 * sqrt(max(0.0, $potL)) + match ($treatment) {
            BallTreatment::Untouched => 0.0,
            BallTreatment::Teased => 4.0,
            BallTreatment::Combed => 10.0,
            BallTreatment::Washed => 18.0,
        } + match ($fixing) {
            'wire' => 4.0,
            'stones' => 2.0,
            default => 0.0,
        } + ($crownCut ? 6.0 : 0.0));
    }

    /** @param list<array{planned: float, actual: float}> $noted planned at a pace of 1 */
    public static function pace(array $noted): float
    {
        $ratios = array_map(static fn(array $each): float => $each['actual'] / max(1.0, $each['planned']), $noted);

        return max(0.4, min(3.0, (self::WEIGHT + array_sum($ratios)) / (self::WEIGHT + count($ratios))));
    }
}
