<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Change;

use Zolbek\Core\Place\Watering\WateringHabit;

/**
 * Coming by sooner in the hottest month's season.
 *
 * Its size for ranking is 1 + ln of how many times as often. Source: practice. Check: twice a day instead of once is of size 1.69.
 */
final class WaterSooner implements Way
{
    public static function from(AsItStands $at): iterable
    {
        $situation = $at->setup->situation;
        if ($situation?->climate === null) {
            return;
        }
        $season = $situation->climate->season($situation->climate->hottestMonth);
        $now = $situation->habit->hoursIn($season);
        foreach (WateringHabit::COMMON_HOURS as $hours) {
            if ($hours < $now) {
                yield static fn(): Change => new Change(ChangeKind::Habit, $at->setup->with(situation: $situation->with(habit: $situation->habit->withHours($season, $hours))), 1.0 + log($now / $hours), $hours, to: $season->value);
            }
        }
    }
}
