<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Climate;

/**
 * What the time of the year asks of somebody who waters out of doors.
 *
 *     frost    a usual night is below 0 degC          heat    a usual day reaches 28 degC
 *     rest     the mean of the day is below 5 degC    growth  else
 *
 * degC, by the day of the year. Source: model sections 9 and 13 (5 degC: plants rest; 28 degC: the heat). Check: nights of -3 degC are frost, days of 30 heat.
 */
enum WaterSeason: string
{
    case Frost = 'frost';
    case Rest = 'rest';
    case Growth = 'growth';
    case Heat = 'heat';

    public const REST_BELOW_C = 5.0;

    public static function on(DailyClimate $climate, int $day): self
    {
        return match (true) {
            $climate->tMin($day) < 0.0 => self::Frost,
            $climate->tMax($day) >= DailyClimate::HEAT_C => self::Heat,
            $climate->meanC($day) < self::REST_BELOW_C => self::Rest,
            default => self::Growth,
        };
    }
}
