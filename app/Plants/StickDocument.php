<?php

declare(strict_types=1);

namespace App\Plants;

use App\Plants\Models\MoistureCheck;
use App\Plants\Models\Plant;
use Illuminate\Support\Carbon;
use Zolbek\Core\Course\Water\LearnedInterval;
use Zolbek\Core\Course\Water\StickChart;
use Zolbek\Core\Place\Setup\ModelConstants;

/** How long the water in a plant's pot lasts, what its own taps taught, and what a stick should look like: schema StickChart of the API. */
final readonly class StickDocument
{
    private const DEPTHS = [1.0, 3.0, 5.0, 8.0, 12.0];

    public function __construct(private Outlook $outlook) {}

    /** @return array<string, mixed>|null null where nobody wrote down what it stands in, or where */
    public function of(Plant $plant): ?array
    {
        $course = $this->outlook->water($plant);
        if ($course === null) {
            return null;
        }
        $setup = $course->setup;
        $computed = $course->intervalNowH(Carbon::now()->month - 1, $plant->seenStage());
        $learned = new LearnedInterval($computed, MoistureCheck::lessons(MoistureCheck::sincePotted([$plant])[$plant->id] ?? []));
        $useLDay = ModelConstants::REFILL * $course->withinReachL / max(1e-9, $learned->hours / 24.0);
        $last = max(1.0, $learned->hours / 24.0);
        $days = array_values(array_unique(array_map(static fn(float $share): float => round($share * $last, $last < 4.0 ? 1 : 0), [0.0, 0.25, 0.5, 0.75, 1.0, 1.25])));
        $deep = $setup->zone->topCm - $setup->zone->bottomCm;
        $depths = [...array_values(array_filter(self::DEPTHS, static fn(float $depth): bool => $depth < $deep - 0.5)), round($deep - 0.3, 1)];
        $chart = new StickChart($setup, $useLDay, $days, $depths);

        return [
            'computed_h' => $computed, 'learned_h' => $learned->hours, 'taps' => $learned->taps, 'use_l_day' => $useLDay, 'limit_days' => $chart->limitDays,
            'within_reach_l' => $course->withinReachL, 'days' => $chart->days,
        ];
    }
}
