<?php

declare(strict_types=1);

namespace App\Plants;

use App\Plants\Actions\KeepUse;
use App\Plants\Models\Plant;
use Zolbek\Core\Course\Water\Drought;
use Zolbek\Core\Course\Water\StickChart;
use Zolbek\Core\Place\Setup\ModelConstants;

/** How long the water in a plant's pot lasts, what its own taps taught, and what a stick should look like: schema StickChart of the API. */
final readonly class StickDocument
{
    private const DEPTHS = [1.0, 3.0, 5.0, 8.0, 12.0];

    public function __construct(private Outlook $outlook, private WaterStates $states) {}

    /** @return array<string, mixed>|null null where nobody wrote down what it stands in, or where */
    public function of(Plant $plant): ?array
    {
        $course = $this->outlook->water($plant);
        if ($course === null) {
            return null;
        }
        $setup = $course->setup;
        $now = $this->states->one($plant);
        $computed = $now->plainH ?? Drought::LONGEST_H;
        $learned = $now->lastsH ?? Drought::LONGEST_H;
        $useLDay = ModelConstants::REFILL * $course->withinReachL / max(1e-9, $learned / 24.0);
        $deep = $setup->zone->topCm - $setup->zone->bottomCm;
        $depths = [...array_values(array_filter(self::DEPTHS, static fn(float $depth): bool => $depth < $deep - 0.5)), round($deep - 0.3, 1)];
        $chart = new StickChart($setup, $useLDay, StickChart::daysOf($learned / 24.0), $depths);

        return [
            'computed_h' => $computed, 'learned_h' => $learned, 'taps' => $now->readings ?? 0, 'use_l_day' => $useLDay, 'limit_days' => $chart->limitDays,
            'within_reach_l' => $course->withinReachL, 'days' => $chart->days,
            'now' => $now === null ? null : self::now($plant, $now),
        ];
    }

    /** @return array<string, mixed> schema PotNow of the API */
    private static function now(Plant $plant, WaterNow $now): array
    {
        $state = $now->state;

        return [
            'full_l' => $now->litres->fullL, 'limit_l' => $now->litres->limitL, 'locked_l' => $now->litres->lockedL, 'water_l' => $state?->waterL, 'sd_l' => $state?->spreadL(),
            'phi' => exp($now->logPhi), 'phi_sd' => $state === null ? null : sqrt($state->varPhi), 'left_h' => $now->leftH, 'lasts_h' => $now->lastsH, 'full_kg' => $now->fullKg,
            'doubtful' => $now->isDoubtful(), 'kept_phi' => $plant->use_log === null ? null : exp($plant->use_log), 'found_on' => $plant->use_found_on, 'weighings' => $now->wateredAt === null ? 0 : KeepUse::weighings($plant, $now->wateredAt), 'fewest_weighings' => KeepUse::FEWEST, 'look_again' => $state->lookAgain ?? false, 'watered_at' => $now->wateredAt?->toIso8601String(), 'readings' => $now->readings, 'unmeasured_days' => $now->filled,
        ];
    }
}
