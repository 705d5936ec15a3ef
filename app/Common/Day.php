<?php

declare(strict_types=1);

namespace App\Common;

use Illuminate\Support\Carbon;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Path;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** A day as forms and files write it: YYYY-MM-DD. */
final class Day
{
    private const FIRST = '1900-01-01';

    /** Null where the field is empty or left out, or where it was refused. */
    public static function optional(Fields $fields, string $name, Refusals $refusals, int $yearsAhead = 30): ?Carbon
    {
        return $fields->has($name) && $fields->raw($name) !== '' ? self::required($fields, $name, $refusals, $yearsAhead) : null;
    }

    /** Null where it was refused: no day, before 1900, or more than so many years ahead. */
    public static function required(Fields $fields, string $name, Refusals $refusals, int $yearsAhead = 30): ?Carbon
    {
        $text = $fields->text($name, 10);
        if ($text === '') {
            return null;
        }
        try {
            $day = self::parse($text, Path::join($fields->path, $name));
        } catch (Refused $refused) {
            $refusals->add($refused->refusals[0]);

            return null;
        }
        // a day further on, for somebody east of the clock here
        $last = Carbon::now()->addYears($yearsAhead)->addDay();
        if ($day->isBefore(self::FIRST) || $day->isAfter($last)) {
            $refusals->add(new Refusal(Path::join($fields->path, $name), 'day_between', $text, ['from' => self::FIRST, 'to' => $last->toDateString()]));

            return null;
        }

        return $day;
    }

    /** @throws Refused at the field, where the text names no day */
    public static function parse(string $text, string $field): Carbon
    {
        $isDay = preg_match('/^(\d{4})-(\d\d)-(\d\d)$/', $text, $found) === 1 && checkdate((int) $found[2], (int) $found[3], (int) $found[1]);

        return $isDay ? Carbon::parse($text) : throw Refused::because($field, 'day', $text);
    }
}
