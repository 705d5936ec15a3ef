<?php

declare(strict_types=1);

namespace App\Plants;

use Illuminate\Support\Carbon;
use Zolbek\Core\Input\Fields;
use Zolbek\Core\Input\Path;
use Zolbek\Core\Input\Refusal;
use Zolbek\Core\Input\Refusals;

/** A day written as YYYY-MM-DD. */
final class DayField
{
    public static function optional(Fields $fields, string $name, Refusals $refusals, int $yearsAhead = 30): ?Carbon
    {
        return $fields->has($name) && $fields->raw($name) !== '' ? self::required($fields, $name, $refusals, $yearsAhead) : null;
    }

    public static function required(Fields $fields, string $name, Refusals $refusals, int $yearsAhead = 30): ?Carbon
    {
        $text = $fields->text($name, 10);
        if ($text === '') {
            return null;
        }
        $isDay = preg_match('/^\d{4}-\d\d-\d\d$/', $text) === 1 && checkdate((int) substr($text, 5, 2), (int) substr($text, 8), (int) substr($text, 0, 4));
        $day = $isDay ? Carbon::parse($text) : null;
        if ($day === null || $day->year < 1900 || $day->isAfter(Carbon::now()->addYears($yearsAhead)->addDay())) {
            $refusals->add(new Refusal(Path::join($fields->path, $name), 'day_between', $text, ['from' => '1900-01-01', 'to' => Carbon::now()->addYears($yearsAhead)->toDateString()]));

            return null;
        }

        return $day;
    }
}
