<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Feeding;

use DateTimeImmutable;
use Zolbek\Core\Place\Climate\DailyClimate;

/**
 * The course of a slow-release charge: from the first water until its longevity is used up.
 *
 *     a day at T degC uses 2^((T - 21)/10) of a day of its longevity;  without a climate every day counts as one
 *     washed out = released * run-off share * (1 - held),  held = CEC / (CEC + 20), CEC in cmol/L
 *
 * Run-off share is what of the water given runs through, a quarter to start from. Source: model section 7 (Q10 = 2, label at 21 degC); the 20 cmol/L at which half is held is a starting
 * figure. Check: at 21 degC all the time a charge of 90 days ends after 90 days, at 11 degC after 180.
 */
final readonly class SlowRelease
{
    public const RUN_OFF = 0.25;
    private const HALF_HELD_CMOL_L = 20.0;
    private const LABEL_C = 21.0;
    private const MOST_DAYS = 1500;

    public DateTimeImmutable $endsOn;

    public function __construct(private DateTimeImmutable $startsOn, private float $longevityDays, private ?DailyClimate $climate)
    {
        $used = 0.0;
        $day = $startsOn;
        for ($i = 0; $i < self::MOST_DAYS && $used < $longevityDays; ++$i) {
            $used += $this->pace($day);
            $day = $day->modify('+1 day');
        }
        $this->endsOn = $day;
    }

    /** Share of the charge released by a day, 0 to 1. */
    public function releasedBy(DateTimeImmutable $on): float
    {
        $used = 0.0;
        for ($day = $this->startsOn; $day < $on && $used < $this->longevityDays; $day = $day->modify('+1 day')) {
            $used += $this->pace($day);
        }

        return min(1.0, $used / max(1e-9, $this->longevityDays));
    }

    /** Share of the charge that has left with the run-off by a day. */
    public function washedOutBy(DateTimeImmutable $on, float $cecCmolL, float $runOffShare = self::RUN_OFF): float
    {
        return $this->releasedBy($on) * self::washOutShare($cecCmolL, $runOffShare);
    }

    /** Share of what is released that leaves with the run-off, 0 to 1. */
    public static function washOutShare(float $cecCmolL, float $runOffShare = self::RUN_OFF): float
    {
        return $runOffShare * (1.0 - $cecCmolL / ($cecCmolL + self::HALF_HELD_CMOL_L));
    }

    private function pace(DateTimeImmutable $day): float
    {
        return $this->climate === null ? 1.0 : 2.0 ** (($this->climate->meanC(min(365, (int) $day->format('z') + 1)) - self::LABEL_C) / 10.0);
    }
}
