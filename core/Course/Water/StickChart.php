<?php

declare(strict_types=1);

namespace Zolbek\Core\Course\Water;

use Zolbek\Core\Place\Setup\Setup;

/**
 * What a stick should look like by depth, so many days after a thorough watering.
 *
 *     the suction s at the floor after a loss of use * days solves W(s) = W(0) - use * days;  at height z it is suction(z) + s
 *
 * Litres, L/day, cm. New mix and old ball stand at the same suctions. The water is taken as evened out over the height; drying from the top makes the upper centimetres
 * paler than said. Source: model sections 5 and 9; how many days are shown is judged. Check: on day 0 the suction at the floor is 0 and every level is as wet as after
 * free drainage.
 */
final readonly class StickChart
{
    /** Beyond so many days it is another season, with another thirst. */
    public const MOST_DAYS = 60.0;

    /** Of the time that the water lasts. */
    private const SHARES = [0.0, 0.25, 0.5, 0.75, 1.0, 1.25];
    private const MOST_CM = 15_000.0;
    private const STEPS = 60;

    /** @var list<array{day: float, suction_cm: float, water_l: float, levels: list<array{depth_cm: float, suction_cm: float, look: string, theta: float, theta_ball: float|null}>}> */
    public array $days;

    /** Days until the plant begins to suffer. */
    public float $limitDays;

    /**
     * @param list<float> $days   after watering
     * @param list<float> $depths cm below the surface
     */
    public function __construct(private Setup $setup, float $useLDay, array $days, array $depths)
    {
        $limit = $setup->targets()->tensionLimitCm;
        $full = $setup->waterL(0.0);
        $this->limitDays = max(0.0, $full - $setup->waterL($limit)) / max(1e-9, $useLDay);
        $rows = [];
        foreach ($days as $day) {
            $suction = $day <= 0.0 ? 0.0 : $this->suctionAt($full - $useLDay * $day);
            $levels = [];
            foreach ($depths as $depth) {
                $z = max($setup->zone->bottomCm, $setup->zone->topCm - $depth);
                $head = $setup->zone->suctionCm($z) + $suction;
                $levels[] = [
                    'depth_cm' => $setup->zone->topCm - $z,
                    'suction_cm' => $head,
                    'look' => StickLook::at($head, $limit)->value,
                    'theta' => $setup->substrate->retention->theta($head),
                    'theta_ball' => $setup->filling?->ball?->substrate->retention->theta($head),
                ];
            }
            $rows[] = ['day' => $day, 'suction_cm' => $suction, 'water_l' => $setup->waterL($suction), 'levels' => $levels];
        }
        $this->days = $rows;
    }

    /**
     * Days that show how water goes which lasts so many: from the day of watering to a quarter beyond, none of another season.
     *
     * @return list<float>
     */
    public static function daysOf(float $lastsDays): array
    {
        $last = min(self::MOST_DAYS, max(1.0, $lastsDays));

        return array_values(array_unique(array_map(static fn(float $share): float => min(self::MOST_DAYS, round($share * $last, $last < 4.0 ? 1 : 0)), self::SHARES)));
    }

    /** Suction at the floor at which so many litres are left, by halving. */
    private function suctionAt(float $litres): float
    {
        if ($this->setup->waterL(self::MOST_CM) >= $litres) {
            return self::MOST_CM;
        }
        [$low, $high] = [0.0, self::MOST_CM];
        for ($i = 0; $i < self::STEPS && $high - $low > 1e-4; ++$i) {
            // in steps of the square root: suctions run over four decades
            $middle = ((sqrt($low) + sqrt($high)) / 2.0) ** 2;
            $this->setup->waterL($middle) > $litres ? $low = $middle : $high = $middle;
        }

        return ($low + $high) / 2.0;
    }
}
