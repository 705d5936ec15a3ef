<?php

declare(strict_types=1);

namespace App\Situations;

use App\Sheets\Table;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** The months of a climate as CSV: columns tmin, tmax, rain_mm, and perhaps humidity, wind_ms, sun_hours, wet_days; twelve rows, January first. */
final class MonthSheet
{
    public const COLUMNS = ['tmin', 'tmax', 'rain_mm', 'humidity', 'wind_ms', 'sun_hours', 'wet_days'];
    private const NEEDED = 3;

    /**
     * @return list<array<string, float|null>>
     *
     * @throws Refused field "file" or "months.<n>.<column>"
     */
    public static function read(string $bytes): array
    {
        $table = Table::parse($bytes);
        $refusals = new Refusals();
        $at = [];
        foreach (self::COLUMNS as $i => $column) {
            $found = array_search($column, array_map(strtolower(...), $table->header), true);
            if ($found === false && $i < self::NEEDED) {
                $refusals->add(new Refusal('file', 'file_column_missing', $column, ['known' => implode(', ', self::COLUMNS)]));
            }
            $at[$column] = $found === false ? null : (int) $found;
        }
        if (count($table->rows) !== 12) {
            $refusals->add(new Refusal('file', 'twelve_months', count($table->rows)));
        }
        $refusals->throwIfAny();
        $months = [];
        foreach (array_values($table->rows) as $n => $row) {
            $month = [];
            foreach ($at as $column => $place) {
                $text = str_replace(',', '.', $place === null ? '' : ($row[$place] ?? ''));
                if ($text !== '' && ! is_numeric($text)) {
                    $refusals->add(new Refusal('months.'.$n.'.'.$column, 'number', $text));
                }
                $month[$column] = is_numeric($text) ? (float) $text : null;
            }
            $months[] = $month;
        }
        $refusals->throwIfAny();

        return $months;
    }
}
