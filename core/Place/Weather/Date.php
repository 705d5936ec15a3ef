<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Weather;

use Zolbek\Core\Basis\Input\Refused;

/**
 * A date as a count of days, and the day of the year 1 to 365 that it takes: 29 February takes 59, as 28 February does.
 *
 * Source: the season model. Check: 1 March 2028 is day 60, and so is 1 March 2027.
 */
final class Date
{
    private const DAY_S = 86_400;

    /** Any with a leap day. */
    private const LEAP_YEAR = 2028;

    /** Days before each month in a year without a leap day. */
    private const BEFORE = [0, 31, 59, 90, 120, 151, 181, 212, 243, 273, 304, 334];

    /**
     * Days since 1970-01-01.
     *
     * @throws Refused where it is no date of the form 2027-07-10
     */
    public static function number(string $date, string $field = 'date'): int
    {
        if (preg_match('/^(\d{4})-(\d{2})-(\d{2})$/D', $date, $part) !== 1 || ! checkdate((int) $part[2], (int) $part[3], (int) $part[1])) {
            throw Refused::because($field, 'date', $date);
        }

        return intdiv((int) gmmktime(0, 0, 0, (int) $part[2], (int) $part[3], (int) $part[1]), self::DAY_S);
    }

    public static function of(int $number): string
    {
        return gmdate('Y-m-d', $number * self::DAY_S);
    }

    /**
     * The day of the year of a date of every year.
     *
     * @param string $day MM-DD
     *
     * @throws Refused where it is none
     */
    public static function dayOfYear(string $day, string $field = 'date'): int
    {
        return self::inYear(self::number(self::LEAP_YEAR.'-'.$day, $field))[0];
    }

    /** @return array{int, int} day of the year 1 to 365, month 0 to 11 */
    public static function inYear(int $number): array
    {
        [$month, $day] = explode(' ', gmdate('n j', $number * self::DAY_S)) + ['1', '1'];
        $month = (int) $month - 1;

        return [self::BEFORE[$month] + ($month === 1 ? min(28, (int) $day) : (int) $day), $month];
    }
}
